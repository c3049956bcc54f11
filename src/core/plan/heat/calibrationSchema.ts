import { array, mixed, number, object } from 'yup';
import type { WholeCalibration } from './calibrationOf';
import type { LabelVerdict } from '../../thermal/label';

/** The figures that go with each verdict. */
const figuresOf: Readonly<Record<LabelVerdict['code'], readonly string[]>> = {
  'no-pot-life': [],
  'no-depth': [],
  agrees: [],
  'depth-too-large': ['labelMm', 'peakC', 'plannedMm'],
  'depth-below-heat': ['peakC'],
};

const isVerdict = (value: unknown): value is LabelVerdict => {
  if (typeof value !== 'object' || value === null) return false;
  const { code, ...figures } = value as Readonly<Record<string, unknown>>;
  const wanted = Object.entries(figuresOf).find(([each]) => each === code)?.[1];
  return wanted?.every((each) => Number.isFinite(figures[each])) ?? false;
};

/** A calibration as it is kept with a card; what is not one is worked out anew. */
const calibrationSchema = object({
  rateScale: number().positive().required(),
  kappa: number().positive().required(),
  heatJPerKg: number().positive().required(),
  verdict: mixed(isVerdict).required(),
  assumed: object({ massG: number().optional(), temperatureC: number().optional() })
    .noUnknown()
    .required(),
  members: array(
    object({
      rateScale: number().positive().required(),
      kappa: number().positive().required(),
      heatJPerKg: number().positive().required(),
      activationJPerMol: number().positive().required(),
      glassLambda: number().positive().max(1).required(),
      glassEndC: number().required(),
      weight: number().min(0).max(1).required(),
    }).noUnknown(),
  )
    .max(6)
    .required(),
});

export const isCalibration = (value: unknown): value is WholeCalibration =>
  calibrationSchema.isValidSync(value, { strict: true });
