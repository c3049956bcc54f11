import type { ResolvedJob } from '../job/resolveJob';
import type { Person } from '../person/person';
import type { Plan, PlannedLayer, PourPlan } from '../plan/planTypes';
import type { PrepareLine } from '../prepare/prepareOf';
import type { Clocks } from './clocks';
import { deepFromMm, lookingAfter } from './lookTasks';
import { preparing } from './prepareTasks';
import { demouldTaskId, planeTaskId, pourTaskId } from './taskIds';
import { early, exactly, from, spec } from './taskSpec';
import type { JobTasks, TaskSpec, Tie } from './tasks';
import { lastFillOf, usesOf } from './usesOf';
import { outOfForm, windowOfJoin, windowOfJoint } from './windows';

const day = 24 * 60;

/** Scuffing a face, wiping it and letting the alcohol dry off, min; and how long a wiped face stays clean. */
const [scuffMin, wipedForMin] = [20, day];
/** Turning a half over, clay off, cleaning it, release on all of it and drying, min. */
const turnMouldMin = 45;
/** Taking a form apart, or a piece out of its mould, min. */
const demouldMin = { form: 30, mould: 10 } as const;
/** Flattening one face, sanding it, filling its pinholes, min. */
const planeMin = 120;
/** Large pours go on shrinking: planed early they gum, and ripple later. Cautious people wait two to three weeks. */
const planeAfterMin = { deep: 14 * day, shallow: 7 * day } as const;

/** Weighing out, stirring and pouring every batch of a layer, one after the other. */
export const pouringMin = ({ batches }: PlannedLayer, { weighMin }: Person): number =>
  Math.ceil(
    batches.reduce((sum, { count, bucket }) => sum + count * (weighMin + bucket.needsMin), 0) -
      1e-6,
  );

/**
 * From when on a pour may be planed, min after its last layer was begun.
 * @param hardMin when that is hard by the model
 */
export function planeFromMin({ layers, times }: PourPlan, hardMin: number | undefined): number {
  const deepestMm = Math.max(...layers.map(({ fromMm = 0, toMm = 0 }) => toMm - fromMm));
  const afterMin = planeAfterMin[deepestMm > deepFromMm ? 'deep' : 'shallow'];
  return Math.max(hardMin ?? times.cureMin ?? 0, afterMin);
}

/** What tasks are made of besides the plan. */
export interface TasksQuestion {
  readonly job: string;
  readonly person: Person;
  readonly clocks: Clocks;
  readonly prepare: readonly PrepareLine[];
  /** It is cast in a form that comes apart, or in moulds. */
  readonly leavesForm: boolean;
  /** The face is planed before it is coated, or finished. */
  readonly surfaced: boolean;
  /** Clamps that hold it down. */
  readonly clamps: number;
}

type Given = Pick<TasksQuestion, 'person' | 'clocks'> & {
  readonly resolved: ResolvedJob;
  readonly plan: Plan;
};

/**
 * What a layer waits for, and whether that is hard by then: scuffed and wiped first.
 * @param planed the task before it where that is not the pour before it
 */
function tieOf(
  { resolved, plan, clocks }: Given,
  pour: PourPlan,
  layer: number,
  planed: string | undefined,
): { readonly tie: Tie; readonly isOnHard: boolean } | undefined {
  const { index } = pour;
  if (layer > 0) {
    const joint = pour.layers[layer]!.joint!;
    const window = windowOfJoint(joint, clocks[index]?.[layer - 1]);
    return {
      tie: early(pourTaskId(pour, layer - 1), window),
      isOnHard: joint.school === 'scuff',
    };
  }
  if (index === 0) return undefined;
  const before = plan.pours[index - 1]!;
  const window = windowOfJoin(resolved, plan, index, clocks[index - 1]?.at(-1));
  const ontoPour = early(pourTaskId(before, before.layers.length - 1), window);
  return {
    tie: planed === undefined ? ontoPour : from(planed, planeMin),
    isOnHard: pour.joins?.school === 'scuff' && pour.role !== 'castings' && pour.role !== 'seal',
  };
}

/** A layer of a pour, what is done right before it, and what is looked after once it is poured. */
function layerTasks(
  given: Given,
  pour: PourPlan,
  layer: number,
  planed: string | undefined,
): readonly TaskSpec[] {
  const id = pourTaskId(pour, layer);
  const where = { pour: pour.index, layer };
  const clocks = given.clocks[pour.index]?.[layer];
  const minutes = pouringMin(pour.layers[layer]!, given.person);
  const found = tieOf(given, pour, layer, planed);
  const isHalf = pour.layers[layer]!.joint?.ofHalves === true;
  const onHardMin = isHalf ? turnMouldMin : scuffMin;
  const scuff: TaskSpec[] =
    found?.isOnHard === true
      ? [
          spec({
            ...where,
            id: `${id}/scuff`,
            kind: isHalf ? 'turn-mould' : 'scuff',
            minutes: onHardMin,
            hands: 'on',
            tie: found.tie,
          }),
        ]
      : [];
  const wiped = { fromMin: onHardMin, toMin: onHardMin + wipedForMin, safe: undefined };
  const tie = found?.isOnHard === true ? early(`${id}/scuff`, wiped) : found?.tie;
  const { peakMin } = clocks ?? {};
  return [
    ...scuff,
    spec({ ...where, id, kind: 'pour', minutes, hands: 'on', tie, peakMin }),
    ...lookingAfter(pour, layer, minutes, given.resolved.pours[pour.index]!, clocks),
  ];
}

/** Out of the form, and planed: what follows the last pour that fills. */
function afterFill(
  { resolved, clocks }: Given,
  pour: PourPlan,
  isLastFill: boolean,
  { surfaced, leavesForm }: Pick<TasksQuestion, 'surfaced' | 'leavesForm'>,
): readonly TaskSpec[] {
  const { index } = pour;
  const lastId = pourTaskId(pour, pour.layers.length - 1);
  const last = clocks[index]?.at(-1);
  const out = outOfForm(resolved.pours[index]!, pour, last);
  const leaves = leavesForm && (pour.role === 'castings' || isLastFill) && pour.kind !== 'covers';
  const { cure } = pour.layers.at(-1)!;
  // What never gets hard in its room gums under every blade: the heat step warns of it.
  const getsHard = cure === undefined || cure.hardH !== undefined;
  const isMould = pour.parts.some(({ shape }) => shape === 'mould');
  const common = { pour: index, hands: 'on' } as const;
  return [
    ...(leaves && out !== undefined
      ? [
          spec({
            ...common,
            id: demouldTaskId(pour),
            kind: 'demould',
            minutes: demouldMin[isMould ? 'mould' : 'form'],
            tie: from(lastId, out.fromMin, out.safe),
          }),
        ]
      : []),
    ...(surfaced && isLastFill && getsHard
      ? [
          spec({
            ...common,
            id: planeTaskId(pour),
            kind: 'plane',
            minutes: planeMin,
            tie: from(lastId, planeFromMin(pour, last?.hardMin?.mid)),
          }),
        ]
      : []),
  ];
}

/**
 * The tasks of a job: what is prepared, each layer of each pour with what is looked after, out of the form, planed, done. All
 * times are the plan's own; the first pour is what everything is told from.
 */
export function tasksOf(resolved: ResolvedJob, plan: Plan, question: TasksQuestion): JobTasks {
  const { job, prepare, clamps } = question;
  const given = { ...question, resolved, plan };
  const lastFill = lastFillOf(plan);
  const tasks: TaskSpec[] = [];
  /** What the next pour waits for, where that is not the layer before it. */
  let planed: string | undefined;
  for (const pour of plan.pours) {
    tasks.push(...pour.layers.flatMap((_, layer) => layerTasks(given, pour, layer, planed)));
    const after = afterFill(given, pour, pour === lastFill, question);
    planed = after.find(({ kind }) => kind === 'plane')?.id;
    tasks.push(...after);
  }
  const last = plan.pours.at(-1)!;
  const lastId = planed ?? pourTaskId(last, last.layers.length - 1);
  const doneMin = planed === undefined ? last.times.cureMin : planeMin;
  // What never gets hard in its room is never ready: the heat step warns of it.
  if (doneMin !== undefined) {
    const tie = exactly(lastId, doneMin);
    tasks.push(spec({ id: 'ready', kind: 'ready', minutes: 0, hands: 'none', tie }));
  }
  for (const pour of plan.pours) {
    const lines = prepare.filter((line) => line.pour === pour.index && line.when !== 'after');
    tasks.push(...preparing(lines, pourTaskId(pour, 0), pour.index));
  }
  return { job, name: plan.name, tasks, uses: usesOf(resolved, plan, tasks, clamps) };
}
