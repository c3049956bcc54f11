import { heatConstantsOf } from '../resin/families';
import { usualMarks } from '../thermal/cureMarks';
import type { Candidate } from '../thermal/fit/fitReadings';
import { ceilingC } from '../thermal/ceiling';
import { sampledRun } from '../thermal/fit/sampledRun';
import { usualSetting } from '../thermal/usualSetting';
import type { CureState } from '../record/cureTests';
import { cureCurves } from './cureCurves';
import { watchCure, type CuringPour } from './watchCure';

const family = 'deep-pour-epoxy';
const { curing } = heatConstantsOf(family);
const own: Candidate = { curing, marks: usualMarks(family, curing), weight: 1 };
const hour = 3600;
const deep = usualSetting(0.05, 21);
const coat = usualSetting(0.003, 21);

const curingPour = (more: Partial<CuringPour>): CuringPour => ({
  planned: deep,
  begunS: [0],
  family,
  candidates: [own],
  readings: [],
  felt: [],
  room: [],
  ...more,
});
const undisturbed = watchCure(curingPour({}));

/** What a thermometer tells of a pour that cures so much faster. */
const readingsOf = (rate: number, ...hours: readonly number[]): CuringPour['readings'] => {
  const times = hours.map((h) => ({ timeS: h * hour, place: 'core' as const }));
  const faster = { ...curing, ratePerS: curing.ratePerS * rate };
  const { readingsC } = sampledRun(deep, faster, own.marks, times, []);
  return times.map((time, at) => ({ ...time, c: readingsC[at]! }));
};

test('without a reading it is as it was expected', () => {
  expect(undisturbed).toMatchObject({ rate: 1, film: 1, overK: undefined, aheadMin: undefined });
  expect(undisturbed.corrected).toBe(undisturbed.expected);
});

test('two readings are enough to say that it runs hot, by how much, and how far ahead it is', () => {
  const { rate, overK, aheadMin, expected, corrected } = watchCure(
    curingPour({ readings: readingsOf(1.25, 7, 9) }),
  );
  expect(overK).toBeGreaterThan(1.5);
  expect(aheadMin).toBeGreaterThan(60);
  expect(rate).toBeGreaterThan(1.1);
  expect(rate).toBeLessThan(1.3);
  expect(corrected[0]!.peakC).toBeGreaterThan(expected[0]!.peakC + 2);
  expect(corrected[0]!.times.gel).toBeLessThan(expected[0]!.times.gel!);
  expect(corrected[0]!.times.demould).toBeLessThan(expected[0]!.times.demould!);
});

test('readings as expected move nothing, and cool ones put it off', () => {
  const asExpected = watchCure(curingPour({ readings: readingsOf(1, 7, 9) }));
  expect(asExpected.rate).toBeCloseTo(1, 2);
  expect(Math.abs(asExpected.overK!)).toBeLessThan(0.2);
  expect(watchCure(curingPour({ readings: readingsOf(0.8, 7, 9) })).aheadMin).toBeLessThan(-30);
});

const felt = (h: number, state: CureState) =>
  watchCure(
    curingPour({ planned: coat, felt: [{ layer: 0, timeS: h * hour, test: 'glove', state }] }),
  );

test('a gloved touch moves the clocks where it tells something new', () => {
  const [layer] = watchCure(curingPour({ planned: coat })).expected;
  const tackFreeH = layer!.times.tackFree! / 60;
  // Tacky long after it should be dry: slower. Dry long before: faster. As it should be: as it was.
  const late = felt(tackFreeH * 1.4, 'tacky');
  expect(late.rate).toBeLessThan(0.85);
  expect(late.corrected[0]!.times.tackFree).toBeGreaterThan(tackFreeH * 60 * 1.15);
  expect(late.aheadMin).toBeLessThan(0);
  expect(felt(tackFreeH * 0.7, 'tack-free').rate).toBeGreaterThan(1.15);
  expect(felt(tackFreeH * 1.2, 'tack-free').rate).toBeCloseTo(1, 2);
  expect(felt((layer!.times.gel! / 60) * 0.5, 'liquid').rate).toBeCloseTo(1, 2);
  expect(felt((layer!.times.gel! / 60) * 1.5, 'liquid').rate).toBeLessThan(0.9);
});

test('what no pour of it can come to does not carry the model away', () => {
  const { rate, film, corrected } = watchCure(
    curingPour({ readings: [{ timeS: 2 * hour, place: 'core', c: 160 }] }),
  );
  for (const factor of [rate, film]) {
    expect(factor).toBeGreaterThan(0.05);
    expect(factor).toBeLessThan(13);
  }
  expect(corrected[0]!.peakC).toBeLessThan(ceilingC(deep, curing) + 1e-9);
});

test('a room that is warmer than planned is reckoned with, though nothing of the pour was measured', () => {
  const { rate, expected, corrected, overK, aheadMin } = watchCure(
    curingPour({ room: [{ timeS: hour, c: 26 }] }),
  );
  expect(rate).toBeCloseTo(1, 6);
  expect(overK).toBeUndefined();
  expect(corrected[0]!.times.gel).toBeLessThan(expected[0]!.times.gel!);
  expect(aheadMin).toBeGreaterThan(60);
});

test('the surface of a lower layer is told as it was before the next one came', () => {
  const layers = [
    { depthM: 0.02, pouredS: 0 },
    { depthM: 0.02, pouredS: 12 * hour },
  ];
  const two = watchCure(curingPour({ planned: { ...deep, layers }, begunS: [0, 12 * hour] }));
  const [first] = layers;
  const one = watchCure(curingPour({ planned: { ...deep, layers: [first!] }, begunS: [0] }));
  for (const what of ['gel', 'stickyFrom', 'stickyTo', 'tackFree'] as const) {
    expect(two.expected[0]!.times[what]).toBeCloseTo(one.expected[0]!.times[what]!, 0);
  }
  // The second one warms it.
  expect(two.expected[0]!.times.hard).toBeLessThan(one.expected[0]!.times.hard!);
});

test('the curves of a label lie about its own, and what was measured moves one out of them', () => {
  const hot = { ...curing, ratePerS: curing.ratePerS * 1.2 };
  const pour = curingPour({
    candidates: [own, { ...own, curing: hot }],
    readings: readingsOf(1.5, 5, 7),
  });
  const { atMin, lowC, expectedC, highC, correctedC } = cureCurves(
    pour,
    watchCure(pour),
    'core',
    20 * 60,
  );
  expect(atMin.at(-1)).toBe(20 * 60);
  const at = atMin.findIndex((min) => min >= 7 * 60);
  expect(lowC[at]).toBeLessThanOrEqual(expectedC[at]!);
  expect(highC[at]).toBeGreaterThan(expectedC[at]!);
  expect(correctedC![at]).toBeGreaterThan(highC[at]! - 1);
});
