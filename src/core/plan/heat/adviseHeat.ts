import type { Coded } from '../../codes/coded';
import type { Nothing } from '../../codes/problems/problemData';
import { readResin } from '../../resin/readResin';
import type { Resin } from '../../resin/resinSchema';
import { curingOf } from '../../thermal/calibrate';
import { warmerRoom } from '../../thermal/climate';
import type { Curing } from '../../thermal/curing';
import { hasHeat } from '../../resin/families';
import type { PourSetting } from '../../thermal/pourSetting';
import { layerPeaks } from '../../thermal/predict';
import { ceilingC } from '../../thermal/ceiling';
import { films, type SolidKind } from '../../thermal/solids';
import { InputError } from '../../problem';
import { calibrationOf, type KeptCalibrations } from './calibrationOf';
import type { HeatCaseOfJob } from './heatOfPlan';
import { paced } from './paced';

/** What would bring a peak down, with its data; K, °C, h and mm. */
interface AdviceCodes {
  'cooler-room': { readonly byK: number; readonly roomC: number };
  fan: Nothing;
  blocks: Nothing;
  uncovered: { readonly coverMm: number };
  'one-more-layer': { readonly layers: number; readonly gapH: number };
  resin: { readonly name: string };
  /** Of the whole form, or of its floor only. */
  mould: { readonly solid: SolidKind; readonly thicknessMm: number; readonly whole: boolean };
}

/** One thing that would bring the peak down, worked out. */
export type HeatAdvice = Coded<AdviceCodes> & {
  /** The hottest layer's peak then, °C, held under what can be told. */
  readonly peakC: number;
  /** By how much that is less, K. */
  readonly lessK: number;
};

/** A room is made this much cooler without moving house, K. */
const coolerK = 4;
/** Less than this is within the model's own doubt, K. */
const worthK = 1;
/** A form of this lets heat through. */
const otherWall: { readonly solid: SolidKind; readonly thicknessM: number } = {
  solid: 'aluminium',
  thicknessM: 0.003,
};

const hottestC = (setting: PourSetting, curing: Curing): number =>
  Math.min(
    ceilingC(setting, curing),
    Math.max(...layerPeaks(setting, curing).map(({ peakC }) => peakC)),
  );

/** The same depth in one more layer, all alike, each poured on the last when that can be poured on. */
function oneMoreLayer(setting: PourSetting, gapS: number): PourSetting {
  const count = setting.layers.length + 1;
  const wholeM = setting.layers.reduce((sum, { depthM }) => sum + depthM, 0);
  const layers = Array.from({ length: count }, (_, at) => ({
    depthM: wholeM / count,
    pouredS: at * gapS,
  }));
  return { ...setting, layers };
}

/** What changes the setting; the resin stays. */
function changes(
  { setting, coverMm }: HeatCaseOfJob,
  gapS: number,
): readonly (Coded<AdviceCodes> & { readonly to: PourSetting })[] {
  const { room, resinC, fan, underside, shape } = setting;
  const asRoom = resinC === room.meanC;
  return [
    {
      code: 'cooler-room',
      data: { byK: coolerK, roomC: room.meanC - coolerK },
      to: {
        ...setting,
        room: warmerRoom(room, -coolerK),
        resinC: asRoom ? resinC - coolerK : resinC,
      },
    },
    ...(fan.untilS > 0
      ? []
      : [
          {
            code: 'fan' as const,
            data: {},
            to: { ...setting, fan: { ...fan, untilS: Infinity } },
          },
        ]),
    ...(coverMm === undefined
      ? []
      : [
          {
            code: 'uncovered' as const,
            data: { coverMm },
            to: { ...setting, topU: films.topStill, fan: { ...fan, topU: films.fan } },
          },
        ]),
    ...(underside.filmU >= films.raisedBoard
      ? []
      : [
          {
            code: 'blocks' as const,
            data: {},
            to: { ...setting, underside: { ...underside, filmU: films.raisedBoard } },
          },
        ]),
    // What stands in the layers does not move with their borders.
    ...(setting.layers.some(({ insert }) => insert !== undefined)
      ? []
      : [
          {
            code: 'one-more-layer' as const,
            data: { layers: setting.layers.length + 1, gapH: gapS / 3600 },
            to: oneMoreLayer(setting, gapS),
          },
        ]),
    ...(underside.solid === otherWall.solid
      ? []
      : [
          {
            code: 'mould' as const,
            data: {
              solid: otherWall.solid,
              thicknessMm: otherWall.thicknessM * 1000,
              whole: shape.kind !== 'slab',
            },
            to: {
              ...setting,
              underside: { ...underside, ...otherWall },
              // Heat leaves a wide pour through its faces only.
              shape:
                shape.kind === 'slab' ? shape : { ...shape, side: { ...shape.side, ...otherWall } },
            },
          },
        ]),
  ];
}

/** The resin of these that stays coolest in this pour; those that cannot be calibrated are left out. */
function coolestResin(
  setting: PourSetting,
  cards: readonly Resin[],
  kept: KeptCalibrations | undefined,
): { readonly name: string; readonly peakC: number } | undefined {
  let best: { readonly name: string; readonly peakC: number } | undefined;
  for (const card of cards) {
    const { family, name } = card;
    if (!hasHeat(family)) continue;
    try {
      const resin = readResin(card);
      const curing = paced(curingOf(family, calibrationOf(family, resin, kept)), resin);
      const peakC = hottestC(setting, curing);
      if (best === undefined || peakC < best.peakC) best = { name, peakC };
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
    }
  }
  return best;
}

/**
 * What would bring the peak down, and by how much: each is a run of its own.
 * @param gapH after which a layer can be poured on, h
 * @param others cards on the shelf besides the job's own
 * @param kept calibrations of those cards
 * @returns what is worth a kelvin at least, the most first
 */
export function adviseHeat(
  given: HeatCaseOfJob,
  gapH: number,
  others: readonly Resin[],
  kept?: KeptCalibrations,
): readonly HeatAdvice[] {
  const { setting, curing } = given;
  const nowC = hottestC(setting, curing);
  const resin = coolestResin(setting, others, kept);
  const found = [
    ...changes(given, gapH * 3600).map(({ to, ...advice }) => ({
      ...advice,
      peakC: hottestC(to, curing),
    })),
    ...(resin === undefined
      ? []
      : [{ code: 'resin' as const, data: { name: resin.name }, peakC: resin.peakC }]),
  ];
  return found
    .map((each): HeatAdvice => ({ ...each, lessK: nowC - each.peakC }))
    .filter(({ lessK }) => lessK >= worthK)
    .sort((one, other) => other.lessK - one.lessK);
}
