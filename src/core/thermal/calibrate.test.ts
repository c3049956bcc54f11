import * as fc from 'fast-check';
import { InputError } from '../problem';
import { isCalibration } from '../plan/heat/calibrationSchema';
import { heatConstantsOf, type HeatFamily } from '../resin/families';
import {
  calibrate,
  curingOf,
  greatestHeat,
  greatestKappa,
  leastHeat,
  leastKappa,
  type Calibration,
} from './calibrate';
import { cureMarks, type MarkTimes } from './cureMarks';
import type { Curing } from './curing';
import { filmMisses } from './filmTimes';
import type { HeatLabel } from './label';
import { curingOfMember, membersOf } from './members';
import { peakOf } from './peakOf';
import { coarseGrid, quickGrid } from './pourSetting';
import { predictMiddle } from './predict';
import { isOnEdge, peakRange, spreadOf, timeRanges } from './spread';
import { usualSetting } from './usualSetting';
import { runs } from '../../testing/campaign';

const deep = 'deep-pour-epoxy' satisfies HeatFamily;
const label: HeatLabel = { potLifeMin: 480, massG: 150, temperatureC: 25, depthMm: 50 };
const hours = (h: number, temperatureC = 23) => ({ timeMin: h * 60, temperatureC });

const epoxies = ['deep-pour-epoxy', 'casting-epoxy', 'coating-epoxy', 'fast-epoxy'] as const;

/** A label that the model can follow, or nothing. */
function tried(family: HeatFamily, given: HeatLabel): Calibration | undefined {
  try {
    return calibrate(family, given);
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return undefined;
  }
}

/** When a thin layer at 20 °C has gelled and when it may leave its mould, h. */
function curesH(family: HeatFamily, curing: Curing): readonly [number, number] {
  const setting = usualSetting(0.005, 20);
  const marks = cureMarks(family, curing, {});
  const { gelH, demouldH } = predictMiddle(setting, family, curing, marks, coarseGrid).layers[0]!;
  return [gelH ?? 720, demouldH ?? 720];
}

const labels = fc.record({
  family: fc.constantFrom(...epoxies),
  /** Of the family's usual. */
  potLifeShare: fc.double({ min: 0.3, max: 3, noNaN: true }),
  depthShare: fc.double({ min: 0.3, max: 2.5, noNaN: true }),
});

test('a longer pot life never shortens a cure', () => {
  fc.assert(
    fc.property(
      labels,
      fc.double({ min: 1.05, max: 2, noNaN: true }),
      ({ family, potLifeShare, depthShare }, longer) => {
        const { label: usual } = heatConstantsOf(family);
        const depthMm = (usual.depthMm ?? 10) * depthShare;
        const at = (potLifeMin: number) => tried(family, { potLifeMin, depthMm });
        const [one, two] = [
          at(usual.potLifeMin * potLifeShare),
          at(usual.potLifeMin * potLifeShare * longer),
        ];
        // Labels that are refused are drawn anew; a property with too few left fails.
        fc.pre(one !== undefined && two !== undefined);
        const [short, long] = [
          curesH(family, curingOf(family, one)),
          curesH(family, curingOf(family, two)),
        ];
        expect(long[0]).toBeGreaterThanOrEqual(short[0] * 0.98);
        expect(long[1]).toBeGreaterThanOrEqual(short[1] * 0.98);
      },
    ),
    { numRuns: runs(12, 300) },
  );
});

test('a deeper label means less heat, and lengthens a cure by no more than that', () => {
  fc.assert(
    fc.property(
      labels,
      fc.double({ min: 1.05, max: 3, noNaN: true }),
      ({ family, potLifeShare, depthShare }, deeper) => {
        const { label: usual } = heatConstantsOf(family);
        const potLifeMin = usual.potLifeMin * potLifeShare;
        const at = (share: number) =>
          tried(family, { potLifeMin, depthMm: (usual.depthMm ?? 10) * share });
        const [one, two] = [at(depthShare), at(depthShare * deeper)];
        // Labels that are refused are drawn anew; a property with too few left fails.
        fc.pre(one !== undefined && two !== undefined);
        const [shallow, deepOne] = [
          curesH(family, curingOf(family, one)),
          curesH(family, curingOf(family, two)),
        ];
        expect(deepOne[1] / shallow[1]).toBeLessThan(1.5);
        expect(deepOne[0] / shallow[0]).toBeLessThan(1.5);
      },
    ),
    { numRuns: runs(12, 300) },
  );
});

test('heat of reaction goes with the depth, within what epoxies give off, κ with the times', () => {
  const at = (depthMm: number) => calibrate(deep, { ...label, depthMm });
  const [shallow, usual, deeper] = [at(40), at(50), at(56)];
  expect(shallow.heatJPerKg).toBeGreaterThan(usual.heatJPerKg);
  expect(usual.heatJPerKg).toBeGreaterThan(deeper.heatJPerKg);
  for (const { heatJPerKg, kappa, verdict } of [shallow, usual, deeper]) {
    expect(verdict.code).toBe('agrees');
    expect(heatJPerKg).toBeGreaterThanOrEqual(leastHeat * 0.999);
    expect(heatJPerKg).toBeLessThanOrEqual(greatestHeat * 1.001);
    expect(kappa).toBe(0.25);
  }
  const timed = (times: MarkTimes) => calibrate(deep, { ...label, times });
  const [quick, slow] = [timed({ demould: hours(60) }), timed({ demould: hours(90) })];
  expect(quick.kappa).toBeLessThan(0.25);
  expect(slow.kappa).toBeGreaterThan(0.25);
  for (const [found, h] of [
    [quick, 60],
    [slow, 90],
  ] as const) {
    const [miss] = filmMisses(deep, curingOf(deep, found), { demould: hours(h) });
    expect(Math.abs(miss!.ln)).toBeLessThan(0.05);
  }
});

test('where a label is quicker than its depth bears, its course gives way and not its depth', () => {
  const found = calibrate(deep, { ...label, times: { demould: hours(36) } });
  expect(found.verdict.code).toBe('agrees');
  expect(found.kappa).toBeGreaterThan(leastKappa);
  expect(found.kappa).toBeLessThan(0.25);
  const { peakC } = peakOf(usualSetting(0.05, 23), curingOf(deep, found));
  expect(peakC).toBeCloseTo(62, 0);
});

test('what 8 h, 150 g and 50 mm leave open: 74 °C to over 85, 59 to 170 h', () => {
  const base = calibrate(deep, label);
  const curings = [
    curingOf(deep, base),
    ...membersOf(deep, label, base).map((member) => curingOfMember(deep, member)),
  ];
  expect(curings).toHaveLength(7);
  const followed = (depthM: number, roomC: number) =>
    curings.map((curing) => {
      const setting = usualSetting(depthM, roomC);
      return predictMiddle(setting, deep, curing, cureMarks(deep, curing, {}), quickGrid)
        .layers[0]!;
    });
  const peaks = followed(0.05, 25).map(({ peakC }) => peakC);
  expect(Math.min(...peaks)).toBeCloseTo(74, -1);
  expect(Math.max(...peaks)).toBeGreaterThan(85);
  const demoulds = followed(0.025, 18).map(({ demouldH }) => demouldH!);
  expect(Math.min(...demoulds)).toBeLessThan(70);
  expect(Math.max(...demoulds)).toBeGreaterThan(150);
  // All of them keep the label.
  for (const curing of curings) {
    expect(peakOf(usualSetting(0.05, 23), curing).peakC).toBeCloseTo(62, -0.3);
    expect(curing.kappa).toBeGreaterThanOrEqual(leastKappa * 0.999);
    expect(curing.kappa).toBeLessThanOrEqual(greatestKappa * 1.001);
  }
});

test('whatever a label says, its readings are figures, or there are fewer of them', () => {
  const time = fc.option(
    fc.record({
      timeMin: fc.double({ min: 1, max: 40_000, noNaN: true }),
      temperatureC: fc.integer({ min: 5, max: 35 }),
    }),
    { nil: undefined },
  );
  const someLabel = fc.record({
    potLifeMin: fc.double({ min: 0.5, max: 3000, noNaN: true }),
    depthMm: fc.option(fc.double({ min: 1, max: 200, noNaN: true }), { nil: undefined }),
    times: fc.record({ tackFree: time, demould: time, fullCure: time }),
  });
  const families = [...epoxies, 'slow-polyurethane', 'fast-polyurethane'] as const;
  fc.assert(
    fc.property(fc.constantFrom(...families), someLabel, (family, given) => {
      const base = tried(family, given);
      if (base === undefined) return;
      const members = membersOf(family, given, base);
      expect(members.length).toBeLessThanOrEqual(6);
      expect(isCalibration({ ...base, members })).toBe(true);
    }),
    { numRuns: runs(12, 300) },
  );
});

test('times of the label narrow what is left open', () => {
  const spreadH = (times: MarkTimes) => {
    const given = { ...label, times };
    const base = calibrate(deep, given);
    const members = membersOf(deep, given, base);
    for (const { weight } of members) {
      expect(weight).toBeGreaterThanOrEqual(0.05);
      expect(weight).toBeLessThanOrEqual(1);
    }
    const own = curingOf(deep, base);
    const setting = usualSetting(0.025, 20);
    const [spread] = spreadOf(
      setting,
      deep,
      { curing: own, marks: cureMarks(deep, own, times) },
      members.map((member) => {
        const curing = curingOfMember(deep, member);
        return { curing, marks: cureMarks(deep, curing, times) };
      }),
    );
    const { low, mid, high } = timeRanges(spread!.own, spread!).hardH;
    expect(low!).toBeLessThanOrEqual(mid!);
    return (high ?? 720) / low!;
  };
  const open = spreadH({});
  const told = spreadH({ tackFree: hours(44), demould: hours(72), fullCure: hours(190) });
  expect(open).toBeGreaterThan(2.5);
  expect(told).toBeLessThan(open * 0.8);
});

test('ranges hold what is told, and the edge is of the room and the depth alone', () => {
  const base = calibrate(deep, label);
  const own = { curing: curingOf(deep, base), marks: cureMarks(deep, curingOf(deep, base), {}) };
  const [edge] = spreadOf(usualSetting(0.05, 23), deep, own, []);
  const { low, mid, high } = peakRange(62, edge!);
  expect([low < mid, mid, mid < high]).toEqual([true, 62, true]);
  expect(isOnEdge(edge!)).toBe(true);
  const [flat] = spreadOf(usualSetting(0.01, 18), deep, own, []);
  expect(isOnEdge(flat!)).toBe(false);
  for (const range of Object.values(timeRanges(flat!.own, flat!))) {
    if (range.mid === null) continue;
    expect(range.low).toBeLessThanOrEqual(range.mid);
    expect(range.high ?? Infinity).toBeGreaterThanOrEqual(range.mid);
  }
});

test('without a pot life nothing is fitted; without a depth only its rate and its times', () => {
  const silent = calibrate(deep, { depthMm: 50 });
  expect(silent).toMatchObject({ rateScale: 1, kappa: 0.25, heatJPerKg: 270_000 });
  expect(membersOf(deep, { depthMm: 50 }, silent)).toHaveLength(6);
  const fast = calibrate('fast-polyurethane', {
    potLifeMin: 3,
    times: { demould: hours(0.25) },
  });
  expect(fast).toMatchObject({ verdict: { code: 'no-depth' }, heatJPerKg: 165_000 });
  expect(fast.kappa).toBeLessThan(0.25);
});
