import type { ResolvedJob } from '../job/resolveJob';
import { combinedSlabs } from '../measure/form/slabs';
import { solidOfSlabs } from '../measure/form/solidOfSlabs';
import type { MeasuredWhole } from '../measure/measureWhole';
import type { Plan, PourPlan } from '../plan/planTypes';
import { pouredForms } from '../plan/pouredForm';
import type { DensityBy } from './densityOfBody';
import { slabsOf, type ReadSlab } from './slabsOf';
import { displacedG, floatsAtMm, upliftOf, type ResinStretch, type Uplift } from './uplift';

/** What stands in the form, before anything is poured. */
interface Body {
  readonly kind: 'insert' | 'slab';
  /** Its place among the inserts of what it is measured with, or among the slabs of the form, counted from 0. */
  readonly index: number;
  /** The pour that measured it for itself; undefined for the job's own form. */
  readonly pour: number | undefined;
  readonly name: string | undefined;
  readonly count: number;
  /** Volume of one, ml. */
  readonly eachMl: number;
  readonly bottomMm: number;
  readonly topMm: number;
  readonly densityGPerMl: number | undefined;
  readonly densityBy: DensityBy | undefined;
  /** It stands on the floor and was bedded: no resin gets beneath. */
  readonly isBedded: boolean;
  /** V(h) of one over the floor of the form, ml. */
  readonly belowMl: (heightMm: number) => number;
}

/** What one level of resin does to it. */
export interface UpliftAtLevel extends Uplift {
  /** The pour and the layer whose top it is, counted from 0. */
  readonly pour: number;
  readonly layer: number;
  readonly levelMm: number;
  /** How much of one is under, ml. */
  readonly underMl: number;
}

/** A body in the form, and what holds it down. Of one, where there are several alike. */
export interface HeldBody extends Omit<Body, 'belowMl' | 'isBedded'> {
  readonly massG: number | undefined;
  /** Why it need not be held though it is light; `heavy` where it sinks, undefined where it lifts or nothing is known. */
  readonly stays: 'heavy' | 'bedded' | undefined;
  /** Where it begins to float, mm over the floor; undefined where it does not. */
  readonly floatsAtMm: number | undefined;
  /** Layer by layer; empty where its density is not known, or no resin gets beneath. */
  readonly levels: readonly UpliftAtLevel[];
  /** At the worst of them. */
  readonly netG: number;
  readonly netN: number;
  readonly holdKg: number;
}

/** The resin with its fillers, as it pushes. */
function mixGPerMl({ resin, fillers = [] }: PourPlan): number {
  const solid = fillers.reduce((sum, { share }) => sum + share, 0);
  const fillersG = fillers.reduce((sum, { share, grainGPerMl }) => sum + share * grainGPerMl, 0);
  return resin.mixedDensityGPerMl * (1 - solid) + fillersG;
}

function bodiesOfInserts(whole: MeasuredWhole, pour: number | undefined): readonly Body[] {
  return whole.inserts.map((insert, index) => {
    const { slabs } = whole.insertBodies[index]!;
    const solid = solidOfSlabs(combinedSlabs([{ slabs, factor: 1, raisedMm: 0 }]), []);
    return {
      kind: 'insert',
      index,
      pour,
      name: insert.name,
      count: insert.count,
      eachMl: insert.eachMl,
      bottomMm: insert.heightMm,
      topMm: insert.topMm,
      densityGPerMl: insert.densityGPerMl,
      densityBy: insert.densityGPerMl === undefined ? undefined : (insert.densityBy ?? 'said'),
      isBedded: insert.seat === 'bedded' && insert.heightMm === 0,
      belowMl: solid.volumeBelowMl,
    };
  });
}

function bodyOfSlab(slab: ReadSlab, index: number): Body {
  const { name, count, areaMm2, thicknessMm, eachMl, bottomMm, densityGPerMl, densityBy } = slab;
  return {
    kind: 'slab',
    index,
    pour: undefined,
    name,
    count,
    eachMl,
    bottomMm,
    topMm: bottomMm + thicknessMm,
    densityGPerMl,
    densityBy,
    isBedded: slab.seat === 'bedded' && bottomMm === 0,
    belowMl: (heightMm) =>
      (areaMm2 * Math.min(thicknessMm, Math.max(0, heightMm - bottomMm))) / 1000,
  };
}

/** A layer's top, told over the floor of the form. */
interface Level extends ResinStretch {
  readonly pour: number;
  readonly layer: number;
}

const levelsOf = (pours: readonly PourPlan[]): readonly Level[] =>
  pours.flatMap((pour) =>
    pour.layers.flatMap(({ fromMm, toMm }, layer) =>
      fromMm === undefined || toMm === undefined
        ? []
        : [{ pour: pour.index, layer, fromMm, toMm, densityGPerMl: mixGPerMl(pour) }],
    ),
  );

/** The hair by which a level must be over another to count, g. */
const nothingG = 1e-9;

function held({ belowMl, isBedded, ...body }: Body, levels: readonly Level[]): HeldBody {
  const { eachMl, densityGPerMl } = body;
  const none = { netG: 0, netN: 0, holdKg: 0, levels: [], floatsAtMm: undefined };
  if (densityGPerMl === undefined) return { ...body, massG: undefined, stays: undefined, ...none };
  const massG = eachMl * densityGPerMl;
  if (isBedded) return { ...body, massG, stays: 'bedded', ...none };
  const displaced = (levelMm: number): number => displacedG(belowMl, levels, levelMm);
  const reached = levels.filter(({ toMm }) => toMm > body.bottomMm);
  const tops = reached.map(({ pour, layer, toMm }): UpliftAtLevel => ({
    pour,
    layer,
    levelMm: toMm,
    underMl: belowMl(toMm),
    ...upliftOf(displaced(toMm), massG),
  }));
  const worst = tops.reduce<UpliftAtLevel | undefined>(
    (most, each) => (most === undefined || each.netG > most.netG ? each : most),
    undefined,
  );
  const { netG, netN, holdKg } = worst ?? upliftOf(0, massG);
  return {
    ...body,
    massG,
    stays: netG > nothingG ? undefined : 'heavy',
    floatsAtMm: worst && floatsAtMm(displaced, massG, worst.levelMm),
    levels: tops,
    netG,
    netN,
    holdKg,
  };
}

/**
 * Everything that stands in the form or in a pour's own cavities: how much each lifts as the resin rises, layer by layer.
 * What has set below is counted as if it still pushed: a skin that has gelled round a body is not to be relied on.
 * @throws InputError those of `pouredForms`
 */
export function heldBodies(resolved: ResolvedJob, { pours }: Plan): readonly HeldBody[] {
  const forms = pouredForms(resolved);
  const whole = forms.find(({ form }) => form !== undefined)?.form;
  const ofForm = levelsOf(pours.filter(({ kind }) => kind === 'fills'));
  const own = forms.flatMap(({ poured }, index) => {
    const pour = pours[index]!;
    if (poured.kind !== 'own') return [];
    const levels = levelsOf([pour]);
    return bodiesOfInserts(poured.whole, index).map((body) => held(body, levels));
  });
  return [
    ...slabsOf(resolved.job).map((slab, index) => held(bodyOfSlab(slab, index), ofForm)),
    ...(whole === undefined ? [] : bodiesOfInserts(whole, undefined)).map((body) =>
      held(body, ofForm),
    ),
    ...own,
  ];
}
