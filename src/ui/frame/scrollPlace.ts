import { createContext } from 'react';
import type { ScrollView } from 'react-native';

/** What scrolls the screen that one is in. */
export interface ScrollPlace {
  /** Null until it is there. */
  readonly element: HTMLElement | null;
  /** By which it is come back to. */
  readonly name: string | undefined;
}

export const ScrollPlaceContext = createContext<ScrollPlace>({ element: null, name: undefined });

/** On the web a ScrollView is the element that scrolls; its type is that of a phone. */
export const scrollElement = (scrolling: ScrollView | null): HTMLElement | null =>
  (scrolling?.getScrollableNode() as HTMLElement | undefined) ?? null;
