import { base64urlnopad } from '@scure/base';
import { deflateSync, inflateSync } from 'fflate';
import { InputError } from '../../core/problem';
import { jsonOf } from '../../core/schema/jsonText';

/** A value as letters that a link holds: JSON, deflated, in the alphabet of addresses. */
export const packed = (value: unknown): string =>
  base64urlnopad.encode(deflateSync(new TextEncoder().encode(JSON.stringify(value)), { level: 9 }));

/**
 * What such letters say; it is no more than what any file says, and is held against its schema by whoever asked.
 * @param mostBytes that it may unpack to; nothing is unpacked beyond
 * @throws InputError `link-broken`, and those of `jsonOf`
 */
export function unpacked(letters: string, mostBytes: number): unknown {
  let text: string;
  try {
    // One more than it may hold, so that what is cut off is told from what just fits.
    const bytes = inflateSync(base64urlnopad.decode(letters), {
      out: new Uint8Array(mostBytes + 1),
    });
    if (bytes.length > mostBytes) throw new RangeError('too much');
    text = new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    throw new InputError('link-broken', letters.slice(0, 40));
  }
  return jsonOf(text);
}
