import { useLayoutEffect } from 'react';
import type { ScrollPlace } from './scrollPlace';

/** How far each list was scrolled when it was left, dp. */
const places = new Map<string, number>();

/** Scrolls a list that is come back to to where it was; nothing without a name. */
export function useScrollMemory({ element, name }: ScrollPlace): void {
  useLayoutEffect(() => {
    if (element === null || name === undefined) return undefined;
    // A ScrollView has a `scrollTo` of its own.
    element.scrollBy({ top: (places.get(name) ?? 0) - element.scrollTop });
    return () => void places.set(name, element.scrollTop);
  }, [element, name]);
}
