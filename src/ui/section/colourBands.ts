import type { PourPlan } from '../../core/plan/planTypes';

/** A share of a layer's width in one colour; without one it is plain resin. */
export interface ColourBand {
  readonly colour: string | undefined;
  readonly from: number;
  readonly to: number;
}

/**
 * How a layer of a cavity is divided into colours: side by side by their shares, since where each is poured is not said.
 * @param cavity counted from 0
 * @param layer counted from 0
 * @param plain what resin without a colour of its own is drawn in
 */
export function colourBands(
  { portions, tint }: Pick<PourPlan, 'portions' | 'tint'>,
  cavity: number,
  layer: number,
  plain?: string,
): readonly ColourBand[] {
  const base = tint?.swatch ?? plain;
  const own = portions.filter(
    (portion) =>
      (portion.cavity === undefined || portion.cavity === cavity + 1) &&
      (portion.layer === undefined || portion.layer === layer + 1) &&
      portion.share > 0,
  );
  if (own.length === 0) return [{ colour: base, from: 0, to: 1 }];
  let reached = 0;
  return own.map(({ share, swatch }) => {
    const from = reached;
    reached = Math.min(1, reached + share);
    return { colour: swatch ?? base, from, to: reached };
  });
}
