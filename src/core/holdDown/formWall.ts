import { gravityMPerS2 } from './uplift';
import type { SolidKind } from '../thermal/solids';

/** A board as a form's wall sees it. */
interface Board {
  /** Young's modulus in bending, GPa; undefined for what is no board. */
  readonly elasticGPa: number | undefined;
  readonly densityGPerMl: number;
  /** So many times the first bow by the next morning. */
  readonly overnight: number;
}

/** Usual values of handbooks: along a sheet, dry. MDF and chipboard creep to about twice their bow overnight. */
export const boards: Readonly<Record<SolidKind, Board>> = {
  timber: { elasticGPa: 9, densityGPerMl: 0.5, overnight: 1 },
  mdf: { elasticGPa: 3, densityGPerMl: 0.75, overnight: 2 },
  'birch-ply': { elasticGPa: 10, densityGPerMl: 0.68, overnight: 1 },
  'coated-chipboard': { elasticGPa: 2.5, densityGPerMl: 0.68, overnight: 2 },
  silicone: { elasticGPa: undefined, densityGPerMl: 1.15, overnight: 1 },
  hdpe: { elasticGPa: 0.9, densityGPerMl: 0.95, overnight: 2 },
  polypropylene: { elasticGPa: 1.4, densityGPerMl: 0.91, overnight: 2 },
  aluminium: { elasticGPa: 70, densityGPerMl: 2.7, overnight: 1 },
};

/** More than this shows along the edge of the piece, mm. */
export const greatestBowMm = 0.5;

/** ρ g h at the bottom of a wall, Pa. */
export const pressurePa = (depthMm: number, densityGPerMl: number): number =>
  densityGPerMl * gravityMPerS2 * depthMm;

/** ½ ρ g h²: the resultant on each metre of wall, N. */
export const forceNPerM = (depthMm: number, densityGPerMl: number): number =>
  (pressurePa(depthMm, densityGPerMl) * depthMm) / 2000;

/** E t³ / 12 of a strip a metre wide, N m². */
const stiffnessNM2 = (elasticGPa: number, thicknessMm: number): number =>
  (elasticGPa * thicknessMm ** 3) / 12;

/**
 * How far the bottom strip of a wall bows out between two braces: 5 q L⁴ / (384 E I), its ends free to turn. A wall that is
 * screwed to a floor bows less: this is the cautious figure.
 * @param pressure at the bottom, Pa
 * @returns mm
 */
export const bowMm = (
  pressure: number,
  spanMm: number,
  elasticGPa: number,
  thicknessMm: number,
): number =>
  (5 * pressure * (spanMm / 1000) ** 4 * 1000) / (384 * stiffnessNM2(elasticGPa, thicknessMm));

/**
 * The widest span between braces that keeps the bow under a limit.
 * @param limitMm of the bow as the wall is filled
 * @returns mm
 */
export const spanForBowMm = (
  pressure: number,
  elasticGPa: number,
  thicknessMm: number,
  limitMm: number,
): number =>
  ((limitMm * 384 * stiffnessNM2(elasticGPa, thicknessMm)) / (5 * pressure * 1000)) ** 0.25 * 1000;
