import { readQuantity } from '../../quantity/readQuantity';
import { lengthRule } from '../../quantity/rules';
import { within } from '../within';
import type { CoatedFlat } from '../coat/coat';
import { flatOutline } from '../flat/flatOutline';
import { insetAreaMm2 } from '../flat/flatPlan';
import { flatRules, type FlatRule, type FlatShape } from '../flat/flatRules';
import type { OutlineDetail } from '../measured';
import type { Outline } from '../outline/polygon';
import { drawnOutlines, outlineDetail, tracedOutlines, type FlatOutlines } from './measureOutlines';
import type { TypedFace } from './methodSchemas';

const lengthMm = (typed: string): number => readQuantity(typed, lengthRule).value;

/** A flat face, with the figures it was read from where it was read off a tape. */
export interface Face {
  readonly flat: CoatedFlat;
  readonly values: Readonly<Record<string, number>>;
  readonly areaMm2: (values: Readonly<Record<string, number>>) => number;
  readonly plusMinusMm2: number;
  /** Of a plain shape as its edge runs, of a drawing or a trace with its islands. */
  readonly outlinesMm: () => readonly Outline[];
  readonly outline?: OutlineDetail;
}

/** A face of a plain shape, read off a tape. */
export function plainFace(shape: FlatShape, values: Readonly<Record<string, number>>): Face {
  const rule: FlatRule = flatRules[shape];
  const plan = rule.plan(values);
  return {
    flat: {
      areaMm2: plan.areaMm2,
      perimeterMm: plan.perimeterMm,
      widthMm: plan.widthMm,
      bandAreaMm2: (bandMm) => plan.areaMm2 - insetAreaMm2(plan, bandMm),
    },
    values,
    areaMm2: (moved) => rule.plan(moved).areaMm2,
    plusMinusMm2: 0,
    outlinesMm: () => [flatOutline(shape, values)],
  };
}

function outlinedFace(outlines: FlatOutlines): Face {
  const { areaMm2, perimeterMm, widthMm, plusMinusMm2, outlinesMm } = outlines;
  const outline = outlineDetail(outlines);
  // Along a free outline the band is taken as straight; what corners take away is within the doubt of a coat.
  const flat = { areaMm2, perimeterMm, widthMm, bandAreaMm2: (mm: number) => perimeterMm * mm };
  return {
    flat,
    values: {},
    areaMm2: () => areaMm2,
    plusMinusMm2,
    outlinesMm: () => outlinesMm,
    outline,
  };
}

/**
 * A face as it is typed, drawn or traced.
 * @throws InputError what is wrong with it, its field told from the part (`face.…`)
 */
export const readFace = (face: TypedFace, tapeStepMm: number): Face =>
  within('face', () => {
    if (face.shape === 'drawing') return outlinedFace(drawnOutlines(face));
    if (face.shape === 'traced') return outlinedFace(tracedOutlines(face, tapeStepMm));
    const typed: Readonly<Record<string, string | number>> = { ...face };
    const { fields }: FlatRule = flatRules[face.shape];
    const values = Object.fromEntries(
      Object.entries(fields).map(([key, field]) => [
        key,
        field === 'sides' ? Number(typed[key]) : lengthMm(String(typed[key])),
      ]),
    );
    return plainFace(face.shape, values);
  });
