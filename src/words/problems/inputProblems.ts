import type { InputProblems, Wanted } from '../../core/codes/problems/inputProblems';
import { exampleOfKind, kindNames } from '../names';
import { oneOf, shown } from './phrases';
import type { ProblemSentences } from './sentence';

const wanted = ({ expected = [] }: Wanted): string =>
  oneOf(expected.map((kind) => kindNames[kind])) || 'a figure';
const example = (data: Wanted): string =>
  data.example ?? (oneOf((data.expected ?? []).map((kind) => exampleOfKind[kind])) || '3');

/** What a typed figure, text or key can have wrong, wherever it stands. */
export const inputProblems: ProblemSentences<InputProblems> = {
  missing: (data) =>
    data.example === undefined
      ? 'This is missing.'
      : `This is missing. Write it like ${example(data)}.`,
  empty: (data) => `Nothing here yet. Write it like ${example(data)}.`,
  unreadable: (data, value) =>
    `${shown(value)} is not ${wanted(data)}. Write it like ${example(data)}.`,
  'not-a-number': (data, value) =>
    `${shown(value)} is not a number. Write it like ${example(data)}.`,
  'missing-unit': (data) => `The unit is missing. Write it like ${example(data)}.`,
  'unknown-unit': (data) =>
    `“${data.unit}” is not a unit Nipperkin knows. Write it like ${example(data)}.`,
  'ambiguous-unit': (data) =>
    `“${data.unit}” means more than one unit. Say which: ${oneOf(data.choices)}.`,
  'ambiguous-comma': (data, value) =>
    `${shown(value)} could be ${oneOf(data.choices)}. Write it without the comma or with a point.`,
  'wrong-kind': (data) => {
    const is =
      data.found === undefined ? 'That is something else' : `That is ${kindNames[data.found]}`;
    return `${is}; this wants ${wanted(data)}. Write it like ${example(data)}.`;
  },
  'divided-by-zero': (data) => `Nothing divides by 0. Write it like ${example(data)}.`,
  'not-positive': (data) => `It must be more than 0. Write it like ${example(data)}.`,
  'not-whole': (data) => `It must be a whole number, like ${example(data)}.`,
  'too-small': (data) => `Too little: at least ${data.least}. Check the unit.`,
  'too-large': (data) => `Too much: ${data.greatest} at the most. Check the unit.`,
  'too-long': (data) => `Too long: ${data.longest} characters at most.`,
  'odd-sign': (data, value) =>
    `${shown(value)} holds a sign that cannot be seen and hides what it says: ${data.sign}, in place ${data.at}. Take it out, or type it anew.`,
  'no-name': () => 'Give it a name, so that you find it again.',
  'not-a-choice': (data) => `Not one of the choices: ${oneOf(data.choices)}.`,
  'wrong-type': () => 'This is of the wrong type; see docs/formats for what belongs here.',
  'unknown-key': (data) => `Nipperkin does not know “${data.unknown}”. Check its spelling.`,
  'too-few': () => 'Add at least one.',
  'too-many': (data) => `Too many: ${data.limit} at the most.`,
  'not-a-date': () => 'Write a day like 2026-11-23.',
  'not-a-clock': () => 'Write a time of day like 18:30.',
  'not-hours': () => 'Write hours like 8:00-20:00, or 8:00-12:00, 13:00-17:00.',
  'days-crossed': (data) => `It ends on ${data.to}, before it begins on ${data.from}.`,
  'not-finite': () => 'These must all be plain numbers.',
};
