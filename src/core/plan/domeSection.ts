import type { FlowSection, PlannedDome } from './familySections';
import { gravityMPerS2 } from '../holdDown/uplift';
import { beforeGelAt } from '../flow/settling';
import type { MeasuredPart } from '../measure/measureWhole';
import type { PlannedLayer } from './planTypes';

/** A film so thick gets over an edge, and may creep so far, m. */
const [filmM, creepM] = [0.3e-3, 1e-3];

/**
 * How much flow lets such a film creep so far down an upright edge: v = ρgδ²/(3η).
 * @returns h at the viscosity of 25 °C
 */
const creepFlowH = (densityGPerMl: number, viscosityPaS: number): number =>
  (3 * creepM * viscosityPaS) / (densityGPerMl * 1000 * gravityMPerS2 * filmM ** 2) / 3600;

/** The domes of a pour. */
export function domesOf(
  parts: readonly MeasuredPart[],
  layers: readonly Pick<PlannedLayer, 'cure'>[],
  flow: FlowSection | undefined,
  densityGPerMl: number,
): readonly PlannedDome[] {
  const clock = layers.at(-1)?.cure?.flow;
  const beforeGelH =
    clock === undefined || flow === undefined
      ? undefined
      : beforeGelAt(clock, creepFlowH(densityGPerMl, flow.viscosityPaS));
  return parts.flatMap(({ detail, name, count, eachMl }) => {
    if (detail?.kind !== 'dome') return [];
    const { kind: _, outline: __, ...dome } = detail;
    return [
      {
        ...dome,
        name,
        count,
        eachMl,
        holdsFromH: clock && beforeGelH && Math.max(0, clock.gelH - beforeGelH),
        holdsBeforeGelMin: beforeGelH && beforeGelH * 60,
      },
    ];
  });
}
