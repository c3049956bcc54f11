/** Puts the person into a field with all of it marked, as Tab does: what is typed takes its place. */
export function focusWhole(field: HTMLElement): void {
  field.focus();
  if (field instanceof HTMLInputElement) field.select();
}
