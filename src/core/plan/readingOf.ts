import type { JobPour } from '../job/jobPour';
import type { Reading } from '../measure/parts/reading';
import { readQuantity } from '../quantity/readQuantity';
import { lengthRule, massRule } from '../quantity/rules';
import type { ReadResin } from '../resin/readResin';

/** Most scales at a bench show whole grams, most tapes whole millimetres. */
const usualScaleStep = '1 g';
const usualTapeStep = '1 mm';

/** What a tape is read to, mm. */
export const tapeStepOf = (readTo: string | undefined): number =>
  readQuantity(readTo ?? usualTapeStep, lengthRule).value;

/** What a scale shows, g. */
export const scaleStepOf = (scaleStep: string | undefined): number =>
  readQuantity(scaleStep ?? usualScaleStep, massRule).value;

/** What a job's measures are read with. */
export function readingOf(job: JobPour, resin: ReadResin): Reading {
  return {
    tapeStepMm: tapeStepOf(job.measure?.readTo),
    scaleStepG: scaleStepOf(job.scaleStep),
    mixedDensityGPerMl: resin.mixedDensityGPerMl,
  };
}
