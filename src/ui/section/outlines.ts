import type { WidthAtHeight } from '../../core/measure/form/solid';
import type { MeasuredPart } from '../../core/measure/measureWhole';

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

/** Whether a part is what stands round something: a ring about its core, silicone about a master. */
export const isPouredRound = ({ outline }: Pick<MeasuredPart, 'outline'>): boolean =>
  outline.some(({ holeMm = 0 }) => holeMm > 0);

/** Where a part reaches at a height, from the middle of the drawing: by its true cut where it has one that is filled. */
export function spanAt(
  part: Pick<MeasuredPart, 'outline' | 'cut'>,
  heightMm: number,
): { readonly middleMm: number; readonly halfMm: number } {
  const crossed = isPouredRound(part)
    ? []
    : (part.cut ?? []).flatMap((ring) =>
        Array.from({ length: ring.length / 2 }, (_, at) => {
          const [x0, z0] = [ring[2 * at]!, ring[2 * at + 1]!];
          const next = (2 * at + 2) % ring.length;
          const [x1, z1] = [ring[next]!, ring[next + 1]!];
          if (z0 < heightMm === z1 < heightMm) return undefined;
          return x0 + ((heightMm - z0) / (z1 - z0)) * (x1 - x0);
        }).filter((x) => x !== undefined),
      );
  if (crossed.length === 0) return { middleMm: 0, halfMm: halfWidthAt(part.outline, heightMm) };
  const [left, right] = [Math.min(...crossed), Math.max(...crossed)];
  return { middleMm: (left + right) / 2, halfMm: (right - left) / 2 };
}
