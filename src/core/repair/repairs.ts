import { object, type InferType } from 'yup';
import { layerDoseMJPerCm2 } from '../lamp/cureDepth';
import { lampOf } from '../lamp/lampOf';
import { usualDropMl } from '../measure/parts/measureDome';
import { readQuantity } from '../quantity/readQuantity';
import { lengthRule, roomTemperatureRule } from '../quantity/rules';
import { timeAtMin } from '../resin/inRoom';
import { familyOf } from '../resin/families';
import { readResin } from '../resin/readResin';
import type { Resin } from '../resin/resinSchema';
import { choiceSchema } from '../schema/choiceSchema';
import { numberSchema } from '../schema/numberSchema';
import { optionalQuantitySchema, quantitySchema } from '../schema/quantitySchema';

/** Holes are measured, or filled with drops that are counted. */
export const repairBy = ['size', 'drops'] as const;

/** Pinholes and voids in a surface. */
export const repairSchema = object({
  by: choiceSchema(repairBy),
  holes: numberSchema({ greatest: 10_000, whole: true, example: '6' }),
  width: optionalQuantitySchema(lengthRule),
  depth: quantitySchema(lengthRule),
  /** Into one hole. */
  drops: numberSchema({ greatest: 1000, whole: false, example: '2' }),
  room: quantitySchema(roomTemperatureRule),
}).noUnknown();

export type TypedRepair = InferType<typeof repairSchema>;

/** Why something does not fill a hole; mm. */
export type RepairHindrance =
  | { readonly code: 'too-thin'; readonly leastMm: number }
  | { readonly code: 'no-times' }
  | { readonly code: 'too-deep'; readonly mostMm: number };

/** One way to fill them. */
export interface Repair {
  readonly name: string;
  readonly kind: 'epoxy' | 'polyurethane' | 'polyester' | 'uv' | 'super-glue';
  readonly layers: number;
  readonly layerMm: number;
  /** One layer until the next, or until it can be sanded. */
  readonly layerMin: number;
  /** Undefined where its card gives no times. */
  readonly totalMin: number | undefined;
  readonly g: number;
  readonly hindrance: RepairHindrance | undefined;
}

/** What there is to fill, in millilitres and drops, and with what, the soonest first; what does not do comes last, with its reason. */
export interface Repairs {
  readonly ml: number;
  readonly drops: number;
  readonly ways: readonly Repair[];
}

/** Super glue: what a drop of it stands in, how long activator takes, and how deep it is worth it. General practice. */
const superGlue = { layerMm: 0.5, layerMin: 1, mostMm: 3, gPerMl: 1.06 } as const;

/** A clear layer under a lamp, and the time to look and wipe, min. */
const lookMin = 0.5;

function byLamp(card: Resin, depthMm: number): Pick<Repair, 'layers' | 'layerMm' | 'layerMin'> {
  const lamp = lampOf(undefined, card, 'clear');
  const mostMm = readResin(card).greatestDepthMm ?? lamp.clear.penetrationMm * 2;
  const layers = Math.ceil(depthMm / mostMm - 1e-9);
  const layerMm = depthMm / layers;
  const seconds = layerDoseMJPerCm2(layerMm, lamp.clear) / lamp.intensityMWPerCm2;
  return { layers, layerMm, layerMin: seconds / 60 + lookMin };
}

function ofCard(card: Resin, ml: number, depthMm: number, roomC: number): Repair | undefined {
  const { kind } = familyOf(card.family);
  if (kind === 'silicone') return undefined;
  const resin = readResin(card);
  const common = { name: card.name, kind, g: ml * resin.mixedDensityGPerMl } as const;
  if (kind === 'uv') {
    const lit = byLamp(card, depthMm);
    return { ...common, ...lit, totalMin: lit.layers * lit.layerMin, hindrance: undefined };
  }
  const mostMm = resin.greatestDepthMm ?? depthMm;
  const layers = Math.ceil(depthMm / mostMm - 1e-9);
  const layerMm = depthMm / layers;
  // Hard enough to be sanded: when it may leave its mould, or has cured.
  const { demould, fullCure } = resin.times;
  const hard = demould ?? fullCure;
  const layerMin = hard === undefined ? 0 : timeAtMin(hard, roomC);
  const { leastDepthMm } = resin;
  const hindrance: RepairHindrance | undefined =
    leastDepthMm !== undefined && layerMm < leastDepthMm - 1e-9
      ? { code: 'too-thin', leastMm: leastDepthMm }
      : hard === undefined
        ? { code: 'no-times' }
        : undefined;
  return {
    ...common,
    layers,
    layerMm,
    layerMin,
    totalMin: hard === undefined ? undefined : layers * layerMin,
    hindrance,
  };
}

function glue(ml: number, depthMm: number): Repair {
  const { layerMm, layerMin, mostMm, gPerMl } = superGlue;
  const layers = Math.ceil(depthMm / layerMm - 1e-9);
  return {
    name: 'Super glue and activator',
    kind: 'super-glue',
    layers,
    layerMm: depthMm / layers,
    layerMin,
    totalMin: layers * layerMin,
    g: ml * gPerMl,
    hindrance: depthMm > mostMm ? { code: 'too-deep', mostMm } : undefined,
  };
}

/**
 * What small holes in a surface take, and which resin of the shelf cures that thin and soonest.
 * A hole that is measured is taken to be as wide all the way down: the most that it can take.
 */
export function repairsOf(typed: TypedRepair, resins: readonly Resin[]): Repairs {
  const mm = (text: string): number => readQuantity(text, lengthRule).value;
  const depthMm = mm(typed.depth);
  const widthMm = mm(typed.width ?? typed.depth);
  const eachMl =
    typed.by === 'drops'
      ? typed.drops * usualDropMl
      : (Math.PI * widthMm ** 2 * depthMm) / 4 / 1000;
  const ml = eachMl * typed.holes;
  const roomC = readQuantity(typed.room, roomTemperatureRule).value;
  const ways = [
    glue(ml, depthMm),
    ...resins.flatMap((card) => ofCard(card, ml, depthMm, roomC) ?? []),
  ];
  const last = ({ hindrance, totalMin = Infinity }: Repair): number =>
    hindrance === undefined ? totalMin : 1e9 + totalMin;
  return { ml, drops: ml / usualDropMl, ways: ways.sort((a, b) => last(a) - last(b)) };
}
