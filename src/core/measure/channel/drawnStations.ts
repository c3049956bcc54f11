import { InputError } from '../../problem';
import { readQuantity } from '../../quantity/readQuantity';
import { lengthRule, positionRule } from '../../quantity/rules';

/** A station as far as it can be drawn. */
export interface DrawnStation {
  readonly atMm: number;
  readonly widthMm: number;
}

/** The stations that can be read and that lie further along than the one before: what there is to draw so far. */
export function drawnStations(
  stations: readonly { readonly at: string; readonly width: string }[],
): readonly DrawnStation[] {
  const placed: DrawnStation[] = [];
  for (const { at, width } of stations) {
    try {
      const atMm = readQuantity(at, positionRule).value;
      const widthMm = readQuantity(width, lengthRule).value;
      const before = placed.at(-1);
      if (before === undefined || atMm > before.atMm) placed.push({ atMm, widthMm });
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
    }
  }
  return placed;
}
