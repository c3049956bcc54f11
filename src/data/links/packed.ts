import { base64urlnopad } from '@scure/base';
import { deflateSync } from 'fflate';
import { InputError } from '../../core/problem';
import { jsonOf } from '../../core/schema/jsonText';
import { inflateWithin } from '../../core/zip/inflateWithin';

/** A value as letters that a link holds: JSON, deflated, in the alphabet of addresses. */
export const packed = (value: unknown): string =>
  base64urlnopad.encode(deflateSync(new TextEncoder().encode(JSON.stringify(value)), { level: 9 }));

/**
 * What such letters say; it is no more than what any file says, and is held against its schema by whoever asked.
 * @param mostBytes that it may unpack to; what would come to more is left there
 * @throws InputError `link-broken`, and those of `jsonOf`
 */
export function unpacked(letters: string, mostBytes: number): unknown {
  let text: string;
  try {
    const bytes = inflateWithin(base64urlnopad.decode(letters), mostBytes);
    text = new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    throw new InputError('link-broken', letters.slice(0, 40));
  }
  return jsonOf(text);
}
