import {
  curingOf,
  greatestHeat,
  greatestKappa,
  leastHeat,
  leastKappa,
  meetDepth,
  overAtDepth,
  pacer,
  potLifeOfLabel,
  type Calibration,
  type Paced,
} from './calibrate';
import { InputError } from '../problem';
import type { Curing } from './curing';
import { filmMisses } from './filmTimes';
import { heatConstantsOf, heatKindOf, type HeatFamily } from '../resin/families';
import type { HeatLabel } from './label';

/**
 * What a label leaves open: another resin of the same family that keeps the same label. Members differ from the calibration in the
 * heat of reaction, the activation energy, or how the glass transition climbs; each has its own rate, κ or heat again.
 */
export interface Member {
  readonly rateScale: number;
  readonly kappa: number;
  readonly heatJPerKg: number;
  readonly activationJPerMol: number;
  readonly glassLambda: number;
  readonly glassEndC: number;
  /** How well it keeps the label's times, the best of all members 1. */
  readonly weight: number;
}

/** A member that keeps the label's times so much worse than the best is not told. */
const leastWeight = 0.05;
/** How far times of labels lie from those of a film, in ln: they are told of a room, a depth and a test that nobody states. */
const timesSigma = 0.35;

/** A full cure gives off so much more or less; E, J/mol; λ and Tg∞, K. */
const heatShares = [0.8, 1.25] as const;
const activationSteps = [-7000, 10_000] as const;
const glassSteps = [
  { glassLambda: 0.3, overK: -7 },
  { glassLambda: 0.55, overK: 20 },
] as const;

/** The constants of a member put into its family. */
export function curingOfMember(family: HeatFamily, member: Member): Curing {
  const { curing } = heatConstantsOf(family);
  const { rateScale, weight: _, ...constants } = member;
  return { ...curing, ...constants, ratePerS: curing.ratePerS * rateScale };
}

/**
 * The members of a calibration beside itself that its label bears: up to six.
 * @param base from `calibrate` with the same label
 * @returns fewer where the label leaves less open, or is at the end of the model's reach
 */
export function membersOf(
  family: HeatFamily,
  label: HeatLabel,
  base: Calibration,
): readonly Member[] {
  const constants = heatConstantsOf(family);
  const { curing } = constants;
  const { kappa, heatJPerKg, verdict } = base;
  const own: Curing = { ...curing, kappa, heatJPerKg };
  const potLife = potLifeOfLabel(label, constants);
  const pace =
    potLife === undefined
      ? (given: Curing): Paced => ({ curing: given, rateScale: 1 })
      : pacer(potLife, constants);
  const overOf =
    verdict.code === 'agrees' && label.depthMm !== undefined
      ? overAtDepth(family, label.depthMm)
      : undefined;
  const [least, greatest] =
    heatKindOf(family) === 'epoxy' ? [leastHeat, greatestHeat] : [0, Infinity];

  const calibrated = (given: Curing): Paced => {
    if (overOf === undefined) return pace(given);
    const met = meetDepth(
      (value) => ({ ...given, kappa: value }),
      kappa,
      (isTooHot) => (isTooHot ? greatestKappa : leastKappa),
      pace,
      overOf,
    );
    if (met.met) return met.found;
    // Its course can do no more: the heat of reaction does the rest.
    return meetDepth(
      (value) => ({ ...given, kappa: met.value, heatJPerKg: value }),
      given.heatJPerKg,
      (isTooHot) => (isTooHot ? least : greatest),
      pace,
      overOf,
    ).found;
  };
  const heats = heatShares
    .map((share) => Math.min(greatest, Math.max(least, heatJPerKg * share)))
    .filter((heat) => Math.abs(heat / heatJPerKg - 1) > 0.01);
  const variants: readonly Curing[] = [
    ...heats.map((heat) => ({ ...own, heatJPerKg: heat })),
    ...activationSteps.map((step) => ({
      ...own,
      activationJPerMol: own.activationJPerMol + step,
    })),
    ...glassSteps.map(({ glassLambda, overK }) => ({
      ...own,
      glassLambda,
      glassEndC: own.glassEndC + overK,
    })),
  ];
  const found = variants.flatMap((variant) => withinReach(() => calibrated(variant)) ?? []);
  const lnLikelihood = (given: Curing): number =>
    filmMisses(family, given, label.times).reduce(
      (sum, { ln, weight }) => sum - (weight * (ln / timesSigma) ** 2) / 2,
      0,
    );
  const lnWeights = found.map(({ curing: member }) => lnLikelihood(member));
  const lnBest = Math.max(lnLikelihood(curingOf(family, base)), ...lnWeights);
  return found.flatMap(({ curing: member, rateScale }, at): readonly Member[] => {
    const weight = Math.exp(lnWeights[at]! - lnBest);
    if (weight < leastWeight) return [];
    const { activationJPerMol, glassLambda, glassEndC } = member;
    const constantsOfIt = { activationJPerMol, glassLambda, glassEndC };
    const { kappa: itsKappa, heatJPerKg: itsHeat } = member;
    return [{ rateScale, kappa: itsKappa, heatJPerKg: itsHeat, ...constantsOfIt, weight }];
  });
}

/** What a label at the end of the model's reach leaves no rate for is none of its readings. */
function withinReach<T>(work: () => T): T | undefined {
  try {
    return work();
  } catch (error) {
    if (error instanceof InputError) return undefined;
    throw error;
  }
}
