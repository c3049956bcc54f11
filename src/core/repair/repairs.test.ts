import * as fc from 'fast-check';
import type { Resin } from '../resin/resinSchema';
import { repairsOf, type TypedRepair } from './repairs';

const card = (name: string, more: object): Resin =>
  ({ id: name, name, ratio: { by: 'weight', a: 1, b: 1 }, ...more }) as unknown as Resin;

const quick = card('Quick epoxy', {
  family: 'fast-epoxy',
  depth: { greatest: '6 mm' },
  times: { demould: { time: '1 h', temperature: '20 °C' } },
});
const slow = card('Deep clear', {
  family: 'deep-pour-epoxy',
  depth: { least: '10 mm', greatest: '50 mm' },
  times: { demould: { time: '48 h', temperature: '20 °C' } },
});
const light = card('Lens light', {
  family: 'uv',
  ratio: undefined,
  depth: { greatest: '2 mm' },
  lamp: { time: '60 s' },
});
const rubber = card('Rubber', { family: 'silicone-tin' });
const shelf = [slow, rubber, quick, light];

const typed: TypedRepair = {
  by: 'size',
  holes: 6,
  width: '2 mm',
  depth: '3 mm',
  drops: 2,
  room: '20 °C',
};

test('holes that are measured take π/4 · d² · depth each, drops what a dropper gives', () => {
  expect(repairsOf(typed, []).ml).toBeCloseTo((6 * Math.PI * 3) / 1000, 9);
  const drops = repairsOf({ ...typed, by: 'drops' }, []);
  expect(drops.drops).toBeCloseTo(12, 9);
  expect(drops.ml).toBeCloseTo(12 * 0.03, 9);
});

test('the soonest comes first, in layers that it takes; what stays soft so thin comes last with its reason', () => {
  const { ways } = repairsOf(typed, shelf);
  expect(ways.map(({ name }) => name)).toEqual([
    'Lens light',
    'Super glue and activator',
    'Quick epoxy',
    'Deep clear',
  ]);
  expect(ways[0]).toMatchObject({ layers: 2, layerMm: 1.5 });
  expect(ways[1]).toMatchObject({ layers: 6, layerMm: 0.5, totalMin: 6 });
  expect(ways[2]).toMatchObject({ layers: 1, totalMin: 60, hindrance: undefined });
  expect(ways[3]!.hindrance).toEqual({ code: 'too-thin', leastMm: 10 });
});

test('a warm room is quicker, a deep hole no longer for glue, a card without times last', () => {
  const warm = repairsOf({ ...typed, room: '30 °C' }, [quick]).ways;
  expect(warm.find(({ name }) => name === 'Quick epoxy')!.totalMin).toBeCloseTo(30, 9);
  const deep = repairsOf({ ...typed, depth: '8 mm' }, [
    quick,
    card('Bare', { family: 'fast-epoxy' }),
  ]);
  expect(deep.ways[0]).toMatchObject({ name: 'Quick epoxy', layers: 2, totalMin: 120 });
  const told = Object.fromEntries(deep.ways.map(({ name, hindrance }) => [name, hindrance?.code]));
  expect(told).toEqual({
    'Quick epoxy': undefined,
    'Super glue and activator': 'too-deep',
    Bare: 'no-times',
  });
});

test('layers are never deeper than a card takes, and make up the hole', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 400 }), (tenths) => {
      const depthMm = tenths / 10;
      for (const { layers, layerMm, name } of repairsOf({ ...typed, depth: `${depthMm} mm` }, shelf)
        .ways) {
        expect(layers * layerMm).toBeCloseTo(depthMm, 9);
        const most = { 'Lens light': 2, 'Quick epoxy': 6, 'Deep clear': 50 }[name] ?? 0.5;
        expect(layerMm).toBeLessThanOrEqual(most + 1e-9);
      }
    }),
  );
});
