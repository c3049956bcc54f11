import Ajv from 'ajv/dist/2019';
import mouldFormat from '../../../docs/formats/mould.schema.json';
import exampleFile from '../../../docs/formats/porthole-buttons.mould.json';
import { InputError } from '../../core/problem';
import { demoMoulds } from '../demo/demoMoulds';
import { mouldFileText, readMouldFile } from './mouldFile';

const fits = new Ajv({ strictTypes: false }).compile(mouldFormat);

const problemOf = (file: unknown): string | undefined => {
  try {
    readMouldFile(typeof file === 'string' ? file : JSON.stringify(file));
    return undefined;
  } catch (error) {
    if (error instanceof InputError) return `${error.code} at ${error.field}`;
    throw error;
  }
};

const [large] = exampleFile.cavities;

test('what is written is read again and fits the published schema; its id stays in the library', () => {
  for (const mould of demoMoulds) {
    const text = mouldFileText(mould);
    expect(fits(JSON.parse(text))).toBe(true);
    const { id, ...rest } = mould;
    expect(readMouldFile(text)).toEqual(rest);
    expect(text).not.toContain(id);
  }
  expect(fits(exampleFile)).toBe(true);
  expect(problemOf(exampleFile)).toBeUndefined();
});

test.each<[string, unknown, string]>([
  ['no name', { ...exampleFile, name: '' }, 'no-name at name'],
  ['an unknown key', { ...exampleFile, colour: 'red' }, 'unknown-key at '],
  ['another version', { ...exampleFile, version: 2 }, 'not-a-choice at version'],
  ['a job', { ...exampleFile, format: 'nipperkin-job' }, 'not-a-choice at format'],
  ['no cavity', { ...exampleFile, cavities: [] }, 'too-few at cavities'],
  ['an unknown material', { ...exampleFile, material: 'jelly' }, 'not-a-choice at material'],
  ['castings of less than none', { ...exampleFile, castings: -1 }, 'not-positive at castings'],
  [
    'a photo that is fetched from elsewhere',
    { ...exampleFile, photo: 'https://example.invalid/a.jpg' },
    'wrong-type at photo',
  ],
  [
    'a bare figure',
    { ...exampleFile, cavities: [{ ...large, volume: 6.2 }] },
    'missing-unit at cavities[0].volume',
  ],
])('%s is wrong for both', (_, file, problem) => {
  expect(fits(file)).toBe(false);
  expect(problemOf(file)).toBe(problem);
});

test.each<[string, unknown, string]>([
  ['no JSON', '{"format":', 'not-json at '],
  [
    'a kept form of another volume',
    { ...exampleFile, cavities: [{ ...large, heightsMm: [0, 9], areas: [400, 0, 0] }] },
    'curve-contradicts at mould.cavities[0].volume',
  ],
  [
    'a kept form that does not rise',
    { ...exampleFile, cavities: [{ ...large, heightsMm: [0, 0], areas: [400, 0, 0] }] },
    'curve-broken at mould.cavities[0].heightsMm',
  ],
])('%s is refused by the core', (_, file, problem) => {
  expect(problemOf(file)).toBe(problem);
});
