import type { MeasuredWhole } from '../measure/measureWhole';
import type { MeasureSection } from './planTypes';

/** A measure as a plan prints it, in mm and ml. */
export const measureSection = (whole: MeasuredWhole): MeasureSection => ({
  parts: whole.parts,
  inserts: whole.inserts,
  depthMm: whole.depthMm,
  cavityMl: whole.cavityMl,
  cavityPlusMinusMl: whole.plusMinusMl,
  cavityErrs: whole.errs,
});
