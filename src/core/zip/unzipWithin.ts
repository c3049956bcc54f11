import { unzipSync } from 'fflate';
import { InputError } from '../problem';

export interface ZipLimits {
  /** Names of what is unpacked; all else is left packed. */
  readonly wants: (name: string) => boolean;
  /** What that may come to, bytes: what the archive promises is added up before anything is unpacked. */
  readonly mostBytes: number;
}

/**
 * Unpacks files of an archive. Nothing is unpacked to more than the archive says of it, so a bomb has to promise what it holds.
 * @throws InputError `not-zip`, `zip-too-large`
 */
export function unzipWithin(
  bytes: Uint8Array,
  { wants, mostBytes }: ZipLimits,
): Readonly<Record<string, Uint8Array>> {
  let promised = 0;
  try {
    return unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        if (!wants(name)) return false;
        promised += originalSize;
        if (promised > mostBytes) throw new InputError('zip-too-large', promised, { mostBytes });
        return true;
      },
    });
  } catch (error) {
    if (error instanceof InputError) throw error;
    throw new InputError('not-zip', undefined);
  }
}
