import { number, object, string } from 'yup';
import { checkedOrThrow } from '../../schema/check';
import { measureMouldPart } from '../parts/measureMouldPart';
import { mouldSchema, type Mould } from './mouldSchema';

/** Version of the mould format that this core writes and reads; see `docs/formats`. */
const mouldVersion = 1;

/** What such a file holds; the published JSON Schema is made from it. */
export const mouldFileSchema = object({
  format: string()
    .oneOf(['nipperkin-mould'] as const)
    .defined(),
  version: number()
    .oneOf([mouldVersion] as const)
    .defined(),
})
  .concat(mouldSchema)
  .noUnknown();

/** A mould as a file; its id is of this library and stays here. */
export function mouldFileOf({ id: _, ...mould }: Mould): object {
  return { format: 'nipperkin-mould', version: mouldVersion, ...mould };
}

/**
 * Reads a mould from a file.
 * @throws InputError for the first thing that is wrong, an unknown key or a curve that does not fit its volume included
 */
export function readMould(value: unknown): Mould {
  const { format: _, version: __, id: ___, ...mould } = checkedOrThrow(mouldFileSchema, value);
  measureMouldPart({ mould });
  return mould;
}
