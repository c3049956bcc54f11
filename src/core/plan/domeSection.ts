import { gravityMPerS2 } from '../holdDown/uplift';
import { beforeGelAt } from '../flow/settling';
import type { DomeDetail } from '../measure/measured';
import type { MeasuredPart } from '../measure/measureWhole';
import type { FlowSection } from './flowSection';
import type { PlannedLayer } from './planTypes';

/** A dome of a pour, and when its resin is thick enough to stay on its edge. */
export interface PlannedDome extends Omit<DomeDetail, 'kind' | 'outline'> {
  readonly name: string | undefined;
  readonly count: number;
  readonly eachMl: number;
  /**
   * Poured from here on, a film that got over the edge creeps less than a millimetre until it gels; h after the pour and min before
   * gel. Undefined where nothing tells when it gels.
   */
  readonly holdsFromH: number | undefined;
  readonly holdsBeforeGelMin: number | undefined;
}

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
