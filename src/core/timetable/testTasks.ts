import { personOf } from '../person/person';
import type { PersonTyped } from '../person/personSchema';
import { calendarOf, momentOf, type Calendar } from './calendar';
import type { Dates, JobTasks, TaskSpec, Tie } from './tasks';

/** A task as tests want it: a pour of half an hour unless they say otherwise. */
export const task = (id: string, tie?: Tie, change: Partial<TaskSpec> = {}): TaskSpec => ({
  id,
  kind: 'pour',
  pour: 0,
  layer: undefined,
  minutes: 30,
  hands: 'on',
  tie,
  lines: [],
  peakMin: undefined,
  ...change,
});

export const tie = (to: string, fromMin: number, toMin: number, more: Partial<Tie> = {}): Tie => ({
  to,
  fromMin,
  toMin,
  safe: undefined,
  prefer: 'early',
  ...more,
});

export const jobOf = (job: string, ...tasks: readonly TaskSpec[]): JobTasks => ({
  job,
  name: job,
  tasks,
  uses: [],
});

export const noDates: Dates = {
  start: undefined,
  due: undefined,
  pins: new Map(),
  done: new Map(),
};

export const zone = 'Europe/London';

export const at = (text: string): number => momentOf(text, zone);

const made = new Map<string, Calendar>();

/** Every day of May 2026 with the same hours; properties ask for the same ones again and again. */
export function mayOf(hours: string, more: Partial<PersonTyped> = {}): Calendar {
  const key = JSON.stringify([hours, more]);
  const known = made.get(key) ?? newMay(hours, more);
  made.set(key, known);
  return known;
}

function newMay(hours: string, more: Partial<PersonTyped>): Calendar {
  const person = personOf({ hours: Array.from({ length: 7 }, () => hours), ...more });
  return calendarOf(person, zone, at('2026-05-01'), at('2026-06-30'));
}
