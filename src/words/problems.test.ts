import type { ProblemCode, ProblemCodes } from '../core/codes/problems/problemCodes';
import { sayProblem } from './problems';

const length = { expected: ['length'], example: '300 mm' } as const;

test.each<[ProblemCode, ProblemCodes[ProblemCode], unknown, string]>([
  ['missing', {}, undefined, 'This is missing.'],
  ['missing', { example: '21 °C' }, undefined, 'This is missing. Write it like 21 °C.'],
  ['empty', length, '', 'Nothing here yet. Write it like 300 mm.'],
  ['unreadable', length, 'deep', '“deep” is not a length. Write it like 300 mm.'],
  [
    'unreadable',
    { expected: ['volume', 'mass'] },
    'lots',
    '“lots” is not a volume or a mass. Write it like 500 ml or 1.2 l or 500 g or 2 lb.',
  ],
  ['not-a-number', { example: '3' }, 'two', '“two” is not a number. Write it like 3.'],
  ['missing-unit', length, '300', 'The unit is missing. Write it like 300 mm.'],
  [
    'unknown-unit',
    { ...length, unit: 'furlongs' },
    '3 furlongs',
    '“furlongs” is not a unit Nipperkin knows. Write it like 300 mm.',
  ],
  [
    'ambiguous-unit',
    { unit: 'oz', choices: ['US fl oz', 'imp fl oz', 'oz weight'] },
    '3 oz',
    '“oz” means more than one unit. Say which: US fl oz, imp fl oz or oz weight.',
  ],
  [
    'ambiguous-comma',
    { choices: ['1200', '1.200'] },
    '1,200',
    '“1,200” could be 1200 or 1.200. Write it without the comma or with a point.',
  ],
  [
    'wrong-kind',
    { ...length, found: 'area' },
    '3 m2',
    'That is an area; this wants a length. Write it like 300 mm.',
  ],
  [
    'wrong-kind',
    length,
    '3 m2 * 4 m2',
    'That is something else; this wants a length. Write it like 300 mm.',
  ],
  ['divided-by-zero', length, '3/0 mm', 'Nothing divides by 0. Write it like 300 mm.'],
  ['not-positive', length, '0 mm', 'It must be more than 0. Write it like 300 mm.'],
  ['not-whole', { example: '3' }, 1.5, 'It must be a whole number, like 3.'],
  [
    'too-small',
    { least: '0.5 g/ml' },
    '0.1 g/ml',
    'Too little: at least 0.5 g/ml. Check the unit.',
  ],
  ['too-large', { greatest: '10 m' }, '11 m', 'Too much: 10 m at the most. Check the unit.'],
  ['too-long', { longest: 60 }, 'x', 'Too long: 60 characters at most.'],
  ['no-name', {}, '', 'Give it a name, so that you find it again.'],
  ['not-a-choice', { choices: ['box', 'coat'] }, 'blob', 'Not one of the choices: box or coat.'],
  [
    'unknown-key',
    { unknown: 'overrage' },
    {},
    'Nipperkin does not know “overrage”. Check its spelling.',
  ],
  ['too-few', { limit: 1 }, [], 'Add at least one.'],
  ['too-many', { limit: 200 }, [], 'Too many: 200 at the most.'],
  [
    'heights-not-rising',
    { below: 40 },
    40,
    'Each height must be greater than the one before (40\u00a0mm).',
  ],
  [
    'height-above-top',
    { depthMm: 80 },
    80,
    'That is at or above the rim. The depth is 80\u00a0mm.',
  ],
  ['no-file', {}, 'a.json', 'No file to read at “a.json”. Check the path.'],
])('%s', (code, data, value, sentence) => {
  expect(sayProblem({ code, data, value })).toBe(sentence);
});

test('the container that is too small says what it holds and what is needed', () => {
  const data = { limitMl: 1.6, needMl: 2095.5, count: 1310, most: 500 };
  expect(
    sayProblem({ code: 'container-too-small', data, value: 1.6 }).replaceAll('\u00a0', ' '),
  ).toBe(
    'This container would take 1310 batches; 500 is the most. It holds 1.6 ml of 2096 ml. Choose a larger one.',
  );
});
