import { waterDensityGPerMl } from '../measure/fill/water';

/** A mark on a plain cup, found by weighing water into it. */
export interface CupMark {
  readonly ml: number;
  readonly waterG: number;
}

/**
 * How much water to weigh in for each mark: m = V ρ(T).
 * @param marksMl volumes to be marked
 * @param waterC its temperature
 */
export function cupMarksOf(marksMl: readonly number[], waterC: number): readonly CupMark[] {
  const density = waterDensityGPerMl(waterC);
  return marksMl.map((ml) => ({ ml, waterG: ml * density }));
}
