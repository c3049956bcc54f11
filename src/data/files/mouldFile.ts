import { mouldFileOf, readMould } from '../../core/measure/mould/mouldFile';
import type { Mould } from '../../core/measure/mould/mouldSchema';
import { jsonOf } from '../../core/schema/jsonText';

export const mouldFileText = (mould: Mould): string =>
  `${JSON.stringify(mouldFileOf(mould), null, 2)}\n`;

/** @throws InputError for the first thing that is wrong */
export const readMouldFile = (text: string): Mould => readMould(jsonOf(text));
