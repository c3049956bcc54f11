import { isUnder } from '../quantity/tolerance';
import { familyOf, hasHeat, heatKindOf, type FamilyKind } from '../resin/families';
import type { ReadResin } from '../resin/readResin';
import type { Resin } from '../resin/resinSchema';
import type { DampAir } from './heat/roomOf';
import type { JointConflict } from './heat/layerClock';
import type { PourClock } from './heat/pourClock';
import type { PlannedLayer, Warning } from './planTypes';

/** Tells of layers that get too hot: every one that is high or runs away. Polyurethanes cure hot and are made to. */
function hotLayers(layers: readonly PlannedLayer[], card: Resin): Warning[] {
  if (!hasHeat(card.family) || heatKindOf(card.family) === 'polyurethane') return [];
  return layers.flatMap(({ cure, joint }, layer): Warning[] => {
    if (cure === undefined || (cure.band !== 'high' && cure.band !== 'runaway')) return [];
    const data = {
      layer: layer + 1,
      layers: layers.length,
      name: card.name,
      peakC: cure.peakC,
      band: cure.band,
      afterMin: joint?.plannedMin,
    };
    return [{ code: 'layer-runs-hot', severity: 'warn', data }];
  });
}

/** Tells where the room is too cold for a layer ever to get hard. */
function softLayers(layers: readonly PlannedLayer[]): Warning[] {
  const [softest] = layers
    .flatMap(({ cure, mixedAt: { roomC } }) => (cure === undefined ? [] : [{ ...cure, roomC }]))
    .filter(({ hardH }) => hardH === undefined)
    .sort((one, other) => one.softensNearC - other.softensNearC);
  if (softest === undefined) return [];
  const { softensNearC, keepsShapeH, roomC } = softest;
  const data = { softensNearC, keepsShape: keepsShapeH !== undefined, roomC };
  return [{ code: 'never-hard', severity: 'warn', data }];
}

/** Tells where label, model and heat leave a layer no time in the sticky window: what is planned instead, or what it costs. */
function jointWarnings(conflicts: readonly JointConflict[], layers: number): Warning[] {
  const [first] = conflicts;
  if (first === undefined) return [];
  const { joint, why, pinned, layer, layersInstead, stickyMin } = first;
  const data = {
    why,
    layer: layer + 1,
    layers,
    stickyFromMin: stickyMin.from,
    stickyToMin: stickyMin.to,
    coolMin: joint.coolMin,
    plannedMin: joint.plannedMin,
    layersInstead,
  };
  return pinned
    ? [{ code: 'no-time-while-sticky', severity: 'warn', data }]
    : [{ code: 'cured-between-layers', severity: 'tell', data }];
}

/** Resins that heat strongly and that no model follows: from so deep on, where the card gives no depth of its own, mm. */
const unseenFromMm: { readonly [Kind in FamilyKind]?: number } = { polyester: 10, uv: 5 };

/** Tells where a pour is deep enough to overheat and nothing but a caution can be said of it. */
function unseenHeat(layers: readonly PlannedLayer[], card: Resin): Warning[] {
  const { kind } = familyOf(card.family);
  const fromMm = unseenFromMm[kind];
  if (fromMm === undefined || card.depth?.greatest !== undefined) return [];
  const depthMm = Math.max(
    0,
    ...layers.flatMap(({ fromMm: foot = 0, toMm }) => (toMm === undefined ? [] : [toMm - foot])),
  );
  if (isUnder(depthMm, fromMm)) return [];
  const data = { name: card.name, family: card.family, depthMm, fromMm };
  return [{ code: 'heats-unseen', severity: 'warn', data }];
}

/** So near the dew point a film of water settles on a surface, K. */
const dewMarginK = 3;

/** Tells where water may settle on amine-cured resin before it has gelled: it blushes. */
function blush(layers: readonly PlannedLayer[], card: Resin, air: DampAir | undefined): Warning[] {
  if (air === undefined || familyOf(card.family).kind !== 'epoxy') return [];
  const surfacesC = layers.map(({ cure, mixedAt }) => cure?.coldestSurfaceC ?? mixedAt.roomC);
  const surfaceC = Math.min(...surfacesC);
  if (surfaceC > air.dewC + dewMarginK) return [];
  const data = { ...air, surfaceC, layer: surfacesC.indexOf(surfaceC) + 1, layers: layers.length };
  return [{ code: 'may-blush', severity: 'warn', data }];
}

/** Tells that a plan goes by what was measured in one's own shop in place of its label alone. */
function byOwnPace(card: Resin, { ownPace }: ReadResin): Warning[] {
  if (ownPace === undefined || !hasHeat(card.family)) return [];
  const { factor, low, high, pours } = ownPace;
  return [
    { code: 'own-pace', severity: 'tell', data: { name: card.name, factor, low, high, pours } },
  ];
}

/** What the heat of a pour and its air give cause to say. */
export const heatWarnings = (
  layers: readonly PlannedLayer[],
  { conflicts, formHeat }: Pick<PourClock, 'conflicts' | 'formHeat'>,
  card: Resin,
  resin: ReadResin,
  air: DampAir | undefined,
): Warning[] => [
  ...byOwnPace(card, resin),
  ...(formHeat === undefined
    ? []
    : [{ code: 'form-gives-way', severity: 'warn', data: formHeat } as const]),
  ...blush(layers, card, air),
  ...hotLayers(layers, card),
  ...unseenHeat(layers, card),
  ...softLayers(layers),
  ...jointWarnings(conflicts, layers.length),
];
