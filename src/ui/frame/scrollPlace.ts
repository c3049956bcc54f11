import { createContext, type RefObject } from 'react';
import type { ScrollView } from 'react-native';

export type ScrollPlace = RefObject<ScrollView | null>;

/** What scrolls the screen that one is in. */
export const ScrollPlaceContext = createContext<ScrollPlace>({ current: null });

/** The element that scrolls, once it is there: on the web that is what a ScrollView is, and its type is that of a phone. */
export const scrollElement = (place: ScrollPlace): HTMLElement | null =>
  (place.current?.getScrollableNode() as HTMLElement | undefined) ?? null;
