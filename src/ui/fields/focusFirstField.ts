/** Puts the person into the first field of a part of the screen. */
export function focusFirstField(testId: string): void {
  document.querySelector<HTMLElement>(`[data-testid="${testId}"] input`)?.focus();
}
