import * as fc from 'fast-check';
import { InputError } from '../problem';
import type { Kind } from './kinds';
import { parseQuantity, withUnitIfBare } from './parseQuantity';
import { inUnit, units } from './units';
import { runs } from '../../testing/campaign';

const mm = (typed: string): number => parseQuantity(typed, 'length').value;

function refusal(typed: string, ...kinds: Kind[]): InputError {
  try {
    parseQuantity(typed, ...kinds);
  } catch (error) {
    if (error instanceof InputError) return error;
    throw error;
  }
  throw new Error(`${typed} was not refused`);
}

describe('lengths as people type them', () => {
  test.each([
    ['300 mm', 300],
    ['300mm', 300],
    ['2-1/2 in', 63.5],
    ['2 1/2in', 63.5],
    ['2½"', 63.5],
    ['2-½ in', 63.5],
    ['1-1/4 in', 31.75],
    ['3/8 in', 9.525],
    ['41 3/8"', 1050.925],
    ['41 3/8”', 1050.925],
    [`4' 7"`, 1397],
    [`4'7`, 1397],
    [`4' 7-1/2"`, 1409.7],
    ['4 ft 7 in', 1397],
    ['6,5 cm', 65],
    ['0,125 m', 125],
    ['1,200.5 mm', 1200.5],
    ['1.200,5 mm', 1200.5],
    ['1 m 20 cm', 1200],
    ['3*120+45 mm', 405],
    ['3 × 120 mm + 45 mm', 405],
    ['2x45 cm', 900],
    ['(3 + 4) * 2 mm', 14],
    ['10-1/2 mm', 10.5],
    ['10 - 1/2 mm', 9.5],
    ['2-9/8 in', 0.875 * 25.4],
    ['100 mm / 4', 25],
    ['1.5/2 in', 19.05],
    ['6/3/8 mm', 0.25],
    ['100 mm / 4 / 5', 5],
    ['1/2-1/4 in', 6.35],
    ['120-30/4 mm', 112.5],
    [`6' 2 1/2"`, 74.5 * 25.4],
    ['125 µm', 0.125],
    ['30 mil', 0.762],
    ['-5 mm', -5],
    ['1e3 mm', 1000],
  ])('%s is %d mm', (typed, expected) => {
    expect(mm(typed)).toBeCloseTo(expected, 9);
  });
});

test.each([
  ['600 mm x 400 mm', 'area', 240_000],
  ['38 in * 14-1/2 in', 'area', 38 * 14.5 * 25.4 ** 2],
  ['0.24 m²', 'area', 240_000],
  ['1.2 l', 'volume', 1200],
  ['300 mm * 200 mm * 31.75 mm', 'volume', 1905],
  ['1 US fl oz', 'volume', 29.5735295625],
  ['1 imp fl oz', 'volume', 28.4130625],
  ['1 US gal', 'volume', 3785.411784],
  ['1 imperial gallon', 'volume', 4546.09],
  ['2 lb', 'mass', 907.18474],
  ['16 oz weight', 'mass', 453.59237],
  ['1.13 kg/l', 'density', 1.13],
  ['500 g / 400 ml', 'density', 1.25],
  ['10 %', 'fraction', 0.1],
  ['21 °C', 'temperature', 21],
  ['70F', 'temperature', 190 / 9],
  ['−5 °C', 'temperature', -5],
] as const)('%s is %s %d', (typed, kind, expected) => {
  expect(parseQuantity(typed, kind).value).toBeCloseTo(expected, 9);
});

describe('what is refused, and how', () => {
  test.each([
    ['', 'empty'],
    ['   ', 'empty'],
    ['abc', 'unreadable'],
    ['NaN', 'unreadable'],
    ['Infinity mm', 'unreadable'],
    ['1e999 mm', 'not-a-number'],
    ['300', 'missing-unit'],
    ['300 mm + 45', 'missing-unit'],
    ['1 m 20', 'missing-unit'],
    ['12 furlongs', 'unknown-unit'],
    ['1,200 mm', 'ambiguous-comma'],
    ['1.2.3 mm', 'not-a-number'],
    ['4/0 mm', 'divided-by-zero'],
    ['4 mm / 0', 'divided-by-zero'],
    ['3 mm2', 'wrong-kind'],
    ['600 x 400 mm * 1 mm', 'wrong-kind'],
    ['(3 mm', 'unreadable'],
    ['3 mm 5 mm', 'unreadable'],
    ['3 mm + 5 g', 'unreadable'],
    ['+', 'unreadable'],
    ['9'.repeat(201), 'too-long'],
  ])('%s: %s', (typed, code) => {
    expect(refusal(typed, 'length').code).toBe(code);
  });

  test('oz alone is refused with the three it could be', () => {
    const { code, data } = refusal('12 oz', 'volume', 'mass');
    expect(code).toBe('ambiguous-unit');
    expect(data).toMatchObject({ choices: ['US fl oz', 'imp fl oz', 'oz weight'] });
  });

  test.each([
    ['1 gal', ['US gal', 'imp gal']],
    ['3 fl oz', ['US fl oz', 'imp fl oz']],
    ['2 pints', ['US pt', 'imp pt']],
  ])('%s is asked for its country', (typed, choices) => {
    expect(refusal(typed, 'volume').data).toMatchObject({ choices });
  });

  test('an area in a length field is told what it is and what is wanted', () => {
    expect(refusal('3 m2', 'length').data).toMatchObject({ found: 'area', expected: ['length'] });
  });

  test.each(['21', 'warm', '21 mm', ''])('%s is not a temperature', (typed) => {
    expect(refusal(typed, 'temperature').code).toMatch(/missing-unit|unreadable|empty/);
  });
});

describe('properties', () => {
  const figure = fc.double({ min: 0.001, max: 9999, noNaN: true }).map((n) => n.toFixed(3));

  test('every unit by every name it has reads to its exact size', () => {
    for (const unit of units) {
      for (const alias of unit.aliases) {
        expect(parseQuantity(`2 ${alias}`, unit.kind).value).toBeCloseTo(2 * unit.inBaseUnits, 9);
      }
    }
  });

  test('there and back through any unit gives the same figure', () => {
    fc.assert(
      fc.property(figure, fc.constantFrom(...units), (text, unit) => {
        const { value } = parseQuantity(`${text} ${unit.symbol}`, unit.kind);
        expect(inUnit(value, unit.symbol)).toBeCloseTo(Number(text), 6);
      }),
    );
  });

  test('a sum is the sum of its terms', () => {
    fc.assert(
      fc.property(figure, figure, (a, b) => {
        expect(mm(`${a} mm + ${b} cm`)).toBeCloseTo(mm(`${a} mm`) + mm(`${b} cm`), 6);
        expect(mm(`${a}+${b} cm`)).toBeCloseTo(mm(`${a} cm`) + mm(`${b} cm`), 6);
      }),
    );
  });

  test('whatever is typed gives a finite figure or a clear refusal, never anything else', () => {
    const alphabet = [...'0123456789 .,/-+*()\'"½xmincglozfusp²%°'];
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...alphabet), { maxLength: 24 }).map((signs) => signs.join('')),
        (typed) => {
          try {
            expect(Number.isFinite(parseQuantity(typed, 'length', 'volume', 'mass').value)).toBe(
              true,
            );
          } catch (error) {
            expect(error).toBeInstanceOf(InputError);
          }
        },
      ),
      { numRuns: runs(1000, 30000) },
    );
  });
});

test.each([
  ['300', 'mm', '300 mm'],
  [' 3*120+45 ', 'mm', '3*120+45 mm'],
  ['1-1/4', 'in', '1-1/4 in'],
  ['2 in', 'mm', '2 in'],
  ['5 oz', 'ml', '5 oz'],
  ['', 'mm', ''],
  ['abc', 'mm', 'abc'],
  ['-', 'mm', '-'],
  ['21', '°C', '21 °C'],
  ['21 C', '°C', '21 C'],
])('%s with a bare figure in %s is kept as %s', (typed, unit, kept) => {
  expect(withUnitIfBare(typed, unit)).toBe(kept);
});
