import oracles from '../src/core/thermal/fixtures/heatOracles.json';
import { commandsOn } from './testCommand';

const run = commandsOn('heat');

const slab = {
  family: 'deep-pour-epoxy',
  geometry: 'slab',
  depthMm: 50,
  roomC: 23,
  topFilm: 9,
  bottomU: 4,
  hours: 72,
};

test('a bare case comes to its reference', () => {
  const [caseA] = oracles.cases;
  const { said } = run('heat', slab);
  expect(said['peakC']).toBeCloseTo(caseA!.sameGrid.Tpk_C, 1);
  expect(said['gelH']).toBeCloseTo(caseA!.sameGrid.gelCore_h, 2);
  expect(said['core40H']).toBeCloseTo(caseA!.converged.tCentre40C_h!, 2);
  expect(said['alphaMinEnd']).toBeCloseTo(caseA!.converged.alphaMin_end, 2);
  expect(said['steps']).toBeGreaterThan(20);
});

test('a cold film never passes 40 °C and does not gel in a day', () => {
  const { said } = run('heat', { ...slab, depthMm: 3, roomC: 12, hours: 24 });
  expect(said).toMatchObject({ core40H: null, gelH: null });
});

test('no temperature is printed above what all of the heat at once would come to', () => {
  const hot = { ...slab, family: 'coating-epoxy', depthMm: 80, roomC: 30, bottomU: 0.5 };
  const { said } = run('heat', hot);
  expect(said['peakC']).toBeLessThanOrEqual(30 + 330 / 1.8 + 1e-9);
  expect(run('heat', slab).said).toMatchObject({ aboveCeiling: false });
});

test('a label makes it slower', () => {
  const label = { potLife: 720, mass: 150, temperature: 25 };
  const { said } = run('heat', { ...slab, label });
  expect(said['peakC']).toBeLessThan(60);
});

test.each<[string, object, string, string]>([
  ['no pot life', { label: { potLife: 0 } }, 'not-positive', 'label.potLife'],
  ['3 m', { depthMm: 3000 }, 'too-large', 'depthMm'],
  ['too cold', { roomC: -20 }, 'too-small', 'roomC'],
  ['too warm', { roomC: 60 }, 'too-large', 'roomC'],
  ['a family without heat', { family: 'uv' }, 'not-a-choice', 'family'],
  ['a channel without a width', { geometry: 'channel' }, 'missing', 'widthMm'],
  ['a cup without a radius', { geometry: 'cup' }, 'missing', 'radiusMm'],
  ['a pot life of seconds', { label: { potLife: 0.01 } }, 'pot-life-out-of-model', 'label.potLife'],
  ['a slip in a key', { depth: 50 }, 'unknown-key', ''],
])('%s is refused', (_, change, code, field) => {
  const { status, said } = run('heat', { ...slab, ...change });
  expect(status).toBe(1);
  expect(said['error']).toMatchObject({ code, field });
  expect((said['error'] as { message: string }).message).not.toContain('Something is wrong');
});

test('a plan with its heat', () => {
  const job = {
    format: 'nipperkin-job',
    version: 1,
    name: 'Tray',
    room: { temperature: '23 °C' },
    measure: {
      parts: [{ shape: 'box', length: '600 mm', width: '400 mm', depth: '50 mm' }],
    },
    resin: {
      name: 'Deep',
      family: 'deep-pour-epoxy',
      ratio: { by: 'weight', a: 2, b: 1 },
      depth: { greatest: '50 mm' },
      potLife: { time: '8 h', mass: '150 g', temperature: '25 °C' },
    },
  };
  const { said } = run('plan', job, '--heat');
  const heat = said['heat'] as { layers: { peakC: { low: number; mid: number; high: number } }[] };
  const [layer] = heat.layers;
  expect(layer?.peakC.mid).toBeCloseTo(62, 0);
  expect(layer?.peakC.low).toBeLessThan(layer!.peakC.mid);
  expect(layer).toMatchObject({ band: 'warm' });
  expect(Object.keys(layer!)).toEqual(
    expect.arrayContaining(['peakH', 'gelH', 'tackFreeH', 'recoatH', 'demouldH']),
  );
  expect((said['layers'] as { heat: unknown }[])[0]?.heat).toEqual(layer);
  const { ranges } = layer as unknown as {
    ranges: Record<string, { low: number; mid: number; high: number | null }>;
  };
  expect(Object.keys(ranges)).toEqual([
    'peakH',
    'gelH',
    'stickyFromH',
    'stickyToH',
    'tackFreeH',
    'demouldH',
    'keepsShapeH',
    'hardH',
  ]);
  for (const { low, mid, high } of Object.values(ranges)) {
    expect(low).toBeLessThanOrEqual(mid);
    expect(high ?? Infinity).toBeGreaterThanOrEqual(mid);
  }
  expect(ranges['hardH']!.high! / ranges['hardH']!.low).toBeGreaterThan(1.5);
  const { bucket, secondLayer, advice } = said['heat'] as unknown as {
    bucket: { pourableMin: number };
    secondLayer: { school: string; plannedMin: number; readyMin: number };
    advice: { code: string; lessK: number }[];
  };
  // Twelve litres in one bucket, against 8 h for a cup of 150 g.
  expect(bucket.pourableMin).toBeLessThan(480);
  expect(secondLayer.plannedMin).toBeGreaterThanOrEqual(secondLayer.readyMin);
  expect(advice.map(({ code }) => code)).toContain('fan');
  expect(run('plan', job).said).not.toHaveProperty('heat');
});
