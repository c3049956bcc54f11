import { readQuantity } from '../../quantity/readQuantity';
import { lengthRule } from '../../quantity/rules';
import { InputError } from '../../problem';
import { rootSumSquare } from '../doubt';
import { uprightFaces } from '../form/faces';
import { prism } from '../form/prism';
import { combinedSlabs } from '../form/slabs';
import { solidOfSlabs } from '../form/solidOfSlabs';
import type { Measured, PartWarning } from '../measured';
import { facesOfSnapshot, solidOfSnapshot, type MeshSnapshot } from '../mesh/meshSnapshot';
import type { Reading } from './reading';
import type { MeshPart } from './methodSchemas';

/** Silicone walls thinner than this tear. */
const leastWallMm = 10;

function warningsOf(measured: MeshSnapshot): PartWarning[] {
  const { holes, holesPlusMinusMl, insideOut, bodies, bodiesOverlap, averaged = 0 } = measured;
  return [
    ...(holes > 0
      ? [{ code: 'mesh-has-holes', severity: 'warn', data: { holes, holesPlusMinusMl } } as const]
      : []),
    ...(insideOut ? [{ code: 'mesh-inside-out', severity: 'tell', data: {} } as const] : []),
    ...(bodiesOverlap
      ? [{ code: 'mesh-bodies-overlap', severity: 'warn', data: { bodies } } as const]
      : []),
    ...(averaged > 0
      ? [{ code: 'mesh-areas-averaged', severity: 'tell', data: { averaged } } as const]
      : []),
  ];
}

/**
 * A mesh from its snapshot: as the piece or cavity itself, or as the master that silicone is poured around in a box.
 * @throws InputError `file-not-read`, `missing` (a master without its box), `master-outside-box`
 */
export function measureMeshPart(part: MeshPart, { tapeStepMm }: Reading): Measured {
  const { measured } = part;
  if (measured === undefined) throw new InputError('file-not-read', undefined, {}, 'path');
  const [sizeX = 0, sizeY = 0, sizeZ = 0] = measured.sizeMm;
  const body = solidOfSnapshot(measured);
  const detail = {
    kind: 'mesh',
    sizeMm: [sizeX, sizeY, sizeZ],
    surfaceMm2: measured.surfaceMm2,
    thickestMm: measured.thickestMm,
  } as const;
  const { holes, holesPlusMinusMl } = measured;
  const rule = holes > 0 ? 'mesh-holes' : 'mesh-as-drawn';
  const warnings = warningsOf(measured);
  if (part.as !== 'master') {
    const doubt = { plusMinusMl: holesPlusMinusMl, errs: 'either', rule, data: { holes } } as const;
    return { solid: body, faces: facesOfSnapshot(measured), doubt, warnings, detail };
  }
  if (part.box === undefined) throw new InputError('missing', undefined, {}, 'box');
  const lengthMm = (typed: string): number => readQuantity(typed, lengthRule).value;
  const [length, width, height] = [part.box.length, part.box.width, part.box.height].map(
    lengthMm,
  ) as [number, number, number];
  const walls = [(length - sizeX) / 2, (width - sizeY) / 2, height - sizeZ];
  const thin = Math.min(...walls);
  if (thin < 0) {
    const key = (['length', 'width', 'height'] as const)[walls.indexOf(thin)] ?? 'length';
    throw new InputError(
      'master-outside-box',
      part.box[key],
      { sizeX, sizeY, sizeZ },
      `box.${key}`,
    );
  }
  const box = prism(length * width, length, height);
  const around = combinedSlabs([
    { slabs: box.slabs, factor: 1, raisedMm: 0 },
    { slabs: body.slabs, factor: -1, raisedMm: 0 },
  ]);
  const half = tapeStepMm / 2;
  const boxMl =
    rootSumSquare([length * width * half, length * height * half, width * height * half]) / 1000;
  const read = { stepMm: tapeStepMm, most: 'height', holes };
  return {
    solid: solidOfSlabs(around, [
      ...body.outline.map(({ heightMm, widthMm }) => ({
        heightMm,
        widthMm: length,
        holeMm: widthMm,
      })),
      { heightMm: height, widthMm: length },
    ]),
    // Of the box: the master in it gets release agent, not a coat.
    faces: uprightFaces(length * width, 2 * (length + width), height),
    doubt: {
      plusMinusMl: Math.hypot(boxMl, holesPlusMinusMl),
      errs: 'either',
      rule: holes > 0 ? rule : 'reading',
      data: read,
    },
    warnings:
      thin < leastWallMm
        ? [
            ...warnings,
            { code: 'thin-mould-wall', severity: 'warn', data: { thinMm: thin, leastWallMm } },
          ]
        : warnings,
    detail,
  };
}
