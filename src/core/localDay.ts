/**
 * The day where somebody stands, as best-before dates are written.
 * @param at a moment; its own clock decides the day
 * @returns `2026-11-23`
 */
export function localDay(at: Date): string {
  const two = (figure: number): string => String(figure).padStart(2, '0');
  return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`;
}
