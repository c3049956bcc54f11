import { sayCoded, type Sentences } from '../core/codes/coded';
import type { Plan } from '../core/plan/planTypes';
import type { PrepareLine } from '../core/prepare/prepareOf';
import { idOfLine } from '../core/prepare/prepareOf';
import type { ToldBreak } from '../core/timetable/planDays';
import type { BreakCodes, PlacedTask } from '../core/timetable/tasks';
import type { FreeCodes, Freeing } from '../core/timetable/wouldFree';
import { capital, sayC } from './figures';
import { sayBetween, sayMoment } from './moments';
import { sayPour } from './pours';
import { sayLine } from './prepare';
import { sayRoughly } from './rough';

/** What of a job its tasks are named by. */
export interface NamedBy {
  readonly pours: readonly Pick<Plan['pours'][number], 'name' | 'role'>[];
  /** How many layers each has. */
  readonly layers: readonly number[];
  readonly prepare: readonly PrepareLine[];
}

/** What the tasks of a plan are named by. */
export const namedBy = ({ pours }: Plan, prepare: readonly PrepareLine[]): NamedBy => ({
  pours: pours.map(({ name, role }) => ({ name, role })),
  layers: pours.map(({ layers }) => layers.length),
  prepare,
});

/** A layer by its pour: "layer 2", "the fill, layer 2", "the flood coat". */
function sayLayerOf(
  { pour = 0, layer = 0 }: Pick<PlacedTask, 'pour' | 'layer'>,
  { pours, layers }: NamedBy,
): string {
  const planned = pours[pour];
  if (planned === undefined) return 'it';
  const several = (layers[pour] ?? 1) > 1;
  if (pours.length === 1) return several ? `layer ${layer + 1}` : 'it';
  const name = sayPour(planned).toLowerCase();
  return several ? `${name}, layer ${layer + 1}` : name;
}

/** What is prepared in one go: its first line, and how many more. */
function sayPrepared({ lines }: Pick<PlacedTask, 'lines'>, { prepare }: NamedBy): string {
  const first = prepare.find((line) => idOfLine(line) === lines[0]);
  if (first === undefined) return 'Prepare';
  const more = lines.length - 1;
  return more === 0 ? sayLine(first) : `${sayLine(first)}, and ${more} more`;
}

/** A task as something to do, or as what happens. */
export function sayTask(task: PlacedTask, named: NamedBy): string {
  const layer = sayLayerOf(task, named);
  switch (task.kind) {
    case 'prepare':
      return sayPrepared(task, named);
    case 'pour':
      return `Pour ${layer}`;
    case 'turn-mould':
      return 'Turn the half over, clay off, release';
    case 'scuff':
      return `Scuff and wipe for ${layer}`;
    case 'bubbles':
      return layer === 'it' ? 'Look for bubbles' : `Bubbles: ${layer}`;
    case 'add-inclusion':
      return layer === 'it'
        ? `Put in ${task.lines[0] ?? ''}`
        : `Put ${task.lines[0] ?? ''} into ${layer}`;
    case 'peak':
      return layer === 'it' ? 'Hottest' : `Hottest: ${layer}`;
    case 'fan-off':
      return 'Fan off';
    case 'drips':
      return 'Wipe drips under the edge';
    case 'demould':
      return 'Out of the form';
    case 'plane':
      return 'Plane it flat';
    case 'ready':
      return 'Ready';
  }
}

/** In which words a moment is told. */
export interface Clock {
  readonly now: number;
  readonly zone: string;
}

/** What is to be said of a task besides when it begins. */
export function sayTaskDetail(task: PlacedTask, { now, zone }: Clock): string | undefined {
  const { window, kind, from, to, hands, asleep, tight, done } = task;
  if (hands === 'none') return undefined;
  if (done) return `done ${sayMoment(from, now, zone)}`;
  if (hands === 'look') {
    if (!asleep) return undefined;
    return kind === 'fan-off'
      ? 'you will be asleep: a timer plug, or leave it on where the face is planed'
      : 'you will be asleep';
  }
  const takes = to > from ? sayRoughly(to - from) : undefined;
  const within =
    window === undefined
      ? undefined
      : window.from === window.to
        ? `${tight ? 'tight: ' : ''}exactly ${sayMoment(window.from, now, zone)}`
        : `${tight ? 'tight: ' : ''}between ${sayBetween(window.from, window.to, now, zone)}`;
  const peak = asleep ? 'it is hottest while you sleep' : undefined;
  const told = [takes, within, peak].filter((each) => each !== undefined);
  return told.length === 0 ? undefined : told.join(' · ');
}

const breaks = ({ now, zone }: Clock): Sentences<BreakCodes> => ({
  'outside-hours': ({ opens, closes }) =>
    Number.isFinite(closes) && closes > opens
      ? `It can be done ${sayBetween(opens, closes, now, zone)}: none of that is in your hours.`
      : `It would be due ${sayMoment(opens, now, zone)}: that is not in your hours.`,
  'longer-than-hours': ({ minutes, mostMin }) =>
    `It takes ${sayRoughly(minutes)}, and your longest hours are ${sayRoughly(mostMin)}.`,
  'no-hours': () => 'No hours are set in which you work.',
  'hands-taken': () => 'Another job has your hands in all of its window.',
  'too-late': ({ opens }) =>
    Number.isFinite(opens)
      ? `It should have been done ${sayMoment(opens, now, zone)}.`
      : 'It should have been done before now.',
  'in-use': ({ what }) =>
    what === 'clamps' ? 'Other jobs have the clamps.' : `${what} is in another job.`,
  'due-too-soon': ({ due }) => `It cannot be done by ${sayMoment(due, now, zone)}.`,
  'against-fixed': ({ opens, closes }) =>
    Number.isFinite(opens) && Number.isFinite(closes)
      ? `It is pinned outside its window, ${sayBetween(opens, closes, now, zone)}.`
      : 'It is pinned where it does not follow from what comes before.',
});

/** Which task breaks and why. */
export const sayBreak = (broken: ToldBreak, clock: Clock): string =>
  sayCoded(breaks(clock), broken);

const freeing = ({ now, zone }: Clock): Sentences<FreeCodes> => {
  const done = (at: number | undefined): string =>
    at === undefined ? '' : `, ready ${sayMoment(at, now, zone)}`;
  return {
    'start-at': ({ at, earlier }) =>
      `Begin ${sayMoment(at, now, zone)}${earlier ? ' at the latest' : ' instead'}`,
    scuff: ({ doneAt }) => `Let it cure, scuff, wipe and pour${done(doneAt)}`,
    hardener: ({ name, doneAt }) => `Use the hardener ${name}${done(doneAt)}`,
    'fewer-layers': ({ layers, doneAt }) =>
      `Pour it in ${layers === 1 ? 'one layer' : `${layers} layers`}${done(doneAt)}`,
    'warmer-room': ({ roomC, doneAt }) => `Keep the room at ${sayC(roomC)}${done(doneAt)}`,
    helper: ({ from }) => `Ask somebody to be there ${sayMoment(from, now, zone)}`,
  };
};

/** What would free it. */
export const sayFreeing = (each: Freeing, clock: Clock): string =>
  capital(sayCoded(freeing(clock), each));
