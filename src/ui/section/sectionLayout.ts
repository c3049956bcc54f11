import type { MeasuredPart } from '../../core/measure/measureParts';

/** A cavity placed on the drawing, in dp from the drawing's top left. */
export interface PlacedCavity {
  readonly index: number;
  readonly part: MeasuredPart;
  readonly depthMm: number;
  /** Middle of the cavity and height of its floor. */
  readonly centreX: number;
  readonly floorY: number;
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

/** Thickness of a drawn form wall. */
export const wallDp = 9;
/** Room under a cavity for its name and volume. */
export const captionDp = 44;
const gapDp = 22;
/** A pour thinner than this on the screen is drawn deeper than it is. */
const thinnestDp = 7;
const thinDrawnDp = 16;
const mostDrawn = 12;

const widestMm = (part: MeasuredPart): number =>
  Math.max(...part.outline.map(({ widthMm }) => widthMm));

/**
 * Places the cavities of a plan side by side on one bench, at one scale, in as many rows as they need.
 * @param width of the drawing, dp
 * @param greatestHeight of the deepest cavity, dp
 * @param captionHeight room under each cavity, dp
 */
export function sectionLayout(
  parts: readonly MeasuredPart[],
  width: number,
  greatestHeight: number,
  captionHeight: number,
): SectionLayout {
  const drawable = parts.flatMap((part, index) =>
    part.depthMm === undefined ? [] : [{ part, index, depthMm: part.depthMm }],
  );
  const shown = drawable.slice(0, mostDrawn);
  if (shown.length === 0 || width <= 0) return { height: 0, cavities: [], hidden: 0 };

  const room = width - 2 * wallDp - 2;
  const perMm = Math.min(
    room / Math.max(...shown.map(({ part }) => widestMm(part))),
    greatestHeight / Math.max(...shown.map(({ depthMm }) => depthMm)),
  );

  const cavities: PlacedCavity[] = [];
  let top = 0;
  let row: { cavity: Omit<PlacedCavity, 'floorY' | 'centreX'>; cell: number; tall: number }[] = [];
  let used = 0;

  function endRow(): void {
    const tall = Math.max(...row.map((each) => each.tall));
    const free = (width - used) / row.length;
    let left = 0;
    for (const { cavity, cell } of row) {
      cavities.push({ ...cavity, centreX: left + (cell + free) / 2, floorY: top + tall });
      left += cell + free;
    }
    top += tall + wallDp + 2 + captionHeight;
    row = [];
    used = 0;
  }

  for (const { part, index, depthMm } of shown) {
    const toScaleDp = depthMm * perMm;
    const exaggeration =
      toScaleDp >= thinnestDp ? 1 : Math.max(2, Math.round(thinDrawnDp / toScaleDp));
    const cavity = {
      index,
      part,
      depthMm,
      acrossPerMm: perMm,
      upPerMm: perMm * exaggeration,
      exaggeration,
    };
    // A narrow cavity still needs room for its caption.
    const cell = Math.min(width, Math.max(widestMm(part) * perMm + 2 * wallDp + gapDp, 96));
    if (row.length > 0 && used + cell > width) endRow();
    row.push({ cavity, cell, tall: depthMm * cavity.upPerMm + 12 });
    used += cell;
  }
  endRow();
  return { height: top, cavities, hidden: drawable.length - shown.length };
}
