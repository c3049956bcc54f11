/** Letters, quotes and brackets at the end of a typed quantity: its unit, if it has one. */
const unitAtEnd = /[\sa-zµ"'().°%²³]*(?:[a-z]\d)?$/i;

/**
 * The typed figure with this unit in place of the one it ends with: `500 ml` and `kg` give `500 kg`.
 * The figure itself is not converted.
 */
export function withUnit(typed: string, unitSymbol: string): string {
  const figure = typed.replace(unitAtEnd, '').trim();
  return figure === '' ? '' : `${figure} ${unitSymbol}`;
}
