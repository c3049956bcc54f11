import { readQuantity } from '../../quantity/readQuantity';
import { lengthRule } from '../../quantity/rules';
import { InputError } from '../../problem';
import type { Doubt } from '../doubt';
import { uprightFaces } from '../form/faces';
import { prism } from '../form/prism';
import type { Measured, OutlineDetail } from '../measured';
import { fileUnits } from '../mesh/fileUnits';
import { evenOddArea } from '../outline/evenOdd';
import type { Outline } from '../outline/polygon';
import { tracedArea, type TracedArea, type TraceScale } from '../outline/traced';
import type { Reading } from './reading';
import type { DrawingPart, TracedPart } from './methodSchemas';
import type { TypedDrawing, TypedScale, TypedTraced } from './outlineSchemas';

const lengthMm = (typed: string): number => readQuantity(typed, lengthRule).value;

/** Outlines in mm with their area, however they were drawn. */
export interface FlatOutlines {
  readonly outlinesMm: readonly Outline[];
  readonly areaMm2: number;
  readonly perimeterMm: number;
  readonly widthMm: number;
  readonly plusMinusMm2: number;
}

/**
 * The outlines of a drawing that count, in mm.
 * @throws InputError `file-not-read` (no outlines yet), `unit-unknown`, `no-such-outline`, and those of `evenOddArea`
 */
export function drawnOutlines(
  drawing: Pick<TypedDrawing, 'outlines' | 'unit' | 'picked'>,
): FlatOutlines {
  const { outlines, unit, picked } = drawing;
  if (outlines === undefined) throw new InputError('file-not-read', undefined, {}, 'path');
  if (unit === undefined) {
    throw new InputError('unit-unknown', undefined, { choices: Object.keys(fileUnits) }, 'unit');
  }
  const missing = picked?.find((number) => number > outlines.length);
  if (missing !== undefined) {
    throw new InputError('no-such-outline', missing, { outlines: outlines.length }, 'picked');
  }
  const scale = fileUnits[unit];
  const chosen = picked === undefined ? outlines : picked.flatMap((at) => outlines[at - 1] ?? []);
  const outlinesMm = chosen.map(({ points }) => points.map((value) => value * scale));
  const { area, perimeter, width } = evenOddArea(outlinesMm);
  return { outlinesMm, areaMm2: area, perimeterMm: perimeter, widthMm: width, plusMinusMm2: 0 };
}

function traceScale(scale: TypedScale): TraceScale {
  switch (scale.by) {
    case 'length':
      return { by: 'length', ends: scale.ends, lengthMm: lengthMm(scale.length) };
    case 'rectangle':
      return {
        by: 'rectangle',
        corners: scale.corners,
        widthMm: lengthMm(scale.width),
        heightMm: lengthMm(scale.height),
      };
    case 'grid':
      return { by: 'grid', squareMm: lengthMm(scale.square) };
  }
}

/** What was traced, in mm, with the two sources of its doubt. */
export function tracedOutlines(
  traced: Pick<TypedTraced, 'outlines' | 'scale'>,
  tapeStepMm: number,
): FlatOutlines & { readonly traced: TracedArea } {
  const found = tracedArea(
    traced.outlines.map(({ points }) => points),
    traceScale(traced.scale),
    tapeStepMm,
  );
  return {
    outlinesMm: found.outlinesMm,
    areaMm2: found.area,
    perimeterMm: found.perimeter,
    widthMm: found.width,
    plusMinusMm2: found.plusMinusMm2,
    traced: found,
  };
}

export const outlineDetail = ({
  areaMm2,
  perimeterMm,
  outlinesMm,
}: FlatOutlines): OutlineDetail => ({ kind: 'outline', areaMm2, perimeterMm, outlinesMm });

/** An area times a depth that was read off a tape. */
function overDepth(
  flat: FlatOutlines,
  depthMm: number,
  doubtOf: (plusMinusMl: number, depthMl: number) => Doubt,
  tapeStepMm: number,
): Measured {
  const depthMl = (flat.areaMm2 * tapeStepMm) / 2 / 1000;
  const areaMl = (flat.plusMinusMm2 * depthMm) / 1000;
  return {
    solid: prism(flat.areaMm2, flat.widthMm, depthMm),
    faces: uprightFaces(flat.areaMm2, flat.perimeterMm, depthMm),
    doubt: doubtOf(Math.hypot(areaMl, depthMl), depthMl),
    warnings: [],
    detail: outlineDetail(flat),
  };
}

export function measureDrawing(part: DrawingPart, { tapeStepMm }: Reading): Measured {
  return overDepth(
    drawnOutlines(part),
    lengthMm(part.depth),
    (plusMinusMl) => ({
      plusMinusMl,
      errs: 'either',
      rule: 'drawn',
      data: { stepMm: tapeStepMm },
    }),
    tapeStepMm,
  );
}

export function measureTraced(part: TracedPart, { tapeStepMm }: Reading): Measured {
  const flat = tracedOutlines({ outlines: part.outlines, scale: part.scale }, tapeStepMm);
  const depthMm = lengthMm(part.depth);
  const { fromTapsMm2, fromScaleMm2, mmPerPx } = flat.traced;
  return overDepth(
    flat,
    depthMm,
    (plusMinusMl, depthMl) => ({
      plusMinusMl,
      errs: 'either',
      rule: 'traced',
      data: {
        mmPerPx,
        by: part.scale.by,
        tapsMl: (fromTapsMm2 * depthMm) / 1000,
        scaleMl: (fromScaleMm2 * depthMm) / 1000,
        depthMl,
      },
    }),
    tapeStepMm,
  );
}
