import { memory } from '../../memory';
import type { HeatFamily } from '../../resin/families';
import type { ReadResin } from '../../resin/readResin';
import { cureMarks, type CureMarks } from '../../thermal/cureMarks';
import type { Curing } from '../../thermal/curing';

/** Marks read off a label so far: a run for each of its times. */
const marksMade = memory<CureMarks>(500);

/** The marks of a card. @param curing calibrated, without what is stirred into it */
export const marksOf = (family: HeatFamily, curing: Curing, { times }: ReadResin): CureMarks =>
  marksMade(JSON.stringify([family, curing, times]), () => cureMarks(family, curing, times));
