import type { ResolvedJob } from '../job/resolveJob';
import type { PourPlan } from '../plan/planTypes';
import { readQuantity } from '../quantity/readQuantity';
import { timeRule } from '../quantity/rules';
import { familyOf } from '../resin/families';
import type { LayerClocks } from './clocks';
import { pourTaskId } from './taskIds';
import { early, exactly, spec } from './taskSpec';
import type { TaskSpec } from './tasks';

const hour = 60;

/** From here on a layer is a deep one. */
export const deepFromMm = 20;
/** Bubbles rise at once and again when more come out of timber or thick resin, min after the pour. */
const bubblePasses = { thin: [10, 30], deep: [15, 60] } as const;
/** Before the lamp sets it they are out within minutes. */
const beforeLamp = [3];
const bubblesMin = 5;
const dripsMin = 10;
const lookMin = 5;
/** Strewing it in and stirring it under, min. */
const addMin = 5;

/** When bubbles are worked out of a layer, min after the last of it is poured. */
export function bubbleMinutes(pour: PourPlan, layer: number): readonly number[] {
  const { fromMm, toMm, cure } = pour.layers[layer]!;
  const depthMm = fromMm === undefined || toMm === undefined ? undefined : toMm - fromMm;
  const { kind } = familyOf(pour.resin.family);
  // Nobody looks into a pot under pressure.
  if (pour.role === 'seal' || kind === 'silicone' || pour.pressure !== undefined) return [];
  if (kind === 'uv') return beforeLamp;
  const passes = bubblePasses[depthMm !== undefined && depthMm > deepFromMm ? 'deep' : 'thin'];
  const gelMin = cure?.gelH === undefined ? Infinity : cure.gelH * hour;
  return passes.filter((afterMin) => afterMin < gelMin);
}

/** What would sink or rise is put in late enough to stay, and while it still goes in: by hand. */
const addingLater = (pour: PourPlan, layer: number, minutes: number): readonly TaskSpec[] =>
  (pour.flow?.inclusions ?? []).flatMap(({ name, layers }, at) => {
    const found = layers.find((each) => each.layer === layer + 1);
    if (found === undefined || found.addAfterH === 0) return [];
    const afterMin = minutes + found.addAfterH * hour;
    // Half of what is left: from then on it is as thick as paste.
    const toMin = afterMin + found.addBeforeGelMin / 2;
    const id = pourTaskId(pour, layer);
    return [
      spec({
        pour: pour.index,
        layer,
        id: `${id}/add-${at + 1}`,
        kind: 'add-inclusion',
        minutes: addMin,
        hands: 'on',
        lines: [name],
        tie: early(id, { fromMin: afterMin, toMin, safe: undefined }),
      }),
    ];
  });

/** What is looked after once a layer is poured. */
export function lookingAfter(
  pour: PourPlan,
  layer: number,
  minutes: number,
  { said }: ResolvedJob['pours'][number],
  clocks: LayerClocks | undefined,
): readonly TaskSpec[] {
  const id = pourTaskId(pour, layer);
  const { cure } = pour.layers[layer]!;
  const gelMin = cure?.gelH === undefined ? Infinity : cure.gelH * hour;
  const common = { pour: pour.index, layer };
  const fanMin =
    said.heat?.fan === undefined ? undefined : readQuantity(said.heat.fan, timeRule).value;
  return [
    ...bubbleMinutes(pour, layer).map((afterMin, at) =>
      spec({
        ...common,
        id: `${id}/bubbles-${at + 1}`,
        kind: 'bubbles',
        minutes: bubblesMin,
        hands: 'look',
        tie: exactly(id, minutes + afterMin),
      }),
    ),
    ...addingLater(pour, layer, minutes),
    ...(clocks?.peakMin === undefined
      ? []
      : [
          spec({
            ...common,
            id: `${id}/peak`,
            kind: 'peak',
            minutes: lookMin,
            hands: 'look',
            tie: exactly(id, clocks.peakMin.mid),
          }),
        ]),
    ...(fanMin === undefined
      ? []
      : [
          spec({
            ...common,
            id: `${id}/fan-off`,
            kind: 'fan-off',
            minutes: lookMin,
            hands: 'look',
            // Never before the heat has turned: the surface levels afterwards.
            tie: exactly(id, Math.max(fanMin, clocks?.peakMin?.mid ?? 0)),
          }),
        ]),
    ...(pour.role === 'coat' && cure?.gelH !== undefined && layer === pour.layers.length - 1
      ? [
          spec({
            ...common,
            id: `${id}/drips`,
            kind: 'drips',
            minutes: dripsMin,
            hands: 'look',
            tie: exactly(id, gelMin),
          }),
        ]
      : []),
  ];
}
