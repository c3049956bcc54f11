import type { FlowSection } from './familySections';
import type { FlowTime } from '../flow/flowTime';
import { smallestFromFloorMm } from '../flow/bubbles';
import { inclusionsOf, type FlowingLayer, type FlowingResin } from '../flow/inclusionsOf';
import { thickening } from '../flow/viscosity';
import { mobilityTime } from '../flow/settling';
import type { ResolvedPour } from '../job/resolveJob';
import { familyOf } from '../resin/families';
import { timeAtMin } from '../resin/inRoom';
import type { MixedAt } from './batchClock';
import type { PlannedLayer } from './planTypes';

/** No curve is drawn of it: the ends are enough. */
function untilPotLife(
  { resin }: Pick<ResolvedPour, 'resin'>,
  { resinC }: MixedAt,
): FlowTime | undefined {
  if (resin.potLife === undefined) return undefined;
  const gelH = timeAtMin(resin.potLife, resinC) / 60;
  const share = 1 / thickening(resinC, 0, 1);
  const beforeGelH = [gelH, gelH / 1000];
  return { gelH, beforeGelH, leftH: beforeGelH.map((each) => each * share) };
}

/**
 * How a pour flows until it gels. What rises and sinks is told for the middle of the depth; a pour that no model follows is taken
 * to flow as at first for as long as its pot life, which is too long for what sinks and for bubbles alike.
 * @returns undefined for a known amount, which has no depth
 * @throws InputError those of `inclusionsOf`
 */
export function flowSection(
  pour: ResolvedPour,
  layers: readonly Pick<PlannedLayer, 'fromMm' | 'toMm' | 'cure' | 'mixedAt'>[],
): FlowSection | undefined {
  const { said, card, resin: read } = pour;
  const [first] = layers;
  if (first?.fromMm === undefined) return undefined;
  const usualPaS = familyOf(card.family).viscosityPaS;
  const viscosityPaS = (read.viscosityMPaS ?? usualPaS * 1000) / 1000;
  const resin: FlowingResin = {
    densityGPerMl: read.mixedDensityGPerMl,
    viscosityPaS,
    pouredC: first.mixedAt.resinC,
  };
  const isModelled = layers.some(({ cure }) => cure?.flow !== undefined);
  const flowing = layers.map(
    ({ fromMm = 0, toMm = 0, cure, mixedAt }): FlowingLayer | undefined => {
      const flow = isModelled ? cure?.flow : untilPotLife(pour, mixedAt);
      return flow && { depthMm: toMm - fromMm, flow };
    },
  );
  return {
    by: isModelled ? 'model' : read.potLife === undefined ? 'lamp' : 'pot-life',
    viscosityPaS,
    viscosityAssumed: read.viscosityMPaS === undefined,
    layers: flowing.flatMap((layer, at) =>
      layer === undefined
        ? []
        : [
            {
              layer: at + 1,
              depthMm: layer.depthMm,
              gelH: layer.flow.gelH,
              mobilityPerPa: mobilityTime(layer.flow.leftH[0]!, viscosityPaS),
              smallestBubbleMm: smallestFromFloorMm(layer, resin),
            },
          ],
    ),
    inclusions: inclusionsOf(said.inclusions ?? [], resin, flowing),
  };
}
