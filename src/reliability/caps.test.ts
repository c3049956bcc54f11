import example from '../../docs/formats/drawer-tray.job.json';
import { checkJob } from '../core/job/readJob';
import { InputError } from '../core/problem';
import { jsonOf } from '../core/schema/jsonText';
import { planJob } from '../core/plan/planJob';
import { report, stopwatch } from '../testing/campaign';

const many = <T>(count: number, of: (index: number) => T): T[] =>
  Array.from({ length: count }, (_, index) => of(index));
const resin = (takes: string): object => ({
  ...example.resin,
  depth: { greatest: takes },
  kits: many(60, (index) => ({
    supplier: `S${index % 7}`,
    size: `${index + 1}00 ml`,
    price: 10 + index,
    delivery: index % 3,
  })),
});
const box = (depth: string, more = 0): object => ({
  shape: 'box',
  length: `${300 + more} mm`,
  width: '200 mm',
  depth,
});
const circle = (points: number, at: number): number[] =>
  many(points, (index) => (2 * Math.PI * index) / points).flatMap((turn) => [
    50 + 40 * Math.cos(turn) + 100 * at,
    50 + 40 * Math.sin(turn),
  ]);
const traced = (outlines: number, points: number): object => ({
  shape: 'traced',
  depth: '20 mm',
  scale: { by: 'grid', square: '10 mm' },
  outlines: many(outlines, (at) => ({ points: circle(points, at) })),
});
const channel = (stations: number, at: number): object => ({
  shape: 'channel',
  depth: `${20 + at / 10} mm`,
  stations: many(stations, (index) => ({
    at: `${index * 10} mm`,
    width: `${100 + (index % 7)} mm`,
    depth: `${20 + at / 10 - (index % 13) / 10} mm`,
  })),
});
const job = (parts: readonly object[], pours: readonly object[]): object => ({
  format: 'nipperkin-job',
  version: 2,
  name: 'As much as there may be',
  room: { temperature: '21 °C' },
  measure: { parts },
  pours,
});
const colours = (count: number): object[] => [
  ...many(count - 1, (index) => ({ name: `Colour ${index}`, share: '0.3 %' })),
  { name: 'Rest', rest: true },
];

const atTheCap: readonly (readonly [string, object])[] = [
  [
    '200 layers',
    job([box('200 mm')], [{ resin: resin('1 mm'), overage: '10 %', layers: { style: 'equal' } }]),
  ],
  [
    '200 cavities in 200 layers',
    job(
      many(200, (index) => box('200 mm', index)),
      [{ resin: resin('1 mm'), overage: '10 %', layers: { style: 'equal' } }],
    ),
  ],
  [
    '300 colours in 3 layers',
    job(
      [box('150 mm')],
      [
        {
          resin: resin('50 mm'),
          overage: '10 %',
          layers: { style: 'equal' },
          portions: colours(300),
        },
      ],
    ),
  ],
  [
    '20 pours in 20 layers each',
    job(
      [box('400 mm')],
      many(20, (index) => ({
        resin: resin('1 mm'),
        overage: '10 %',
        fills: { from: `${index * 20} mm`, to: `${index * 20 + 20} mm` },
        layers: { style: 'equal' },
      })),
    ),
  ],
  [
    'an outline of 2500 points',
    job([traced(1, 2500)], [{ resin: resin('30 mm'), overage: '10 %' }]),
  ],
  ['500 outlines', job([traced(500, 100)], [{ resin: resin('30 mm'), overage: '10 %' }])],
  [
    'five channels of 1000 stations',
    job(
      many(5, (at) => channel(1000, at)),
      [{ resin: resin('30 mm'), overage: '10 %' }],
    ),
  ],
];

const overTheCap: readonly (readonly [string, string, object])[] = [
  [
    'a piece 9 m deep in layers of a hundredth of a millimetre',
    'too-many-layers',
    job([box('9 m')], [{ resin: resin('0.01 mm'), overage: '10 %', layers: { style: 'equal' } }]),
  ],
  [
    '300 colours in 200 layers',
    'too-many-mixes',
    job(
      [box('200 mm')],
      [
        {
          resin: resin('1 mm'),
          overage: '10 %',
          layers: { style: 'equal' },
          portions: colours(300),
        },
      ],
    ),
  ],
  [
    'two lists of 500 outlines',
    'too-many-together',
    job(
      many(2, () => traced(500, 100)),
      [{ resin: resin('30 mm'), overage: '10 %' }],
    ),
  ],
  [
    '200 channels of 1000 stations',
    'json-too-many',
    job(
      many(200, (at) => channel(1000, at)),
      [{ resin: resin('30 mm'), overage: '10 %' }],
    ),
  ],
  [
    'ten channels of 1000 stations',
    'too-many-together',
    job(
      many(10, (at) => channel(1000, at)),
      [{ resin: resin('30 mm'), overage: '10 %' }],
    ),
  ],
  [
    '201 cavities',
    'too-many',
    job(
      many(201, () => box('20 mm')),
      [{ resin: resin('50 mm'), overage: '10 %' }],
    ),
  ],
];

/** What a file with it is refused for; nothing where it is planned. */
function codeOf(some: object): string | undefined {
  try {
    const { value, problems } = checkJob(jsonOf(JSON.stringify(some)));
    if (value === undefined) return problems[0]?.code;
    planJob(value, undefined, '2026-11-28');
    return undefined;
  } catch (error) {
    if (error instanceof InputError) return error.code;
    throw error;
  }
}

test('a job that is as large as it may be is planned, one that is larger is refused with a way out', () => {
  const watch = stopwatch();
  const refused = atTheCap.map(([name, some]) => [name, watch.time(() => codeOf(some))]);
  const codes = overTheCap.map(([, , some]) => watch.time(() => codeOf(some)));
  const count = atTheCap.length + overTheCap.length;
  report({ promise: 'caps', count, lost: 0, locked: 0, longestMs: watch.longestMs() });
  expect(refused).toEqual(atTheCap.map(([name]) => [name, undefined]));
  expect(codes).toEqual(overTheCap.map(([, code]) => code));
});
