import type { HeightVolume } from '../../measure/measureWhole';

/** The volume below a height, on straight lines between the points of a curve. */
function volumeBelow(curve: readonly HeightVolume[], heightMm: number): number {
  const after = curve.findIndex((point) => point.heightMm >= heightMm);
  if (after <= 0) return curve[Math.max(0, after)]?.ml ?? 0;
  const [low, high] = [curve[after - 1]!, curve[after]!];
  const share = (heightMm - low.heightMm) / (high.heightMm - low.heightMm);
  return low.ml + (high.ml - low.ml) * share;
}

/**
 * How high a layer stands when a share of it is poured.
 * @param curve V(h) of the form; empty where it has none: it then rises evenly
 * @param share of its volume, 0 to 1
 * @returns mm over the floor
 */
export function levelOf(
  curve: readonly HeightVolume[],
  fromMm: number,
  toMm: number,
  share: number,
): number {
  if (share <= 0) return fromMm;
  if (share >= 1) return toMm;
  const even = fromMm + (toMm - fromMm) * share;
  if (curve.length < 2 || curve.at(-1)!.heightMm < toMm - 1e-6) return even;
  const from = volumeBelow(curve, fromMm);
  const wantedMl = from + (volumeBelow(curve, toMm) - from) * share;
  const after = curve.findIndex(({ ml }) => ml >= wantedMl);
  if (after <= 0) return even;
  const [low, high] = [curve[after - 1]!, curve[after]!];
  const part = high.ml === low.ml ? 1 : (wantedMl - low.ml) / (high.ml - low.ml);
  const level = low.heightMm + (high.heightMm - low.heightMm) * part;
  return Math.min(toMm, Math.max(fromMm, level));
}
