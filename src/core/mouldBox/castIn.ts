import type { JobPour } from '../job/jobPour';
import type { TypedMouldBox } from './mouldBoxSchema';

/**
 * The box of the mould that a pour is cast in where the same job makes it; undefined for what is cast in a mould of the library, or in
 * none.
 */
export const castInBoxOf = ({ mouldBefore, measure }: JobPour): TypedMouldBox | undefined =>
  measure?.parts.some(({ shape }) => shape === 'mould') === true ? undefined : mouldBefore?.box;
