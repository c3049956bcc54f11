/** What silicone keeps round a master, mm: ten tear, general practice takes a little more. */
const usualWallMm = 12;

/** Inner sizes of a mould box as they are typed. */
export interface TypedBox {
  readonly length: string;
  readonly width: string;
  readonly height: string;
}

/**
 * A box that leaves the usual wall all round a master and under or over it, to whole millimetres.
 * @param sizeMm of the master as it stands: along, across, up
 */
export function boxAround(sizeMm: readonly number[]): TypedBox {
  const [along = 0, across = 0, up = 0] = sizeMm;
  const typed = (mm: number): string => `${Math.ceil(mm - 1e-6)} mm`;
  return {
    length: typed(along + 2 * usualWallMm),
    width: typed(across + 2 * usualWallMm),
    height: typed(up + usualWallMm),
  };
}
