import { heatConstantsOf } from '../resin/families';
import { usualMarks } from '../thermal/cureMarks';
import type { Candidate } from '../thermal/fit/fitReadings';
import { sampledRun } from '../thermal/fit/sampledRun';
import { usualSetting } from '../thermal/usualSetting';
import type { CureState } from '../record/cureTests';
import { watchCure, type CuringPour } from './cureWatch';

const family = 'deep-pour-epoxy';
const { curing } = heatConstantsOf(family);
const own: Candidate = { curing, marks: usualMarks(family, curing), weight: 1 };
const hour = 3600;
const deep = usualSetting(0.05, 21);
const coat = usualSetting(0.003, 21);

const curingPour = (more: Partial<CuringPour>): CuringPour => ({
  setting: deep,
  family,
  candidates: [own],
  readings: [],
  felt: [],
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
  expect(undisturbed).toMatchObject({ rate: 1, film: 1, overK: undefined, aheadH: undefined });
  expect(undisturbed.corrected).toBe(undisturbed.expected);
});

test('two readings are enough to say that it runs hot, by how much, and how far ahead it is', () => {
  const { rate, overK, aheadH, expected, corrected } = watchCure(
    curingPour({ readings: readingsOf(1.25, 7, 9) }),
  );
  expect(overK).toBeGreaterThan(1.5);
  expect(aheadH).toBeGreaterThan(1);
  expect(rate).toBeGreaterThan(1.1);
  expect(rate).toBeLessThan(1.3);
  expect(corrected[0]!.peakC).toBeGreaterThan(expected[0]!.peakC + 2);
  expect(corrected[0]!.gelH).toBeLessThan(expected[0]!.gelH!);
  expect(corrected[0]!.demouldH).toBeLessThan(expected[0]!.demouldH!);
});

test('readings as expected move nothing, and cool ones put it off', () => {
  const asExpected = watchCure(curingPour({ readings: readingsOf(1, 7, 9) }));
  expect(asExpected.rate).toBeCloseTo(1, 2);
  expect(Math.abs(asExpected.overK!)).toBeLessThan(0.2);
  expect(watchCure(curingPour({ readings: readingsOf(0.8, 7, 9) })).aheadH).toBeLessThan(-0.5);
});

const felt = (h: number, state: CureState) =>
  watchCure(
    curingPour({ setting: coat, felt: [{ layer: 0, timeS: h * hour, test: 'glove', state }] }),
  );

test('a gloved touch moves the clocks where it tells something new', () => {
  const [layer] = watchCure(curingPour({ setting: coat })).expected;
  const tackFreeH = layer!.tackFreeH!;
  // Tacky long after it should be dry: slower. Dry long before: faster. As it should be: as it was.
  const late = felt(tackFreeH * 1.4, 'tacky');
  expect(late.rate).toBeLessThan(0.85);
  expect(late.corrected[0]!.tackFreeH).toBeGreaterThan(tackFreeH * 1.15);
  expect(late.aheadH).toBeLessThan(0);
  expect(felt(tackFreeH * 0.7, 'tack-free').rate).toBeGreaterThan(1.15);
  expect(felt(tackFreeH * 1.2, 'tack-free').rate).toBeCloseTo(1, 2);
  expect(felt(layer!.gelH! * 0.5, 'liquid').rate).toBeCloseTo(1, 2);
  expect(felt(layer!.gelH! * 1.5, 'liquid').rate).toBeLessThan(0.9);
});

test('what no pour of it can come to does not carry the model away', () => {
  const { rate, film, corrected } = watchCure(
    curingPour({ readings: [{ timeS: 2 * hour, place: 'core', c: 160 }] }),
  );
  for (const factor of [rate, film]) {
    expect(factor).toBeGreaterThan(0.05);
    expect(factor).toBeLessThan(13);
  }
  expect(corrected[0]!.peakC).toBeLessThan(corrected[0]!.ceilingC + 1e-9);
});
