import type { HeatPlan } from '../../core/plan/heat/heatOfPlan';

/** Something that happens in a run. */
export interface HeatEvent {
  readonly word: string;
  /** After the first pour, h. */
  readonly hours: number;
}

/** When each layer is poured, and what happens to the last one. */
export function eventsOf({ layers }: HeatPlan): readonly HeatEvent[] {
  const last = layers.at(-1);
  if (last === undefined) return [];
  const { pouredH, gelH, tackFreeH, demouldH, hardH } = last;
  const happens = [
    { word: 'gel', hours: gelH },
    { word: 'tack-free', hours: tackFreeH },
    { word: 'demould', hours: demouldH },
    { word: 'hard', hours: hardH },
  ];
  return [
    ...layers.slice(1).map((layer, at) => ({ word: `layer ${at + 2}`, hours: layer.pouredH })),
    ...happens.flatMap(({ word, hours }) =>
      hours === undefined ? [] : [{ word, hours: pouredH + hours }],
    ),
  ];
}
