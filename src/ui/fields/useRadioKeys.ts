import { useRef, type KeyboardEvent } from 'react';
import type { View } from 'react-native';

/** How far each arrow goes in a group. */
const arrows: Readonly<Record<string, number>> = {
  ArrowDown: 1,
  ArrowRight: 1,
  ArrowUp: -1,
  ArrowLeft: -1,
};

/** Where a key leads from a radio; undefined for keys that lead nowhere. */
function leadsTo(key: string, from: number, count: number): number | undefined {
  if (key === 'Home') return 0;
  if (key === 'End') return count - 1;
  const by = arrows[key];
  return by === undefined ? undefined : (from + by + count) % count;
}

/**
 * Makes a group of radios one stop of Tab: the chosen one takes the focus, or the first where none is; arrows, Home and End
 * choose another.
 * @param chosen its place among the radios, -1 for none
 * @param onChoose the place of the one that a key came to
 */
export function useRadioKeys(chosen: number, onChoose: (index: number) => void) {
  const group = useRef<View>(null);
  const onKeyDown = (event: KeyboardEvent): void => {
    // On the web a View is an element, and there are keys; its type is that of a phone.
    const element = group.current as unknown as HTMLElement | null;
    const radios = [...(element?.querySelectorAll<HTMLElement>('[role="radio"]') ?? [])];
    const from = radios.findIndex((radio) => radio === event.target);
    const next = from < 0 ? undefined : leadsTo(event.key, from, radios.length);
    if (next === undefined) return;
    event.preventDefault();
    radios[next]?.focus();
    onChoose(next);
  };
  return {
    groupKeys: { ref: group, role: 'radiogroup' as const, onKeyDown },
    radioKeys: (index: number) => ({
      role: 'radio' as const,
      'aria-checked': index === chosen,
      tabIndex: index === Math.max(0, chosen) ? (0 as const) : (-1 as const),
    }),
  };
}
