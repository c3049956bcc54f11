import { combinedSlabs, type PlacedSlabs } from '../measure/form/slabs';
import { slabAreaMm2, type Slab } from '../measure/form/slab';
import type { Solid, WidthAtHeight } from '../measure/form/solid';
import { solidOfSlabs } from '../measure/form/solidOfSlabs';
import type { PartMeasured } from '../measure/measureWhole';
import { within } from '../measure/within';
import { InputError } from '../problem';
import { readQuantity } from '../quantity/readQuantity';
import { lengthRule, positionRule } from '../quantity/rules';
import type { BoxPlan } from './boxOptions';
import { boxPlans, leastWallMm, pieceOf, refuseTooSmall, wallOf, type Piece } from './boxPlans';
import { keysOf } from './keys';
import type { BoxOption, MouldBox } from './mouldBox';
import type { TypedMouldBox } from './mouldBoxSchema';
import { openingsOf } from './openings';
import { heldStretches, holdingMm2, partingOf, zigzagOf } from './parting';
import { readAt } from './readAt';

/** What of a mould is asked for. */
export interface MouldBoxQuestion {
  readonly typed: TypedMouldBox;
  readonly measured: PartMeasured;
  /** Moulds that its castings go round with, where that is said. */
  readonly wantedMoulds: number | undefined;
}

const position = (field: string, typed: string): number =>
  within(field, () => readQuantity(typed, positionRule).value);

/**
 * The mould of rubber round a piece: the box of least rubber of what is at hand, or the one that is chosen, with its ways in and out.
 * @throws InputError `wall-under-least`, `piece-outside-box`, `larger-than-its-size`, `no-tube-wide-enough`, `box-not-at-hand`,
 *   `box-needs-size`, `rod-too-wide`, `rods-fill-box`, `parting-outside-piece`, `parting-needs-height`, `master-in-two-boxes`; fields relative to the box
 */
export function mouldBoxOf({ typed, measured, wantedMoulds }: MouldBoxQuestion): MouldBox {
  const { part, count: pieces } = measured;
  if (part.shape === 'mesh' && part.as === 'master') {
    throw new InputError('master-in-two-boxes', undefined, {});
  }
  const piece = pieceOf(typed, measured);
  const { footprint, solid, heightMm: pieceHeightMm } = piece;
  const { standing } = part.shape === 'mesh' ? (part.measured ?? {}) : {};
  const wallMm = wallOf(typed, piece.longestMm);
  const halves = typed.halves ?? 'one';
  const castTurned = (typed.cast ?? (halves === 'one' ? 'turned' : 'standing')) === 'turned';
  // On a board, face down, without a way in of its own: the face is the opening.
  const hasFoot = isFlat(solid, castTurned);
  const liesOnBoard = halves === 'one' && castTurned && typed.spout === undefined && hasFoot;
  const baseMm =
    typed.base === undefined ? (liesOnBoard ? 0 : wallMm) : position('base', typed.base);
  const { plans, made } = boxPlans(typed, footprint, pieces, wallMm);
  refuseTooSmall(typed, made, piece, pieces, baseMm);

  const topMm = readAt('top', typed.top) ?? wallMm;
  const heightOf = ({ kind }: BoxPlan): number =>
    kind === 'sizes'
      ? readQuantity(typed.sizes!.height, lengthRule).value
      : baseMm + (pieceHeightMm ?? 0) + topMm;
  const heightMm = heightOf(made);
  const overMm = pieceHeightMm === undefined ? undefined : heightMm - baseMm - pieceHeightMm;
  const isOpen = hasFoot && (castTurned ? baseMm === 0 : overMm === 0);
  const openings = openingsOf(typed, standing, {
    castTurned,
    isOpen,
    baseMm,
    pieceTopMm: baseMm + (pieceHeightMm ?? 0),
    heightMm,
    pieces,
    // Rubber stays between it and its neighbour, or the wall.
    roomMm: Math.min(made.lengthMm / made.columns, made.widthMm / made.rows) - leastWallMm,
  });
  const parting = halves === 'two' ? partingOf(typed, pieceHeightMm, standing) : undefined;
  const partsAtMm = baseMm + (parting?.heightMm ?? 0);
  const keys =
    parting &&
    keysOf(typed, partsAtMm, Math.min(wallMm, 2 * partsAtMm, 2 * (heightMm - partsAtMm)));

  const displaced: readonly PlacedSlabs[] = [
    { slabs: solid.slabs, factor: -pieces, raisedMm: baseMm },
    ...openings.rods,
    ...(keys?.placed ?? []),
  ];
  // A piece without a form is in there all the same, at every height alike.
  const formlessMm2 = solid.depthMm === undefined ? (solid.volumeMl * pieces * 1000) / heightMm : 0;
  const slabsOf = (plan: BoxPlan): readonly Slab[] => {
    const upToMm = heightOf(plan);
    const areaMm2 = [plan.areaMm2 - formlessMm2, 0, 0] as const;
    const box = { slabs: [{ fromMm: 0, toMm: upToMm, areaMm2 }], factor: 1, raisedMm: 0 };
    return combinedSlabs([box, ...displaced], upToMm);
  };
  const optionOf = (plan: BoxPlan): BoxOption => ({
    ...plan,
    rubberMl: solidOfSlabs(slabsOf(plan), []).volumeMl,
  });
  const slabs = slabsOf(made);
  const rubber = solidOfSlabs(slabs, []);
  refuseTooFull(slabs);
  const lowerMl = rubber.volumeBelowMl(partsAtMm);
  return {
    made: optionOf(made),
    options: plans.map(optionOf).sort((a, b) => a.rubberMl - b.rubberMl),
    count: typed.count ?? wantedMoulds ?? 1,
    pieces,
    pieceMl: solid.volumeMl,
    pieceHeightMm,
    heightMm,
    wallMm,
    wallTyped: typed.wall !== undefined,
    baseMm,
    topMm: overMm,
    halves,
    castTurned,
    isOpen,
    spout: openings.spout,
    vents: openings.vents,
    tops: openings.tops,
    recesses: openings.recesses,
    keys: keys?.keys,
    parting: parting && { ...parting, lowerMl, upperMl: rubber.volumeMl - lowerMl },
    zigzag: halves === 'one' ? zigzagOf(solid, pieceHeightMm, standing, isOpen) : undefined,
    holdingMm2: standing && (parting?.undercut?.mm2 ?? holdingMm2(standing)),
    rubberMl: rubber.volumeMl,
    slabs,
    outline: outlineOf(piece, made.lengthMm, heightMm, baseMm, pieces),
    cut: pieces > 1 ? undefined : raised(measured.cut, baseMm),
    rods: pieces > 1 ? [] : openings.drawn(middleOf(standing)),
    held:
      standing === undefined || pieceHeightMm === undefined || pieces > 1
        ? []
        : heldStretches(standing, pieceHeightMm, parting?.heightMm ?? 0, baseMm),
  };
}

/** @throws InputError `rods-fill-box` where less than nothing is left of the rubber at some height */
function refuseTooFull(slabs: readonly Slab[]): void {
  const isFull = slabs.some((slab) =>
    [0, 0.5, 1].some((share) => slabAreaMm2(slab, share * (slab.toMm - slab.fromMm)) < -1e-6),
  );
  if (isFull) throw new InputError('rods-fill-box', undefined, {}, 'vents');
}

/** As wide as a face must be to be poured through: 5 mm across, mm². */
const leastOpeningMm2 = 20;
/** A face is told this far into a piece: what only touches its board is none, mm. */
const touchesMm = 0.02;

/** Whether a piece ends in a face where it is cast from; what has no form is taken to. */
function isFlat({ depthMm, areaAtMm2 }: Solid, castTurned: boolean): boolean {
  if (depthMm === undefined) return true;
  return areaAtMm2(castTurned ? touchesMm : depthMm - touchesMm) >= leastOpeningMm2;
}

/** Where the middle of a mesh is along x, which its cut is drawn about. */
function middleOf(standing: { readonly hullMm: readonly number[] } | undefined): number {
  const across = standing?.hullMm.filter((_, at) => at % 3 === 0) ?? [];
  return across.length === 0 ? 0 : (Math.min(...across) + Math.max(...across)) / 2;
}

/** A cut of which every second number is a height. */
const raised = (cut: PartMeasured['cut'], byMm: number): PartMeasured['cut'] =>
  cut?.map((ring) => ring.map((mm, index) => (index % 2 === 1 ? mm + byMm : mm)));

/** As the Section draws it: the box, and the piece in it as a hole; of several pieces the box alone. */
function outlineOf(
  { solid }: Piece,
  widthMm: number,
  heightMm: number,
  baseMm: number,
  pieces: number,
): readonly WidthAtHeight[] {
  const body = pieces > 1 ? [] : solid.outline;
  return [
    { heightMm: 0, widthMm },
    ...body.map((each) => ({
      heightMm: each.heightMm + baseMm,
      widthMm,
      holeMm: each.widthMm,
    })),
    { heightMm, widthMm },
  ];
}
