import { smallestBubbleMm, smallestFromFloorMm, streamMm, widerInVacuum } from '../flow/bubbles';
import type { FlowingLayer } from '../flow/inclusionsOf';
import { thickening } from '../flow/viscosity';
import type { Coded } from '../codes/coded';
import type { ResolvedJob } from '../job/resolveJob';
import { timeAtMin } from '../resin/inRoom';
import { standardAirKPa } from '../vessel/air';
import { curesUpTo, type CurePlace, type FollowedLayer } from './heat/layerCures';
import { heatCaseOf } from './heat/heatOfPlan';
import { resinTypedC } from './heat/roomOf';
import type { Plan, Shelf } from './planTypes';

/** What would clear more bubbles, each with what it was reckoned with; mm, °C, h, min, kPa. */
export interface ClearingCodes {
  /** Bottles in a warm bath. `timesFaster`: of its pot life. */
  readonly 'warm-bath': {
    readonly resinC: number;
    readonly smallestBubbleMm: number;
    readonly peakC: number;
    readonly timesFaster: number;
    /** The warm one peaks above what is warm. */
    readonly isHot: boolean;
  };
  readonly thinner: { readonly depthMm: number; readonly smallestBubbleMm: number };
  /** Of the cup: so long at so much pressure, the smallest bubble that leaves it, and with the air over it. */
  readonly vacuum: {
    readonly restMin: number;
    readonly pressureKPa: number;
    readonly smallestBubbleMm: number;
    readonly inAirMm: number;
  };
  readonly 'thin-stream': {
    readonly fallMm: number;
    readonly pourMlPerMin: number;
    readonly streamMm: number;
  };
}

/** One thing that would clear more bubbles, worked out. */
export type Clearing = Coded<ClearingCodes>;

/** Bottles out of a bath are about so warm: warmer they go off in the cup. */
const bathC = 38;
/** A rest in the cup, so deep, in what a common pump leaves where the pour says nothing of its own. */
const [restMin, cupDepthMm, pumpedKPa] = [5, 80, 5];
/** From a raised arm. */
const fallMm = 300;

/**
 * What warming, a thinner layer, a vacuum and a thin stream would change for the bubbles of a pour: the deepest layer followed
 * anew, and the cup by Stokes at the viscosity that it has when it is mixed.
 * @param index the pour, counted from 0
 * @returns empty where nothing flows: a known amount
 * @throws InputError those of `heatCaseOf`
 */
export function clearingOf(
  resolved: ResolvedJob,
  plan: Plan,
  index: number,
  shelf?: Shelf,
): readonly Clearing[] {
  const pour = plan.pours[index]!;
  const { flow, layers, working } = pour;
  if (flow === undefined) return [];
  const { viscosityPaS } = flow;
  const densityGPerMl = pour.resin.mixedDensityGPerMl;
  const resin = { densityGPerMl, viscosityPaS };
  const mixC = layers[0]!.mixedAt.resinC;
  const ways: Clearing[] = [...byModel(resolved, plan, index, shelf, resin, mixC)];
  const restH = restMin / 60 / thickening(mixC, 0, 1);
  const inAirMm = smallestBubbleMm(cupDepthMm, restH, resin);
  const { leavesKPa: pressureKPa = pumpedKPa, airKPa = standardAirKPa } = pour.vacuum ?? {};
  ways.push({
    code: 'vacuum',
    data: {
      restMin,
      pressureKPa,
      smallestBubbleMm: inAirMm / widerInVacuum(pressureKPa, airKPa),
      inAirMm,
    },
  });
  const { pourMlPerMin, stream } = working;
  ways.push({
    code: 'thin-stream',
    data: stream ?? { fallMm, pourMlPerMin, streamMm: streamMm(pourMlPerMin, fallMm) },
  });
  return ways;
}

/** What the heat model has to say: nothing for families that it does not follow. */
function byModel(
  resolved: ResolvedJob,
  plan: Plan,
  index: number,
  shelf: Shelf | undefined,
  resin: { readonly densityGPerMl: number; readonly viscosityPaS: number },
  mixC: number,
): readonly Clearing[] {
  const given = heatCaseOf(resolved, plan, index, shelf);
  if (!given.told) return [];
  const deepest = [...given.setting.layers].sort((a, b) => b.depthM - a.depthM)[0]!;
  const { pouredS: _, resinC: __, ...body } = deepest;
  const place: CurePlace = {
    setting: given.setting,
    family: given.family,
    curing: given.curing,
    marks: given.marks,
    resinTypedC: resinTypedC(resolved.pours[index]!.said),
  };
  const follow = (warmC: number | undefined, factor: number): FollowedLayer =>
    curesUpTo(
      warmC === undefined ? place : { ...place, setting: { ...place.setting, resinC: warmC } },
      [{ ...body, depthM: body.depthM * factor, pouredS: 0 }],
      'middle',
    )[0]!;
  const clearedMm = ({ flow }: FollowedLayer, depthMm: number): number | undefined => {
    const layer: FlowingLayer | undefined = flow && { depthMm, flow };
    return layer && smallestFromFloorMm(layer, resin);
  };
  const depthMm = deepest.depthM * 1000;
  const warm = follow(bathC, 1);
  const warmMm = clearedMm(warm, depthMm);
  const thinMm = clearedMm(follow(undefined, 0.5), depthMm / 2);
  return [
    ...(warmMm === undefined || mixC >= bathC
      ? []
      : [
          {
            code: 'warm-bath',
            data: {
              resinC: bathC,
              smallestBubbleMm: warmMm,
              peakC: warm.peakC,
              timesFaster: 1 / timeAtMin({ timeMin: 1, temperatureC: mixC }, bathC),
              isHot: warm.band === 'high' || warm.band === 'runaway',
            },
          } as const,
        ]),
    ...(thinMm === undefined
      ? []
      : [{ code: 'thinner', data: { depthMm: depthMm / 2, smallestBubbleMm: thinMm } } as const]),
  ];
}
