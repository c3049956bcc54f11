/** The day by the clock of this device, `2026-11-23`: best-before dates are held against it. */
export function today(): string {
  const now = new Date();
  const two = (figure: number): string => String(figure).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}
