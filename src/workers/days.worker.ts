import '../data/records/wholeSchemas';
import { expose } from 'comlink';
import { personOf } from '../core/person/person';
import { planResolved } from '../core/plan/planJob';
import type { Shelf } from '../core/plan/planTypes';
import { resolveJob } from '../core/job/resolveJob';
import { InputError } from '../core/problem';
import { datesOf } from '../core/timetable/datesOf';
import { jobDaysOf, type JobDays } from '../core/timetable/jobDays';
import { solveDays, type ToldBreak } from '../core/timetable/planDays';
import type { Freeing } from '../core/timetable/wouldFree';
import { jobRecords } from '../data/records/jobRecord';
import { readRecords } from '../data/records/readRecords';
import type { DaysAnswer, DaysOfJob, DaysRequest, DaysWorker, JobInDays } from './daysWorker';
import { told } from './told';

let shelf: Shelf = { resins: [], moulds: [] };
/** What jobs are made of, by their texts and whose habits count: a change of dates plans nothing anew. */
let known = new Map<string, JobDays | undefined>();
let latest = 0;

function daysOf({ id, key, text, moved }: JobInDays, request: DaysRequest): JobDays | undefined {
  const { records } = readRecords(jobRecords, new Map([[key, text]]));
  const job = records[0]?.lastGood;
  if (job === undefined || job === null) return undefined;
  try {
    const resolved = resolveJob(job, shelf);
    const plan = planResolved(resolved, shelf);
    return jobDaysOf(id, resolved, plan, personOf(request.person), { shelf, moved });
  } catch (error) {
    // It is told at the job itself.
    if (error instanceof InputError) return undefined;
    throw error;
  }
}

const named = (
  { tasks, plan, prepare }: JobDays,
  dates: ReturnType<typeof datesOf>,
): DaysOfJob => ({
  job: tasks.job,
  name: plan.name,
  pours: plan.pours.map(({ name, role }) => ({ name, role })),
  layers: plan.pours.map(({ layers }) => layers.length),
  prepare,
  root: tasks.tasks[0]!.id,
  start: dates.start,
  due: dates.due,
});

/** Between two jobs, and between two ways out, the thread hears what came meanwhile. */
const breath = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));

async function answered(request: DaysRequest): Promise<DaysAnswer | undefined> {
  latest += 1;
  const own = latest;
  const habits = JSON.stringify(request.person ?? null);
  const keyOf = ({ text, moved }: JobInDays): string =>
    `${habits}/${JSON.stringify(moved)}/${text}`;
  const next = new Map<string, JobDays | undefined>();
  for (const job of request.jobs) {
    const key = keyOf(job);
    if (!known.has(key)) await breath();
    if (own !== latest) return undefined;
    const days = known.has(key) ? known.get(key) : daysOf(job, request);
    known.set(key, days);
    next.set(key, days);
  }
  known = next;
  const { zone, now } = request;
  const dated = request.jobs.flatMap((job) => {
    const days = next.get(keyOf(job));
    return days === undefined
      ? []
      : [{ days, dates: datesOf(days.tasks, job.dates, job.ticks, zone) }];
  });
  const person = personOf(request.person);
  const { tasks, broken, calendar } = solveDays({ jobs: dated, person, zone, now, shelf });
  const breaks: ToldBreak[] = [];
  for (const { broken: each, ways } of broken) {
    const freeing: Freeing[] = [];
    for (const way of ways) {
      await breath();
      if (own !== latest) return undefined;
      freeing.push(...way());
    }
    breaks.push({ ...each, wouldFree: freeing });
  }
  return {
    jobs: dated.map(({ days, dates }) => named(days, dates)),
    untold: request.jobs.filter((job) => next.get(keyOf(job)) === undefined).map(({ id }) => id),
    tasks,
    broken: breaks,
    calendar,
    now,
  };
}

const worker: DaysWorker = {
  async useShelf(other) {
    shelf = other;
    known = new Map();
  },
  solve: (request) => told(() => answered(request)),
};

expose(worker);
