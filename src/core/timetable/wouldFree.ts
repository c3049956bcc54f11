import type { Coded } from '../codes/coded';
import { resolveJob, withOtherPour, type ResolvedJob } from '../job/resolveJob';
import type { Job } from '../job/jobSchema';
import type { Person } from '../person/person';
import { planResolved } from '../plan/planJob';
import type { Plan, Shelf } from '../plan/planTypes';
import { InputError } from '../problem';
import { jobDaysOf } from './jobDays';
import type { Broken, Timetable } from './solve';
import type { JobTasks } from './tasks';

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

/**
 * What would free a task that finds no time: each tried, planned anew and fitted into the same days, and only what comes out
 * without a new warning.
 * @param broken of this job
 */
export function wouldFree(broken: Broken, question: FreeQuestion): readonly Freeing[] {
  const { job, resolved, plan, shelf, solveWith, person } = question;
  const freeings: Freeing[] = [];
  const { startBefore, startAfter } = broken;
  if (startBefore !== undefined) {
    freeings.push({ code: 'start-at', data: { at: startBefore, earlier: true } });
  }
  if (startAfter !== undefined) {
    freeings.push({ code: 'start-at', data: { at: startAfter, earlier: false } });
  }
  const { tasks } = jobDaysOf(job, resolved, plan, person, { clocks: [] });
  const task = tasks.tasks.find(({ id }) => id === broken.task);
  const isPour = task?.kind === 'pour' || task?.kind === 'scuff';
  if (task === undefined) return freeings;
  if (task.hands === 'on') {
    const helped = solveWith({
      ...tasks,
      tasks: tasks.tasks.map((each) => (each === task ? { ...each, hands: 'none' } : each)),
    });
    const from = helped.tasks.find((each) => each.job === job && each.id === task.id)?.from;
    if (isFreed(helped, job) && from !== undefined)
      freeings.push({ code: 'helper', data: { from } });
  }
  const index = task.pour;
  if (!isPour || index === undefined) return freeings;
  const pour = plan.pours[index]!;
  const { layer = 0 } = task;
  const isTied = layer > 0 || index > 0;
  const school = layer > 0 ? pour.layers[layer]?.joint?.school : pour.joins?.school;
  if (isTied && school === 'tacky') {
    const scuffed = tryJob(question, () =>
      withOtherPour(resolved, index, (said) =>
        layer > 0
          ? { ...said, layers: { ...said.layers, joint: 'scuff' } }
          : { ...said, joint: 'scuff', wait: undefined },
      ),
    );
    if (scuffed !== undefined) freeings.push({ code: 'scuff', data: scuffed });
  }
  const under = layer > 0 ? index : index - 1;
  const below = resolved.pours[under];
  for (const { name } of below?.found.hardeners ?? []) {
    if (name === below?.said.hardener) continue;
    const other = tryJob(question, () =>
      withOtherPour(resolved, under, (said) => ({ ...said, hardener: name })),
    );
    if (other !== undefined) freeings.push({ code: 'hardener', data: { name, ...other } });
  }
  const depthMm = pour.layers.at(-1)?.toMm;
  const fromMm = pour.layers[0]?.fromMm;
  const fewer = pour.layers.length - 1;
  if (layer > 0 && depthMm !== undefined && fromMm !== undefined && fewer >= 1) {
    const eachMm = (depthMm - fromMm) / fewer;
    if (pour.cut.takesMm === undefined || eachMm <= pour.cut.takesMm) {
      const heights = Array.from(
        { length: fewer - 1 },
        (_, at) => `${fromMm + (at + 1) * eachMm} mm`,
      );
      const other = tryJob(question, () =>
        withOtherPour(resolved, index, (said) => ({
          ...said,
          layers:
            heights.length === 0
              ? { ...said.layers, style: 'one-pour', heights: undefined }
              : { ...said.layers, style: undefined, heights },
        })),
      );
      if (other !== undefined)
        freeings.push({ code: 'fewer-layers', data: { layers: fewer, ...other } });
    }
  }
  if (isTied) {
    const roomC = plan.roomTemperatureC + warmerC;
    const other = tryJob(question, () => warmer(resolved.job, warmerC, shelf, plan));
    if (other !== undefined) freeings.push({ code: 'warmer-room', data: { roomC, ...other } });
  }
  return freeings;
}
