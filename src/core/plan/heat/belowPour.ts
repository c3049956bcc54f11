import { hairMm } from '../../quantity/tolerance';
import { within } from '../../measure/within';
import { InputError } from '../../problem';
import { hasHeat, heatConstantsOf, type ResinFamily } from '../../resin/families';
import type { ReadResin } from '../../resin/readResin';
import type { ResolvedPour } from '../../job/resolveJob';
import { dilutedBy } from '../../mix/fillers/dilutedBy';
import { curingOf } from '../../thermal/calibrate';
import type { Curing } from '../../thermal/curing';
import type { BelowLayer } from '../../thermal/pourSetting';
import type { PourJoint, PourPlan } from '../planTypes';
import type { PouredForm } from '../pouredForm';
import { calibrationOf, type KeptCalibrations } from './calibrationOf';
import { momentsOf } from './momentsOf';
import { usualGapMin } from './usualGap';
import { paced } from './paced';

/** A pour that another one stands on, and how it was taken. */
export interface BelowPour {
  /** Counted from 0. */
  readonly pour: number;
  readonly family: ResinFamily;
  /** How long before this pour its last layer was poured, h. */
  readonly beforeH: number;
  /** A card between the two gives no time, and a usual one counts. */
  readonly assumed: boolean;
  /** Followed with its own constants, or as resin that has cured and only takes up heat. */
  readonly as: 'reacting' | 'cured';
  /** Its layers, from the lowest. */
  readonly layers: readonly BelowLayer[];
}

/** A planned pour with what it was planned from. */
export interface PlannedBelow {
  readonly pour: ResolvedPour;
  readonly poured: PouredForm;
  readonly plan: Omit<PourPlan, 'joins'>;
}

/** After this long nothing is left that would warm what comes on top, h: ten days. */
const curedAfterH = 240;

/** What stands for a resin that the model does not cover: it is only as heavy and as conducting as resin is. */
const asSolid: Curing = { ...heatConstantsOf('casting-epoxy').curing, ratePerS: 0, heatJPerKg: 0 };

/** A label that the model cannot follow is its own pour's warning; here the family's constants do. */
function curingBelow(
  family: ResinFamily,
  resin: ReadResin,
  kept: KeptCalibrations | undefined,
): Curing | undefined {
  if (!hasHeat(family)) return undefined;
  try {
    const label = curingOf(
      family,
      within('resin', () => calibrationOf(family, resin, kept)),
    );
    return paced(label, resin);
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return heatConstantsOf(family).curing;
  }
}

/** Whether a pour lies under another: lower in the form, under a face of it, or an earlier coat of the same kind. */
function liesUnder(lower: PouredForm, upper: PouredForm): boolean {
  if (upper.kind === 'own') return lower.kind === 'own' && isCoat(lower) && isCoat(upper);
  if (lower.kind === 'own') return false;
  const surfaceMm = (form: PouredForm): number | undefined =>
    form.face?.name === 'surface' ? form.face.upToMm : undefined;
  const upperMm = surfaceMm(upper);
  if (upper.kind === 'covers' && upperMm === undefined) return false;
  const reachMm = upperMm ?? upper.fromMm;
  if (lower.kind === 'covers') {
    const lowerMm = surfaceMm(lower);
    return lowerMm !== undefined && lowerMm <= reachMm + hairMm;
  }
  return (lower.toMm ?? Infinity) <= reachMm + hairMm;
}

const isCoat = ({ parts }: PouredForm): boolean => parts.every(({ shape }) => shape === 'coat');

/**
 * What earlier pours left under one of them, as it is when this one is poured.
 * @param earlier planned, in working order
 * @param poured what comes on top goes into
 * @param partDepthMm of the part that its heat is told for, over the floor of the form: what is deeper elsewhere is not under it
 * @param joins of the earlier ones and of this one
 */
export function belowPour(
  earlier: readonly PlannedBelow[],
  poured: PouredForm,
  partDepthMm: number,
  kept: KeptCalibrations | undefined,
  joins: readonly (PourJoint | undefined)[],
): readonly BelowPour[] {
  if (earlier.length === 0) return [];
  const startsMin = [0];
  const moments = earlier.map(({ plan }) => momentsOf(plan.layers.map(({ joint }) => joint)));
  // Pours below this one came at a time that no card gives.
  let firstKnown = 0;
  moments.forEach((layers, index) => {
    const join = joins[index + 1];
    if (join?.waitMin === undefined) firstKnown = index + 1;
    else if (layers.some(({ assumed }) => assumed)) {
      firstKnown = Math.max(firstKnown, index);
    }
    const wait = join?.waitMin ?? usualGapMin[join?.school ?? 'tacky'];
    startsMin.push((startsMin[index] ?? 0) + (layers.at(-1)?.atMin ?? 0) + wait);
  });
  const ownMin = startsMin.at(-1) ?? 0;
  // A coat lies over the deepest of the form.
  const deepestMm = poured.kind === 'fills' ? partDepthMm : Infinity;
  let reacting = false;
  return earlier.flatMap((lower, index): BelowPour[] => {
    if (!liesUnder(lower.poured, poured)) return [];
    const { card, resin } = lower.pour;
    const own = curingBelow(card.family, resin, kept);
    const atMin = moments[index]!.map((each) => (startsMin[index] ?? 0) + each.atMin - ownMin);
    const beforeH = -(atMin.at(-1) ?? 0) / 60;
    const isReacting = own !== undefined && beforeH < curedAfterH;
    const { roomTemperatureC: resinC } = lower.plan;
    const curing = dilutedBy(own ?? asSolid, lower.plan.fillers ?? []);
    const layers = lower.plan.layers.flatMap(({ fromMm = 0, toMm = fromMm }, at) => {
      const depthMm =
        lower.poured.kind === 'fills' ? Math.min(toMm, deepestMm) - fromMm : toMm - fromMm;
      if (!(depthMm > 0)) return [];
      // What has cured lies there from the start; on something that still reacts it came when it came.
      const pouredS = isReacting || reacting ? atMin[at]! * 60 : undefined;
      const layerCuring = isReacting ? curing : { ...curing, ratePerS: 0, heatJPerKg: 0 };
      return [{ depthM: depthMm / 1000, curing: layerCuring, pouredS, resinC }];
    });
    reacting ||= isReacting;
    return layers.length === 0
      ? []
      : [
          {
            pour: lower.pour.index,
            family: card.family,
            beforeH,
            assumed: index < firstKnown,
            as: isReacting ? 'reacting' : 'cured',
            layers,
          },
        ];
  });
}
