import { gravityMPerS2 } from '../holdDown/uplift';
import type { FlowTime } from './flowTime';

/**
 * How fast a ball goes through resin, as distance for each second at 1 Pa·s: Stokes, k = Δρ g D²/18. A bubble has a rigid skin
 * (what is in the resin gathers on it) and so rises no faster than a ball.
 * @param excessKgPerM3 its density less that of the resin: below nothing it rises
 * @returns m²/(s·m)·Pa·s, m for each 1/Pa of M
 */
export const ballMobility = (diameterM: number, excessKgPerM3: number): number =>
  (excessKgPerM3 * gravityMPerS2 * diameterM ** 2) / 18;

/** The same for a thin disc that sinks flat, broadside on: k = π Δρ g a t/16 with its radius a and thickness t. */
export const discMobility = (
  diameterM: number,
  thicknessM: number,
  excessKgPerM3: number,
): number => (Math.PI * excessKgPerM3 * gravityMPerS2 * (diameterM / 2) * thicknessM) / 16;

/** M = ∫ dt/η until gel, 1/Pa: how far anything goes is its mobility times this. */
export const mobilityTime = (leftH: number, viscosityAt25PaS: number): number =>
  (leftH * 3600) / viscosityAt25PaS;

/**
 * When so much of the flow is left that something goes no further than it may.
 * @param leftH flow that may be left, h at the viscosity of 25 °C
 * @returns hours before gel; the whole time from the pour where that is not too much
 */
export function beforeGelAt({ beforeGelH, leftH: left }: FlowTime, leftH: number): number {
  if (left[0]! <= leftH) return beforeGelH[0]!;
  const after = left.findIndex((each) => each <= leftH);
  // Closer to gel than the last moment that is told, what is left falls with the same power of the time.
  const at = after === -1 ? left.length - 1 : after;
  const [l0, l1] = [Math.log(left[at - 1]!), Math.log(left[at]!)];
  const [t0, t1] = [Math.log(beforeGelH[at - 1]!), Math.log(beforeGelH[at]!)];
  return Math.exp(t0 + ((t1 - t0) * (Math.log(leftH) - l0)) / (l1 - l0));
}
