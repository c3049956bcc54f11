import { labelRoomC } from './saidFigures';
import type { Curing } from './curing';
import { depthForPeakM, depthLimitC } from './greatestDepth';
import { filmMisses } from './filmTimes';
import { heatConstantsOf, heatKindOf, type HeatFamily } from '../resin/families';
import type { HeatConstants } from './heatConstants';
import type { HeatLabel, LabelVerdict } from './label';
import { meet, type Met } from './meet';
import { peakOf } from './peakOf';
import { rateFromPotLife, type PotLifeLabel } from './rateFromPotLife';
import { usualSetting } from './usualSetting';

/** κ is looked for between these. */
export const [leastKappa, greatestKappa] = [0.02, 0.6];
/** Heat of a full cure of amine epoxies, diluted or not, J/kg. */
export const [leastHeat, greatestHeat] = [220_000, 420_000];
/** The peak at the label's depth is met to this, K. */
const peakToleranceK = 0.3;
/** The label's times are met to this, in ln of a time. */
const timesTolerance = 0.02;

/** A resin made to do what its label says. */
export interface Calibration {
  /** s, over the family's rate. */
  readonly rateScale: number;
  readonly kappa: number;
  readonly heatJPerKg: number;
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
  { rateScale, kappa, heatJPerKg }: Pick<Calibration, 'rateScale' | 'kappa' | 'heatJPerKg'>,
): Curing {
  const { curing } = heatConstantsOf(family);
  return { ...curing, ratePerS: curing.ratePerS * rateScale, kappa, heatJPerKg };
}

/** The pot life of a label, the family's usual mass and temperature where it does not say them; undefined without one. */
export function potLifeOfLabel(
  { potLifeMin, massG, temperatureC }: HeatLabel,
  { label: usual }: HeatConstants,
): PotLifeLabel | undefined {
  return potLifeMin === undefined
    ? undefined
    : {
        potLifeMin,
        massG: massG ?? usual.massG,
        temperatureC: temperatureC ?? usual.temperatureC,
      };
}

/** A resin whose cup lasts as long as its label's, whatever else of it is changed. */
export interface Paced {
  readonly curing: Curing;
  readonly rateScale: number;
}

/**
 * Gives any constants the rate that keeps the label's pot life; each search begins where the last one ended.
 * @throws InputError `pot-life-out-of-model`
 */
export function pacer(potLife: PotLifeLabel, usual: HeatConstants): (constants: Curing) => Paced {
  let lastLogRate = Math.log(usual.label.potLifeMin / potLife.potLifeMin);
  return (constants) => {
    const rateScale = rateFromPotLife(constants, potLife, lastLogRate);
    lastLogRate = Math.log(rateScale);
    return {
      curing: { ...constants, ratePerS: constants.ratePerS * rateScale },
      rateScale,
    };
  };
}

/** How far a wide pour of the label's depth peaks over what one may come to, K; far above it is not told exactly. */
export function overAtDepth(family: HeatFamily, depthMm: number): (curing: Curing) => number {
  const limitC = depthLimitC(family);
  const setting = usualSetting(depthMm / 1000, labelRoomC);
  return (curing) => peakOf(setting, curing, limitC).peakC - limitC;
}

/** Turns one constant of a resin, at the label's pace, until a wide pour of the label's depth peaks where it may. */
export function meetDepth(
  constantsAt: (value: number) => Curing,
  startValue: number,
  endOf: (isTooHot: boolean) => number,
  pace: (constants: Curing) => Paced,
  overOf: (curing: Curing) => number,
): Met<Paced> {
  return meet(startValue, endOf, peakToleranceK, (value) => {
    const found = pace(constantsAt(value));
    return { over: overOf(found.curing), found };
  });
}

/** κ by which a film keeps the label's times, in the mean of their logarithms: more of it is a slower end of the cure. */
function kappaOfTimes(
  family: HeatFamily,
  constants: Curing,
  { times }: HeatLabel,
  pace: (constants: Curing) => Paced,
): number {
  const isSilent = Object.values(times ?? {}).every((each) => each === undefined);
  if (isSilent) return constants.kappa;
  return meet(
    constants.kappa,
    // Slower than its label: it wants a quicker end.
    (isSlow) => (isSlow ? leastKappa : greatestKappa),
    timesTolerance,
    (kappa) => {
      const misses = filmMisses(family, pace({ ...constants, kappa }).curing, times);
      const weights = misses.reduce((sum, { weight }) => sum + weight, 0);
      const mean = misses.reduce((sum, { ln, weight }) => sum + ln * weight, 0) / weights;
      return { over: -mean, found: undefined };
    },
  ).value;
}

/**
 * What the label leaves a resin to be. The rate goes by the pot life; κ by the label's times, the family's without them; the heat
 * of reaction by the depth: a wide pour of it at 23 °C in still air on a raised board peaks at 62 °C. The rate is found anew for
 * each. So a longer pot life never shortens a cure, and the label's depth hardly touches its times.
 * Where even the least heat is too much and the label's times ask for a sudden course, κ gives way as far as the family's own.
 * @throws InputError `pot-life-out-of-model`
 */
export function calibrate(family: HeatFamily, label: HeatLabel): Calibration {
  const constants = heatConstantsOf(family);
  const { curing } = constants;
  const potLife = potLifeOfLabel(label, constants);
  if (potLife === undefined) {
    const { kappa, heatJPerKg } = curing;
    return { rateScale: 1, kappa, heatJPerKg, verdict: { code: 'no-pot-life' }, assumed: {} };
  }
  const temperatureAssumed = label.temperatureC === undefined || label.temperatureAssumed === true;
  const assumed: Calibration['assumed'] = {
    ...(label.massG === undefined ? { massG: potLife.massG } : {}),
    ...(temperatureAssumed ? { temperatureC: potLife.temperatureC } : {}),
  };
  const pace = pacer(potLife, constants);
  const kappa = kappaOfTimes(family, curing, label, pace);
  const timed: Curing = { ...curing, kappa };
  const calibrated = ({ curing: found, rateScale }: Paced, verdict: LabelVerdict): Calibration => ({
    rateScale,
    kappa: found.kappa,
    heatJPerKg: found.heatJPerKg,
    verdict,
    assumed,
  });
  // A polyurethane cures hot whatever its depth: that says nothing of its heat.
  const depthMm = heatKindOf(family) === 'polyurethane' ? undefined : label.depthMm;
  if (depthMm === undefined) return calibrated(pace(timed), { code: 'no-depth' });

  const overOf = overAtDepth(family, depthMm);
  const byHeat = meetDepth(
    (heatJPerKg) => ({ ...timed, heatJPerKg }),
    curing.heatJPerKg,
    (isTooHot) => (isTooHot ? leastHeat : greatestHeat),
    pace,
    overOf,
  );
  const limitC = depthLimitC(family);
  if (byHeat.met) return calibrated(byHeat.found, { code: 'agrees' });
  if (byHeat.over < 0) {
    // Bubbles hold such a label down, not heat: it says nothing of how hot the resin is.
    const found = pace(timed);
    return calibrated(found, {
      code: 'depth-below-heat',
      peakC: overOf(found.curing) + limitC,
    });
  }
  const mildest =
    kappa < curing.kappa
      ? meetDepth(
          (value) => ({ ...timed, kappa: value, heatJPerKg: leastHeat }),
          kappa,
          () => curing.kappa,
          pace,
          overOf,
        )
      : byHeat;
  if (mildest.met) return calibrated(mildest.found, { code: 'agrees' });
  const setting = usualSetting(depthMm / 1000, labelRoomC);
  const plannedMm = (depthForPeakM(setting, mildest.found.curing, limitC) ?? 0) * 1000;
  return calibrated(mildest.found, {
    code: 'depth-too-large',
    labelMm: depthMm,
    peakC: mildest.over + limitC,
    plannedMm,
  });
}
