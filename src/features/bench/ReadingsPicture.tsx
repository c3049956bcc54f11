import { lastEvent } from '../../core/bench/benchEvents';
import { useBench } from './benchSource';
import { CurveAndDots } from './CurveAndDots';
import { useBenchTime } from './useBenchNow';

const msPerMin = 60_000;
/** What comes so long after a layer was poured is beside its curve, min. */
const shownMin = 36 * 60;

/** The layer that cures, predicted, and what was measured of it. */
export function ReadingsPicture({ layer }: { readonly layer: number }) {
  const { copy, state } = useBench();
  const now = useBenchTime();
  const { heat } = copy;
  const pouredAt = state.layers[layer]?.pouredAt;
  if (heat === undefined || pouredAt === undefined) return null;
  const fromMin = heat.layerAtMin[layer] ?? 0;
  const untilMin = Math.min(heat.layerAtMin[layer + 1] ?? Infinity, fromMin + shownMin);
  const places = [...heat.atMin.keys()].filter(
    (at) => heat.atMin[at]! >= fromMin && heat.atMin[at]! <= untilMin,
  );
  if (places.length < 2) return null;
  const readings = state.events.flatMap(({ did, place, c, at }) =>
    did === 'read' && (place === 'core' || place === 'surface') && c !== undefined && at >= pouredAt
      ? [{ min: (at - pouredAt) / msPerMin, c }]
      : [],
  );
  const isSurface =
    lastEvent(state.events, ({ did, at }) => did === 'read' && at >= pouredAt)?.place === 'surface';
  return (
    <CurveAndDots
      atMin={places.map((at) => heat.atMin[at]! - fromMin)}
      curveC={places.map((at) => (isSurface ? heat.surfaceC : heat.coreC)[at]!)}
      readings={readings}
      nowMin={(now - pouredAt) / msPerMin}
      what={isSurface ? 'Surface of the layer' : 'Middle of the layer'}
    />
  );
}
