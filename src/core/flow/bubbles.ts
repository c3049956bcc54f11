import { gravityMPerS2 } from '../holdDown/uplift';
import type { FlowingLayer, FlowingResin } from './inclusionsOf';
import { mobilityTime } from './settling';

/** Air weighs next to nothing against resin, g/ml. */
const airGPerMl = 0.0012;

/**
 * The smallest bubble that rises through so much resin in the flow that it has: D = √(18 d / (Δρ g M)).
 * @param depthMm that it must rise
 * @param leftH flow, h at the viscosity of 25 °C
 * @returns diameter, mm
 */
export function smallestBubbleMm(
  depthMm: number,
  leftH: number,
  { densityGPerMl, viscosityPaS }: Omit<FlowingResin, 'pouredC'>,
): number {
  const liftNPerM3 = (densityGPerMl - airGPerMl) * 1000 * gravityMPerS2;
  const mobilityPerPa = mobilityTime(leftH, viscosityPaS);
  return Math.sqrt((18 * (depthMm / 1000)) / (liftNPerM3 * mobilityPerPa)) * 1000;
}

/** The same for a bubble from the floor of a layer, from its pour to its gel. */
export const smallestFromFloorMm = (
  { depthMm, flow }: FlowingLayer,
  resin: Omit<FlowingResin, 'pouredC'>,
): number => smallestBubbleMm(depthMm, flow.leftH[0]!, resin);

/**
 * How much wider a bubble is in a vacuum: its gas takes V p₀/p of the room.
 * @param pressureKPa that is left in the pot
 * @param airKPa outside it
 */
export const widerInVacuum = (pressureKPa: number, airKPa: number): number =>
  Math.cbrt(airKPa / pressureKPa);

/**
 * How thin a stream is by the time it has fallen so far, at the least: as much flows through it everywhere, and it falls no
 * faster than freely, d = √(4Q / (π √(2gh))). Thick resin is pulled back by itself and stays wider. A bubble that is wider than
 * the stream is stretched until it bursts.
 * @param pourMlPerMin what is poured
 * @param fallMm from the lip of the cup to the surface
 * @returns diameter, mm
 */
export function streamMm(pourMlPerMin: number, fallMm: number): number {
  const flowM3PerS = pourMlPerMin / 60e6;
  const speedMPerS = Math.sqrt(2 * gravityMPerS2 * (fallMm / 1000));
  return Math.sqrt((4 * flowM3PerS) / (Math.PI * speedMPerS)) * 1000;
}
