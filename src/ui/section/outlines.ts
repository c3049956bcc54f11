import type { WidthAtHeight } from '../../core/measure/form/solid';

/** Half the width of the cut at a height, straight between the points of the outline. */
export function halfWidthAt(outline: readonly WidthAtHeight[], heightMm: number): number {
  const next = outline.findIndex((point) => point.heightMm >= heightMm);
  const above = outline[next === -1 ? outline.length - 1 : next];
  const below = outline[next - 1];
  if (above === undefined) return 0;
  if (below === undefined || next === -1) return above.widthMm / 2;
  const share = (heightMm - below.heightMm) / (above.heightMm - below.heightMm);
  return (below.widthMm + (above.widthMm - below.widthMm) * share) / 2;
}

/** Heights at which the sides of a stretch bend, its ends among them. */
export function bends(
  outline: readonly WidthAtHeight[],
  fromMm: number,
  toMm: number,
): readonly number[] {
  const between = outline
    .map(({ heightMm }) => heightMm)
    .filter((heightMm) => heightMm > fromMm && heightMm < toMm);
  return [fromMm, ...between, toMm];
}

export const widestMm = (outline: readonly WidthAtHeight[]): number =>
  Math.max(0, ...outline.map(({ widthMm }) => widthMm));
