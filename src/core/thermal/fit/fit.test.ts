import * as fc from 'fast-check';
import { calibrate, curingOf } from '../calibrate';
import { usualMarks } from '../cureMarks';
import { curingOfMember, membersOf } from '../members';
import { quickGrid, type PourSetting } from '../pourSetting';
import { predictMiddle } from '../predict';
import { usualSetting } from '../usualSetting';
import { factorOf, fitPour } from './fitPour';
import { fitReadings, type Candidate } from './fitReadings';
import { mixtureRange } from './mixture';
import { sampledRun } from './sampledRun';
import { nextNormal } from '../../instruments/chance';

const family = 'deep-pour-epoxy';
const label = { potLifeMin: 480, massG: 150, temperatureC: 25, depthMm: 50 };
const calibration = calibrate(family, label);
const candidateOf = (curing: Candidate['curing'], weight: number): Candidate => ({
  curing,
  marks: usualMarks(family, curing),
  weight,
});
const own = candidateOf(curingOf(family, calibration), 1);
const members = membersOf(family, label, calibration).map((member) =>
  candidateOf(curingOfMember(family, member), member.weight),
);
const hour = 3600;

/** The same pour in livelier air. */
const inAir = (setting: PourSetting, factor: number): PourSetting => ({
  ...setting,
  topU: setting.topU * factor,
  underside: { ...setting.underside, filmU: setting.underside.filmU * factor },
});

/** A curve of the middle with noise, as a thermometer would tell it. */
function measured(
  truth: { readonly rate: number; readonly film: number; readonly of?: Candidate },
  { depthM = 0.05, count = 30, noiseC = 0.5, seed = 1, everyH = 1.2 } = {},
) {
  const { curing, marks } = truth.of ?? own;
  const setting = usualSetting(depthM, 23);
  const times = Array.from({ length: count }, (_, at) => ({
    timeS: (at + 1) * everyH * hour,
    place: 'core' as const,
  }));
  const { readingsC } = sampledRun(
    inAir(setting, truth.film),
    { ...curing, ratePerS: curing.ratePerS * truth.rate },
    marks,
    times,
    [],
  );
  let row = seed;
  const readings = times.map((time, at) => {
    const [noise, next] = nextNormal(row);
    row = next;
    return { ...time, c: readingsC[at]! + noiseC * noise };
  });
  return { setting, readings, seen: [] };
}

test('a run says at each moment what the whole prediction says', () => {
  const setting = usualSetting(0.05, 23);
  const whole = predictMiddle(setting, family, own.curing, own.marks, quickGrid).layers[0]!;
  const { readingsC, seenS } = sampledRun(
    setting,
    own.curing,
    own.marks,
    [{ timeS: whole.peakH! * hour, place: 'core' }],
    [
      { mark: 'demould', layer: 0 },
      { mark: 'gel', layer: 0 },
      { mark: 'tackFree', layer: 0 },
    ],
  );
  expect(readingsC[0]).toBeCloseTo(whole.peakC, 0);
  const hours = [whole.demouldH!, whole.gelH!, whole.tackFreeH!];
  seenS.forEach((timeS, at) => expect(timeS! / hour / hours[at]!).toBeCloseTo(1, 1));
});

test('readings in any order say the same as in the order of their times', () => {
  const { setting, readings } = measured({ rate: 1, film: 1 }, { count: 8 });
  const run = (order: typeof readings): readonly number[] =>
    sampledRun(setting, own.curing, own.marks, order, []).readingsC;
  expect(run([...readings].reverse())).toEqual([...run(readings)].reverse());
});

test('without noise both factors come back', () => {
  for (const truth of [
    { rate: 1.2, film: 1 },
    { rate: 0.8, film: 1.3 },
  ]) {
    const pour = measured(truth, { noiseC: 0 });
    const end = fitPour({ ...pour, ...own }, ['rate', 'film'], {
      priorLn: { rate: 0.7, film: 0.6, kappa: 0.5 },
      readingC: 0.1,
      seenLn: 0.1,
    });
    expect(factorOf(end, 'rate')).toBeCloseTo(truth.rate, 2);
    expect(factorOf(end, 'film')).toBeCloseTo(truth.film, 1);
    expect(factorOf(end, 'kappa')).toBe(1);
  }
});

test('thirty readings with half a degree of noise give the rate within 5 %, and the range holds it', () => {
  // `npm run bench -- --learn` draws a hundred, over all members.
  const [member] = members;
  for (const [seed, truth] of [
    { rate: 1.2, film: 1 },
    { rate: 0.9, film: 1.2, of: member! },
  ].entries()) {
    const fit = fitReadings(measured(truth, { seed: seed + 1 }), [own, member!]);
    expect(fit.refused).toBeUndefined();
    expect(Math.abs(fit.rate.value / truth.rate - 1)).toBeLessThan(0.05);
    expect(fit.noiseC).toBeCloseTo(0.5, 0);
    expect(fit.rate.low).toBeLessThan(truth.rate);
    expect(fit.rate.high).toBeGreaterThan(truth.rate);
  }
});

test('another κ is found where no reading of the label explains the curve', () => {
  const { curing } = own;
  const of = candidateOf({ ...curing, kappa: curing.kappa * 2.5 }, 1);
  const pour = measured({ rate: 1, film: 1, of }, { noiseC: 0.05, count: 40, everyH: 0.9 });
  const { kappa } = fitReadings(pour, [own]);
  expect(kappa?.value).toBeGreaterThan(1.8);
  expect(fitReadings(measured({ rate: 1, film: 1 }), [own]).kappa).toBeUndefined();
});

describe('what tells nothing is refused', () => {
  const setting = usualSetting(0.05, 23);
  test.each([
    ['nothing', { setting, readings: [], seen: [] }],
    ['too-few', measured({ rate: 1, film: 1 }, { count: 11 })],
    ['flat', measured({ rate: 0.8, film: 1.3 }, { depthM: 0.015 })],
    [
      'does-not-follow',
      {
        ...measured({ rate: 1, film: 1 }),
        readings: measured({ rate: 1, film: 1 }).readings.map((each, at) => ({
          ...each,
          c: at % 2 === 0 ? 23 : 60,
        })),
      },
    ],
    // A deep pour that gelled so early warmed itself: by its rate, or by still air.
    [
      'cannot-tell',
      { setting, readings: [], seen: [{ mark: 'gel' as const, layer: 0, timeS: 12 * hour }] },
    ],
  ])('%s', (code, pour) => {
    expect(fitReadings(pour, [own]).refused?.code).toBe(code);
  });
});

test('times that were seen of a thin coat tell the rate, if not well', () => {
  const { curing, marks } = own;
  const setting = usualSetting(0.003, 23);
  const asked = [
    { mark: 'gel', layer: 0 },
    { mark: 'tackFree', layer: 0 },
  ] as const;
  const faster = { ...curing, ratePerS: curing.ratePerS * 1.3 };
  const { seenS } = sampledRun(setting, faster, marks, [], asked);
  const seen = asked.map((each, at) => ({ ...each, timeS: seenS[at]! }));
  const fit = fitReadings({ setting, readings: [], seen }, [own]);
  expect(fit.refused).toBeUndefined();
  expect(fit.noiseC).toBeUndefined();
  expect(fit.rate.value).toBeCloseTo(1.3, 1);
  expect(fit.rate.high / fit.rate.low).toBeGreaterThan(1.3);
});

test('the range of a mixture: of one peak its own, of two it spans both', () => {
  const one = mixtureRange([{ ln: 0, sigma: 0.1, weight: 3 }]);
  expect(one.value).toBeCloseTo(1, 6);
  expect(Math.log(one.high)).toBeCloseTo(0.196, 3);
  fc.assert(
    fc.property(
      fc.array(
        fc.record({
          ln: fc.double({ min: -1, max: 1, noNaN: true }),
          sigma: fc.double({ min: 0.01, max: 0.5, noNaN: true }),
          weight: fc.double({ min: 0.01, max: 1, noNaN: true }),
        }),
        { minLength: 1, maxLength: 5 },
      ),
      (peaks) => {
        const { low, value, high } = mixtureRange(peaks);
        expect(low).toBeLessThan(value);
        expect(value).toBeLessThan(high);
        const lns = peaks.map(({ ln }) => ln);
        expect(Math.log(value)).toBeGreaterThan(Math.min(...lns) - 0.6);
        expect(Math.log(value)).toBeLessThan(Math.max(...lns) + 0.6);
      },
    ),
  );
});
