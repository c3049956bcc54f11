import { InputError } from '../../core/problem';

/** No job, card, record, list or table is larger, MB. */
const mostMb = 20;

/** A file as text. Rejects with InputError `file-too-large`, `not-utf8`. */
export async function textOf(file: Blob): Promise<string> {
  if (file.size > mostMb * 1e6) throw new InputError('file-too-large', undefined, { mostMb });
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(await file.arrayBuffer());
  } catch {
    throw new InputError('not-utf8', undefined);
  }
}
