import type { Calendar } from './calendar';
import { decides, endOf, type Starts } from './startDomains';
import { peaksAwake } from './placements';
import { both, firstFrom, inside, spanAt, startsIn, type Span, type Spans } from './spans';
import type { DatedJob, PlacedTask, TaskSpec } from './tasks';

/** Moments that a look in goes to: when somebody is awake, within an hour; as it falls otherwise. */
const mostPutOffMin = 60;

function lookAt(at: number, { awake }: Calendar): number {
  const next = firstFrom(awake, at);
  return next !== undefined && next - at <= mostPutOffMin ? next : at;
}

/** A job whose tasks have their times. */
export interface Placing {
  readonly job: DatedJob;
  readonly starts: Starts;
  readonly feasible: ReadonlyMap<string, Spans>;
  readonly calendar: Calendar;
  /** Tasks that stand at a time that does not do. */
  readonly forced: ReadonlySet<string>;
}

/** A window with this much of it in hours is wide enough, whatever a night cuts off it, min. */
const wideMin = 6 * 60;

/** Whether hours leave little of a window. */
function isCut(usable: Spans, whole: Span): boolean {
  const left = usable.reduce((sum, { from, to }) => sum + to - from, 0);
  return left < whole.to - whole.from && left < wideMin;
}

/** The window of a task in the person's hours, and whether all of it is. */
function windowOf(
  task: TaskSpec,
  { job: { dates }, starts, calendar, feasible }: Placing,
): { readonly window: PlacedTask['window']; readonly tight: boolean } {
  const { tie, hands, minutes, id } = task;
  const isOpen = tie === undefined || !Number.isFinite(tie.toMin) || !Number.isFinite(tie.fromMin);
  // What happens by itself has no window.
  if (isOpen || hands === 'none') {
    return { window: undefined, tight: false };
  }
  const tiedAt = starts.get(tie.to)!;
  const whole = { from: tiedAt + tie.fromMin, to: tiedAt + tie.toMin };
  if (hands !== 'on') return { window: whole, tight: false };
  const near = inside(calendar.work, { from: whole.from, to: whole.to + minutes });
  const usable = startsIn(near, minutes);
  const at = starts.get(id)!;
  const isFixed = dates.done.has(id) || dates.pins.has(id);
  const inReach = isFixed ? usable : both(usable, feasible.get(id) ?? []);
  const [first, last] = [inReach[0]?.from, inReach.at(-1)?.to];
  const safe =
    tie.safe === undefined || (at >= tiedAt + tie.safe.fromMin && at <= tiedAt + tie.safe.toMin);
  return {
    window: first === undefined || last === undefined ? whole : { from: first, to: last },
    tight: !dates.done.has(id) && (isCut(usable, whole) || !safe),
  };
}

/** When a piece is ready: cured, and out of everything that is done with hands. */
function readyAt(
  at: number,
  tasks: readonly TaskSpec[],
  { starts, job: { dates } }: Placing,
): number {
  const ends = tasks.flatMap((task) =>
    task.hands === 'on' && starts.has(task.id) ? [endOf(task, starts, dates)] : [],
  );
  return Math.max(at, ...ends);
}

/** The tasks of a job as they are told: with their windows, and what is asleep or tight. */
export function placedTasks(placing: Placing): readonly PlacedTask[] {
  const { job, starts, calendar, forced } = placing;
  const { tasks, dates } = job;
  return tasks.tasks.map((task): PlacedTask => {
    const { id, kind, pour, layer, hands, minutes, tie, lines } = task;
    const real = dates.done.get(id);
    const pin = dates.pins.get(id);
    const tiedAt = tie === undefined ? 0 : (starts.get(tie.to) ?? 0);
    const at =
      real?.from ?? starts.get(id) ?? pin ?? lookAt(tiedAt + (tie?.fromMin ?? 0), calendar);
    const from = kind === 'ready' ? readyAt(at, tasks.tasks, placing) : at;
    const { window, tight } = decides(task)
      ? windowOf(task, placing)
      : { window: { from: tiedAt + tie!.fromMin, to: tiedAt + tie!.toMin }, tight: false };
    const isNight = spanAt(calendar.awake, from) === undefined;
    return {
      id,
      job: tasks.job,
      kind,
      pour,
      layer,
      hands,
      from,
      to: real?.to ?? from + minutes,
      window,
      tight: real === undefined && (tight || forced.has(id)),
      pinned: pin !== undefined,
      done: real !== undefined,
      asleep:
        real === undefined &&
        (hands === 'look' ? isNight : kind === 'pour' && !peaksAwake(task, from, calendar)),
      lines,
    };
  });
}
