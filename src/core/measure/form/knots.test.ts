import { measurePart } from '../parts/measurePart';
import type { Part } from '../parts/partSchema';
import { knotsOfSlabs, slabsOfKnots } from './knots';
import { solidOfSlabs } from './solidOfSlabs';

const reading = { tapeStepMm: 1, scaleStepG: 1, mixedDensityGPerMl: 1.1 };

test('what is kept of a bowl comes back as the same V(h)', () => {
  const bowl = { shape: 'frustum', bottomDiameter: '12 cm', topDiameter: '20 cm', depth: '8 cm' };
  const { solid } = measurePart({ ...bowl, count: 1 } as Part, reading);
  const knots = knotsOfSlabs(solid.slabs);
  const kept = solidOfSlabs(slabsOfKnots(JSON.parse(JSON.stringify(knots)) as typeof knots), []);
  for (const heightMm of [0, 1, 33.3, 79, 80]) {
    expect(kept.volumeBelowMl(heightMm)).toBe(solid.volumeBelowMl(heightMm));
  }
});

test.each([
  ['does not begin at the floor', [1, 2], [5, 0, 0]],
  ['does not rise', [0, 4, 4], [5, 0, 0, 5, 0, 0]],
  ['has too few areas', [0, 4, 6], [5, 0, 0]],
])('a curve that %s is refused', (_, heightsMm, areas) => {
  expect(() => slabsOfKnots({ heightsMm, areas })).toThrow(
    expect.objectContaining({ code: 'curve-broken' }),
  );
});
