import type { ReadResin } from '../../resin/readResin';
import { calibrate, type Calibration, type HeatLabel } from '../../thermal/calibrate';
import type { HeatFamily } from '../../thermal/heatFamilies';

/** The label as the model reads it. */
export const heatLabelOf = ({ potLife, greatestDepthMm }: ReadResin): HeatLabel => ({
  potLifeMin: potLife?.timeMin,
  massG: potLife?.massG,
  temperatureC: potLife?.temperatureC,
  depthMm: greatestDepthMm,
});

const keyOf = (family: HeatFamily, label: HeatLabel): string =>
  JSON.stringify([family, label.potLifeMin, label.massG, label.temperatureC, label.depthMm]);

/** Labels calibrated so far: the same label always comes to the same figures, and a shelf has a few dozen. */
const known = new Map<string, Calibration>();
const mostKnown = 500;

/**
 * The calibration of a card; worked out once for a label.
 * @throws InputError `pot-life-out-of-model`
 */
export function calibrationOf(family: HeatFamily, resin: ReadResin): Calibration {
  const label = heatLabelOf(resin);
  const key = keyOf(family, label);
  const found = known.get(key);
  if (found !== undefined) return found;
  const made = calibrate(family, label);
  if (known.size >= mostKnown) known.clear();
  known.set(key, made);
  return made;
}
