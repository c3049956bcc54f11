import { readQuantity } from '../../quantity/readQuantity';
import { areaRule, lengthRule } from '../../quantity/rules';
import { InputError } from '../../problem';
import { coat, type CoatedFlat } from '../coat/coat';
import { insetAreaMm2 } from '../flat/flatPlan';
import { flatRules, type FlatRule } from '../flat/flatRules';
import type { Measured, OutlineDetail } from '../measured';
import { readingDoubt } from '../shapes/readingDoubt';
import type { Reading } from './reading';
import { drawnOutlines, outlineDetail, tracedOutlines, type FlatOutlines } from './measureOutlines';
import type { CoatPart } from './methodSchemas';
import { uprightFaces } from '../form/faces';

const lengthMm = (typed: string): number => readQuantity(typed, lengthRule).value;

/** The flat face of a coat, with the figures it was read from where it was read off a tape. */
interface Face {
  readonly flat: CoatedFlat;
  readonly values: Readonly<Record<string, number>>;
  readonly areaMm2: (values: Readonly<Record<string, number>>) => number;
  readonly plusMinusMm2: number;
  readonly outline?: OutlineDetail;
}

function plainFace(rule: FlatRule, values: Readonly<Record<string, number>>): Face {
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
  };
}

function outlinedFace(outlines: FlatOutlines): Face {
  const { areaMm2, perimeterMm, widthMm, plusMinusMm2 } = outlines;
  const outline = outlineDetail(outlines);
  // Along a free outline the band is taken as straight; what corners take away is within the doubt of a coat.
  const flat = { areaMm2, perimeterMm, widthMm, bandAreaMm2: (mm: number) => perimeterMm * mm };
  return { flat, values: {}, areaMm2: () => areaMm2, plusMinusMm2, outline };
}

function faceOf(part: CoatPart, tapeStepMm: number): Face {
  if ('area' in part) {
    const areaMm2 = readQuantity(part.area, areaRule).value;
    const flat = {
      areaMm2,
      perimeterMm: undefined,
      widthMm: Math.sqrt(areaMm2),
      bandAreaMm2: () => 0,
    };
    return { flat, values: {}, areaMm2: () => areaMm2, plusMinusMm2: 0 };
  }
  if (!('face' in part)) {
    const sides = { length: lengthMm(part.length), width: lengthMm(part.width) };
    return plainFace(flatRules.rectangle, sides);
  }
  const { face } = part;
  try {
    if (face.shape === 'drawing') return outlinedFace(drawnOutlines(face));
    if (face.shape === 'traced') return outlinedFace(tracedOutlines(face, tapeStepMm));
    const rule: FlatRule = flatRules[face.shape];
    const typed: Readonly<Record<string, string | number>> = { ...face };
    const values = Object.fromEntries(
      Object.entries(rule.fields).map(([key, field]) => [
        key,
        field === 'sides' ? Number(typed[key]) : lengthMm(String(typed[key])),
      ]),
    );
    return plainFace(rule, values);
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    throw error.at(`face.${error.field}`);
  }
}

/** A coat: its thickness is chosen, not measured, so that the doubt is that of the area. */
export function measureCoat(part: CoatPart, { tapeStepMm }: Reading): Measured {
  const face = faceOf(part, tapeStepMm);
  const thicknessMm = lengthMm(part.thickness);
  const { edges, underside } = part;
  const { solid, faces: coated } = coat(face.flat, {
    thicknessMm,
    edges: edges && {
      heightMm: lengthMm(edges.height),
      thicknessMm: edges.thickness === undefined ? thicknessMm : lengthMm(edges.thickness),
    },
    underside: underside && {
      bandMm: lengthMm(underside.band),
      thicknessMm: underside.thickness === undefined ? thicknessMm : lengthMm(underside.thickness),
    },
  });
  const read = readingDoubt(
    face.values,
    Object.keys(face.values).filter((key) => key !== 'sides'),
    tapeStepMm,
    (values) => (face.areaMm2(values) * thicknessMm) / 1000,
  );
  const tracedMl = (face.plusMinusMm2 * thicknessMm) / 1000;
  const { areaMm2, perimeterMm } = face.flat;
  return {
    solid,
    faces:
      perimeterMm === undefined
        ? { floorMm2: areaMm2 }
        : uprightFaces(areaMm2, perimeterMm, solid.depthMm ?? 0),
    doubt: {
      ...read,
      ...('area' in part && { rule: 'as-given' as const }),
      plusMinusMl: Math.hypot(read.plusMinusMl, tracedMl),
    },
    warnings: [],
    detail: {
      kind: 'coat',
      faces: coated,
      ...(face.outline === undefined ? {} : { outline: face.outline }),
    },
  };
}
