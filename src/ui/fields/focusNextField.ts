import { focusWhole } from './focusWhole';

/** Moves on to the next field on the screen, as Enter does; on the last one it only leaves the field. */
export function focusNextField(): void {
  const here = document.activeElement;
  if (!(here instanceof HTMLElement)) return;
  const fields = [...document.querySelectorAll<HTMLElement>('input, textarea')].filter(
    (field) => field.offsetParent !== null,
  );
  const next = fields[fields.indexOf(here) + 1];
  if (next === undefined) here.blur();
  else focusWhole(next);
}
