import { useEffect } from 'react';
import type { ScrollPlace } from './scrollPlace';

/** Which link had the focus last on each screen that is come back to. */
const focused = new Map<string, string>();

/** What a link is found again by: its figures may have changed meanwhile. */
const markOf = (link: Element): string | null =>
  link.getAttribute('data-testid') ?? link.getAttribute('aria-label');

const linkMarked = (screen: HTMLElement, mark: string): HTMLElement | undefined =>
  [...screen.querySelectorAll<HTMLElement>('[role="link"]')].find((link) => markOf(link) === mark);

/** Puts who comes back to a screen where they left it, as long as they have gone nowhere else; nothing without a name. */
export function useFocusMemory({ element, name }: ScrollPlace): void {
  useEffect(() => {
    if (element === null || name === undefined) return undefined;
    const noted = ({ target }: FocusEvent): void => {
      const mark =
        target instanceof Element && target.getAttribute('role') === 'link' ? markOf(target) : null;
      if (mark !== null) focused.set(name, mark);
    };
    const mark = focused.get(name);
    const comeBack = (): boolean => {
      if (mark === undefined || document.activeElement !== document.body) return true;
      const link = linkMarked(element, mark);
      link?.focus({ preventScroll: true });
      return link !== undefined;
    };
    // What is listed may be read only now.
    const waiting = new MutationObserver(() => {
      if (comeBack()) waiting.disconnect();
    });
    if (!comeBack()) waiting.observe(element, { childList: true, subtree: true });
    element.addEventListener('focusin', noted);
    return () => {
      waiting.disconnect();
      element.removeEventListener('focusin', noted);
    };
  }, [element, name]);
}
