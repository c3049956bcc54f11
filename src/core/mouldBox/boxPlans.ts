import { solidOfVolume } from '../measure/form/prism';
import type { Solid } from '../measure/form/solid';
import type { PartMeasured } from '../measure/measureWhole';
import { within } from '../measure/within';
import { InputError } from '../problem';
import { roundUpToStep, roundUpWhole } from '../quantity/round';
import { hairMm } from '../quantity/tolerance';
import { inTube, leastRectangle, leastTubeMm, standingIn, type BoxPlan } from './boxOptions';
import { footprintOf, rectangle, type Footprint } from './footprint';
import type { BoxKind, TypedMouldBox } from './mouldBoxSchema';
import { readAt } from './readAt';
import { tubeDiameters } from './tubes';

/** Thinner walls tear. General practice. */
export const leastWallMm = 10;
/** What is usual round a piece, mm, and how much of its longest side that is for larger ones. */
const [usualWallMm, wallShare] = [12, 0.08];

/** What a mould is poured round: as it was measured, or of the size that is typed beside its volume. */
export interface Piece {
  readonly footprint: Footprint | undefined;
  readonly solid: Solid;
  readonly heightMm: number | undefined;
  readonly longestMm: number | undefined;
}

/** @throws InputError `larger-than-its-size` */
export function pieceOf(typed: TypedMouldBox, measured: PartMeasured): Piece {
  const { solid, part } = measured;
  const footprint = footprintOf(part, measured);
  if (footprint !== undefined && solid.depthMm !== undefined) {
    const longestMm = Math.max(
      solid.depthMm,
      footprint.kind === 'round'
        ? footprint.diameterMm
        : leastRectangle('boards', footprint, 1, 0, (mm) => mm).lengthMm,
    );
    return { footprint, solid, heightMm: solid.depthMm, longestMm };
  }
  if (typed.piece === undefined) {
    return { footprint, solid, heightMm: solid.depthMm, longestMm: undefined };
  }
  const { piece } = typed;
  const length = readAt('piece.length', piece.length);
  const width = readAt('piece.width', piece.width);
  const height = readAt('piece.height', piece.height);
  const boxMl = (length * width * height) / 1000;
  if (solid.volumeMl > boxMl * (1 + 1e-9)) {
    throw new InputError(
      'larger-than-its-size',
      piece.length,
      { pieceMl: solid.volumeMl, boxMl },
      'piece.length',
    );
  }
  return {
    footprint: rectangle(length, width),
    solid: solidOfVolume(solid.volumeMl, height),
    heightMm: height,
    longestMm: Math.max(length, width, height),
  };
}

/** @throws InputError `wall-under-least` */
export function wallOf(typed: TypedMouldBox, longestMm: number | undefined): number {
  if (typed.wall === undefined) {
    return Math.max(usualWallMm, roundUpWhole((longestMm ?? 0) * wallShare));
  }
  const wallMm = readAt('wall', typed.wall);
  if (wallMm >= leastWallMm - hairMm) return wallMm;
  throw new InputError('wall-under-least', typed.wall, { wallMm, leastMm: leastWallMm }, 'wall');
}

/** Boxes of what is at hand. @throws InputError `no-tube-wide-enough` where a tube is wanted, those of `tubeDiameters` */
function allPlans(
  typed: TypedMouldBox,
  footprint: Footprint | undefined,
  pieces: number,
  wallMm: number,
): readonly BoxPlan[] {
  const plans: BoxPlan[] = [];
  if (typed.sizes !== undefined) {
    const length = readAt('sizes.length', typed.sizes.length);
    const width = readAt('sizes.width', typed.sizes.width);
    plans.push(
      footprint === undefined
        ? {
            kind: 'sizes',
            lengthMm: length,
            widthMm: width,
            areaMm2: length * width,
            turnDeg: 0,
            columns: pieces,
            rows: 1,
            thinnestMm: undefined,
            thinnestAtMm: undefined,
          }
        : standingIn(footprint, pieces, length, width),
    );
  }
  if (footprint === undefined) return plans;
  plans.push(leastRectangle('boards', footprint, pieces, wallMm));
  if (typed.brick !== undefined) {
    const stepMm = readAt('brick', typed.brick);
    plans.push(
      leastRectangle('bricks', footprint, pieces, wallMm, (mm) => roundUpToStep(mm, stepMm)),
    );
  }
  const tubes = within('tubes', () => tubeDiameters(typed.tubes ?? ''));
  // One piece stands in a tube; several do not use its round.
  if (tubes.length > 0 && pieces === 1) {
    const neededMm = leastTubeMm(footprint, wallMm);
    const tube = tubes.find((diameterMm) => diameterMm >= neededMm - hairMm);
    if (tube !== undefined) plans.push(inTube(footprint, tube));
    else if (typed.made === 'tube') {
      const widestMm = tubes.at(-1)!;
      throw new InputError('no-tube-wide-enough', typed.tubes, { neededMm, widestMm }, 'tubes');
    }
  }
  return plans;
}

/** @throws InputError `piece-outside-box` where a box that is there is too small for what stands in it */
export function refuseTooSmall(
  typed: TypedMouldBox,
  plan: BoxPlan,
  { footprint, heightMm, solid }: Piece,
  pieces: number,
  baseMm: number,
): void {
  const { sizes } = typed;
  if (sizes === undefined || plan.kind !== 'sizes') return;
  const inMm = readAt('sizes.height', sizes.height);
  const { thinnestMm = 0 } = plan;
  const boxMl = (plan.areaMm2 * inMm) / 1000;
  const tooNarrow = thinnestMm < -hairMm;
  const tooLow = heightMm !== undefined && baseMm + heightMm > inMm + hairMm;
  if (!tooNarrow && !tooLow && solid.volumeMl * pieces < boxMl) return;
  const key = tooLow ? 'height' : 'length';
  // The sides that it must have at the very least, without any wall.
  const least =
    footprint === undefined ? plan : leastRectangle('sizes', footprint, pieces, 0, (mm) => mm);
  throw new InputError(
    'piece-outside-box',
    sizes[key],
    {
      leastLengthMm: least.lengthMm,
      leastWidthMm: least.widthMm,
      leastHeightMm: baseMm + (heightMm ?? 0),
      pieceMl: solid.volumeMl * pieces,
      boxMl,
    },
    `sizes.${key}`,
  );
}

/** The field that says that a kind of box is at hand. */
const fieldOf = {
  boards: 'piece',
  tube: 'tubes',
  bricks: 'brick',
  sizes: 'sizes',
} as const;

/**
 * The boxes of what is at hand that keep the wall, and the one that is made: that of least rubber, or the one that is chosen.
 * @throws InputError `box-needs-size`, `box-not-at-hand`, `no-tube-wide-enough`, those of `tubeDiameters`
 */
export function boxPlans(
  typed: TypedMouldBox,
  footprint: Footprint | undefined,
  pieces: number,
  wallMm: number,
): { readonly plans: readonly BoxPlan[]; readonly made: BoxPlan } {
  const plans = allPlans(typed, footprint, pieces, wallMm);
  if (plans.length === 0) throw new InputError('box-needs-size', undefined, {}, 'piece');
  const chosen: BoxKind | undefined =
    typed.made ?? (typed.sizes === undefined ? undefined : 'sizes');
  const offered = plans.filter(({ kind }) => chosen === undefined || kind === chosen);
  if (chosen !== undefined && offered.length === 0) {
    throw new InputError('box-not-at-hand', chosen, { kind: chosen }, fieldOf[chosen]);
  }
  const made = offered.reduce((least, each) => (each.areaMm2 < least.areaMm2 ? each : least));
  // A box that is there is held against the others only where it keeps the wall as they do.
  const keeps = ({ kind, thinnestMm = -Infinity }: BoxPlan): boolean =>
    kind !== 'sizes' || thinnestMm >= wallMm - hairMm;
  return { plans: plans.filter((plan) => plan === made || keeps(plan)), made };
}
