import { useEffect } from 'react';

/** Escape goes back; out of a field it only leaves the field, so that a slip does not leave the screen. */
export function useEscape(onBack: (() => void) | undefined): void {
  useEffect(() => {
    if (onBack === undefined) return undefined;
    const pressed = (event: KeyboardEvent): void => {
      if (event.key !== 'Escape' || event.defaultPrevented) return;
      const here = document.activeElement;
      if (here instanceof HTMLInputElement || here instanceof HTMLTextAreaElement) here.blur();
      else onBack();
    };
    // Heard on the way down: fields keep their keys from coming up again.
    document.addEventListener('keydown', pressed, true);
    return () => document.removeEventListener('keydown', pressed, true);
  }, [onBack]);
}
