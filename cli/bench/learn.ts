import { nextNormal } from '../../src/core/instruments/chance';
import { candidatesOf } from '../../src/core/learn/candidates';
import { readResin } from '../../src/core/resin/readResin';
import { resinSchema } from '../../src/core/resin/resinSchema';
import { fitReadings } from '../../src/core/thermal/fit/fitReadings';
import { sampledRun } from '../../src/core/thermal/fit/sampledRun';
import { usualSetting } from '../../src/core/thermal/usualSetting';
import type { BenchFigure } from './figure';

const draws = 100;
const readings = 30;
const noiseC = 0.5;
const hourS = 3600;

/** So much faster or slower than the label: from draw to draw another one. */
const rateOf = (draw: number): number => Math.exp(-0.35 + (0.7 * (draw % 20)) / 19);

/**
 * A hundred curves of a deep pour with noise, each of another rate and of another reading of the label: how far the fit is off, how
 * often its range holds the truth, and how long it takes.
 */
export function benchLearn(): readonly BenchFigure[] {
  const card = resinSchema.validateSync({
    name: 'Deep',
    family: 'deep-pour-epoxy',
    ratio: { by: 'volume', a: 2, b: 1 },
    potLife: { time: '8 h', mass: '150 g', temperature: '25 °C' },
    depth: { greatest: '50 mm' },
  });
  const candidates = candidatesOf('deep-pour-epoxy', readResin(card));
  const setting = usualSetting(0.05, 23);
  const times = Array.from({ length: readings }, (_, at) => ({
    timeS: (at + 1) * 1.2 * hourS,
    place: 'core' as const,
  }));
  let row = 1;
  let held = 0;
  const off: number[] = [];
  const took: number[] = [];
  for (let draw = 0; draw < draws; draw += 1) {
    const rate = rateOf(draw);
    const { curing, marks } = candidates[draw % candidates.length]!;
    const faster = { ...curing, ratePerS: curing.ratePerS * rate };
    const { readingsC } = sampledRun(setting, faster, marks, times, []);
    const measured = times.map((time, at) => {
      const [noise, next] = nextNormal(row);
      row = next;
      return { ...time, c: readingsC[at]! + noiseC * noise };
    });
    const begin = performance.now();
    const fit = fitReadings({ setting, readings: measured, seen: [] }, candidates);
    took.push(performance.now() - begin);
    off.push(Math.abs(fit.rate.value / rate - 1) * 100);
    if (fit.refused === undefined && fit.rate.low <= rate && rate <= fit.rate.high) held += 1;
  }
  const at = (values: readonly number[], share: number): number =>
    [...values].sort((one, other) => one - other)[Math.round(share * (values.length - 1))]!;
  return [
    { name: 'learn.rate-off.median', median: at(off, 0.5), unit: '%', runs: draws },
    { name: 'learn.rate-off.worst', median: at(off, 1), unit: '%', runs: draws },
    { name: 'learn.range-holds-truth', median: (held / draws) * 100, unit: '%', runs: draws },
    { name: 'learn.fit', median: at(took, 0.5), unit: 'ms', runs: draws },
  ];
}
