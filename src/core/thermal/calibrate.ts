import { labelRoomC } from './saidFigures';
import type { Curing } from './curing';
import { depthForPeakM, depthLimitC } from './greatestDepth';
import { heatConstantsOf, type HeatFamily } from '../resin/families';
import { peakOf } from './peakOf';
import { rateFromPotLife, type PotLifeLabel } from './rateFromPotLife';
import { usualSetting } from './usualSetting';

/** κ is looked for between these. */
const leastKappa = 0.02;
const greatestKappa = 0.6;
/** The peak at the label's depth is met to this, K. */
const toleranceK = 0.3;

/** What is on the label, read; what is missing is undefined. */
export interface HeatLabel {
  readonly potLifeMin?: number | undefined;
  readonly massG?: number | undefined;
  readonly temperatureC?: number | undefined;
  /** The temperature is not the label's own word. */
  readonly temperatureAssumed?: boolean;
  readonly depthMm?: number | undefined;
}

/** What the label and the model say of each other. */
export type LabelVerdict =
  /** No pot life: the family's own constants. */
  | { readonly code: 'no-pot-life' }
  /** Pot life only. */
  | { readonly code: 'no-depth' }
  | { readonly code: 'agrees' }
  /** Even the mildest course overheats at that depth; planned with `plannedMm`. */
  | {
      readonly code: 'depth-too-large';
      readonly labelMm: number;
      readonly peakC: number;
      readonly plannedMm: number;
    }
  /** The label stays under what heat allows: coatings are held down by bubbles, not by heat. */
  | { readonly code: 'depth-below-heat'; readonly peakC: number };

/** A resin made to do what its label says. */
export interface Calibration {
  /** s, over the family's rate. */
  readonly rateScale: number;
  readonly kappa: number;
  readonly verdict: LabelVerdict;
  /** What the label left out and something usual filled in. */
  readonly assumed: {
    readonly massG?: number | undefined;
    readonly temperatureC?: number | undefined;
  };
}

/** The family's constants with a calibration put in. */
export function curingOf(
  family: HeatFamily,
  calibration: Pick<Calibration, 'rateScale' | 'kappa'>,
): Curing {
  const { curing } = heatConstantsOf(family);
  return {
    ...curing,
    ratePerS: curing.ratePerS * calibration.rateScale,
    kappa: calibration.kappa,
  };
}

/**
 * Rate from the pot life, κ from the greatest depth: a wide pour of that depth at 23 °C in still air on a raised board peaks
 * at 62 °C (a polyurethane's at 87). κ is found by secant on ln κ inside a bracket, the rate anew for each; about eight rounds.
 * @throws InputError `pot-life-out-of-model`
 */
export function calibrate(family: HeatFamily, label: HeatLabel): Calibration {
  const { curing, label: usual } = heatConstantsOf(family);
  const { potLifeMin, depthMm } = label;
  const familyKappa = curing.kappa;
  if (potLifeMin === undefined) {
    return { rateScale: 1, kappa: familyKappa, verdict: { code: 'no-pot-life' }, assumed: {} };
  }
  const potLife: PotLifeLabel = {
    potLifeMin,
    massG: label.massG ?? usual.massG,
    temperatureC: label.temperatureC ?? usual.temperatureC,
  };
  const temperatureAssumed = label.temperatureC === undefined || label.temperatureAssumed === true;
  const assumed: Calibration['assumed'] = {
    ...(label.massG === undefined ? { massG: potLife.massG } : {}),
    ...(temperatureAssumed ? { temperatureC: potLife.temperatureC } : {}),
  };
  let lastLogRate = Math.log(usual.potLifeMin / potLifeMin);
  const rateAt = (kappa: number): number => {
    const rateScale = rateFromPotLife({ ...curing, kappa }, potLife, lastLogRate);
    lastLogRate = Math.log(rateScale);
    return rateScale;
  };
  if (depthMm === undefined) {
    const rateScale = rateAt(familyKappa);
    return { rateScale, kappa: familyKappa, verdict: { code: 'no-depth' }, assumed };
  }

  const limitC = depthLimitC(family);
  const setting = usualSetting(depthMm / 1000, labelRoomC);
  const tryKappa = (logKappa: number): Try => {
    const kappa = Math.exp(logKappa);
    const rateScale = rateAt(kappa);
    const { peakC } = peakOf(setting, curingOf(family, { rateScale, kappa }), limitC);
    return { logKappa, kappa, rateScale, overK: peakC - limitC };
  };
  const own = tryKappa(Math.log(familyKappa));
  const done = ({ kappa, rateScale }: Try): Calibration => ({
    rateScale,
    kappa,
    verdict: { code: 'agrees' },
    assumed,
  });
  if (Math.abs(own.overK) < toleranceK) return done(own);
  // More κ is a gentler course with the same pot life: less heat at once.
  const end = tryKappa(Math.log(own.overK > 0 ? greatestKappa : leastKappa));
  if (own.overK > 0 && end.overK > toleranceK) {
    const { kappa, rateScale } = end;
    const mildest = curingOf(family, { rateScale, kappa });
    const plannedMm = (depthForPeakM(setting, mildest, limitC) ?? 0) * 1000;
    return {
      rateScale,
      kappa,
      verdict: {
        code: 'depth-too-large',
        labelMm: depthMm,
        peakC: end.overK + limitC,
        plannedMm,
      },
      assumed,
    };
  }
  if (own.overK < 0 && end.overK < -toleranceK) {
    const peakC = own.overK + limitC;
    return {
      rateScale: own.rateScale,
      kappa: familyKappa,
      verdict: { code: 'depth-below-heat', peakC },
      assumed,
    };
  }
  let [hot, mild] = own.overK > 0 ? [own, end] : [end, own];
  for (let round = 0; round < 40; round += 1) {
    const share = hot.overK / (hot.overK - mild.overK);
    const next = tryKappa(
      hot.logKappa + (mild.logKappa - hot.logKappa) * Math.min(0.85, Math.max(0.15, share)),
    );
    if (Math.abs(next.overK) < toleranceK || mild.logKappa - hot.logKappa < 1e-3) return done(next);
    if (next.overK > 0) hot = next;
    else mild = next;
  }
  return done(mild);
}

interface Try {
  readonly logKappa: number;
  readonly kappa: number;
  readonly rateScale: number;
  /** Over the limit; far above it is not told exactly. */
  readonly overK: number;
}
