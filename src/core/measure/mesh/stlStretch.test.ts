import { binaryStl, icosphere, insideOut } from '../testShapes/meshes';
import { stlHeadBytes, stlTriangleBytes } from './stl';
import { figuresOf, heightsOver, stlStretch, volumeMlOf } from './stlStretch';

/** A binary STL summed up in so many stretches. */
function figures(bytes: Uint8Array, count: number) {
  const triangles = (bytes.length - stlHeadBytes) / stlTriangleBytes;
  const each = Math.ceil(triangles / count);
  const stretches = Array.from({ length: count }, (_, index) => {
    const first = index * each;
    const here = Math.min(each, triangles - first);
    const from = bytes.byteOffset + stlHeadBytes + first * stlTriangleBytes;
    return stlStretch(new DataView(bytes.buffer, from, here * stlTriangleBytes), here);
  });
  const heights = heightsOver(
    stretches.map((stretch) => stretch.heights()),
    256,
  );
  return figuresOf(
    heights,
    stretches.map((stretch) => stretch.sums(heights)),
  );
}

const ball = icosphere(40, 3);

test('a file summed up in stretches comes to the same as in one', () => {
  const [one, three] = [figures(binaryStl(ball), 1), figures(binaryStl(ball), 3)];
  expect(three.volume).toBeCloseTo(one.volume, 6);
  expect(three.surface).toBeCloseTo(one.surface, 6);
  expect(three.bounds).toEqual(one.bounds);
  three.curve.volumes.forEach((volume, index) =>
    expect(volume).toBeCloseTo(one.curve.volumes[index] ?? NaN, 6),
  );
});

test('its volume in ml, by its unit and whichever way it faces', () => {
  const found = figures(binaryStl(ball), 2);
  const sphereMl = ((4 / 3) * Math.PI * 40 ** 3) / 1000;
  expect(volumeMlOf(found, 1) / sphereMl).toBeGreaterThan(0.98);
  expect(volumeMlOf(found, 1)).toBeLessThan(sphereMl);
  expect(volumeMlOf(found, 10)).toBeCloseTo(1000 * volumeMlOf(found, 1), 6);
  expect(volumeMlOf(figures(binaryStl(insideOut(ball)), 2), 1)).toBeCloseTo(
    volumeMlOf(found, 1),
    9,
  );
});
