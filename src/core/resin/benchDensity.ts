import { InputError } from '../problem';
import { readQuantity } from '../quantity/readQuantity';
import { densityRule, massRule, volumeRule } from '../quantity/rules';
import { within } from '../measure/within';

/** One weighing of a part: what a known volume of it weighs, as typed. */
export interface Weighing {
  readonly volume: string;
  readonly mass: string;
}

export interface BenchDensity {
  readonly meanGPerMl: number;
  /** Standard deviation of the single weighings; undefined with one. */
  readonly spreadGPerMl: number | undefined;
  /** For the card, to three decimals. */
  readonly text: string;
}

/**
 * Density of a part found at the bench, ρ = m/V, as the mean of the weighings.
 * @param weighings one to many; three show how far they lie apart
 * @throws InputError at `weighings[n].volume` or `.mass`; `not-a-density` where no part weighs that
 */
export function benchDensity(weighings: readonly Weighing[]): BenchDensity {
  if (weighings.length === 0) throw new InputError('too-few', weighings, {}, 'weighings');
  const densities = weighings.map(({ volume, mass }, index) => {
    const place = `weighings[${index}]`;
    const ml = within(`${place}.volume`, () => readQuantity(volume, volumeRule).value);
    const g = within(`${place}.mass`, () => readQuantity(mass, massRule).value);
    const found = g / ml;
    if (found < densityRule.least.value || found > densityRule.greatest.density.value) {
      throw new InputError('not-a-density', mass, { densityGPerMl: found }, `${place}.mass`);
    }
    return found;
  });
  const meanGPerMl = densities.reduce((sum, each) => sum + each, 0) / densities.length;
  const squares = densities.reduce((sum, each) => sum + (each - meanGPerMl) ** 2, 0);
  return {
    meanGPerMl,
    spreadGPerMl: densities.length < 2 ? undefined : Math.sqrt(squares / (densities.length - 1)),
    text: `${Number(meanGPerMl.toFixed(3))} g/ml`,
  };
}
