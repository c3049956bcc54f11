import { moved } from '../thermal/fit/fitPour';
import type { Candidate } from '../thermal/fit/fitReadings';
import { sampledRun, type PouredPlace } from '../thermal/fit/sampledRun';
import type { PourSetting } from '../thermal/pourSetting';
import { begunAt, type CuringPour, type CureWatch } from './watchCure';

/** How warm a pour is, from when its first layer was begun; as many of each. */
export interface CureCurves {
  readonly place: PouredPlace;
  readonly atMin: readonly number[];
  /** By its card, from the least to the most of what its label leaves open, °C. */
  readonly lowC: readonly number[];
  readonly expectedC: readonly number[];
  readonly highC: readonly number[];
  /** By what was measured; undefined where nothing was. */
  readonly correctedC: readonly number[] | undefined;
}

/** A picture of a few inches shows no more points. */
const points = 80;

/**
 * The curves that readings of a pour lie beside.
 * @param untilMin after its first layer was begun
 */
export function cureCurves(
  { planned, begunS, candidates }: CuringPour,
  watch: Pick<CureWatch, 'rate' | 'film'> | undefined,
  place: PouredPlace,
  untilMin: number,
): CureCurves {
  const setting = begunAt(planned, begunS);
  const atMin = Array.from({ length: points }, (_, at) => (untilMin * (at + 1)) / points);
  const asked = atMin.map((min) => ({ timeS: min * 60, place }));
  const curveOf = (of: PourSetting, { curing, marks }: Pick<Candidate, 'curing' | 'marks'>) =>
    sampledRun(of, curing, marks, asked, []).readingsC;
  const all = candidates.map((each) => curveOf(setting, each));
  const [own] = candidates;
  const it =
    watch && moved({ setting, curing: own.curing }, (what) => (what === 'kappa' ? 1 : watch[what]));
  return {
    place,
    atMin,
    lowC: atMin.map((_, at) => Math.min(...all.map((curve) => curve[at]!))),
    expectedC: all[0]!,
    highC: atMin.map((_, at) => Math.max(...all.map((curve) => curve[at]!))),
    correctedC: it && curveOf(it.setting, { curing: it.curing, marks: own.marks }),
  };
}
