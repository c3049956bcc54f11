import * as fc from 'fast-check';
import { readScaleReport } from './hidScaleReport';
import { longestLine, splitLines } from './lines';
import { readScaleLine, scaleFormatOf, scaleFormats, type ScaleFormat } from './scaleLines';
import { readThermometerLine } from './thermometerLines';
import { runs } from '../../testing/campaign';

describe('lines over a wire', () => {
  test('come out the same wherever their pieces are cut', () => {
    const line = fc.stringMatching(/^[ -~]{1,40}$/).filter((text) => text.trim() !== '');
    fc.assert(
      fc.property(
        fc.array(line, { maxLength: 12 }),
        fc.constantFrom('\n', '\r\n', '\r'),
        fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 1 }),
        (lines, end, cuts) => {
          const text = lines.map((each) => each + end).join('');
          const found: string[] = [];
          let rest = '';
          for (let from = 0, turn = 0; from < text.length; turn += 1) {
            const to = from + cuts[turn % cuts.length]!;
            const split = splitLines(rest, text.slice(from, to));
            found.push(...split.lines);
            rest = split.rest;
            from = to;
          }
          expect(found).toEqual(lines);
          expect(rest).toBe('');
        },
      ),
    );
  });

  test('what never ends is dropped and counted, and what comes after it is read', () => {
    let rest = '';
    let dropped = 0;
    for (let turn = 0; turn < 100; turn += 1) {
      const split = splitLines(rest, '\u0000'.repeat(50));
      rest = split.rest;
      dropped += split.dropped;
      expect(rest.length).toBeLessThanOrEqual(longestLine);
    }
    expect(dropped).toBeGreaterThan(4000);
    expect(splitLines(rest, '\nST,GS,+ 1.0 g\n').lines).toContain('ST,GS,+ 1.0 g');
  });
});

describe('scales on a line', () => {
  test.each<[ScaleFormat, string, number | undefined, boolean | undefined, string | undefined]>([
    ['flags', 'ST,GS,+ 123.4 g', 123.4, true, undefined],
    ['flags', 'US,NT,-   0.35 kg', -350, false, undefined],
    ['flags', 'ST,+00420.0  g', 420, true, undefined],
    ['flags', 'ST,GS,+   1,5 kg', 1500, true, undefined],
    ['flags', 'OL,GS,+9999.9 g', undefined, undefined, 'overload'],
    ['flags', 'UL,GS,-   9.9 g', undefined, undefined, 'underload'],
    ['letters', 'S S     100.00 g', 100, true, undefined],
    ['letters', 'S D      -3.2 g', -3.2, false, undefined],
    ['letters', 'S +', undefined, undefined, 'overload'],
    ['letters', 'S I', undefined, undefined, 'fault'],
    ['plain', '  123.4 g', 123.4, undefined, undefined],
    ['plain', '+ 12 g S', 12, true, undefined],
    ['plain', '4.25 oz ?', 4.25 * 28.349523125, false, undefined],
    ['plain', 'N: 0.5 lb', 226.796185, undefined, undefined],
    ['plain', '87,5', 87.5, undefined, undefined],
    ['plain', '87.5 ST', 87.5, true, undefined],
    ['plain', 'OL', undefined, undefined, 'overload'],
    ['plain', '-OL-', undefined, undefined, 'overload'],
    ['plain', 'ERR 04', undefined, undefined, 'fault'],
  ])('%s: %s', (format, line, g, stable, trouble) => {
    const reading = readScaleLine(format, line);
    expect(reading).toMatchObject({ raw: line.trim(), stable, trouble });
    if (g === undefined) expect(reading?.g).toBeUndefined();
    else expect(reading?.g).toBeCloseTo(g, 9);
  });

  test.each([
    '',
    'hello',
    '12.3 furlongs',
    'ST,GS,',
    'S S',
    '1.2.3 g',
    '- - 4 g',
    '99999999999 g',
    '\u0000\u0001',
  ])('%j is no reading in any format', (line) => {
    for (const format of scaleFormats) expect(readScaleLine(format, line)).toBeUndefined();
  });

  test('a figure tells how fine it is, and a bare one is in what was said', () => {
    expect(readScaleLine('plain', '1.234 kg')?.resolutionG).toBeCloseTo(1, 9);
    expect(readScaleLine('flags', 'ST,GS,+ 12.34 g')?.resolutionG).toBeCloseTo(0.01, 9);
    expect(readScaleLine('plain', '0.42', 'kg')).toMatchObject({ g: 420, unit: 'kg' });
  });

  test('the format is found among the first lines, the cut off one left aside', () => {
    expect(scaleFormatOf(['3.4 g', 'ST,GS,+ 123.4 g', 'US,GS,+ 124.0 g'])).toBe('flags');
    expect(scaleFormatOf(['S 1', 'S S 1.0 g', 'S D 2.0 g'])).toBe('letters');
    expect(scaleFormatOf(['1.0 g', '1.1 g'])).toBe('plain');
    expect(scaleFormatOf(['boot v1', 'ST,GS,+ 1.0 g'])).toBeUndefined();
  });

  test('nothing that comes breaks a reader', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 200 }), (line) => {
        for (const format of scaleFormats) {
          const g = readScaleLine(format, line)?.g;
          expect(g === undefined || Number.isFinite(g)).toBe(true);
        }
        const c = readThermometerLine(line)?.c;
        expect(c === undefined || (c >= -40 && c <= 400)).toBe(true);
      }),
      { numRuns: runs(700, 20000) },
    );
  });
});

describe('scales over USB', () => {
  const report = (status: number, unit: number, power: number, weight: number): Uint8Array =>
    new Uint8Array([status, unit, power & 0xff, weight & 0xff, weight >> 8]);
  test.each([
    [4, 2, -1, 4380, { g: 438, stable: true, unit: 'g' }],
    [3, 2, 0, 146, { g: 146, stable: false, unit: 'g' }],
    [2, 2, -1, 0, { g: 0, stable: true }],
    [4, 11, -2, 1234, { g: 12.34 * 28.349523125, unit: 'oz weight' }],
    [4, 3, -3, 602, { g: 602, unit: 'kg', resolutionG: 1 }],
  ])('status %d, unit %d, power %d, %d', (status, unit, power, weight, expected) => {
    const reading = readScaleReport(report(status, unit, power, weight))!;
    const { g, ...rest } = expected;
    expect(reading.g).toBeCloseTo(g, 9);
    expect(reading).toMatchObject(rest);
    expect(reading.raw).toMatch(/^([0-9a-f]{2} ){4}[0-9a-f]{2}$/);
  });

  test.each([
    [1, 'fault'],
    [5, 'underload'],
    [6, 'overload'],
    [7, 'not-calibrated'],
  ])('status %d is %s', (status, trouble) => {
    expect(readScaleReport(report(status, 2, 0, 9))).toMatchObject({ g: undefined, trouble });
  });

  test('what is short, of no status or of no unit that a bench has is no weight', () => {
    expect(readScaleReport(new Uint8Array([4, 2, 0]))).toBeUndefined();
    expect(readScaleReport(new Uint8Array())).toBeUndefined();
    expect(readScaleReport(report(0, 2, 0, 1))).toBeUndefined();
    expect(readScaleReport(report(9, 2, 0, 1))).toBeUndefined();
    expect(readScaleReport(report(4, 5, 0, 1))).toBeUndefined();
  });
});

test.each([
  ['T1: +23.4 C', 23.4],
  ['23,4', 23.4],
  ['74.1 F', 23.3889],
  ['296.55 K', 23.4],
  ['-3.0 °C', -3],
  ['OL', undefined],
  ['ERR', undefined],
  ['T1: 2000 C', undefined],
])('thermometer: %s', (line, c) => {
  const reading = readThermometerLine(line);
  expect(reading).toBeDefined();
  if (c === undefined) expect(reading?.c).toBeUndefined();
  else expect(reading?.c).toBeCloseTo(c, 3);
});

test('a bare temperature is in what was said', () => {
  expect(readThermometerLine('212', 'F')?.c).toBeCloseTo(100, 9);
  expect(readThermometerLine('ready')).toBeUndefined();
});
