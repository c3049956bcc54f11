import type { PourPlan } from '../planTypes';

/** A stretch of a layer, as shares of its depth from its floor. */
export interface SettledBand {
  readonly name: string;
  readonly from: number;
  readonly to: number;
}

/** What lies on a floor, or floats, is drawn so high of its layer. */
const heapShare = 0.12;

/**
 * Where what is in a layer from its pour on lies once that has gelled; nothing for what stays where it is put.
 * @param layer counted from 0
 */
export function settledBands(
  { flow }: Pick<PourPlan, 'flow'>,
  layer: number,
): readonly SettledBand[] {
  const depthMm = flow?.layers.find((each) => each.layer === layer + 1)?.depthMm;
  if (flow === undefined || depthMm === undefined) return [];
  return flow.inclusions.flatMap(({ name, layers }): readonly SettledBand[] => {
    const found = layers.find((each) => each.layer === layer + 1);
    if (found === undefined || found.endsUp === 'in-place') return [];
    const moved = Math.abs(found.movesMm) / depthMm;
    const sinks = found.movesMm > 0;
    const filled = Math.max(heapShare, 1 - moved);
    return [{ name, from: sinks ? 0 : 1 - filled, to: sinks ? filled : 1 }];
  });
}
