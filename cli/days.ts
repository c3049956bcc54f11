import { writeFileSync } from 'node:fs';
import type { ResolvedJob } from '../src/core/job/resolveJob';
import { personOf } from '../src/core/person/person';
import { personSchema, type PersonTyped } from '../src/core/person/personSchema';
import type { Plan } from '../src/core/plan/planTypes';
import { InputError } from '../src/core/problem';
import { checkedOrThrow } from '../src/core/schema/check';
import { momentOf, momentText } from '../src/core/timetable/calendar';
import { jobDaysOf } from '../src/core/timetable/jobDays';
import { planDays } from '../src/core/timetable/planDays';
import type { Freeing } from '../src/core/timetable/wouldFree';
import { calendarText } from '../src/words/calendarFile';
import { namedBy, sayTask, sayTaskDetail } from '../src/words/days';
import { bodyName } from '../src/words/holdDown';

/** Options of the command that are about days. */
export const daysOptions = {
  start: { type: 'string' },
  due: { type: 'string' },
  zone: { type: 'string' },
  hours: { type: 'string' },
  sleep: { type: 'string' },
  away: { type: 'string', multiple: true },
  weigh: { type: 'string' },
  ics: { type: 'string' },
} as const;

/** When a job begins or is due, and whose hours count. */
export interface DaysArguments {
  readonly start: string | undefined;
  readonly due: string | undefined;
  readonly zone: string;
  readonly person: PersonTyped;
  /** Where the calendar is written to. */
  readonly ics: string | undefined;
}

type Values = { readonly [K in keyof typeof daysOptions]?: string | string[] | undefined };

const text = (value: string | string[] | undefined): string | undefined =>
  typeof value === 'string' ? value : undefined;

/**
 * What was said of days on the command line; undefined where neither a start nor a due date was.
 * @throws InputError `start-and-due`, those of `personSchema`
 */
export function daysArguments(values: Values): DaysArguments | undefined {
  const { start, due } = { start: text(values.start), due: text(values.due) };
  if (start === undefined && due === undefined) return undefined;
  if (start !== undefined && due !== undefined) throw new InputError('start-and-due', due);
  const hours = text(values.hours);
  const away = [values.away ?? []].flat().map((days) => {
    const [from, to = from] = days.split('..');
    return { from, to };
  });
  const person = checkedOrThrow(personSchema, {
    hours: hours === undefined ? undefined : Array.from({ length: 7 }, () => hours),
    sleep: text(values.sleep),
    away: away.length === 0 ? undefined : away,
    weigh: text(values.weigh),
  });
  const zone = text(values.zone) ?? Intl.DateTimeFormat().resolvedOptions().timeZone;
  return { start, due, zone, person, ics: text(values.ics) };
}

/** A file has no identity of its own: its name is what its days are known by. */
const idOf = ({ name }: Plan): string => encodeURIComponent(name.trim().toLowerCase());

const counted = (index: number | undefined): number | undefined =>
  index === undefined ? undefined : index + 1;

function printedFreeing({ code, data }: Freeing, zone: string): object {
  const at = (moment: unknown): unknown =>
    typeof moment === 'number' ? momentText(moment, zone) : moment;
  const told = Object.entries(data).map(([key, value]) => [
    key,
    key === 'at' || key === 'doneAt' || key === 'from' ? at(value) : value,
  ]);
  return { code, ...Object.fromEntries(told) };
}

/**
 * The days of a job, what must be held down in it, how its form bears the resin, and what it weighs; writes its calendar where
 * that is asked for.
 * @throws InputError `no-such-zone`, `not-a-moment`, those of `jobDaysOf`
 */
export function printedDays(resolved: ResolvedJob, plan: Plan, asked: DaysArguments): object {
  const { zone, ics } = asked;
  const moment = (field: string, typed: string | undefined): number | undefined =>
    typed === undefined ? undefined : momentOf(typed, zone, field);
  const dates = {
    start: moment('start', asked.start),
    // A day alone is all of it.
    due: moment('due', asked.due?.replace(/^\d{4}-\d{2}-\d{2}$/, '$&T23:59')),
    pins: new Map<string, number>(),
    done: new Map<string, never>(),
  };
  const person = personOf(asked.person);
  const days = jobDaysOf(idOf(plan), resolved, plan, person);
  const { tasks, broken } = planDays({ jobs: [{ days, dates }], person, zone, now: undefined });
  if (ics !== undefined) {
    const named = namedBy(plan, days.prepare);
    const clock = { now: dates.start ?? dates.due ?? 0, zone };
    const written = tasks.map((task) => ({
      task,
      title: `${plan.name}: ${sayTask(task, named)}`,
      detail: sayTaskDetail(task, clock),
    }));
    writeFileSync(ics, calendarText(written));
  }
  const at = (value: number): string => momentText(value, zone);
  const { bodies, walls, weightKg, pieceKg, twoPeople } = days.holdDown;
  return {
    timetable: {
      tasks: tasks.map((task) => ({
        id: task.id,
        pour: counted(task.pour),
        layer: counted(task.layer),
        kind: task.kind,
        from: at(task.from),
        to: at(task.to),
        handsOn: task.hands === 'on',
        window:
          task.window !== undefined &&
          Number.isFinite(task.window.from) &&
          Number.isFinite(task.window.to)
            ? { from: at(task.window.from), to: at(task.window.to) }
            : null,
        tight: task.tight,
        asleep: task.asleep,
        ...(task.lines.length === 0 ? {} : { lines: task.lines }),
      })),
      broken: broken.map(({ task, code, data, wouldFree }) => ({
        task,
        code,
        ...Object.fromEntries(
          Object.entries(data).map(([key, value]) => [
            key,
            ['opens', 'closes', 'due'].includes(key) && Number.isFinite(value)
              ? at(value as number)
              : value,
          ]),
        ),
        wouldFree: wouldFree.map((each) => printedFreeing(each, zone)),
      })),
    },
    holdDown: bodies.map((body) => ({ ...body, name: bodyName({ ...body, count: 1 }) })),
    walls,
    weightKg,
    pieceKg,
    twoPeople,
  };
}
