import { InputError } from '../problem';
import { sayProblem } from '../../words/problems';
import { readFitCase, runFitCase } from './fitCase';
import { looksFahrenheit } from './fahrenheit';
import curve from './fixtures/deepPourCurve.json';

const whole = curve.case;
const { card } = whole;
const fit = (value: object) => runFitCase(readFitCase({ ...whole, ...value }));

function refusalOf(value: object): InputError {
  try {
    fit(value);
  } catch (error) {
    if (error instanceof InputError) return error;
    throw error;
  }
  throw new Error('nothing was refused');
}

/** Each takes a second or two. */
const found = runFitCase(readFitCase(whole));

test('a curve of a pour that cured a fifth faster gives its rate back', () => {
  const { rate, film, refused } = found;
  expect(refused).toBeUndefined();
  expect(Math.abs(rate.value / curve.rate - 1)).toBeLessThan(0.05);
  expect(rate.low).toBeLessThan(curve.rate);
  expect(rate.high).toBeGreaterThan(curve.rate);
  expect(film.value).toBeCloseTo(1, 1);
});

test('the same curve in °F, once that is said', () => {
  const readings = whole.readings.map(({ h, coreC }) => ({ h, coreC: coreC * 1.8 + 32 }));
  const error = refusalOf({ readings });
  expect([error.code, error.field]).toEqual(['perhaps-fahrenheit', 'readings[0]']);
  expect(sayProblem(error)).toMatch(/Read as °F it is 2\d °C: say which unit/);
  expect(fit({ readings, unit: 'F' }).rate.value).toBeCloseTo(found.rate.value, 2);
});

test.each([
  ['before the pour', { readings: [{ h: -1, coreC: 23 }] }, 'before-pour', 'readings[0].h'],
  [
    'out of order',
    {
      readings: [
        { h: 2, coreC: 23 },
        { h: 1, coreC: 23 },
      ],
    },
    'readings-out-of-order',
    'readings[1].h',
  ],
  ['of no place', { readings: [{ h: 2 }] }, 'missing', 'readings[0].coreC'],
  ['no number', { readings: [{ h: 2, coreC: 'warm' }] }, 'not-a-number', 'readings[0].coreC'],
  ['of a family without heat', { card: { ...card, family: 'uv' } }, 'no-model', 'card.family'],
  ['with a slip in a key', { reading: [] }, 'unknown-key', ''],
  ['without a depth', { setting: { roomC: 23 } }, 'empty', 'setting.depthMm'],
])('what is %s is refused with what would be right', (_, value, code, field) => {
  const error = refusalOf(value);
  expect([error.code, error.field]).toEqual([code, field]);
  expect(sayProblem(error)).not.toContain('Something is wrong');
});

test('nothing measured is no error: it tells nothing', () => {
  expect(fit({ readings: [] }).refused?.code).toBe('nothing');
});

test.each([
  // A cool first reading is what it says; one of a room in °F is not.
  [[24, 30, 41], false],
  [[73, 86, 106], true],
  // Poured warm out of a bath.
  [[39, 38, 45], false],
  // Read first when it was hot already.
  [[60, 70, 62], false],
  [[300, 280], true],
])('%p may be °F: %p', (readings, expected) => {
  expect(looksFahrenheit(readings, 23, 170)).toBe(expected);
});
