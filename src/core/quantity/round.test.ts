import * as fc from 'fast-check';
import { formatNumber, formatPlain } from './format';
import { decimalsOfStep, roundToStep, roundUpToStep, roundUpWhole } from './round';
import { withUnit } from './withUnit';

test.each([
  [2400 / 800, 3],
  [2400.0000000001 / 800, 3],
  [2401 / 800, 4],
  [0.1 * 3 * 10, 3],
])('%d needs %d whole ones', (value, whole) => {
  expect(roundUpWhole(value)).toBe(whole);
});

test.each([
  [1, 0],
  [5, 0],
  [0.1, 1],
  [0.5, 1],
  [0.25, 2],
  [0.01, 2],
  [10, 0],
])('a step of %d shows %d decimals', (step, decimals) => {
  expect(decimalsOfStep(step)).toBe(decimals);
});

test('up to a step is never below the value and less than a step above it', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.01, max: 1e5, noNaN: true }),
      fc.constantFrom(0.01, 0.1, 0.2, 0.5, 1, 2, 5),
      (value, step) => {
        const up = roundUpToStep(value, step);
        expect(up).toBeGreaterThanOrEqual(value * (1 - 1e-8));
        expect(up - value).toBeLessThan(step);
        expect(Math.abs(roundToStep(value, step) - value)).toBeLessThanOrEqual(step / 2 + 1e-9);
        expect(String(up).length).toBeLessThan(12);
      },
    ),
  );
});

test.each([
  [1.005, 2, '1.01'],
  [2095.5000000000005, 1, '2095.5'],
  [-0.04, 1, '0.0'],
  [-3.25, 1, '\u22123.3'],
  [1e-9, 1, '0.0'],
  [591.97875, 1, '592.0'],
])('%d with %d decimals reads %s', (value, decimals, text) => {
  expect(formatNumber(value, decimals)).toBe(text);
});

test.each([
  [31.75, 2, '31.75'],
  [40, 2, '40'],
  [100, 0, '100'],
  [0.5, 1, '0.5'],
])('%d plainly reads %s', (value, most, text) => {
  expect(formatPlain(value, most)).toBe(text);
});

test.each([
  ['500 ml', 'kg', '500 kg'],
  ['500', 'g', '500 g'],
  ['2-1/2 US fl oz', 'ml', '2-1/2 ml'],
  ['12 oz weight', 'g', '12 g'],
  ['1 m2', 'cm2', '1 cm2'],
  ['', 'g', ''],
])('%s in %s becomes %s', (typed, unit, expected) => {
  expect(withUnit(typed, unit)).toBe(expected);
});
