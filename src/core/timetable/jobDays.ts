import type { ResolvedJob } from '../job/resolveJob';
import { holdDownOf, type HoldDown } from '../holdDown/holdDownOf';
import type { Person } from '../person/person';
import type { Plan, Shelf } from '../plan/planTypes';
import { prepareContextOf } from '../prepare/prepareContext';
import { prepareOf, type PrepareLine } from '../prepare/prepareOf';
import type { MovedCure } from '../cure/movedCure';
import { movedPlan } from '../cure/movedPlan';
import { clocksOf, type Clocks } from './clocks';
import type { JobTasks } from './tasks';
import { tasksOf } from './tasksOf';

/** A job with everything that its days are made of; no date is in it yet. */
export interface JobDays {
  readonly resolved: ResolvedJob;
  readonly plan: Plan;
  readonly clocks: Clocks;
  readonly holdDown: HoldDown;
  readonly prepare: readonly PrepareLine[];
  readonly tasks: JobTasks;
}

interface JobDaysGiven {
  readonly shelf?: Shelf;
  readonly clocks?: Clocks;
  readonly moved?: readonly (MovedCure | undefined)[];
}

/**
 * The preparations and tasks of a job.
 * @param id of the job
 * @param clocks left out, they are worked out: up to a second for a large job
 * @param moved by pour, what was measured of it while it cures: tasks follow it
 * @throws InputError those of `holdDownOf`
 */
export function jobDaysOf(
  id: string,
  resolved: ResolvedJob,
  plan: Plan,
  person: Person,
  { shelf, clocks = clocksOf(resolved, plan, shelf), moved = [] }: JobDaysGiven = {},
): JobDays {
  const holdDown = holdDownOf(resolved, plan);
  const prepare = prepareOf(resolved, plan, person);
  const { surfaced, hasForm, hasMoulds } = prepareContextOf(resolved, plan, person);
  const leavesForm = hasForm || hasMoulds;
  const clamps = holdDown.fasteners.reduce((sum, fasteners) => sum + (fasteners?.clamps ?? 0), 0);
  const now = movedPlan(plan, clocks, moved);
  const tasks = tasksOf(resolved, now.plan, {
    job: id,
    person,
    clocks: now.clocks,
    prepare,
    surfaced,
    leavesForm,
    clamps,
  });
  return { resolved, plan, clocks, holdDown, prepare, tasks };
}
