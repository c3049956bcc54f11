import { InputError } from '../../core/problem';
import { readEverythingJson } from './everythingJson';
import type { Kept } from './kept';
import { looksLikeZip, mostWorkshopMb, readWorkshop } from './workshopFile';

/**
 * What a file of everything holds, of whatever version it is.
 * Rejects with InputError for the first thing that is wrong.
 */
export async function readAnyWorkshop(
  file: Blob,
): Promise<Kept & { readonly madeAt: string | undefined }> {
  if (file.size > mostWorkshopMb * 1e6) {
    throw new InputError('workshop-too-large', file.size, { mostMb: mostWorkshopMb });
  }
  const bytes = new Uint8Array(await file.arrayBuffer());
  if (looksLikeZip(bytes)) return readWorkshop(bytes);
  return { ...readEverythingJson(new TextDecoder().decode(bytes)), madeAt: undefined };
}
