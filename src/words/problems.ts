import type { Problem, ProblemData } from '../core/problem';
import type { Kind } from '../core/quantity/kinds';
import { sayMl, sayMm } from './figures';
import { exampleOfKind, kindNames } from './names';

type Data = ProblemData;

const kindsOf = (data: Data): readonly Kind[] => (data['expected'] ?? []) as readonly Kind[];
const oneOf = (words: readonly string[]): string =>
  words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} or ${words.at(-1)}`;
const wanted = (data: Data): string =>
  oneOf(kindsOf(data).map((kind) => kindNames[kind])) || 'a figure';
const example = (data: Data): string =>
  typeof data['example'] === 'string'
    ? data['example']
    : oneOf(kindsOf(data).map((kind) => exampleOfKind[kind])) || '3';
const choices = (data: Data): readonly string[] => (data['choices'] ?? []) as readonly string[];
const shown = (value: unknown): string =>
  typeof value === 'string' || typeof value === 'number' ? `“${String(value)}”` : 'This';

/** One sentence or two for each code: what is wrong, then what would be right. */
const sentences: Readonly<Record<string, (data: Data, value: unknown) => string>> = {
  missing: (data) =>
    data['example'] === undefined
      ? 'This is missing.'
      : `This is missing. Write it like ${example(data)}.`,
  empty: (data) => `Nothing here yet. Write it like ${example(data)}.`,
  unreadable: (data, value) =>
    `${shown(value)} is not ${wanted(data)}. Write it like ${example(data)}.`,
  'not-a-number': (data, value) =>
    `${shown(value)} is not a number. Write it like ${example(data)}.`,
  'missing-unit': (data) => `The unit is missing. Write it like ${example(data)}.`,
  'unknown-unit': (data) =>
    `“${String(data['unit'])}” is not a unit Nipperkin knows. Write it like ${example(data)}.`,
  'ambiguous-unit': (data) =>
    `“${String(data['unit'])}” means more than one unit. Say which: ${oneOf(choices(data))}.`,
  'ambiguous-comma': (data, value) =>
    `${shown(value)} could be ${oneOf(choices(data))}. Write it without the comma or with a point.`,
  'wrong-kind': (data) => {
    const found = data['found'] as Kind | undefined;
    const is = found === undefined ? 'That is something else' : `That is ${kindNames[found]}`;
    return `${is}; this wants ${wanted(data)}. Write it like ${example(data)}.`;
  },
  'divided-by-zero': (data) => `Nothing divides by 0. Write it like ${example(data)}.`,
  'not-positive': (data) => `It must be more than 0. Write it like ${example(data)}.`,
  'not-whole': (data) => `It must be a whole number, like ${example(data)}.`,
  'too-small': (data) => `Too little: at least ${String(data['least'])}. Check the unit.`,
  'too-large': (data) => `Too much: ${String(data['greatest'])} at the most. Check the unit.`,
  'too-long': (data) => `Too long: ${String(data['longest'])} signs at the most.`,
  'no-name': () => 'Give it a name, so that you find it again.',
  'not-a-choice': (data) => `Not one of the choices: ${oneOf(choices(data))}.`,
  'wrong-type': () => 'This is of the wrong type; see docs/formats for what belongs here.',
  'unknown-key': (data) =>
    `Nipperkin does not know “${String(data['unknown'])}”. Check its spelling.`,
  'too-few': () => 'Add at least one.',
  'too-many': (data) => `Too many: ${String(data['limit'])} at the most.`,
  'container-too-small': (data) =>
    `This container would take ${String(data['count'])} batches; ${String(data['most'])} is the most. ` +
    `It holds ${sayMl(Number(data['limitMl']))} of ${sayMl(Number(data['needMl']))}. Choose a larger one.`,
  'no-height': () =>
    'A known amount has no height, so it cannot be poured in layers. Give its shape, or remove the layer heights.',
  'heights-not-rising': (data) =>
    `Heights must rise: more than ${sayMm(Number(data['below']))}, the one before.`,
  'height-above-top': (data) =>
    `That is at or above the rim. The depth is ${sayMm(Number(data['depthMm']))}.`,
  'not-json': () =>
    'This file is not JSON, so it is not a Nipperkin file. Choose one that Nipperkin exported.',
  'no-file': (_, value) => `No file to read at ${shown(value)}. Check the path.`,
  'no-argument': () => 'Name a job file, or - for standard input.',
};

/** What is wrong and what would be right, in plain words. */
export function sayProblem(problem: Pick<Problem, 'code' | 'data' | 'value'>): string {
  const say = sentences[problem.code];
  return say === undefined
    ? `Something is wrong here (${problem.code}).`
    : say(problem.data, problem.value);
}

/** Every code that has a sentence, for the test that no code is left without one. */
export const saidCodes: readonly string[] = Object.keys(sentences);
