import { uprightFaces, type Faces } from '../measure/form/faces';
import { solidOfSlabs } from '../measure/form/solidOfSlabs';
import { turnedOver } from '../measure/form/turnedOver';
import {
  measureWhole,
  type Measure,
  type MeasuredWhole,
  type PartMeasured,
} from '../measure/measureWhole';
import type { Reading } from '../measure/parts/reading';
import { rootSumSquare } from '../measure/doubt';
import { within } from '../measure/within';
import { InputError } from '../problem';
import type { MouldBox } from './mouldBox';
import { mouldBoxOf } from './mouldBoxOf';
import type { TypedMouldBox } from './mouldBoxSchema';

/** The rubber round a piece in place of the piece. */
function boxed(measured: PartMeasured, box: MouldBox, { tapeStepMm }: Reading): PartMeasured {
  const { lengthMm, widthMm, areaMm2, kind } = box.made;
  const { heightMm } = box;
  const half = tapeStepMm / 2;
  const isRound = kind === 'tube';
  const perimeterMm = isRound ? Math.PI * lengthMm : 2 * (lengthMm + widthMm);
  // Each side may be off by half of what the tape shows, each by itself; a tube has one.
  const sides = isRound
    ? [((Math.PI * lengthMm) / 2) * heightMm * half, areaMm2 * half]
    : [widthMm * heightMm * half, lengthMm * heightMm * half, areaMm2 * half];
  const pieceMl = measured.doubt.plusMinusMl * box.pieces;
  return {
    ...measured,
    count: box.count,
    solid: solidOfSlabs(box.slabs, box.outline),
    // Of the box: the piece in it gets release agent, not a coat.
    faces: uprightFaces(areaMm2, perimeterMm, heightMm),
    cut: box.cut,
    rods: box.rods,
    held: box.held,
    doubt: {
      plusMinusMl: Math.hypot(rootSumSquare(sides) / 1000, pieceMl),
      errs: 'either',
      rule: 'reading',
      data: { stepMm: tapeStepMm, most: 'height' },
    },
  };
}

/**
 * What a mould is: the rubber round the one kind of piece that is measured.
 * @param wantedMoulds that its castings go round with
 * @throws InputError `box-needs-one-part`, those of `mouldBoxOf`, told from the pour; those of `measureWhole`
 */
export function boxedWhole(
  typed: TypedMouldBox,
  { parts }: Measure,
  reading: Reading,
  wantedMoulds: number | undefined,
): { readonly whole: MeasuredWhole; readonly box: MouldBox } {
  if (parts.length !== 1) {
    throw new InputError('box-needs-one-part', undefined, { parts: parts.length }, 'mouldBox');
  }
  let box: MouldBox | undefined;
  // What stands in the castings does not stand in the rubber.
  const whole = measureWhole({ parts, inserts: [] }, reading, (measured) => {
    box = within('mouldBox', () => mouldBoxOf({ typed, measured, wantedMoulds }));
    return boxed(measured, box, reading);
  });
  return { whole, box: box! };
}

/** Faces of a form that stands on its rim. */
const facesTurned = (faces: Faces | undefined, floorMm2: number, depthMm: number): Faces => {
  const sides = faces?.sidesMm2;
  return {
    floorMm2,
    sidesMm2: sides && ((upToMm) => sides(depthMm) - sides(depthMm - upToMm)),
  };
};

/** A part as it is poured in a mould that was turned over. */
export function partTurnedOver(measured: PartMeasured): PartMeasured {
  const { solid, faces, cut } = measured;
  const { depthMm } = solid;
  if (depthMm === undefined) return measured;
  return {
    ...measured,
    solid: turnedOver(solid),
    faces: facesTurned(faces, solid.areaAtMm2(depthMm), depthMm),
    cut: cut?.map((ring) => ring.map((mm, at) => (at % 2 === 1 ? depthMm - mm : mm))),
  };
}
