import { useLayoutEffect } from 'react';
import { scrollElement, type ScrollPlace } from './scrollPlace';

/** How far each list was scrolled when it was left, dp. */
const places = new Map<string, number>();

/** Scrolls a list that is come back to to where it was; nothing without a name. */
export function useScrollMemory(scrolling: ScrollPlace, name: string | undefined): void {
  useLayoutEffect(() => {
    const element = scrollElement(scrolling);
    if (element === null || name === undefined) return undefined;
    element.scrollTop = places.get(name) ?? 0;
    return () => void places.set(name, element.scrollTop);
  }, [scrolling, name]);
}
