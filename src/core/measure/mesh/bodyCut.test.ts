import { assert, constantFrom, integer, property } from 'fast-check';
import { cube, icosphere } from '../testShapes/meshes';
import { bodyCut, type CutRing } from './bodyCut';
import { asInFile, upSides } from './orientation';
import { meshPreview } from './preview';

/** Area inside an odd number of rings, mm²: rings here do not cross, and run either way. */
function area(rings: readonly CutRing[]): number {
  const each = rings.map((ring) => {
    let twice = 0;
    for (let at = 0; at < ring.length; at += 2) {
      const next = (at + 2) % ring.length;
      twice += ring[at]! * ring[next + 1]! - ring[next]! * ring[at + 1]!;
    }
    return Math.abs(twice) / 2;
  });
  return Math.max(...each) * 2 - each.reduce((sum, one) => sum + one, 0);
}

test('a cube is cut to its square, standing on its foot about its middle', () => {
  const [square, ...others] = bodyCut(meshPreview(cube(30, [7, 8, 9])), asInFile, [30, 30, 30]);
  expect(others).toEqual([]);
  expect(area([square!])).toBeCloseTo(900, 6);
  const xs = square!.filter((_, at) => at % 2 === 0);
  const zs = square!.filter((_, at) => at % 2 === 1);
  expect([Math.min(...xs), Math.max(...xs), Math.min(...zs), Math.max(...zs)]).toEqual([
    -15, 15, 0, 30,
  ]);
});

test('a ball of 1280 triangles that was reduced is cut to nearly its great circle', () => {
  const rings = bodyCut(meshPreview(icosphere(40, 3)), asInFile, [80, 80, 80]);
  expect(rings).toHaveLength(1);
  expect(area(rings) / (Math.PI * 40 ** 2)).toBeGreaterThan(0.95);
  expect(area(rings) / (Math.PI * 40 ** 2)).toBeLessThan(1.02);
});

test('a hollow body is cut to two rings', () => {
  const outer = cube(40);
  const inner = cube(20, [10, 10, 10]);
  const both = {
    positions: Float64Array.from([...outer.positions, ...inner.positions]),
    triangles: Uint32Array.from([...outer.triangles, ...inner.triangles.map((at) => at + 8)]),
  };
  const rings = bodyCut(meshPreview(both), asInFile, [40, 40, 40]);
  expect(rings).toHaveLength(2);
  expect(area(rings)).toBeCloseTo(1600 - 400, 6);
});

test('a box without its top is closed across the hole', () => {
  const whole = cube(30);
  // Its third and fourth triangles are the top.
  const triangles = Uint32Array.from([...whole.triangles].filter((_, at) => at < 6 || at >= 12));
  const open = { ...whole, triangles };
  const rings = bodyCut(meshPreview(open), asInFile, [30, 30, 30]);
  expect(rings).toHaveLength(1);
  expect(area(rings)).toBeCloseTo(900, 6);
});

test('whichever side is up, a cube stays a cube, and nothing lies outside the size it has', () => {
  const preview = meshPreview(cube(25));
  assert(
    property(constantFrom(...upSides), integer({ min: 0, max: 3 }), (up, quarters) => {
      const rings = bodyCut(preview, { up, turnDeg: [0, 0, 90 * quarters] }, [25, 25, 25]);
      expect(area(rings)).toBeCloseTo(625, 6);
    }),
  );
  const tilted = bodyCut(preview, { up: '+z', turnDeg: [20, 30, 40] }, [33, 34, 41]);
  for (const ring of tilted) {
    ring.forEach((mm, at) => {
      expect(mm).toBeGreaterThanOrEqual(at % 2 === 0 ? -16.51 : -0.01);
      expect(mm).toBeLessThanOrEqual(at % 2 === 0 ? 16.51 : 41.01);
    });
  }
});

test('a picture without triangles in the plane has no cut', () => {
  expect(bodyCut({ corners: [0, 0, 0], triangles: [0, 0, 0] }, asInFile, [1, 1, 1])).toEqual([]);
});
