import type { Calendar } from './calendar';
import { inside, spanAt, type Span, type Spans } from './spans';
import { decides, type Room, type Starts } from './startDomains';
import type { Dates, JobTasks, TaskSpec } from './tasks';

/** Moments that are tried when something is in the way lie so far apart, min. */
const stepMin = 30;
/** So many are tried for each task. */
const mostTried = 40;
/** For the sake of an awake peak and safe windows a start is put off by so much at most, min. */
const putOffMin = 3 * 24 * 60;

const spanOfTie = ({ fromMin, toMin }: { fromMin: number; toMin: number }, at: number): Span => ({
  from: at + fromMin,
  to: at + toMin,
});

/** Whether a layer that is poured then peaks while somebody is awake, by the middle of what is known. */
export const peaksAwake = ({ peakMin }: TaskSpec, at: number, { awake }: Calendar): boolean =>
  peakMin === undefined || spanAt(awake, at + peakMin.mid) !== undefined;

const isSafe = ({ tie }: TaskSpec, at: number, tiedAt: number): boolean =>
  tie?.safe === undefined || (at - tiedAt >= tie.safe.fromMin && at - tiedAt <= tie.safe.toMin);

/** Nobody plans to the minute: the next five minutes, where there are any left. */
const roundMin = 5;

function rounded({ from, to }: Span): Span {
  const [first, last] = [Math.ceil(from / roundMin), Math.floor(to / roundMin)];
  return first <= last ? { from: first * roundMin, to: last * roundMin } : { from, to };
}

/** Moments of a domain, the preferred one first, then at steps through it. */
function* momentsIn(domain: Spans, prefer: 'early' | 'late'): Generator<number> {
  let tried = 0;
  const ordered = prefer === 'early' ? domain : [...domain].reverse();
  for (const { from, to } of ordered.map(rounded)) {
    if (!Number.isFinite(prefer === 'early' ? from : to)) return;
    for (let step = 0; tried < mostTried; step += 1) {
      const at = prefer === 'early' ? from + step * stepMin : to - step * stepMin;
      if (at > to || at < from) break;
      tried += 1;
      yield at;
    }
    const other = prefer === 'early' ? to : from;
    if (Number.isFinite(other) && (to - from) % stepMin !== 0) yield other;
  }
}

/** Those that are safe and peak by day first; each only once. */
function ranked(
  task: TaskSpec,
  domain: Spans,
  tiedAt: number,
  calendar: Calendar,
): readonly number[] {
  const { prefer = 'early', safe } = task.tie ?? {};
  const all = [...momentsIn(domain, prefer)];
  if (safe !== undefined) {
    const held = inside(domain, spanOfTie(safe, tiedAt));
    all.push(...momentsIn(held, prefer));
  }
  const worse = (at: number): number =>
    (isSafe(task, at, tiedAt) ? 0 : 2) + (peaksAwake(task, at, calendar) ? 0 : 1);
  const once = [...new Set(all)];
  const way = prefer === 'early' ? 1 : -1;
  return once.sort((a, b) => worse(a) - worse(b) || way * (a - b));
}

/** The moments at which the first pour may begin, the preferred first. */
function rootMoments(
  root: TaskSpec,
  domain: Spans,
  { due }: Dates,
  calendar: Calendar,
): readonly number[] {
  const isBackwards = due !== undefined;
  const [first, last] = [domain[0]?.from, domain.at(-1)?.to];
  const near = isBackwards
    ? inside(domain, { from: (last ?? 0) - putOffMin, to: Infinity })
    : inside(domain, { from: -Infinity, to: (first ?? 0) + putOffMin });
  const prefer = isBackwards ? 'late' : 'early';
  const all = [...new Set([...momentsIn(near, prefer), ...momentsIn(domain, prefer)])];
  const worse = (at: number): number => (peaksAwake(root, at, calendar) ? 0 : 1);
  const isNear = (at: number): boolean => spanAt(near, at) !== undefined;
  const way = isBackwards ? -1 : 1;
  return all.sort(
    (a, b) => Number(isNear(b)) - Number(isNear(a)) || worse(a) - worse(b) || way * (a - b),
  );
}

/** Less of a window than this leaves no time for anything to go wrong, min. */
const narrowMin = 60;

/** Whether hours and what follows leave hardly any of a window that is wider in itself. */
function isNarrow({ tie }: TaskSpec, tiedAt: number, domain: Spans): boolean {
  if (tie === undefined || !(tie.toMin - tie.fromMin > narrowMin)) return false;
  const left = inside(domain, spanOfTie(tie, tiedAt));
  return left.reduce((sum, { from, to }) => sum + to - from, 0) < narrowMin;
}

/** How much is against a placement: nights that peaks fall into, and windows that are narrow or only safe by some readings. */
function against(
  job: JobTasks,
  starts: Starts,
  calendar: Calendar,
  feasible: ReadonlyMap<string, Spans>,
): number {
  return job.tasks.filter(decides).reduce((sum, task) => {
    const at = starts.get(task.id)!;
    const tiedAt = task.tie === undefined ? at : starts.get(task.tie.to)!;
    const unsafe = !isSafe(task, at, tiedAt) || isNarrow(task, tiedAt, feasible.get(task.id)!);
    return sum + (unsafe ? 2 : 0) + (peaksAwake(task, at, calendar) ? 0 : 1);
  }, 0);
}

/** So many ways are tried for each start. */
const mostPerStart = 20;

/**
 * Ways to place a job's tasks, start by start, the preferred ones first; ways of a start are worked out as they are asked for.
 * @param feasible as `feasibleStarts` has them
 */
function* placements(
  job: JobTasks,
  dates: Dates,
  { calendar, loose }: Room,
  feasible: ReadonlyMap<string, Spans>,
): Generator<Iterable<Starts>> {
  const tasks = job.tasks.filter(decides);
  const [root] = tasks;
  if (root === undefined || tasks.some(({ id }) => feasible.get(id)!.length === 0)) return;
  const starts = new Map<string, number>();
  const busy: Span[] = [];

  function* put(task: TaskSpec, index: number, at: number): Generator<Starts> {
    const { id, minutes, hands } = task;
    const takesHands = hands === 'on' && !dates.done.has(id);
    if (takesHands && busy.some(({ from, to }) => at < to && from < at + minutes)) return;
    starts.set(id, at);
    if (takesHands) busy.push({ from: at, to: at + minutes });
    yield* after(index + 1);
    if (takesHands) busy.pop();
  }

  function* after(index: number): Generator<Starts> {
    const task = tasks[index];
    if (task === undefined) {
      yield new Map(starts);
      return;
    }
    const tiedAt = starts.get(task.tie!.to)!;
    const own = feasible.get(task.id)!;
    const domain = loose.has(task.id) ? own : inside(own, spanOfTie(task.tie!, tiedAt));
    for (const at of ranked(task, domain, tiedAt, calendar)) yield* put(task, index, at);
  }

  for (const at of rootMoments(root, feasible.get(root.id)!, dates, calendar)) {
    busy.length = 0;
    yield put(root, 0, at);
  }
}

/**
 * The first way of each start that nothing is in the way of; of those, the one that the least is against.
 * @param isFree whether nothing else is in its way
 * @param budget so many ways are looked at
 */
export function bestPlacement(
  job: JobTasks,
  dates: Dates,
  room: Room,
  feasible: ReadonlyMap<string, Spans>,
  isFree: (starts: Starts) => boolean,
  budget: number,
): Starts | undefined {
  const root = job.tasks[0]?.id ?? '';
  let best: { readonly starts: Starts; readonly at: number; readonly worse: number } | undefined;
  let left = budget;
  for (const ways of placements(job, dates, room, feasible)) {
    let leftHere = mostPerStart;
    for (const starts of ways) {
      left -= 1;
      leftHere -= 1;
      if (isFree(starts)) {
        const at = starts.get(root)!;
        // Nothing is put off for long for the sake of a peak by day.
        if (best !== undefined && Math.abs(at - best.at) > putOffMin) return best.starts;
        const worse = against(job, starts, room.calendar, feasible);
        if (best === undefined || worse < best.worse) best = { starts, at, worse };
        // Of each start its first way counts: it is the best of them.
        break;
      }
      if (leftHere <= 0) break;
    }
    if (best?.worse === 0 || left <= 0) break;
  }
  return best?.starts;
}
