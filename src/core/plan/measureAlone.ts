import { object } from 'yup';
import { measureKeys } from '../job/jobKeys';
import { measureWhole } from '../measure/measureWhole';
import { InputError } from '../problem';
import { massRule } from '../quantity/rules';
import { readQuantity } from '../quantity/readQuantity';
import { check } from '../schema/check';
import { measureSection } from './measureSection';
import type { MeasureSection } from './planTypes';
import { tapeStepOf, usualScaleStep } from './readingOf';

const alone = object(measureKeys);

/**
 * What a form measures before there is a resin to fill it with: the same figures as in the plan.
 * @param measure cavities and inserts as they are typed
 * @returns nothing where something in it is wrong, or where an amount is known by its mass and so needs a density
 */
export function measureAlone(measure: unknown): MeasureSection | undefined {
  const { value } = check(alone, measure, { strip: true });
  if (value === undefined || value.parts.some(({ shape }) => shape === 'amount')) return undefined;
  try {
    const whole = measureWhole(value, {
      tapeStepMm: tapeStepOf(value.readTo),
      scaleStepG: readQuantity(usualScaleStep, massRule).value,
      mixedDensityGPerMl: Number.NaN,
    });
    return measureSection(whole);
  } catch (error) {
    if (error instanceof InputError) return undefined;
    throw error;
  }
}
