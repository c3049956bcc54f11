import type { Coded } from '../codes/coded';
import { resolveJob, withOtherPour, type ResolvedJob } from '../job/resolveJob';
import type { Job } from '../job/jobSchema';
import type { Person } from '../person/person';
import { planResolved } from '../plan/planJob';
import type { Plan, Shelf } from '../plan/planTypes';
import { InputError } from '../problem';
import { jobDaysOf } from './jobDays';
import type { Broken, Timetable } from './solve';
import type { JobTasks, TaskSpec } from './tasks';

/** What would free a task that finds no time. Moments are min since 1970. */
export interface FreeCodes {
  'start-at': { readonly at: number; readonly earlier: boolean };
  /** Left to cure, scuffed and wiped, in place of the sticky window. */
  scuff: { readonly doneAt: number | undefined };
  hardener: { readonly name: string; readonly doneAt: number | undefined };
  'fewer-layers': { readonly layers: number; readonly doneAt: number | undefined };
  'warmer-room': { readonly roomC: number; readonly doneAt: number | undefined };
  /** Somebody else is there for it. */
  helper: { readonly from: number };
}

export type Freeing = Coded<FreeCodes>;

/** A job that breaks, with what it was planned from. */
export interface FreeQuestion {
  readonly job: string;
  readonly resolved: ResolvedJob;
  readonly plan: Plan;
  readonly person: Person;
  readonly shelf: Shelf | undefined;
  /** The same days with other tasks for this job. */
  readonly solveWith: (tasks: JobTasks) => Timetable;
}

/** So much warmer is tried: a heater in a shed. */
const warmerC = 4;

const warnsOf = ({ warnings }: Plan): number =>
  warnings.filter(({ severity }) => severity === 'warn').length;

const doneAt = ({ tasks }: Timetable, job: string): number | undefined =>
  tasks.find((task) => task.job === job && task.kind === 'ready')?.to;

const isFreed = ({ broken }: Timetable, job: string): boolean =>
  broken.every((each) => each.job !== job);

/** Another way to make the piece: nothing where it cannot be planned, warns of more, or breaks too. */
function tryJob(
  { job, plan, person, shelf, solveWith }: FreeQuestion,
  change: () => ResolvedJob,
): { readonly doneAt: number | undefined } | undefined {
  try {
    const resolved = change();
    const other = planResolved(resolved, shelf);
    if (warnsOf(other) > warnsOf(plan)) return undefined;
    const { tasks } = jobDaysOf(job, resolved, other, person, { clocks: [] });
    const timetable = solveWith(tasks);
    return isFreed(timetable, job) ? { doneAt: doneAt(timetable, job) } : undefined;
  } catch (error) {
    if (error instanceof InputError) return undefined;
    throw error;
  }
}

function warmer(job: Job, byC: number, shelf: Shelf | undefined, plan: Plan): ResolvedJob {
  const temperature = `${plan.roomTemperatureC + byC} °C`;
  return resolveJob(
    {
      ...job,
      room: { ...job.room, temperature },
      heat: job.heat && { ...job.heat, day: undefined },
      pours: job.pours.map((pour) => ({
        ...pour,
        room: pour.room && { ...pour.room, temperature },
      })),
    },
    shelf,
  );
}

/** Another start of the first pour, the nearest before and after. */
const otherStarts = ({ startBefore, startAfter }: Broken): readonly Freeing[] => [
  ...(startBefore === undefined
    ? []
    : [{ code: 'start-at', data: { at: startBefore, earlier: true } } as const]),
  ...(startAfter === undefined
    ? []
    : [{ code: 'start-at', data: { at: startAfter, earlier: false } } as const]),
];

/** Somebody else does it: their hours are no hindrance. */
function helper(
  { job, solveWith }: FreeQuestion,
  own: JobTasks,
  task: TaskSpec,
): readonly Freeing[] {
  if (task.hands !== 'on') return [];
  const helped = solveWith({
    ...own,
    tasks: own.tasks.map((each) => (each === task ? { ...each, hands: 'none' } : each)),
  });
  const from = helped.tasks.find((each) => each.job === job && each.id === task.id)?.from;
  return isFreed(helped, job) && from !== undefined ? [{ code: 'helper', data: { from } }] : [];
}

/** A pour that breaks: which it is, and which of its layers. */
interface BrokenPour {
  readonly index: number;
  readonly layer: number;
}

/** In place of the sticky window: cured, scuffed, wiped. */
function scuffing(question: FreeQuestion, { index, layer }: BrokenPour): readonly Freeing[] {
  const { resolved, plan } = question;
  const pour = plan.pours[index]!;
  const school = layer > 0 ? pour.layers[layer]?.joint?.school : pour.joins?.school;
  if (school !== 'tacky') return [];
  const done = tryJob(question, () =>
    withOtherPour(resolved, index, (said) =>
      layer > 0
        ? { ...said, layers: { ...said.layers, joint: 'scuff' } }
        : { ...said, joint: 'scuff', wait: undefined },
    ),
  );
  return done === undefined ? [] : [{ code: 'scuff', data: done }];
}

/** Another hardener in what lies below: its window is another. */
function otherHardeners(question: FreeQuestion, { index, layer }: BrokenPour): readonly Freeing[] {
  const { resolved } = question;
  const under = layer > 0 ? index : index - 1;
  const below = resolved.pours[under];
  return (below?.found.hardeners ?? []).flatMap(({ name }): readonly Freeing[] => {
    if (name === below?.said.hardener) return [];
    const done = tryJob(question, () =>
      withOtherPour(resolved, under, (said) => ({ ...said, hardener: name })),
    );
    return done === undefined ? [] : [{ code: 'hardener', data: { name, ...done } }];
  });
}

/** One layer fewer, where the resin takes such layers. */
function fewerLayers(question: FreeQuestion, { index, layer }: BrokenPour): readonly Freeing[] {
  const pour = question.plan.pours[index]!;
  const [fromMm, toMm] = [pour.layers[0]?.fromMm, pour.layers.at(-1)?.toMm];
  const layers = pour.layers.length - 1;
  if (layer === 0 || fromMm === undefined || toMm === undefined) return [];
  const eachMm = (toMm - fromMm) / layers;
  if (pour.cut.takesMm !== undefined && eachMm > pour.cut.takesMm) return [];
  const heights = Array.from({ length: layers - 1 }, (_, at) => `${fromMm + (at + 1) * eachMm} mm`);
  const done = tryJob(question, () =>
    withOtherPour(question.resolved, index, (said) => ({
      ...said,
      layers:
        heights.length === 0
          ? { ...said.layers, style: 'one-pour', heights: undefined }
          : { ...said.layers, style: undefined, heights },
    })),
  );
  return done === undefined ? [] : [{ code: 'fewer-layers', data: { layers, ...done } }];
}

function warmerRoom(question: FreeQuestion): readonly Freeing[] {
  const { resolved, plan, shelf } = question;
  const done = tryJob(question, () => warmer(resolved.job, warmerC, shelf, plan));
  const roomC = plan.roomTemperatureC + warmerC;
  return done === undefined ? [] : [{ code: 'warmer-room', data: { roomC, ...done } }];
}

/** A way out, to be tried: it plans and solves anew, which takes up to some tenths of a second. */
export type WayOut = () => readonly Freeing[];

/**
 * What would free a task that finds no time: each tried, planned anew and fitted into the same days, and only what comes out
 * without a new warning.
 * @param broken of this job
 * @returns one after the other, so that whoever tries them can stop in between
 */
export function waysOut(broken: Broken, question: FreeQuestion): readonly WayOut[] {
  const { job, resolved, plan, person } = question;
  const { tasks: own } = jobDaysOf(job, resolved, plan, person, { clocks: [] });
  const task = own.tasks.find(({ id }) => id === broken.task);
  const others: WayOut = () => otherStarts(broken);
  if (task === undefined) return [others];
  const { pour: index, layer = 0, kind } = task;
  const isTied = index !== undefined && (index > 0 || layer > 0);
  const alone: readonly WayOut[] = [others, () => helper(question, own, task)];
  if ((kind !== 'pour' && kind !== 'scuff') || !isTied) return alone;
  const pour = { index, layer };
  return [
    ...alone,
    () => scuffing(question, pour),
    () => otherHardeners(question, pour),
    () => fewerLayers(question, pour),
    () => warmerRoom(question),
  ];
}
