import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { explained, licenceProblem, problemsOfLock } from '../scripts/licenceRules.mjs';

test('nothing that is built in, builds or runs the app is under terms that nobody has looked at', () => {
  const lock = JSON.parse(readFileSync(join(__dirname, '../package-lock.json'), 'utf8')) as never;
  expect(problemsOfLock(lock)).toEqual([]);
});

test.each([
  ['MIT', true],
  ['(BSD-3-Clause OR GPL-2.0)', true],
  ['MIT AND OFL-1.1', true],
  ['GPL-3.0-only', false],
  ['MIT AND GPL-2.0', false],
  ['LGPL-3.0', false],
  ['unknown', false],
  ['SEE LICENSE IN LICENSE.md', false],
])('%s may ship without a word: %s', (licence, may) => {
  expect(licenceProblem('some-package', licence) === undefined).toBe(may);
});

test('a word is said for each package, in a sentence', () => {
  for (const word of Object.values(explained)) expect(word).toMatch(/: .+\.$/);
});
