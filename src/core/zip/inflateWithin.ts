import { Inflate } from 'fflate';

/** So many packed bytes are unpacked before it is looked how much has come: at the most a thousand times as many. */
const pieceBytes = 1024;

/**
 * Unpacks deflated bytes, and stops as soon as there are more than they may come to: what is beyond costs no time either.
 * @throws RangeError where they come to more, and fflate's errors where they are broken or cut off
 */
export function inflateWithin(packed: Uint8Array, mostBytes: number): Uint8Array {
  const pieces: Uint8Array[] = [];
  let length = 0;
  let isWhole = false;
  const inflate = new Inflate((piece, isLast) => {
    pieces.push(piece);
    length += piece.length;
    isWhole = isLast;
    if (length > mostBytes) throw new RangeError(`more than ${mostBytes} bytes`);
  });
  for (let from = 0; from < packed.length; from += pieceBytes) {
    const to = from + pieceBytes;
    inflate.push(packed.subarray(from, to), to >= packed.length);
  }
  if (!isWhole) throw new RangeError('cut off');
  const whole = new Uint8Array(length);
  let at = 0;
  for (const piece of pieces) {
    whole.set(piece, at);
    at += piece.length;
  }
  return whole;
}
