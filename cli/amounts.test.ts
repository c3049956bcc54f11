import example from '../docs/formats/drawer-tray.job.json';
import { runCommand } from './testCommand';

/** The example with other keys, planned by the command. */
const plan = (change: object, ...options: string[]) =>
  runCommand('plan', [...options, '-'], JSON.stringify({ ...example, ...change }));

function planned(change: object, ...options: string[]) {
  const { status, stdout, stderr } = plan(change, ...options);
  expect([status, stderr]).toEqual([0, '']);
  return JSON.parse(stdout);
}

const deep = (depth: string): object => ({
  measure: { parts: [{ shape: 'box', length: '300 mm', width: '200 mm', depth }] },
});
const resin = (more: object): object => ({ resin: { ...example.resin, ...more } });

test('layers, colour, cup marks and kits: every worked figure comes out of the command', () => {
  const takes = resin({
    depth: { least: '8 mm', greatest: '30 mm' },
    kits: [
      { size: '0.75 l', price: 24, delivery: 9.5 },
      { size: '1.5 l', price: 42, delivery: 9.5 },
      { size: '6 l', price: 179, delivery: 9.5 },
    ],
  });
  const { layers } = planned({
    ...deep('62 mm'),
    ...takes,
    layers: { style: 'full-top-off', caution: 1 },
    cupMarks: { marks: ['120 ml'], water: '21 °C' },
  });
  expect(layers.map(({ fromMm, toMm }: { fromMm: number; toMm: number }) => toMm - fromMm)).toEqual(
    [30, 24, 8],
  );
  expect(layers[0]).toMatchObject({
    ml: expect.any(Number),
    g: expect.any(Number),
    a: { g: expect.any(Number) },
    b: { g: expect.any(Number) },
    batches: expect.any(Array),
  });

  const tinted = planned({
    layers: { heights: ['12.7 mm'] },
    container: undefined,
    tint: { pigment: '2.0 g' },
  });
  expect(tinted.layers[0].batches[0].tintedAG).toBeCloseTo(711.2, 1);
  expect(tinted.layers[0].b.g).toBeCloseTo(205.4, 1);

  const bought = planned({
    measure: { parts: [{ shape: 'amount', amount: '5.3 l' }] },
    overage: '0 %',
    ...takes,
    cupMarks: { marks: ['120 ml'], water: '21 °C' },
  });
  expect(bought.buying.cost).toBe(177.5);
  expect(bought.cupMarks[0].waterG).toBeCloseTo(119.76, 2);
});

const cup = {
  ...resin({ ratio: { by: 'weight', a: 100, b: 33.33 } }),
  measure: { parts: [{ shape: 'amount', amount: `${420 * 1.3333} g` }] },
  overage: '0 %',
  scaleStep: '0.1 g',
};

test('over-poured: the figures of the first batch are put right', () => {
  const { correction: first } = planned(cup, '--poured-a', '438 g');
  expect(first.a.g).toBe(438);
  expect(first.b.g).toBeCloseTo(146.0, 1);
  expect(first.totalG).toBeCloseTo(584.0, 1);
  const { correction } = planned(cup, '--poured-a', '438 g', '--poured-b', '150.5 g');
  expect(correction).toMatchObject({ band: 'tell' });
  expect(correction.ratioErrorPercent).toBeCloseTo(3.1, 1);
  expect(correction.onScale).toMatchObject({ aG: 451.5, totalG: 602 });
});

test.each<[string, object, string[], string, string]>([
  ['no mass', {}, ['--poured-a', 'much'], 'unreadable', 'poured-a'],
  ['an option nobody knows', {}, ['--poured-c', '1 g'], 'unknown-option', ''],
  [
    'a split that keeps no limit',
    {
      ...deep('31 mm'),
      ...resin({ depth: { least: '20 mm', greatest: '30 mm' } }),
      layers: { style: 'equal' },
    },
    [],
    'no-layer-split',
    'layers.style',
  ],
])('%s is told on standard error', (_, change, options, code, field) => {
  const { status, stderr } = plan(change, ...options);
  expect(status).toBe(1);
  expect(JSON.parse(stderr).error).toMatchObject({ code, field });
});
