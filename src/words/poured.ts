import type { PlannedBatch } from '../core/plan/planTypes';
import { sayExactG, sayExactMl, sayMl, sayOnScale } from './figures';

/** A figure of one part as it is measured out, and the same told otherwise. */
export interface PouredPart {
  readonly figure: string;
  readonly unit: string;
  readonly also: readonly string[];
}

/** What of a batch says how its parts are measured out. */
export type PouredBatch = Pick<
  PlannedBatch,
  'a' | 'b' | 'onScale' | 'inCup' | 'strokes' | 'tintedAG'
>;

/** The figures that are poured: grams, marks of a cup or strokes of a pump, as the person measures out. */
export function sayPoured(batch: PouredBatch): {
  readonly a: PouredPart;
  readonly b: PouredPart;
} {
  const { onScale, inCup, strokes, a, b, tintedAG } = batch;
  const { aG, bG, stepG } = onScale;
  if (inCup !== undefined) {
    const inMl = (ml: number, g: number): PouredPart => ({
      figure: sayOnScale(ml, inCup.stepMl),
      unit: 'ml',
      also: [`${sayExactG(g)} if weighed`],
    });
    return { a: inMl(inCup.aMl, aG), b: inMl(inCup.bMl, bG) };
  }
  if (strokes !== undefined) {
    const counted = (count: number, ml: number): PouredPart => ({
      figure: String(count),
      unit: count === 1 ? 'stroke' : 'strokes',
      also: [`${sayExactMl(ml)} exactly`],
    });
    return { a: counted(strokes.a, a.ml), b: counted(strokes.b, b.ml) };
  }
  const weighed = (g: number, exactG: number, ml: number): PouredPart => {
    const figure = sayOnScale(g, stepG);
    const exact = sayExactG(exactG);
    // A fine scale shows the exact figure itself.
    const more = exact === `${figure}\u00a0g` ? [] : [`${exact} exactly`];
    return { figure, unit: 'g', also: [...more, sayMl(ml)] };
  };
  return { a: weighed(aG, tintedAG ?? a.g, a.ml), b: weighed(bG, b.g, b.ml) };
}
