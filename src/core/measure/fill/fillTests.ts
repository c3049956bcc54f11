import type { Doubt } from '../doubt';
import { waterDensityGPerMl } from './water';

/** A volume found by a test, and how sure it is. */
export interface Found {
  readonly volumeMl: number;
  readonly doubt: Doubt;
}

/** A jug is read to about two hundredths of what is in it; the film that stays in it is within that. */
const jugShare = 0.02;
/** Drops that stay behind and the meniscus at the rim, when the water is weighed. */
const wetScaleShare = 0.005;
/** Loosely poured and tapped grain differ by this much in how densely they lie. */
const packingShare = 0.03;
/** Density as people know it: from a label, a table, or found at the bench. */
const densityShare = 0.01;

/** Water weighed into the mould: V = m / ρ(T). */
export function wetByScale(massG: number, waterC: number, scaleStepG: number): Found {
  const densityGPerMl = waterDensityGPerMl(waterC);
  const volumeMl = massG / densityGPerMl;
  const plusMinusMl = Math.hypot(wetScaleShare * volumeMl, scaleStepG / 2 / densityGPerMl);
  const data = { densityGPerMl, waterC };
  return { volumeMl, doubt: { plusMinusMl, errs: 'either', rule: 'wet-scale', data } };
}

/** Water poured from a jug, or back into it. */
export function wetByJug(volumeMl: number): Found {
  const plusMinusMl = jugShare * volumeMl;
  return { volumeMl, doubt: { plusMinusMl, errs: 'either', rule: 'wet-jug', data: { jugShare } } };
}

/** Grain poured back into a jug. It bridges corners and fine detail, so the cavity holds rather more. */
export function dryByJug(volumeMl: number): Found {
  const plusMinusMl = Math.hypot(jugShare, packingShare) * volumeMl;
  return { volumeMl, doubt: { plusMinusMl, errs: 'low', rule: 'dry-jug', data: { packingShare } } };
}

/** Grain weighed: V = m / bulk density, which was found once and kept. */
export function dryByWeight(massG: number, bulkDensityGPerMl: number, scaleStepG: number): Found {
  const volumeMl = massG / bulkDensityGPerMl;
  const plusMinusMl = Math.hypot(packingShare * volumeMl, scaleStepG / 2 / bulkDensityGPerMl);
  const data = { packingShare, bulkDensityGPerMl };
  return { volumeMl, doubt: { plusMinusMl, errs: 'low', rule: 'dry-weight', data } };
}

/** A solid piece on the scale: V = m / ρ. */
export function byWeight(massG: number, densityGPerMl: number, scaleStepG: number): Found {
  const volumeMl = massG / densityGPerMl;
  const plusMinusMl = Math.hypot(densityShare * volumeMl, scaleStepG / 2 / densityGPerMl);
  const data = { densityShare, densityGPerMl };
  return { volumeMl, doubt: { plusMinusMl, errs: 'either', rule: 'weighed', data } };
}

/**
 * A piece dunked in a jug: what the level rose by. Both levels are read, so the doubt is of both.
 * Air that clings to the piece reads as piece.
 */
export function byDisplacement(beforeMl: number, afterMl: number): Found {
  const volumeMl = afterMl - beforeMl;
  // Half a division of a jug that is divided finely enough for the water in it.
  const readingMl = (jugShare / 4) * afterMl;
  const plusMinusMl = Math.hypot(readingMl, readingMl);
  return { volumeMl, doubt: { plusMinusMl, errs: 'high', rule: 'displaced', data: { readingMl } } };
}
