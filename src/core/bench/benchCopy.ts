import type { ResolvedJob } from '../job/resolveJob';
import type { Person } from '../person/person';
import type { BubbleTool } from '../person/personSchema';
import { modelOf } from '../plan/batchClock';
import type { KeptCalibrations } from '../plan/heat/calibrationOf';
import type { Plan, PourPlan } from '../plan/planTypes';
import { prepareOf, type PrepareLine } from '../prepare/prepareOf';
import type { Curing } from '../thermal/curing';
import { bubbleMinutes } from '../timetable/lookTasks';
import { windowOfJoint } from '../timetable/windows';

/** When something of a layer is done, min after its pour was begun or ended. */
export interface LayerTimes {
  /** Bubble passes after the last of it is poured, min. */
  readonly bubblesMin: readonly number[];
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
  /** What is prepared up to this pour. */
  readonly prepare: readonly PrepareLine[];
  readonly tool: BubbleTool;
  /** The resin as the heat model sees it, without fillers; undefined where no model follows it. */
  readonly curing: Curing | undefined;
}

/** The pour that a bench is about. */
export const pourOf = ({ plan, pour }: BenchCopy): PourPlan => plan.pours[pour]!;

/**
 * Copies all that the bench needs of a planned job.
 * @param index of the pour, counted from 0
 * @throws InputError those of `prepareOf`
 */
export function benchCopyOf(
  resolved: ResolvedJob,
  plan: Plan,
  index: number,
  person: Person,
  kept?: KeptCalibrations,
): BenchCopy {
  const pour = plan.pours[index]!;
  const { card, resin } = resolved.pours[index]!;
  const layerTimes = pour.layers.map((_, layer): LayerTimes => {
    const joint = pour.layers[layer + 1]?.joint;
    const window = joint && windowOfJoint(joint, undefined);
    return {
      bubblesMin: bubbleMinutes(pour, layer),
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
    prepare: prepareOf(resolved, plan, person).filter(
      (line) => line.pour === index && line.when !== 'after',
    ),
    tool: person.bubbleTool,
    curing: modelOf(card.family, resin, kept),
  };
}
