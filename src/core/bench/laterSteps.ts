import type { Coded } from '../codes/coded';
import type { BetweenWay } from '../production/castingSchema';
import type { PourPlan } from '../plan/planTypes';

/** What is done with a layer once it is poured, besides looking for bubbles; s, min, kPa, mm. */
export interface LaterCodes {
  /** So long under the lamp, then so many steps more. */
  lamp: {
    readonly firstS: number;
    readonly steps: number;
    readonly stepS: number;
    readonly timeS: number;
  };
  'close-pot': { readonly gaugeKPa: number; readonly potLifeMin: number | undefined };
  'open-pot': { readonly holdMin: number; readonly gaugeKPa: number };
  /** A mould of a run, counted from 1, and pieces that are in it. */
  'empty-mould': {
    readonly mould: number;
    readonly cavities: number;
    readonly handlingMin: number;
    readonly between: BetweenWay;
  };
  'add-inclusion': {
    readonly name: string;
    /** Its place among what is put in, counted from 1. */
    readonly place: number;
    readonly withinMm: number;
    readonly beforeGelMin: number;
  };
}

export type LaterKind = keyof LaterCodes;

/** One of them, with when it is due: after the last of the layer was poured, or after the pot was closed. */
export type LaterStep = Coded<LaterCodes> & { readonly afterMin: number };

/** Bubbles rise for a few minutes before the lamp is on it. */
const lampAfterMin = 5;

/** In the order in which they are due. */
export function laterSteps(pour: PourPlan, layer: number): readonly LaterStep[] {
  const { lamp, pressure, flow } = pour;
  const lit = lamp?.layers.find((each) => each.layer === layer + 1);
  const adding = (flow?.inclusions ?? []).flatMap(({ name, withinMm, layers }, at): LaterStep[] => {
    const found = layers.find((each) => each.layer === layer + 1);
    return found === undefined || found.addAfterH === 0
      ? []
      : [
          {
            code: 'add-inclusion',
            data: { name, place: at + 1, withinMm, beforeGelMin: found.addBeforeGelMin },
            afterMin: found.addAfterH * 60,
          },
        ];
  });
  const steps: LaterStep[] = [
    ...(lit === undefined || lamp === undefined
      ? []
      : [
          {
            code: 'lamp',
            data: { firstS: lit.firstS, steps: lit.steps, stepS: lamp.stepS, timeS: lit.timeS },
            afterMin: lampAfterMin,
          } as const,
        ]),
    ...(pressure === undefined
      ? []
      : [
          {
            code: 'close-pot',
            data: { gaugeKPa: pressure.gaugeKPa, potLifeMin: pressure.potLifeMin },
            afterMin: 0,
          } as const,
          ...(pressure.holdMin === undefined
            ? []
            : [
                {
                  code: 'open-pot',
                  data: { holdMin: pressure.holdMin, gaugeKPa: pressure.gaugeKPa },
                  afterMin: pressure.holdMin,
                } as const,
              ]),
        ]),
    ...adding,
  ];
  return steps.sort((one, other) => one.afterMin - other.afterMin);
}
