import type { MeasuredInsert } from '../../measure/inserts/placeInserts';
import type { MeasuredWhole } from '../../measure/measureWhole';
import type { DilutingSolid } from '../../thermal/dilute';
import type { HeatLayer } from '../../thermal/pourSetting';
import type { HeatForm } from './heatShapeOf';

/** A layer as heat sees it, before it is known when it is poured. */
export type LayerBody = Pick<HeatLayer, 'depthM' | 'insert' | 'solids'>;

/** What bodies are of, by what they weigh: timber, plastics and bone, stone and glass, metal. Handbook values. */
const bodySolids: readonly {
  readonly upToGPerMl: number;
  readonly heatCapacityJPerKgK: number;
  readonly conductivityWPerMK: number;
}[] = [
  { upToGPerMl: 1.15, heatCapacityJPerKgK: 1700, conductivityWPerMK: 0.13 },
  { upToGPerMl: 2, heatCapacityJPerKgK: 1200, conductivityWPerMK: 0.3 },
  { upToGPerMl: 4, heatCapacityJPerKgK: 850, conductivityWPerMK: 2 },
  { upToGPerMl: Infinity, heatCapacityJPerKgK: 450, conductivityWPerMK: 50 },
];

/** Nobody said what it weighs: timber cools least. */
const usualBodyGPerMl = 0.6;

function solidOf({ densityGPerMl = usualBodyGPerMl }: MeasuredInsert) {
  const { upToGPerMl: _, ...solid } = bodySolids.find(
    ({ upToGPerMl }) => densityGPerMl <= upToGPerMl,
  )!;
  return { ...solid, densityKgPerM3: densityGPerMl * 1000 };
}

/** From this share of the level area on a body is a layer of its own: what lies beside it cools into it. */
const layerShare = 0.5;
/** Less resin than this over or under a body is no layer, mm. */
const leastFilmMm = 0.5;
/** So many small bodies lie about everywhere; a single one leaves the resin beside it as hot as it was. */
const scatteredFrom = 8;
const smallShare = 0.05;

/** A body in a part, with its share of the level area. */
interface Standing {
  readonly insert: MeasuredInsert;
  readonly fromMm: number;
  readonly toMm: number;
  /** Of all of its count. */
  readonly areaShare: number;
}

function standingIn(whole: MeasuredWhole, part: number): readonly Standing[] {
  const { ml: partMl, depthMm = 0 } = whole.parts[part]!;
  return whole.inserts.flatMap((insert) => {
    if (insert.into !== part) return [];
    const fromMm = Math.max(0, insert.heightMm);
    const toMm = Math.min(depthMm, insert.topMm);
    if (!(toMm > fromMm) || !(partMl > 0)) return [];
    return [
      { insert, fromMm, toMm, areaShare: (insert.ml * depthMm) / (partMl * (toMm - fromMm)) },
    ];
  });
}

function bodyOf(standing: readonly Standing[], fromMm: number, toMm: number): LayerBody {
  const wholeMm = toMm - fromMm;
  const inside = standing.flatMap((each) => {
    const [low, high] = [Math.max(fromMm, each.fromMm), Math.min(toMm, each.toMm)];
    return high > low ? [{ ...each, fromMm: low, toMm: high }] : [];
  });
  const largest = inside.reduce<Standing | undefined>(
    (most, each) => (each.areaShare > (most?.areaShare ?? 0) ? each : most),
    undefined,
  );
  const bare = { depthM: wholeMm / 1000 };
  if (largest === undefined) return bare;
  // What stands beside it covers the form with it; what stands higher or lower does not.
  const middleMm = (largest.fromMm + largest.toMm) / 2;
  const covered = inside
    .filter((each) => each.fromMm < middleMm && each.toMm > middleMm)
    .reduce((sum, { areaShare }) => sum + areaShare, 0);
  if (covered > layerShare && largest.areaShare / largest.insert.count > smallShare) {
    const film = (mm: number): number => (mm < leastFilmMm ? 0 : mm);
    const underMm = film(largest.fromMm - fromMm);
    const overMm = film(toMm - largest.toMm);
    // Nothing lies over or under it: what is poured stands beside it.
    if (underMm + overMm === 0) return bare;
    return {
      depthM: (underMm + overMm) / 1000,
      insert: {
        underM: underMm / 1000,
        depthM: (largest.toMm - largest.fromMm) / 1000,
        solid: solidOf(largest.insert),
      },
    };
  }
  const solids = inside.flatMap(({ insert, areaShare, ...at }): DilutingSolid[] =>
    insert.count >= scatteredFrom && areaShare / insert.count <= smallShare
      ? [{ ...solidOf(insert), share: (areaShare * (at.toMm - at.fromMm)) / wholeMm }]
      : [],
  );
  return solids.length === 0 ? bare : { ...bare, solids };
}

/**
 * Layers of the part that counts for heat, with what stands in them. A body over half of the level area is a layer of its own, with
 * the resin under and over it; many small ones dilute the resin; a few are left aside, for beside them it is as hot as without.
 * @param layers heights, mm; undefined: from where the pour begins, to its top
 * @param footMm what they are told over: the height at which the pour begins; 0 where they are told from there
 * @returns none for layers that lie over the part
 */
export function bodiesOf(
  whole: MeasuredWhole,
  part: number,
  { depthMm }: Pick<HeatForm, 'depthMm'>,
  layers: readonly {
    readonly fromMm?: number | undefined;
    readonly toMm?: number | undefined;
  }[],
  footMm = 0,
): readonly LayerBody[] {
  const standing = standingIn(whole, part);
  return layers.flatMap(({ fromMm = footMm, toMm = footMm + depthMm }) => {
    const lowMm = fromMm - footMm;
    const topMm = Math.min(toMm - footMm, depthMm);
    return topMm > lowMm ? [bodyOf(standing, lowMm, topMm)] : [];
  });
}
