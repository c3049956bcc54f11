import { nextNormal, type Seed } from './chance';

/** A thermometer and what it is held into: temperatures by time, as the heat model follows them. */
export interface SimulatedProbe {
  readonly seed: Seed;
  /** Min after the beginning, rising, and the temperature then, °C; as many of both, at least one. */
  readonly atMin: readonly number[];
  readonly curveC: readonly number[];
  /** How long that has been going on, min. */
  readonly elapsedMin: number;
  /** So much faster than a clock it goes. */
  readonly speed: number;
  /** What is measured runs hotter than the model by so much of its rise: 0.2 is a fifth. */
  readonly hotterBy: number;
  readonly noiseC: number;
}

/** The temperature of a curve at a time, on a straight line between two of its points; at its ends as it ends. */
export function onCurve(atMin: readonly number[], curveC: readonly number[], min: number): number {
  const after = atMin.findIndex((each) => each >= min);
  if (after === 0) return curveC[0]!;
  if (after === -1) return curveC.at(-1)!;
  const [from, to] = [atMin[after - 1]!, atMin[after]!];
  const share = to === from ? 1 : (min - from) / (to - from);
  return curveC[after - 1]! + (curveC[after]! - curveC[after - 1]!) * share;
}

/** The probe so much later, s. */
export const probeAfter = (probe: SimulatedProbe, stepS: number): SimulatedProbe => ({
  ...probe,
  seed: nextNormal(probe.seed)[1],
  elapsedMin: probe.elapsedMin + (stepS / 60) * probe.speed,
});

/** What it says now: `T1: +23.4 C`. */
export function probeLine({
  seed,
  atMin,
  curveC,
  elapsedMin,
  hotterBy,
  noiseC,
}: SimulatedProbe): string {
  const modelC = onCurve(atMin, curveC, elapsedMin);
  const rise = modelC - curveC[0]!;
  const c = modelC + rise * hotterBy + nextNormal(seed)[0] * noiseC;
  return `T1: ${c < 0 ? '-' : '+'}${Math.abs(c).toFixed(1)} C`;
}
