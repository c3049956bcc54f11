import * as fc from 'fast-check';
import { deflateSync } from 'fflate';
import { constants, deflateRawSync } from 'node:zlib';
import { inflateWithin } from './inflateWithin';

test('what was deflated comes out to the byte, as long as it may be', () => {
  fc.assert(
    fc.property(fc.uint8Array({ maxLength: 5_000 }), fc.nat({ max: 3_000 }), (bytes, times) => {
      const whole = new Uint8Array([...bytes, ...new Uint8Array(times)]);
      const packed = deflateSync(whole);
      expect(Buffer.compare(inflateWithin(packed, whole.length), whole)).toBe(0);
      if (whole.length > 0)
        expect(() => inflateWithin(packed, whole.length - 1)).toThrow(RangeError);
    }),
  );
});

test('what is cut off or broken is told, wherever that is', () => {
  const packed = deflateSync(new TextEncoder().encode('measure, mix, pour, wait. '.repeat(99)));
  fc.assert(
    fc.property(fc.nat({ max: packed.length - 1 }), (to) => {
      expect(() => inflateWithin(packed.subarray(0, to), 1e6)).toThrow();
    }),
  );
  expect(() => inflateWithin(new Uint8Array([7, 7, 7]), 1e6)).toThrow();
});

/** A small file that comes to `megabytes` of nothing: one block over and over. */
function bomb(megabytes: number): Uint8Array {
  const block = deflateRawSync(new Uint8Array(1e6), { finishFlush: constants.Z_FULL_FLUSH });
  const last = deflateRawSync(new Uint8Array(1));
  return Buffer.concat([...Array.from({ length: megabytes }, () => block), last]);
}

test('of a bomb no more is unpacked than shows that it is one', () => {
  expect(inflateWithin(bomb(3), 4e6)).toHaveLength(3e6 + 1);
  // Two megabytes that come to two gigabytes: whoever unpacked them to count them would still be at it.
  expect(() => inflateWithin(bomb(2_000), 2e6)).toThrow(RangeError);
});
