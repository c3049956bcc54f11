import type { ResolvedJob } from '../job/resolveJob';
import type { Person } from '../person/person';
import type { BubbleTool } from '../person/personSchema';
import { modelOf } from '../plan/batchClock';
import type { OverageKind } from '../measure/allowances/overage';
import type { Plan, PourPlan, Shelf } from '../plan/planTypes';
import { prepareOf, type PrepareLine } from '../prepare/prepareOf';
import type { Curing } from '../thermal/curing';
import { bubbleMinutes } from '../timetable/lookTasks';
import { pourTaskId } from '../timetable/taskIds';
import { laterSteps, type LaterStep } from './laterSteps';
import { benchRunOf, type BenchRun } from '../production/benchRun';
import { heatCurveOf, type HeatCurve } from './heatCurve';
import { candidatesOfCase, cureLayerOf, type CureCase } from '../cure/cureCase';
import { followJob, heatCaseOf } from '../plan/heat/heatOfPlan';
import { planeFromMin } from '../timetable/tasksOf';
import { labelOutMin, windowOfJoint } from '../timetable/windows';

/** When something of a layer is done, min after its pour was begun or ended. */
export interface LayerTimes {
  /** Bubble passes after the last of it is poured, min. */
  readonly bubblesMin: readonly number[];
  /** What else is done with it; undefined in copies of before it was kept. */
  readonly later?: readonly LaterStep[];
  /** When the next layer goes on, min after this one was begun; undefined for the last, or where nothing tells. */
  readonly nextMin: { readonly from: number; readonly to: number | undefined } | undefined;
}

/**
 * All that the bench goes by for one pour, as it was when the pour was begun: later changes of the job, its cards or the person's
 * habits do not reach it.
 */
export interface BenchCopy {
  readonly plan: Plan;
  /** The pour that it is about, counted from 0. */
  readonly pour: number;
  readonly layerTimes: readonly LayerTimes[];
  /** Layers that were poured before the bench was opened, from the first on, at their times, ms. */
  readonly before: readonly { readonly begunAt: number; readonly pouredAt: number }[];
  /** What is prepared up to this pour. */
  readonly prepare: readonly PrepareLine[];
  readonly tool: BubbleTool;
  /** The resin as the heat model sees it, without fillers; undefined where no model follows it. */
  readonly curing: Curing | undefined;
  /** How warm it is predicted to be; undefined where no model follows it. */
  readonly heat: HeatCurve | undefined;
  /** Moulds of the library that it is cast in, each with how often it is filled; undefined in copies of before it was kept. */
  readonly moulds?: readonly {
    readonly id: string;
    readonly name: string;
    readonly times: number;
  }[];
  /** For which kind of job it takes more than its cavity; undefined in copies of before it was kept. */
  readonly kind?: OverageKind;
  /** The rhythm of a run; undefined for what is none, and in copies of before it was kept. */
  readonly run?: BenchRun | undefined;
  /** What it is followed by while it cures; undefined where no model follows it, and in copies of before it was kept. */
  readonly cure?: CureCase | undefined;
}

/**
 * The same copy for a pour whose first layers are poured already.
 * @param ticks what of the job is ticked off, by its task, ms
 */
export function goneOnWith(
  copy: BenchCopy,
  ticks: ReadonlyMap<string, { readonly from: number; readonly to: number }>,
): BenchCopy {
  const pour = pourOf(copy);
  const before: { begunAt: number; pouredAt: number }[] = [];
  for (let layer = 0; layer < pour.layers.length; layer += 1) {
    const tick = ticks.get(pourTaskId(pour, layer));
    if (tick === undefined) break;
    before.push({ begunAt: tick.from, pouredAt: tick.to });
  }
  // All of it was poured: it is poured once more.
  return before.length === pour.layers.length ? copy : { ...copy, before };
}

/** The pour that a bench is about. */
export const pourOf = ({ plan, pour }: BenchCopy): PourPlan => plan.pours[pour]!;

/** What the model says of a pour while it cures; nothing where none follows it. */
function followedOf(
  resolved: ResolvedJob,
  plan: Plan,
  index: number,
  shelf: Shelf | undefined,
): Pick<BenchCopy, 'heat' | 'cure'> {
  const given = heatCaseOf(resolved, plan, index, shelf);
  if (!given.told) return { heat: undefined, cure: undefined };
  const pour = plan.pours[index]!;
  const found = followJob(given, { ranges: true });
  const layers = found.plan.layers.map((layer, at) => cureLayerOf(layer, at, given));
  const { family, setting } = given;
  return {
    heat: heatCurveOf(given, found, pour),
    cure: {
      family,
      setting,
      candidates: candidatesOfCase(given),
      layers,
      labelOutMin: labelOutMin(resolved.pours[index]!, pour),
      planeAfterMin: planeFromMin(pour, 0),
    },
  };
}

/** Moulds of the library that a pour goes into. */
const mouldsOf = ({ job, pours }: ResolvedJob, index: number): NonNullable<BenchCopy['moulds']> =>
  ((pours[index]!.said.measure ?? job.measure)?.parts ?? []).flatMap((part) =>
    part.shape === 'mould' && part.mould.id !== undefined
      ? [{ id: part.mould.id, name: part.mould.name, times: part.count ?? 1 }]
      : [],
  );

/**
 * Copies all that the bench needs of a planned job.
 * @param index of the pour, counted from 0
 * @throws InputError those of `prepareOf`, `heatCaseOf` and `followJob`
 */
export function benchCopyOf(
  resolved: ResolvedJob,
  plan: Plan,
  index: number,
  person: Person,
  shelf?: Shelf,
): BenchCopy {
  const pour = plan.pours[index]!;
  const { card, resin } = resolved.pours[index]!;
  const layerTimes = pour.layers.map((_, layer): LayerTimes => {
    const joint = pour.layers[layer + 1]?.joint;
    const window = joint && windowOfJoint(joint, undefined);
    return {
      bubblesMin: bubbleMinutes(pour, layer),
      later: laterSteps(pour, layer),
      nextMin: window && {
        from: window.fromMin,
        to: Number.isFinite(window.toMin) ? window.toMin : undefined,
      },
    };
  });
  return {
    plan,
    pour: index,
    layerTimes,
    before: [],
    prepare: prepareOf(resolved, plan, person).filter(
      (line) => line.pour === index && line.when !== 'after',
    ),
    tool: person.bubbleTool,
    moulds: mouldsOf(resolved, index),
    kind: resolved.pours[index]!.said.kind ?? 'general',
    run: benchRunOf(resolved, plan, index),
    curing: modelOf(card.family, resin, shelf?.calibrations),
    ...followedOf(resolved, plan, index, shelf),
  };
}
