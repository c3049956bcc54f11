import type { MeasuredPart } from '../../core/measure/measureWhole';

/** A cavity placed on the drawing, in dp from the drawing's top left. */
export interface PlacedCavity {
  readonly index: number;
  readonly part: MeasuredPart;
  readonly depthMm: number;
  /** Left edge and width of the room it has, its caption included. */
  readonly left: number;
  readonly room: number;
  /** Middle of the cavity and height of its floor. */
  readonly centreX: number;
  readonly floorY: number;
  /** How thick its sides and its floor are drawn. */
  readonly wallDp: number;
  readonly floorDp: number;
  /** dp per mm across, and upwards; they differ only where `exaggeration` says so. */
  readonly acrossPerMm: number;
  readonly upPerMm: number;
  /** How much deeper than to scale it is drawn; 1 for to scale. */
  readonly exaggeration: number;
}

export interface SectionLayout {
  readonly height: number;
  readonly cavities: readonly PlacedCavity[];
  /** Parts that found no room. */
  readonly hidden: number;
}

interface SectionRoom {
  readonly width: number;
  /** Height of the deepest cavity, at the most. */
  readonly greatestHeight: number;
  /** Room under each cavity for words; without words cavities may stand closer and in one row. */
  readonly captionHeight: number;
}

/** The narrowest that a caption can be read in. */
const narrowestCaption = 104;
const mostRows = 2;
/** Timber at the sides of a channel is drawn this many times as thick as the wall of a form. */
const timberTimes = 3;
/** A pour thinner than this on the screen is drawn deeper than it is. */
const thinnestDp = 7;
const thinDrawnDp = 16;
/** The form stands this much over the rim. */
export const freeboardDp = 8;

const widestMm = (part: MeasuredPart): number =>
  Math.max(...part.outline.map(({ widthMm }) => widthMm));

function chunk<T>(items: readonly T[], size: number): T[][] {
  return Array.from({ length: Math.ceil(items.length / size) }, (_, row) =>
    items.slice(row * size, (row + 1) * size),
  );
}

/**
 * Places the cavities of a plan side by side on one bench, all at one scale, in two rows at the most.
 */
export function sectionLayout(
  parts: readonly MeasuredPart[],
  { width, greatestHeight, captionHeight }: SectionRoom,
): SectionLayout {
  const drawable = parts.flatMap((part, index) =>
    part.depthMm === undefined ? [] : [{ part, index, depthMm: part.depthMm }],
  );
  if (drawable.length === 0 || width <= 0) return { height: 0, cavities: [], hidden: 0 };
  const isSmall = captionHeight === 0;
  const wallOf = ({ shape }: MeasuredPart): number =>
    (isSmall ? 4 : 9) * (shape === 'channel' ? timberTimes : 1);
  const gapDp = isSmall ? 3 : 10;
  const perRow = isSmall ? 4 : Math.max(1, Math.floor(width / narrowestCaption));
  const shown = drawable.slice(0, isSmall ? perRow : Math.max(2, perRow * mostRows));
  const rows = chunk(shown, perRow);

  const aroundDp = (part: MeasuredPart): number => 2 * wallOf(part) + gapDp;
  const perMm = Math.min(
    greatestHeight / Math.max(...shown.map(({ depthMm }) => depthMm)),
    ...rows.map((row) => {
      const rowMm = row.reduce((sum, { part }) => sum + widestMm(part), 0);
      const around = row.reduce((sum, { part }) => sum + aroundDp(part), 0);
      return (width - around) / rowMm;
    }),
  );

  const cavities: PlacedCavity[] = [];
  let top = 0;
  for (const row of rows) {
    const drawn = row.map((each) => {
      const toScaleDp = each.depthMm * perMm;
      const exaggeration =
        toScaleDp >= thinnestDp ? 1 : Math.max(2, Math.round(thinDrawnDp / toScaleDp));
      return { ...each, exaggeration, upPerMm: perMm * exaggeration };
    });
    const tall =
      Math.max(...drawn.map(({ depthMm, upPerMm }) => depthMm * upPerMm)) + freeboardDp + 4;
    const wantedDp = drawn.map(({ part }) => widestMm(part) * perMm + aroundDp(part));
    const freeDp = (width - wantedDp.reduce((sum, wanted) => sum + wanted, 0)) / row.length;
    let left = 0;
    drawn.forEach((each, place) => {
      const room = (wantedDp[place] ?? 0) + freeDp;
      cavities.push({
        ...each,
        acrossPerMm: perMm,
        left,
        room,
        centreX: left + room / 2,
        floorY: top + tall,
        wallDp: wallOf(each.part),
        floorDp: isSmall ? 4 : 9,
      });
      left += room;
    });
    top += tall + (isSmall ? 4 : 9) + 2 + captionHeight;
  }
  return { height: top, cavities, hidden: drawable.length - shown.length };
}
