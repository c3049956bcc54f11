import type { PouredPlace } from '../thermal/fit/sampledRun';
import { cureCurves, type CureCurves } from './cureCurves';
import { watchCure, type CureWatch, type CuringPour } from './watchCure';

/** What the cure watch asks: what was measured, and the curve that is shown. */
export interface CureQuestion {
  readonly pour: CuringPour;
  readonly place: PouredPlace;
  /** Min after its first layer was begun. */
  readonly untilMin: number;
}

export interface CureAnswer {
  readonly watch: CureWatch;
  readonly curves: CureCurves;
}

/** @throws InputError `heat-lost-itself` */
export function cureAnswer({ pour, place, untilMin }: CureQuestion): CureAnswer {
  const watch = watchCure(pour);
  const isMeasured = pour.readings.length + pour.felt.length + pour.room.length > 0;
  return { watch, curves: cureCurves(pour, isMeasured ? watch : undefined, place, untilMin) };
}
