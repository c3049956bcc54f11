import type { PlannedLayer } from '../../core/plan/planTypes';
import { beginHeights } from './beginHeights';

const layers = (...bordersMm: readonly number[]): readonly PlannedLayer[] =>
  bordersMm.slice(1).map((toMm, index) => ({ fromMm: bordersMm[index], toMm }) as PlannedLayer);

test('where the layers end now; of one pour its middle, to half a millimetre', () => {
  expect(beginHeights(layers(0, 23.3, 46.7, 70))).toEqual(['23.5 mm', '46.5 mm']);
  expect(beginHeights(layers(0, 45))).toEqual(['22.5 mm']);
  expect(beginHeights(layers(20, 45))).toEqual(['32.5 mm']);
  expect(beginHeights(layers(0, 0.4))).toEqual(['0.2 mm']);
});

test('what has no heights begins with none', () => {
  expect(beginHeights(undefined)).toEqual([]);
  expect(beginHeights([{ fromMm: undefined, toMm: undefined } as PlannedLayer])).toEqual([]);
});
