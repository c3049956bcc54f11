import { object } from 'yup';
import { measureKeys } from '../job/jobKeys';
import { measureWhole } from '../measure/measureWhole';
import { InputError } from '../problem';
import { check } from '../schema/check';
import { measureSection } from './measureSection';
import type { MeasureSection } from './planTypes';
import { scaleStepOf, tapeStepOf } from './readingOf';

const alone = object(measureKeys);

/**
 * What a form measures before there is a resin to fill it with: the same figures as in the plan.
 * @param measure cavities and inserts as they are typed
 * @param scaleStep what the job's scale shows, as it is typed
 * @returns nothing where something in it is wrong, or where an amount is known by its mass and so needs a density
 */
export function measureAlone(
  measure: unknown,
  scaleStep: string | undefined,
): MeasureSection | undefined {
  const { value } = check(alone, measure, { strip: true });
  if (value === undefined || value.parts.some(({ shape }) => shape === 'amount')) return undefined;
  try {
    const whole = measureWhole(value, {
      tapeStepMm: tapeStepOf(value.readTo),
      scaleStepG: scaleStepOf(scaleStep),
      mixedDensityGPerMl: Number.NaN,
    });
    return measureSection(whole);
  } catch (error) {
    if (error instanceof InputError) return undefined;
    throw error;
  }
}
