import { memory } from '../../memory';
import { flowTimeOf, type FlowTime } from '../../flow/flowTime';
import type { HeatFamily } from '../../resin/families';
import { climateAtC } from '../../thermal/climate';
import type { LayerBody } from './bodiesOf';
import type { CureMarks } from '../../thermal/cureMarks';
import type { Curing } from '../../thermal/curing';
import {
  keystrokeGrid,
  thicknessM,
  type BelowLayer,
  type HeatLayer,
  type PourSetting,
} from '../../thermal/pourSetting';
import {
  layerPeaks,
  middleCells,
  predictMiddle,
  withBorder,
  type LayerHeat,
} from '../../thermal/predict';
import { edged } from '../../thermal/spread';

/** A pour without its layers, and its resin: what layers are followed in. */
export interface CurePlace {
  readonly setting: Omit<PourSetting, 'layers'>;
  readonly family: HeatFamily;
  readonly curing: Curing;
  readonly marks: CureMarks;
  /** As it is typed, °C; undefined: as warm as the room at its hour. */
  readonly resinTypedC: number | undefined;
}

/** This many layers under one are followed with it; what lies deeper has cured and only takes up heat. */
export const followedUnder = 3;
/** Of what has cured below, a bed this many times as deep as what is followed counts: heat does not come through more of it. */
const deepEnough = 2;
const dayS = 24 * 3600;

/** A layer at its moment: as warm as it is typed, or as the room is by then. */
export function layerAt(
  {
    setting: { room },
    resinTypedC,
  }: Pick<CurePlace, 'resinTypedC'> & { readonly setting: Pick<PourSetting, 'room'> },
  body: LayerBody,
  pouredS: number,
): HeatLayer {
  const ownC = resinTypedC === undefined && room.swingC > 0 ? climateAtC(room, pouredS) : undefined;
  return ownC === undefined ? { ...body, pouredS } : { ...body, pouredS, resinC: ownC };
}

/** Resin that only takes up heat: what lies so deep that it has cured. */
const buriedLayer = ({ setting, curing }: CurePlace, depthM: number): BelowLayer => ({
  depthM,
  curing: { ...curing, ratePerS: 0, heatJPerKg: 0 },
  pouredS: undefined,
  resinC: setting.resinC,
});

const depthOf = (layers: readonly LayerBody[]): number =>
  layers.reduce((sum, layer) => sum + thicknessM(layer), 0);

/** A place with no more of the earlier pours under it than are followed; what lies deeper has cured. */
export function withShortBelow(place: CurePlace): CurePlace {
  const { below = [] } = place.setting;
  if (below.length <= followedUnder) return place;
  const followed = below.slice(-followedUnder);
  const buriedM = Math.min(depthOf(below.slice(0, -followedUnder)), depthOf(followed) * deepEnough);
  return {
    ...place,
    setting: { ...place.setting, below: [buriedLayer(place, buriedM), ...followed] },
  };
}

/** The uppermost layer with what lies right under it, its time running from the lowest that is followed. */
function uppermost(
  place: CurePlace,
  layers: readonly HeatLayer[],
): { readonly setting: PourSetting; readonly first: number } {
  const { setting } = place;
  const first = Math.max(0, layers.length - 1 - followedUnder);
  if (first === 0) return { setting: { ...setting, layers }, first };
  const followed = layers.slice(first);
  const fromS = followed[0]!.pouredS;
  const buriedM = depthOf([...(setting.below ?? []), ...layers.slice(0, first)]);
  const buried = buriedLayer(place, Math.min(buriedM, depthOf(followed) * deepEnough));
  const { room, fan } = setting;
  return {
    first,
    setting: {
      ...setting,
      below: [buried],
      room:
        room.swingC === 0
          ? room
          : { ...room, warmestS: (((room.warmestS - fromS) % dayS) + dayS) % dayS },
      fan: { ...fan, untilS: Math.max(0, fan.untilS - fromS) },
      layers: followed.map((layer) => ({ ...layer, pouredS: layer.pouredS - fromS })),
    },
  };
}

/** A layer as it is followed, and how it flows half-way down until it gels there. */
export interface FollowedLayer extends LayerHeat {
  readonly flow: FlowTime | undefined;
}

/** Followed so far, by everything that went in: in the middle, and with the border. */
const middlesSoFar = memory<readonly FollowedLayer[]>(300);
const wholesSoFar = memory<readonly FollowedLayer[]>(300);
const peaksSoFar = memory<number>(1000);

/**
 * What becomes of the uppermost of some layers and of those right under it, with nothing on top of them.
 * @param where `middle` leaves the border of a wide pour out: what holds everywhere is only known of the middle then
 * @returns for each of the layers; undefined for those that lie deeper
 */
export function curesUpTo(
  place: CurePlace,
  layers: readonly HeatLayer[],
  where: 'middle' | 'everywhere',
): readonly (FollowedLayer | undefined)[] {
  const { setting, first } = uppermost(place, layers);
  const { family, curing, marks } = place;
  const key = JSON.stringify([setting, family, curing, marks]);
  const middle = middlesSoFar(key, () => {
    const heat = predictMiddle(setting, family, curing, marks, keystrokeGrid(setting));
    return heat.layers.map((layer, at): FollowedLayer => {
      const cells = middleCells(heat.domain, heat.domain.layerCells[at]!);
      const flow = flowTimeOf(heat.record, cells, curing, setting.layers[at]!.pouredS);
      return { ...layer, flow };
    });
  });
  const found =
    where === 'middle'
      ? middle
      : wholesSoFar(key, () =>
          withBorder(middle, setting, family, curing, marks).map((layer, at): FollowedLayer => ({
            ...layer,
            flow: middle[at]!.flow,
          })),
        );
  return layers.map((_, at) => (at < first ? undefined : found[at - first]));
}

const hottestC = ({ curing }: CurePlace, setting: PourSetting): number =>
  peaksSoFar(JSON.stringify([setting, curing]), () =>
    Math.max(...layerPeaks(setting, curing, keystrokeGrid(setting)).map(({ peakC }) => peakC)),
  );

/** The highest peak of the uppermost of some layers and of those right under it, °C. */
export const peakUpToC = (place: CurePlace, layers: readonly HeatLayer[]): number =>
  hottestC(place, uppermost(place, layers).setting);

/** The same in a warmer room, deeper, or in stiller air: whichever is the most. */
export const highPeakUpToC = (place: CurePlace, layers: readonly HeatLayer[]): number =>
  Math.max(
    ...edged(uppermost(place, layers).setting, true).map((setting) => hottestC(place, setting)),
  );
