import { InputError } from '../problem';
import type { MeasuredWhole } from '../measure/measureWhole';

/** One pour, from its floor to its top. */
export interface LayerVolume {
  /** Heights over the floor; undefined where no part has a form. */
  readonly fromMm: number | undefined;
  readonly toMm: number | undefined;
  readonly cavityMl: number;
}

/**
 * Cuts the whole into layers at the heights a person chose; each layer's volume comes from V(h).
 * @param heightsMm tops of all layers but the last over where the pour begins, rising
 * @param fromMm where it begins over the floor of the form: problems are told over that floor, as heights are typed
 * @throws InputError `no-height` (a known amount cannot be cut), `heights-not-rising`, `height-above-top`
 */
export function splitAtHeights(
  whole: MeasuredWhole,
  heightsMm: readonly number[],
  fromMm = 0,
): readonly LayerVolume[] {
  const { depthMm } = whole;
  if (heightsMm.length === 0) {
    const footMm = depthMm === undefined ? undefined : 0;
    return [{ fromMm: footMm, toMm: depthMm, cavityMl: whole.cavityMl }];
  }
  if (depthMm === undefined || whole.parts.some((part) => part.depthMm === undefined)) {
    throw new InputError('no-height', heightsMm[0], {}, 'layers.heights');
  }
  heightsMm.forEach((heightMm, index) => {
    const field = `layers.heights[${index}]`;
    if (heightMm >= depthMm) {
      const topMm = fromMm + depthMm;
      throw new InputError('height-above-top', fromMm + heightMm, { depthMm: topMm }, field);
    }
    const below = heightsMm[index - 1] ?? 0;
    if (heightMm <= below) {
      throw new InputError(
        'heights-not-rising',
        fromMm + heightMm,
        { below: fromMm + below },
        field,
      );
    }
  });
  const borders = [0, ...heightsMm, depthMm];
  return borders.slice(1).map((toMm, index) => {
    const footMm = borders[index] ?? 0;
    return {
      fromMm: footMm,
      toMm,
      cavityMl: whole.volumeBelowMl(toMm) - whole.volumeBelowMl(footMm),
    };
  });
}
