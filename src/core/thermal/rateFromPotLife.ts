import { InputError } from '../problem';
import type { Curing } from './curing';
import { cupOf, potLifeOf } from './potLife';

/** What a label says of the pot life. */
export interface PotLifeLabel {
  readonly potLifeMin: number;
  readonly massG: number;
  readonly temperatureC: number;
}

/** ln s is looked for between these: fifty times slower or faster than the family. */
const widestLogRate = 4;
/** Pot life is met to this share. */
const tolerance = 0.002;

/**
 * How much faster than `curing` the resin must be for the label's cup to last the label's pot life.
 * Secant on ln s against ln of the pot life, held in a bracket: the one falls as the other climbs.
 * @returns s
 * @throws InputError `pot-life-out-of-model` where e^±4 is not enough
 */
export function rateFromPotLife(curing: Curing, label: PotLifeLabel, startLogRate = 0): number {
  const wantedS = label.potLifeMin * 60;
  const { massG, temperatureC } = label;
  const batch = { cup: cupOf(curing, massG), resinC: temperatureC, roomC: temperatureC };
  // Where it outlasts six times the label's figure it is over all the same for the search.
  const givenUpS = wantedS * 6;
  const overAt = (logRate: number): number => {
    const found = potLifeOf(
      { ...curing, ratePerS: curing.ratePerS * Math.exp(logRate) },
      batch,
      givenUpS,
    );
    return Math.log((found?.potLifeS ?? givenUpS) / wantedS);
  };
  let slow: { logRate: number; over: number } | undefined;
  let fast: { logRate: number; over: number } | undefined;
  let logRate = Math.min(widestLogRate, Math.max(-widestLogRate, startLogRate));
  for (let run = 0; run < 60; run += 1) {
    const over = overAt(logRate);
    if (Math.abs(over) < tolerance) return Math.exp(logRate);
    if (over > 0) slow = { logRate, over };
    else fast = { logRate, over };
    if (slow === undefined || fast === undefined) {
      if (Math.abs(logRate) >= widestLogRate && logRate > 0 === over > 0) {
        throw new InputError('pot-life-out-of-model', label.potLifeMin, { ...label }, 'potLife');
      }
      // Twice as fast about halves it; a bit further, so that the two ends come to lie on both sides.
      const next = logRate + over * 1.1 + Math.sign(over) * 0.02;
      logRate = Math.min(widestLogRate, Math.max(-widestLogRate, next));
      continue;
    }
    const share = slow.over / (slow.over - fast.over);
    logRate = slow.logRate + (fast.logRate - slow.logRate) * Math.min(0.95, Math.max(0.05, share));
  }
  return Math.exp(logRate);
}
