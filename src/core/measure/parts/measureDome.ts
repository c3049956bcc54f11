import { InputError } from '../../problem';
import { readQuantity } from '../../quantity/readQuantity';
import { contactAngleRule, lengthRule, massRule } from '../../quantity/rules';
import { domeOf, domeSlab, heightByAngleMm, type DomedFace } from '../dome/dome';
import { uprightFaces } from '../form/faces';
import type { Slab } from '../form/slab';
import { solidOfSlabs } from '../form/solidOfSlabs';
import type { Measured } from '../measured';
import { readingDoubt } from '../shapes/readingDoubt';
import type { DomePart } from './methodSchemas';
import { readFace, type Face } from './readFace';
import type { Reading } from './reading';

const lengthMm = (typed: string): number => readQuantity(typed, lengthRule).value;

/** A drop out of a common dropper, ml. Assumed. */
export const usualDropMl = 0.03;

/** From this share on what its weight adds is told. */
const worthTelling = 0.3;

/** Half the axes of what is round; undefined for what is not. */
function halfAxesOf({ face }: DomePart, { values }: Face): DomedFace['halfAxesMm'] {
  if (face.shape === 'circle') return [values['diameter']! / 2, values['diameter']! / 2];
  return face.shape === 'ellipse' ? [values['length']! / 2, values['width']! / 2] : undefined;
}

/** The cut through its middle: how far over the rim it stands across the width, as a parabola. */
const outlineSteps = 16;

/**
 * Resin that stands over a face, held by its edge.
 * @throws InputError what is wrong with the face
 */
export function measureDome(part: DomePart, { tapeStepMm, mixedDensityGPerMl }: Reading): Measured {
  const face = readFace(part.face, tapeStepMm);
  const { areaMm2, perimeterMm, widthMm } = face.flat;
  if (perimeterMm === undefined) throw new InputError('missing', undefined, {}, 'face');
  const domed: DomedFace = {
    areaMm2,
    perimeterMm,
    widthMm,
    outlinesMm: face.outlinesMm(),
    halfAxesMm: halfAxesOf(part, face),
  };
  const heightMm =
    part.height === undefined
      ? heightByAngleMm(domed, readQuantity(part.angle ?? '', contactAngleRule).value)
      : lengthMm(part.height);
  const dome = domeOf(domed, heightMm, mixedDensityGPerMl, part.rim ?? 'sharp');
  const recessMm = part.recess === undefined ? 0 : lengthMm(part.recess);
  const recess: readonly Slab[] =
    recessMm === 0 ? [] : [{ fromMm: 0, toMm: recessMm, areaMm2: [areaMm2, 0, 0] }];
  const solid = solidOfSlabs(
    [...recess, domeSlab(areaMm2, dome, recessMm)],
    [
      ...(recessMm === 0 ? [] : [{ heightMm: 0, widthMm }]),
      ...Array.from({ length: outlineSteps + 1 }, (_, step) => {
        const share = step / outlineSteps;
        return { heightMm: recessMm + share * heightMm, widthMm: widthMm * Math.sqrt(1 - share) };
      }),
    ],
  );
  const read = readingDoubt(
    face.values,
    Object.keys(face.values).filter((key) => key !== 'sides'),
    tapeStepMm,
    (values) => (face.areaMm2(values) / areaMm2) * solid.volumeMl,
  );
  const tracedMl = (face.plusMinusMm2 / areaMm2) * solid.volumeMl;
  const dropMl =
    part.twentyDrops === undefined
      ? usualDropMl
      : readQuantity(part.twentyDrops, massRule).value / 20 / mixedDensityGPerMl;
  return {
    solid,
    faces: uprightFaces(areaMm2, perimeterMm, recessMm),
    doubt: {
      plusMinusMl: Math.hypot(read.plusMinusMl, tracedMl) + dome.fullerByMl,
      errs: dome.fullerByMl > read.plusMinusMl ? 'low' : 'either',
      rule: 'dome',
      data: { stepMm: tapeStepMm, fullerMl: dome.fullerByMl },
    },
    warnings: [
      ...(heightMm > dome.mostMm
        ? [
            {
              code: 'dome-runs-over',
              severity: 'warn',
              data: { heightMm, mostMm: dome.mostMm, rim: part.rim ?? 'sharp' },
            } as const,
          ]
        : []),
      ...(dome.fullerByMl > worthTelling * dome.capMl
        ? [
            {
              code: 'dome-flattens',
              severity: 'tell',
              data: { capMl: dome.capMl, fullerByMl: dome.fullerByMl },
            } as const,
          ]
        : []),
    ],
    detail: {
      kind: 'dome',
      ...dome,
      areaMm2,
      perimeterMm,
      recessMm,
      dropMl,
      dropAssumed: part.twentyDrops === undefined,
      drops: solid.volumeMl / dropMl,
      ...(face.outline === undefined ? {} : { outline: face.outline }),
    },
  };
}
