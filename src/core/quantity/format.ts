/**
 * A figure with a fixed number of decimals and a true minus sign.
 * Half is rounded away from zero as written in decimals, so that 1.005 shows as 1.01.
 */
export function formatNumber(value: number, decimals: number): string {
  const rounded = Number(`${Math.round(Number(`${Math.abs(value)}e${decimals}`))}e-${decimals}`);
  const exact = Number.isNaN(rounded) ? Math.abs(value) : rounded;
  const minus = value < 0 && exact !== 0 ? '\u2212' : '';
  return minus + exact.toFixed(decimals);
}

/** A figure with at most this many decimals and no trailing noughts: 31.75, 40, 0.5. */
export function formatPlain(value: number, mostDecimals: number): string {
  const fixed = formatNumber(value, mostDecimals);
  return fixed.includes('.') ? fixed.replace(/\.?0+$/, '') : fixed;
}
