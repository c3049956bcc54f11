import type { PlannedBatch, PourPlan } from '../plan/planTypes';
import type { LaterKind } from './laterSteps';
import { familyOf } from '../resin/families';

/** One batch of a pour, each counted by itself. */
export interface BenchBatch {
  /** Stays with it while the plan changes: `layer-2/Amber/1`. */
  readonly id: string;
  readonly group: PlannedBatch;
  /** Counted from 0. */
  readonly layer: number;
  /** Which one of its layer, counted from 1, and of how many. */
  readonly place: number;
  readonly of: number;
}

export type BatchStepKind =
  | 'cup'
  | 'tint'
  | 'part-a'
  | 'part-b'
  | 'strokes'
  | 'more-a'
  | 'more-b'
  | 'combine'
  | 'stir'
  | 'second-cup'
  | 'rest'
  | 'colour'
  | 'pour';
export type BenchStepKind = BatchStepKind | LaterKind | 'ready' | 'bubbles';

/** The part that a step weighs; undefined for what weighs none. */
export const partOfStep = (kind: BenchStepKind): 'a' | 'b' | undefined =>
  kind === 'part-a' || kind === 'more-a'
    ? 'a'
    : kind === 'part-b' || kind === 'more-b'
      ? 'b'
      : undefined;

/** One step of the guide. */
export interface BenchStep {
  readonly id: string;
  readonly kind: BenchStepKind;
  /** The batch that it is of, or the layer. */
  readonly lane: string;
  /** Of bubble passes and of what is added later: which one, counted from 0. */
  readonly turn: number;
}

export const stepIdOf = (lane: string, kind: BenchStepKind, turn = 0): string =>
  `${lane}:${kind}${turn === 0 ? '' : `-${turn + 1}`}`;

export const stepOf = (lane: string, kind: BenchStepKind, turn = 0): BenchStep => ({
  id: stepIdOf(lane, kind, turn),
  kind,
  lane,
  turn,
});

/** What is begun with before a layer, and what is looked after once it is poured, as lanes beside its batches. */
export const readyLane = (layer: number): string => `layer-${layer + 1}`;
export const afterLane = (layer: number): string => `layer-${layer + 1}/after`;

/** All batches of a pour in their order, each by itself. */
export function benchBatches(pour: PourPlan): readonly BenchBatch[] {
  return pour.layers.flatMap((_, layer) => {
    const groups = pour.batches.filter((group) => group.layer === layer);
    const of = groups.reduce((sum, { count }) => sum + count, 0);
    let place = 0;
    return groups.flatMap((group) =>
      Array.from({ length: group.count }, (__, at) => {
        place += 1;
        return { id: `${group.id}/${at + 1}`, group, layer, place, of };
      }),
    );
  });
}

/** From here on a resin leaves time for a second cup and a rest, min of stirring. */
const unhurriedFromMin = 3;

const isUnhurried = ({ resin: { family }, working }: PourPlan): boolean =>
  familyOf(family).kind === 'silicone' || working.stirMin >= unhurriedFromMin;

/** How the time of `stirMin` is divided: the first cup, the second, the rest for bubbles. */
export const stirShares = { stir: 0.6, secondCup: 0.2, rest: 0.2 } as const;

/** How long stirring in the first cup takes, min: all of it where there is neither a second cup nor a rest. */
export const firstStirMin = (pour: PourPlan): number =>
  pour.working.stirMin * (isUnhurried(pour) ? stirShares.stir : 1);

const hasDegassing = ({ container }: PlannedBatch): boolean =>
  container !== undefined && container.fill < 0.5;

/** Whether colour or filler goes into the mix once it is stirred. */
const isColouredLast = ({ resin }: PourPlan, group: PlannedBatch): boolean =>
  (resin.pigmentInto === 'mix' &&
    (group.pigments.length > 0 || group.shares.some(({ pigments }) => pigments.length > 0))) ||
  (group.fillers ?? []).length > 0;

/** The steps of a batch in the order in which this person does them, corrections left aside. */
export function plannedSteps(pour: PourPlan, { id, group }: BenchBatch): readonly BenchStep[] {
  const { resin, mixing } = pour;
  const step = (kind: BatchStepKind): BenchStep => stepOf(id, kind);
  const isOnePart = resin.ratio === undefined;
  const isTintedFirst = resin.pigmentInto !== 'mix' && group.pigments.length > 0;
  // Of each pump in turn, so that the count is never lost.
  const parts: BatchStepKind[] = isOnePart
    ? ['part-a']
    : group.strokes !== undefined
      ? ['strokes']
      : mixing.first === 'a'
        ? ['part-a', 'part-b']
        : ['part-b', 'part-a'];
  const unhurried = isUnhurried(pour);
  const kinds: BatchStepKind[] = [
    'cup',
    ...(isTintedFirst ? (['tint'] as const) : []),
    ...parts,
    ...(isOnePart || mixing.cups === 'one' || group.strokes !== undefined
      ? []
      : (['combine'] as const)),
    ...(isOnePart ? [] : (['stir'] as const)),
    ...(isOnePart || !unhurried ? [] : (['second-cup'] as const)),
    ...(!isOnePart && (unhurried || hasDegassing(group)) ? (['rest'] as const) : []),
    ...(isColouredLast(pour, group) ? (['colour'] as const) : []),
    'pour',
  ];
  return kinds.map(step);
}
