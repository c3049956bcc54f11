import type { LearnProblems } from '../../core/codes/problems/learnProblems';
import { familyOf } from '../../core/resin/families';
import type { ProblemSentences } from './sentence';

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
};
