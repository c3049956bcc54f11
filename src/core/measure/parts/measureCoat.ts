import { readQuantity } from '../../quantity/readQuantity';
import { areaRule, lengthRule } from '../../quantity/rules';
import { coat } from '../coat/coat';
import type { Measured } from '../measured';
import { readingDoubt } from '../shapes/readingDoubt';
import type { Reading } from './reading';
import { plainFace, readFace, type Face } from './readFace';
import type { CoatPart } from './methodSchemas';
import { uprightFaces } from '../form/faces';

const lengthMm = (typed: string): number => readQuantity(typed, lengthRule).value;

function faceOf(part: CoatPart, tapeStepMm: number): Face {
  if ('area' in part) {
    const areaMm2 = readQuantity(part.area, areaRule).value;
    const flat = {
      areaMm2,
      perimeterMm: undefined,
      widthMm: Math.sqrt(areaMm2),
      bandAreaMm2: () => 0,
    };
    return { flat, values: {}, areaMm2: () => areaMm2, plusMinusMm2: 0, outlinesMm: () => [] };
  }
  if ('face' in part) return readFace(part.face, tapeStepMm);
  const sides = { length: lengthMm(part.length), width: lengthMm(part.width) };
  return plainFace('rectangle', sides);
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
