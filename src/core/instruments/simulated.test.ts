import { nextChance, nextNormal } from './chance';
import { readScaleLine } from './scaleLines';
import { onCurve, probeAfter, probeLine, type SimulatedProbe } from './simulatedProbe';
import {
  commanded,
  emptyScale,
  lineOf,
  scaleAfter,
  usualNature,
  type ScaleCommand,
  type SimulatedScale,
} from './simulatedScale';
import { readThermometerLine } from './thermometerLines';

const quiet = { ...usualNature, noiseG: 0 };
const after = (scale: SimulatedScale, seconds: number): SimulatedScale =>
  Array.from({ length: Math.round(seconds * 10) }).reduce<SimulatedScale>(
    (each) => scaleAfter(each, 0.1),
    scale,
  );
const with_ = (scale: SimulatedScale, ...commands: readonly ScaleCommand[]): SimulatedScale =>
  commands.reduce(commanded, scale);
const reads = (scale: SimulatedScale) => readScaleLine('flags', lineOf(scale))!;

test('a cup is put on, settles, and is tared', () => {
  let scale = commanded(emptyScale(1, quiet), { do: 'put-cup', vesselG: 31 });
  scale = after(scale, 0.1);
  expect(reads(scale)).toMatchObject({ stable: false });
  scale = after(scale, 3);
  expect(reads(scale)).toMatchObject({ g: 31, stable: true });
  scale = after(commanded(scale, { do: 'tare' }), 0.2);
  expect(reads(scale)).toMatchObject({ g: 0, stable: true });
  expect(reads(after(commanded(scale, { do: 'lift' }), 3)).g).toBe(-31);
  expect(reads(after(with_(scale, { do: 'lift' }, { do: 'put-back' }), 3)).g).toBe(0);
});

const tared = after(with_(emptyScale(2, quiet), { do: 'put-cup', vesselG: 31 }), 3);
const poured = (g: number, hand: 'exact' | 'careful' | 'usual' | 'hasty'): number =>
  reads(after(with_(tared, { do: 'tare' }, { do: 'pour', g, hand }), 60)).g!;

test('a hand stops where it is that kind of hand', () => {
  expect(poured(438, 'exact')).toBe(438);
  expect(poured(420, 'careful') - 420).toBeGreaterThan(0);
  expect(poured(420, 'careful') - 420).toBeLessThan(0.5);
  expect(poured(420, 'usual') - 420).toBeGreaterThan(poured(420, 'careful') - 420);
  expect(poured(420, 'hasty') - 420).toBeGreaterThan(4);
});

test('a pour is never in the cup before its time, and stops when told', () => {
  const pouring = with_(tared, { do: 'tare' }, { do: 'pour', g: 420, hand: 'usual' });
  expect(reads(after(pouring, 2)).g).toBeLessThan(130);
  const stopped = after(commanded(after(pouring, 2), { do: 'stop' }), 5);
  expect(reads(stopped).g).toBeCloseTo(120, -1);
});

test('it is overloaded, drifts, and shows other units', () => {
  const heavy = after(with_(emptyScale(3, quiet), { do: 'put-cup', vesselG: 6000 }), 3);
  expect(reads(heavy)).toMatchObject({ trouble: 'overload' });
  const drifting = with_(tared, { do: 'tare' }, { do: 'nature', nature: { driftGPerMin: 3 } });
  expect(reads(after(drifting, 60)).g).toBeCloseTo(3, 1);
  const ounces = commanded(tared, { do: 'unit', unit: 'oz weight' });
  expect(reads(ounces).unit).toBe('oz weight');
  expect(reads(ounces).g).toBeCloseTo(31, 0);
});

test('noise is of the size that was set, the same from the same seed', () => {
  const noisy = with_(emptyScale(4, { ...usualNature, noiseG: 0.5 }), {
    do: 'put-cup',
    vesselG: 100,
  });
  const figures: number[] = [];
  let scale = after(noisy, 3);
  for (let turn = 0; turn < 400; turn += 1) {
    scale = scaleAfter(scale, 0.1);
    figures.push(reads(scale).g!);
  }
  const mean = figures.reduce((sum, g) => sum + g, 0) / figures.length;
  const spread = Math.sqrt(figures.reduce((sum, g) => sum + (g - mean) ** 2, 0) / figures.length);
  expect(mean).toBeCloseTo(100, 0);
  expect(spread).toBeGreaterThan(0.4);
  expect(spread).toBeLessThan(0.6);
  expect(lineOf(after(noisy, 5))).toBe(lineOf(after(noisy, 5)));
});

test('chances are even, and normal', () => {
  let seed = 9;
  const [evens, normals]: [number[], number[]] = [[], []];
  for (let turn = 0; turn < 4000; turn += 1) {
    const [even, next] = nextChance(seed);
    const [normal, after_] = nextNormal(next);
    evens.push(even);
    normals.push(normal);
    seed = after_;
  }
  const mean = (all: readonly number[]): number => all.reduce((sum, x) => sum + x, 0) / all.length;
  expect(mean(evens)).toBeCloseTo(0.5, 1);
  expect(mean(normals)).toBeCloseTo(0, 1);
  expect(mean(normals.map((x) => x * x))).toBeCloseTo(1, 0);
});

test('a probe follows its curve, hotter where it is told to, and as fast', () => {
  const probe: SimulatedProbe = {
    seed: 5,
    atMin: [0, 10, 20],
    curveC: [20, 30, 60],
    elapsedMin: 0,
    speed: 60,
    hotterBy: 0.2,
    noiseC: 0,
  };
  expect(onCurve(probe.atMin, probe.curveC, 5)).toBe(25);
  expect(onCurve(probe.atMin, probe.curveC, -3)).toBe(20);
  expect(onCurve(probe.atMin, probe.curveC, 99)).toBe(60);
  const later = probeAfter(probeAfter(probe, 5), 5);
  expect(later.elapsedMin).toBeCloseTo(10, 9);
  expect(readThermometerLine(probeLine(later))?.c).toBeCloseTo(32, 6);
});
