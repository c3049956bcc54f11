import { nextWindow } from './curing';
import type { RatioBand } from '../mix/correction';
import { correctBatch } from '../plan/correctBatch';
import type { Plan, PourPlan } from '../plan/planTypes';
import { pourOf, type BenchCopy } from './benchCopy';
import { type BenchState } from './benchState';
import { isAfterLane, isBatchLane, type BatchLane } from './lanes';
import { firstStirMin, partOfStep } from './benchSteps';

const msPerMin = 60_000;

/** A part that went past its figure, g. */
export interface Over {
  readonly part: 'a' | 'b';
  readonly g: number;
  readonly figureG: number;
}

/** What became of one batch. */
export interface BatchResult {
  readonly id: string;
  readonly layer: number;
  readonly place: number;
  readonly of: number;
  readonly plannedAG: number;
  readonly plannedBG: number;
  readonly aG: number | undefined;
  readonly bG: number | undefined;
  readonly overs: readonly Over[];
  readonly ratioErrorPercent: number;
  readonly band: RatioBand;
  readonly stirredMin: number | undefined;
  readonly plannedStirMin: number;
  /** From A meeting B to an empty cup, min. */
  readonly inCupMin: number | undefined;
  readonly pourableMin: number | null;
  /** It was poured past the time that leaves a margin, or past all of it. */
  readonly late: 'margin' | 'pot-life' | undefined;
  readonly surplusG: number;
  /** What was mixed over the plan, or all of it where it was lost; undefined where no price is known. */
  readonly lostCost: number | undefined;
  readonly isLost: boolean;
  readonly skipped: readonly { readonly kind: string; readonly why: string | undefined }[];
}

/** How a pour went. */
export interface PourResult {
  readonly batches: readonly BatchResult[];
  /** Layers that were begun before or after their window, min off it; below 0 where it was too early. */
  readonly offWindow: readonly { readonly layer: number; readonly min: number }[];
  /** Bubble passes that came later than a few minutes, min. */
  readonly latePasses: readonly {
    readonly layer: number;
    readonly turn: number;
    readonly min: number;
  }[];
  readonly lostCost: number | undefined;
}

/** A bubble pass is late from here on, min. */
const lateFromMin = 5;

/** The cheapest that a kilogram of a pour's resin costs; undefined where nobody gave a price. */
export function pricePerKg({ buying }: Plan, { index }: PourPlan): number | undefined {
  const own = buying.find(({ pours }) => pours.includes(index))?.buying;
  const prices = (own?.kits ?? []).map(({ perKg }) => perKg);
  return own?.perKg ?? (prices.length === 0 ? undefined : Math.min(...prices));
}

/** Past a figure by less than this share of it, or half a step, is on it. */
const onFigureShare = 0.004;

/** Where a part went past the figure that stood at the time: each follows from what was in the cup by then. */
function oversOf(pour: PourPlan, { batch, steps }: BatchLane): readonly Over[] {
  if (pour.resin.ratio === undefined) return [];
  const { stepG } = batch.group.onScale;
  let inCup: { aG?: number; bG?: number } = {};
  return steps.flatMap(({ kind, state, event }) => {
    const part = partOfStep(kind);
    if (state !== 'done' || part === undefined || event?.g === undefined) return [];
    const key = part === 'a' ? 'aG' : 'bG';
    const figureG = correctBatch(pour, batch.group.id, inCup).onScale[key];
    const g = event.g - figureG;
    inCup = { ...inCup, [key]: event.g };
    return g > Math.max(stepG * 0.55, figureG * onFigureShare) ? [{ part, g, figureG }] : [];
  });
}

function resultOf(
  pour: PourPlan,
  lane: BatchLane,
  pourable: (lane: BatchLane) => number | null,
  perKg: number | undefined,
): BatchResult {
  const { batch, inCup, correction, metAt, pouredAt, steps } = lane;
  const { group, id, layer, place, of } = batch;
  const isPoured = pouredAt !== undefined && metAt !== undefined;
  const inCupMin = isPoured ? (pouredAt - metAt) / msPerMin : undefined;
  const pourableMin = pourable(lane);
  const late =
    inCupMin === undefined || pourableMin === null
      ? undefined
      : inCupMin > pourableMin
        ? 'pot-life'
        : inCupMin > pourableMin * (1 - pour.working.keptBack)
          ? 'margin'
          : undefined;
  const stir = steps.findIndex(({ kind }) => kind === 'stir');
  const stirFrom = steps[stir - 1]?.at;
  const stirTo = steps[stir]?.at;
  const band = correction?.band ?? 'fine';
  const isLost = late === 'pot-life' || band === 'do-not-pour';
  const mixedG = (inCup.aG ?? 0) + (inCup.bG ?? 0);
  const surplusG = correction?.surplusG ?? 0;
  return {
    id,
    layer,
    place,
    of,
    plannedAG: group.onScale.aG,
    plannedBG: group.onScale.bG,
    aG: inCup.aG,
    bG: inCup.bG,
    overs: oversOf(pour, lane),
    ratioErrorPercent: correction?.ratioErrorPercent ?? 0,
    band,
    stirredMin:
      stirFrom === undefined || stirTo === undefined ? undefined : (stirTo - stirFrom) / msPerMin,
    plannedStirMin: firstStirMin(pour),
    inCupMin,
    pourableMin,
    late,
    surplusG,
    lostCost: perKg === undefined ? undefined : ((isLost ? mixedG : surplusG) / 1000) * perKg,
    isLost,
    skipped: steps.flatMap(({ state, kind, event }) =>
      state === 'skipped' ? [{ kind, why: event?.text }] : [],
    ),
  };
}

/**
 * How a pour went: what was over, what was late, what it cost.
 * @param pourable how long a batch lasted in its cup, min; the plan's own figure without it
 */
export function pourResult(
  copy: BenchCopy,
  state: BenchState,
  pourable: (lane: BatchLane) => number | null = ({ batch }) => batch.group.bucket.pourableMin,
): PourResult {
  const pour = pourOf(copy);
  const perKg = pricePerKg(copy.plan, pour);
  const batches = state.lanes
    .filter(isBatchLane)
    .filter(({ isBegun }) => isBegun)
    .map((lane) => resultOf(pour, lane, pourable, perKg));
  const offWindow = state.layers.flatMap(({ begunAt }, layer) => {
    const before = state.layers[layer - 1]?.begunAt;
    const window = nextWindow(copy, state, layer - 1);
    if (before === undefined || begunAt === undefined || window === undefined) return [];
    const min = (begunAt - before) / msPerMin;
    if (min < window.from) return [{ layer, min: min - window.from }];
    return window.to !== undefined && min > window.to ? [{ layer, min: min - window.to }] : [];
  });
  const latePasses = state.lanes.filter(isAfterLane).flatMap(({ layer, steps, dueAt }) =>
    steps.flatMap(({ at, kind, turn, state: how }, index) => {
      if (kind !== 'bubbles') return [];
      const min = at === undefined || how !== 'done' ? 0 : (at - dueAt[index]!) / msPerMin;
      return min > lateFromMin ? [{ layer, turn, min }] : [];
    }),
  );
  return {
    batches,
    offWindow,
    latePasses,
    lostCost:
      perKg === undefined
        ? undefined
        : batches.reduce((sum, { lostCost = 0 }) => sum + lostCost, 0),
  };
}
