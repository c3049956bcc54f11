import type { PlacedSlabs } from '../measure/form/slabs';
import type { DrawnRod } from '../measure/measureWhole';
import type { LocalTop } from '../measure/mesh/localTops';
import type { MeshSnapshot } from '../measure/mesh/meshSnapshot';
import { InputError } from '../problem';
import { hairMm } from '../quantity/tolerance';
import type { MouldBox, Rods } from './mouldBox';
import type { TypedMouldBox } from './mouldBoxSchema';
import { readAt } from './readAt';

/** A thin rod: air goes out by it, and what is cast hardly does. */
const usualVentMm = 3;
/** Less than this is a bubble that rocking the mould lets out, ml: 3 mm across. */
const leastVentedMl = 0.015;
/** Tops so little under the open face lie in it, mm. */
const levelMm = 0.05;

/** Where a piece stands in its box, and which way it is cast; mm. */
interface Standing {
  readonly castTurned: boolean;
  /** A face of the piece is the opening. */
  readonly isOpen: boolean;
  readonly baseMm: number;
  readonly pieceTopMm: number;
  readonly heightMm: number;
  readonly pieces: number;
  /** The widest that a rod may be. */
  readonly roomMm: number;
}

/** An upright rod between two heights; where it stands, where that is known. */
interface Rod extends Omit<DrawnRod, 'xMm'> {
  readonly xMm: number | undefined;
}

const rod = (
  xMm: number | undefined,
  widthMm: number,
  fromMm: number,
  toMm: number,
): readonly Rod[] => (toMm <= fromMm + hairMm ? [] : [{ xMm, widthMm, fromMm, toMm }]);

const areaMm2 = ({ widthMm }: Rod): number => (Math.PI * widthMm ** 2) / 4;

const mlOf = (rods: readonly Rod[]): number =>
  rods.reduce((sum, each) => sum + (areaMm2(each) * (each.toMm - each.fromMm)) / 1000, 0);

const slabsOf = (each: Rod): PlacedSlabs => ({
  slabs: [{ fromMm: 0, toMm: each.toMm - each.fromMm, areaMm2: [areaMm2(each), 0, 0] }],
  factor: 1,
  raisedMm: each.fromMm,
});

/** Tops that need a vent: those that neither the way in nor an open face lets the air out of. */
function ventedTops(
  tops: readonly LocalTop[],
  { castTurned, isOpen }: Standing,
): readonly LocalTop[] {
  const height = ({ z }: LocalTop): number => (castTurned ? -z : z);
  const highest = Math.max(...tops.map(height));
  // An open face is open all over; a way in stands on the highest top alone.
  if (isOpen) return tops.filter((top) => height(top) < highest - levelMm);
  const entered = enteredTop(tops, castTurned);
  return tops.filter((top) => top !== entered);
}

/** The top that a way in stands on: the highest as it is cast. */
function enteredTop(tops: readonly LocalTop[], castTurned: boolean): LocalTop | undefined {
  const heights = tops.map(({ z }) => (castTurned ? -z : z));
  return tops[heights.indexOf(Math.max(...heights))];
}

/** A rod from a top, or from the whole piece where that is not known, to the side of the way in. */
function ventRod(
  diameterMm: number,
  top: LocalTop | undefined,
  { castTurned, baseMm, pieceTopMm, heightMm }: Standing,
): readonly Rod[] {
  const xMm = top?.x;
  return castTurned
    ? rod(xMm, diameterMm, 0, baseMm + (top?.z ?? 0))
    : rod(xMm, diameterMm, top === undefined ? pieceTopMm : baseMm + top.z, heightMm);
}

/** Ways in and out of a mould. */
export interface Openings extends Pick<MouldBox, 'spout' | 'vents' | 'tops' | 'recesses'> {
  /** What their rods take out of the rubber, of all pieces. */
  readonly rods: readonly PlacedSlabs[];
  /** The same as they are drawn, told from the middle of the piece. */
  readonly drawn: (middleMm: number) => readonly DrawnRod[];
}

/**
 * The way in, and vents where air would stay: found on a mesh for the way up that it is cast, or so many as are typed.
 * @throws InputError `rod-too-wide`, those of `readQuantity`, relative to the box
 */
export function openingsOf(
  typed: TypedMouldBox,
  standing: MeshSnapshot['standing'],
  stands: Standing,
): Openings {
  const { castTurned, baseMm, pieceTopMm, heightMm, pieces, roomMm } = stands;
  const asCast = castTurned ? standing?.bottoms : standing?.tops;
  const ends = asCast?.filter(({ ofPiece }) => ofPiece) as readonly LocalTop[] | undefined;
  const tops = ends && ventedTops(ends, stands);
  // Rubber rises round the piece as it was measured.
  const roofs = standing?.tops.filter(({ ofPiece }) => !ofPiece);
  const spoutMm = readAt('spout', typed.spout);
  const ventMm = readAt('vent', typed.vent) ?? usualVentMm;
  for (const [what, mm] of [
    ['spout', spoutMm],
    ['vent', ventMm],
  ] as const) {
    if (mm !== undefined && mm > roomMm + hairMm) {
      throw new InputError('rod-too-wide', typed[what], { what, mostMm: roomMm }, what);
    }
  }
  const enteredX = ends && enteredTop(ends, castTurned)?.x;
  const spouts =
    spoutMm === undefined
      ? []
      : castTurned
        ? rod(enteredX, spoutMm, 0, baseMm)
        : rod(enteredX, spoutMm, pieceTopMm, heightMm);
  const vented: readonly (LocalTop | undefined)[] =
    typed.vents === undefined
      ? (tops ?? []).filter(({ holdsMl = Infinity }) => holdsMl >= leastVentedMl)
      : Array.from({ length: typed.vents }, (_, index) => tops?.[index]);
  const vents = vented.flatMap((top) => ventRod(ventMm, top, stands));
  const rodsOf = (placed: readonly Rod[], diameterMm: number): Rods | undefined =>
    placed.length === 0
      ? undefined
      : { diameterMm, count: placed.length * pieces, ml: mlOf(placed) * pieces };
  return {
    spout: spoutMm === undefined ? undefined : rodsOf(spouts, spoutMm),
    vents: rodsOf(vents, ventMm),
    tops,
    recesses: roofs as readonly LocalTop[] | undefined,
    rods: [...spouts, ...vents].map((each) => ({ ...slabsOf(each), factor: -pieces })),
    drawn: (middleMm) =>
      [...spouts, ...vents].map(({ xMm, ...each }) => ({
        ...each,
        xMm: xMm === undefined ? 0 : xMm - middleMm,
      })),
  };
}
