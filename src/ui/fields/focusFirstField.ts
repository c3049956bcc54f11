import { focusWhole } from './focusWhole';

/** Puts the person into the first field of a part of the screen. */
export function focusFirstField(testId: string): void {
  const first = document.querySelector<HTMLElement>(`[data-testid="${testId}"] input`);
  if (first !== null) focusWhole(first);
}
