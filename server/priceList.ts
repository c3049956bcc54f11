/**
 * A supplier that is not there: its price list, which drifts a little from week to week as prices do. It stands in for
 * a real one, whose list comes as the same kind of file.
 */
const list = [
  ['Slow clear', 'Lock Chandlery', '0.75 l', 24, 9.5],
  ['Slow clear', 'Lock Chandlery', '1.5 l', 42, 9.5],
  ['Slow clear', 'Lock Chandlery', '6 l', 179, 9.5],
  ['Slow clear', 'Towpath Supplies', '3 l', 88, 6],
  ['Table coat', 'Lock Chandlery', '1 kg', 26.5, 9.5],
  ['Table coat', 'Towpath Supplies', '3 kg', 69, 6],
  ['Knob casting', 'Towpath Supplies', '500 g', 14.9, 6],
  ['Knob casting', 'Towpath Supplies', '2 kg', 49, 6],
  ['Quick white', 'Towpath Supplies', '1 kg', 18.5, 6],
  ['Mould silicone', 'Lock Chandlery', '1 kg', 27, 9.5],
  ['Lens light', 'Towpath Supplies', '200 g', 12.4, 6],
] as const;

const msPerWeek = 7 * 24 * 60 * 60 * 1000;

/** Up to 3 % up or down, the same for everybody in one week. */
function drift(row: number, week: number): number {
  const swing = Math.sin(week * 1.7 + row * 2.3);
  return 1 + 0.03 * swing;
}

/**
 * The list as comma-separated values, which price lists commonly are.
 * @param nowMs since 1970; prices change by the week
 */
export function priceListCsv(nowMs: number): string {
  const week = Math.floor(nowMs / msPerWeek);
  const rows = list.map(([resin, supplier, size, price, delivery], row) =>
    [resin, supplier, size, (price * drift(row, week)).toFixed(2), delivery.toFixed(2)].join(','),
  );
  return `${['resin,supplier,size,price,delivery', ...rows].join('\n')}\n`;
}
