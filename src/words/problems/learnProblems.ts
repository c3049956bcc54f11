import type { LearnProblems } from '../../core/codes/problems/learnProblems';
import type { TimeForm } from '../../core/learn/timeForms';
import { familyOf } from '../../core/resin/families';
import type { ProblemSentences } from './sentence';

/** How times of a table are written. */
export const timeFormNames: Readonly<Record<TimeForm, string>> = {
  clock: 'clock times, 14:05',
  moment: 'days and times, 2026-05-04 14:05',
  minutes: 'minutes after the pour',
  hours: 'hours after the pour',
  seconds: 'seconds after the pour',
};

const hours = (h: number): string => `${Number(h.toFixed(2))} h`;
const degrees = (value: number): string => `${Math.round(value)} °C`;

/** What readings of a pour can have wrong. */
export const learnProblems: ProblemSentences<LearnProblems> = {
  'no-model': (data) =>
    `No model follows the heat of ${familyOf(data.family).name.toLowerCase()}: there is nothing that readings could move.`,
  'before-pour': (data) =>
    `A reading at ${hours(data.h)} lies before the pour. Times count from the moment at which the first layer was poured.`,
  'readings-out-of-order': (data) =>
    `A reading at ${hours(data.h)} follows one at ${hours(data.before)}. Put them in the order of their times.`,
  'perhaps-fahrenheit': (data) =>
    `The first reading says ${degrees(data.first)}, but it was poured at ${degrees(data.pouredC)}. Read as °F it is ${degrees(data.asC)}: say which unit they are in, "C" or "F".`,
  'no-readings-in-table': ({ columns }) =>
    columns.length === 0
      ? 'The table is empty: it wants a line with names, and a row for each reading.'
      : `No column of times and one of temperatures was found among: ${columns.join(', ')}.`,
  'not-a-time': ({ row, times }) =>
    `Row ${row} has no time that can be read as ${timeFormNames[times]}.`,
  'no-records-in-table': ({ columns }) =>
    columns.length === 0
      ? 'The table is empty: it wants a line with names, and a row for each batch.'
      : `No column of names and one of days was found among: ${columns.join(', ')}.`,
  'row-without-piece': ({ row }) => `Row ${row} does not say which piece it is of.`,
  'row-without-day': ({ row }, value) =>
    `Row ${row} has no day that can be read${String(value) === '' ? '' : `: ${String(value)}`}. Write it as 2026-05-04 or 4/5/2026.`,
  'not-a-figure': ({ row, column, decimal }, value) =>
    `Row ${row}, ${column}: ${String(value)} is no figure that fits there with a decimal ${decimal === '.' ? 'point' : 'comma'}.`,
  'cell-too-long': ({ row, column, longest }, value) =>
    `Row ${row}, ${column}: ${String(value)} characters are more than the ${longest} that a record keeps there.`,
  'layer-too-early': ({ layer }) =>
    `Layer ${layer} was begun before the one under it. Look at the two times again.`,
  'done-before-pour': () =>
    'That lies before its last layer was poured. Look at the day and the time.',
  'too-many-readings': ({ count, most }) =>
    `${count} readings are more than a record keeps, ${most}. One a minute is enough.`,
  'not-a-temperature': ({ row, decimal }) =>
    `Row ${row} has no temperature with a decimal ${decimal === '.' ? 'point' : 'comma'}.`,
};
