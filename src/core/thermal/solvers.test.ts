import { slabChain, type Chain } from './chain';
import { constantRoom, type Climate } from './climate';
import { adiabaticRiseK, glassTransitionC, rateOf, type Curing } from './curing';
import oracles from './fixtures/heatOracles.json';
import { crossedAtS, followCore, noEvents } from './followCore';
import { heatConstantsOf, type HeatFamily } from '../resin/families';
import { planeOf } from './plane';
import { quickExp } from './quickExp';
import { fillSlopes, rateConstantsOf } from './rates';
import { solids } from './solids';
import { solveChain } from './solveChain';
import { solvePlane } from './solvePlane';
import { stepRules, type StepRules } from './stepping';

const curingOfFamily = (family: string): Curing => heatConstantsOf(family as HeatFamily).curing;
const deep = curingOfFamily('deep-pour-epoxy');
/** Something that only conducts. */
const inert: Curing = { ...deep, ratePerS: 0 };
const evenly = (cells: number, temperatureC: number) => ({
  temperaturesC: new Float64Array(cells).fill(temperatureC),
  alphas: new Float64Array(cells),
});
const fine = (toleranceK: number, wholeS: number): StepRules => stepRules(wholeS, toleranceK);
/** Steps of one length: every error is within this tolerance. */
const fixed = (stepS: number): StepRules => ({
  toleranceK: 1e9,
  firstStepS: stepS,
  longestStepS: stepS,
});
const nothing = () => false;
const all = (from: number, to: number): Int32Array =>
  Int32Array.from({ length: to - from }, (_, at) => from + at);

describe('conduction against the series solution', () => {
  const { L, k, rhoC, T0, Ta, h } = oracles.conduction.spec;
  const body: Curing = {
    ...inert,
    conductivityWPerMK: k,
    densityKgPerM3: rhoC / inert.heatCapacityJPerKgK,
  };
  const room = constantRoom(Ta);
  const cooled = (cells: number, timeS: number, filmU: number): Float64Array =>
    solveChain(
      slabChain(body, [L], [cells], [], filmU, filmU),
      body,
      { above: room, below: room },
      evenly(cells, T0),
      0,
      timeS,
      fine(1e-4, timeS),
      nothing,
    ).temperaturesC;

  test.each(oracles.conduction.robin)('films, $t s', ({ t, T_centre, T_surface }) => {
    const cells = 201;
    const profile = cooled(cells, t, h);
    expect(profile[100]).toBeCloseTo(T_centre, 2);
    // From the outermost node to the face: the flux through half a cell and through the film is the same.
    const flux = ((profile[0] ?? NaN) - Ta) / (L / cells / (2 * k) + 1 / h);
    expect(Ta + flux / h).toBeCloseTo(T_surface, 2);
  });

  test.each(oracles.conduction.dirichlet)('faces held at the room, $t s', ({ t, T_centre }) => {
    expect(cooled(201, t, 1e9)[100]).toBeCloseTo(T_centre, 2);
  });

  test('the error falls with the square of the cell', () => {
    const exact = oracles.conduction.robin[1]!.T_centre;
    const off = [21, 41, 81].map((cells) =>
      Math.abs(cooled(cells, 3600, h)[(cells - 1) / 2]! - exact),
    );
    expect(off[0]! / off[1]!).toBeGreaterThan(3);
    expect(off[1]! / off[2]!).toBeGreaterThan(3);
  });
});

test.each(oracles.isothermal)(
  'cure at $T_C °C: $family',
  ({ family, T_C, t_h, alpha, t_gel_h }) => {
    // Without heat of its own it stays at its temperature.
    const curing = { ...curingOfFamily(family), heatJPerKg: 0 };
    const room = constantRoom(T_C);
    const chain = slabChain(curing, [0.01], [1], [], 0, 0);
    const run = (timeS: number) =>
      solveChain(
        chain,
        curing,
        { above: room, below: room },
        evenly(1, T_C),
        0,
        timeS,
        { ...fine(1e-9, timeS), dampedSteps: 0 },
        nothing,
      );
    t_h.forEach((hours, at) => expect(run(hours * 3600).alphas[0]).toBeCloseTo(alpha[at]!, 8));
    // The time of gel is given to a millionth of an hour, in which fast resins still move.
    expect(run(t_gel_h * 3600).alphas[0]).toBeCloseTo(curing.gelAlpha, 6);
  },
);

test.each(oracles.adiabatic)('no heat lost: $family', ({ family, T0, dT_full, t_alpha_0p5_s }) => {
  const curing = curingOfFamily(family);
  const room = constantRoom(T0);
  let halfS = NaN;
  const { temperaturesC, alphas } = solveChain(
    slabChain(curing, [0.01], [1], [], 0, 0),
    curing,
    { above: room, below: room },
    evenly(1, T0),
    0,
    2e6,
    { ...fine(1e-6, 2e6), dampedSteps: 0 },
    (before, after) => {
      if (before.alphas[0]! < 0.5 && after.alphas[0]! >= 0.5) {
        halfS = crossedAtS(before, after, 'alphas', 0, 0.5);
      }
      return false;
    },
  );
  expect(adiabaticRiseK(curing)).toBeCloseTo(dT_full, 9);
  expect(temperaturesC[0]! - T0).toBeCloseTo(dT_full * alphas[0]!, 8);
  expect(alphas[0]).toBeGreaterThan(0.9999);
  // Exact: t = ∫ dα / r(T₀ + αH/c, α). The reference's own figure is 2 to 3 parts in ten thousand above it.
  const slices = 20_000;
  const exactS = Array.from({ length: slices }, (_, at) => (at + 0.5) / slices / 2).reduce(
    (sum, alpha) => sum + 0.5 / slices / rateOf(curing, T0 + dT_full * alpha, alpha),
    0,
  );
  expect(halfS / exactS).toBeCloseTo(1, 5);
  expect(halfS / t_alpha_0p5_s).toBeCloseTo(1, 3);
});

test.each([1, 0.2, 0.05])('no energy is made or lost: tolerance %f K', (toleranceK) => {
  // The films end in two sinks too large to warm up, and nothing leaves them.
  const inner = slabChain(deep, [0.05], [60], [], 4, 9);
  const capacities = Float64Array.from([1e11, ...inner.capacities, 1e11]);
  const conductances = Float64Array.from([0, ...inner.conductances, 0]);
  const heightsM = Float64Array.from([1, ...inner.heightsM, 1]);
  const chain: Chain = {
    cells: 62,
    capacities,
    conductances,
    heightsM,
    resinFrom: 1,
    resinTo: 61,
  };
  const room = constantRoom(23);
  // Told from the room's temperature, so that the sinks' own heat does not drown the rest.
  const { temperaturesC, alphas } = solveChain(
    chain,
    deep,
    { above: room, below: room },
    evenly(62, 23),
    0,
    72 * 3600,
    fine(toleranceK, 72 * 3600),
    nothing,
  );
  const stored = capacities.reduce(
    (sum, each, cell) => sum + each * (temperaturesC[cell]! - 23),
    0,
  );
  const made = alphas.reduce(
    (sum, alpha) => sum + (alpha * deep.heatJPerKg * deep.densityKgPerM3 * 0.05) / 60,
    0,
  );
  expect(made).toBeGreaterThan(1e7);
  expect(Math.abs(stored / made - 1)).toBeLessThan(1e-8);
});

interface SlabCase {
  readonly family: string;
  readonly L?: number;
  readonly Ta: number;
  readonly Tr?: number;
  readonly ht: number;
  readonly Ub: number;
  readonly board?: boolean;
  readonly tend?: number;
}

function runSlab(given: SlabCase, cells: number, rules: (wholeS: number) => StepRules) {
  const curing = curingOfFamily(given.family);
  const board = { ...solids['coated-chipboard'], thicknessM: 0.018, cells: 24 };
  const chain = slabChain(
    curing,
    [given.L ?? NaN],
    [cells],
    given.board === true ? [board] : [],
    given.Ub,
    given.ht,
  );
  const wholeS = given.tend ?? 72 * 3600;
  const start = evenly(chain.cells, given.Tr ?? given.Ta);
  start.temperaturesC.fill(given.Ta, 0, chain.resinFrom);
  const events = noEvents(given.Tr ?? given.Ta);
  const room = constantRoom(given.Ta);
  const end = solveChain(
    chain,
    curing,
    { above: room, below: room },
    start,
    0,
    wholeS,
    rules(wholeS),
    followCore(events, all(chain.resinFrom, chain.resinTo), curing.gelAlpha),
  );
  return { ...events, leastAlpha: Math.min(...end.alphas.subarray(chain.resinFrom)) };
}

const near = (figure: number | undefined, expected: number, share: number): void =>
  expect(Math.abs((figure ?? NaN) / expected - 1)).toBeLessThan(share);

describe.each(oracles.cases.filter(({ geometry }) => geometry === 'slab'))('$name', (given) => {
  const { sameGrid, converged } = given;
  test.each([
    ['a fine one', 0.005, sameGrid.Tpk_C > 100 ? 0.5 : 0.05, 0.002],
    ['the usual one', 0.2, 0.5, 0.005],
  ])('tolerance: %s', (_, toleranceK, peakK, gelShare) => {
    const run = runSlab(given as SlabCase, 60, (wholeS) => fine(toleranceK, wholeS));
    expect(Math.abs(run.peakC - sameGrid.Tpk_C)).toBeLessThan(peakK);
    near(run.gelS! / 3600, sameGrid.gelCore_h, gelShare);
    if (sameGrid.Tpk_C - given.Ta > 5) near(run.peakS / 3600, sameGrid.tpk_h, 0.005);
    if (converged.tCentre40C_h !== undefined)
      near(run.warmS! / 3600, converged.tCentre40C_h, 0.005);
    expect(run.leastAlpha).toBeCloseTo(converged.alphaMin_end, 2);
  });
});

describe.each(oracles.cases.filter(({ geometry }) => geometry !== 'slab'))('$name', (given) => {
  const { sameGrid, converged } = given;
  const curing = curingOfFamily(given.family);
  const round = given.geometry === 'cup';
  const plane = round
    ? planeOf(curing, true, given.R!, 24, [given.Hh!], [24], {
        topU: given.ht,
        bottomU: given.Ub,
        sideU: given.Uw!,
      })
    : planeOf(curing, false, given.W! / 2, 24, [given.L!], [48], {
        topU: given.ht,
        bottomU: given.Ub,
        sideU: given.Us!,
        side: { ...solids.timber, thicknessM: given.Lw!, cells: 24 },
      });
  const resinCells = Int32Array.from(
    Array.from({ length: plane.rows }, (_, row) =>
      Array.from({ length: plane.resinColumns }, (__, column) => row * plane.columns + column),
    ).flat(),
  );
  test.each([
    ['a fine one', 0.02, 0.05, 0.002],
    ['the usual one', 0.2, 0.5, 0.005],
  ])('tolerance: %s', (_, toleranceK, peakK, gelShare) => {
    const wholeS = given.tend ?? 72 * 3600;
    const events = noEvents(given.Ta);
    const room = constantRoom(given.Ta);
    const cells = plane.columns * plane.rows;
    solvePlane(
      plane,
      curing,
      { above: room, below: room, beside: room },
      evenly(cells, given.Ta),
      0,
      wholeS,
      fine(toleranceK, wholeS),
      followCore(events, resinCells, curing.gelAlpha),
    );
    near(events.gelS! / 3600, sameGrid.gelCore_h, gelShare);
    // Given for a finer grid than this.
    near(events.warmS! / 3600, converged.tCentre40C_h!, 0.01);
    // In a runaway the peak of a cross-section depends on the grid.
    if (given.compareOnly === undefined) {
      expect(Math.abs(events.peakC - sameGrid.Tpk_C)).toBeLessThan(peakK);
    }
  });
});

describe('orders of convergence', () => {
  const caseA = oracles.cases[0] as SlabCase;

  test.each(oracles.convergence.grid.filter(({ n }) => n <= 80))('$n cells', (row) => {
    const run = runSlab(caseA, row.n, (wholeS) => fine(0.002, wholeS));
    expect(run.peakC).toBeCloseTo(row.Tpk, 1);
    near(run.gelS! / 3600, row.gelCore_h, 0.002);
  });

  test.each(oracles.convergence.timeFixedStep_40mm_23C.filter(({ method }) => method === 'ros3p'))(
    'steps of $h s',
    ({ h, Tpk, gelCore_h, amin }) => {
      const run = runSlab({ ...caseA, L: 0.04 }, 60, () => fixed(h));
      expect(run.peakC).toBeCloseTo(Tpk, 2);
      expect(run.gelS! / 3600).toBeCloseTo(gelCore_h, 2);
      expect(run.leastAlpha).toBeCloseTo(amin, 3);
    },
  );

  /** A temperature in the middle at a time, by steps of a length. */
  const middleBySteps = (stepS: number, room: Climate): number =>
    solveChain(
      slabChain(deep, [0.04], [40], [], 4, 9),
      deep,
      { above: room, below: room },
      evenly(40, 23),
      0,
      12 * 3600,
      fixed(stepS),
      nothing,
    ).temperaturesC[20]!;

  test.each([
    ['a constant room', constantRoom(23)],
    ['a day that goes round', { meanC: 20, swingC: 6, warmestS: 5 * 3600 }],
  ])('the third in %s', (_, room) => {
    const exact = middleBySteps(15, room);
    const [wide, half] = [1200, 600].map((stepS) => Math.abs(middleBySteps(stepS, room) - exact));
    expect(Math.log2(wide! / half!)).toBeGreaterThan(2.7);
  });

  test('the second of a cross-section', () => {
    const plane = planeOf(deep, false, 0.05, 12, [0.05], [24], {
      topU: 9,
      bottomU: 4,
      sideU: 8,
      side: { ...solids.timber, thicknessM: 0.04, cells: 12 },
    });
    const room = constantRoom(23);
    const at = (stepS: number): number =>
      solvePlane(
        plane,
        deep,
        { above: room, below: room, beside: room },
        evenly(24 * 24, 23),
        0,
        10 * 3600,
        fixed(stepS),
        nothing,
      ).temperaturesC[12 * 24]!;
    const exact = at(18.75);
    const off = [600, 300, 150].map((stepS) => Math.abs(at(stepS) - exact));
    expect(Math.log2(off[0]! / off[1]!)).toBeGreaterThan(1.7);
    expect(Math.log2(off[1]! / off[2]!)).toBeGreaterThan(1.7);
  });
});

test('no energy is made or lost in a cross-section either', () => {
  const plane = planeOf(deep, true, 0.05, 10, [0.08], [14], { topU: 0, bottomU: 0, sideU: 0 });
  const room = constantRoom(25);
  const { temperaturesC, alphas } = solvePlane(
    plane,
    deep,
    { above: room, below: room, beside: room },
    {
      temperaturesC: Float64Array.from({ length: 140 }, (_, cell) => 15 + (cell % 13)),
      alphas: new Float64Array(140),
    },
    0,
    40 * 3600,
    fine(0.5, 40 * 3600),
    nothing,
  );
  const joules = plane.capacities.reduce((sum, each, cell) => sum + each * temperaturesC[cell]!, 0);
  const before = plane.capacities.reduce((sum, each, cell) => sum + each * (15 + (cell % 13)), 0);
  const made = plane.capacities.reduce(
    (sum, each, cell) => sum + each * adiabaticRiseK(deep) * alphas[cell]!,
    0,
  );
  expect((joules - before) / made).toBeCloseTo(1, 8);
});

test('slopes of the rate are those of its differences', () => {
  const [temperatureC, alpha, dT, dA] = [31, 0.43, 1e-3, 1e-6];
  const make = () => new Float64Array(1);
  const [rate, byT, byA] = [make(), make(), make()];
  const constants = rateConstantsOf(deep);
  fillSlopes(constants, make().fill(temperatureC), make().fill(alpha), 0, 1, rate, byT, byA);
  near(rate[0], rateOf(deep, temperatureC, alpha), 1e-9);
  const slopeT = rateOf(deep, temperatureC + dT, alpha) - rateOf(deep, temperatureC - dT, alpha);
  const slopeA = rateOf(deep, temperatureC, alpha + dA) - rateOf(deep, temperatureC, alpha - dA);
  near(byT[0], slopeT / (2 * dT), 1e-5);
  near(byA[0], slopeA / (2 * dA), 1e-5);
});

test('nothing cures past the end, and below the first glass transition next to nothing does', () => {
  expect(rateOf(deep, 60, 1)).toBe(0);
  expect(rateOf(deep, -60, 0.4)).toBeLessThan(1e-9);
});

test('glass transition: from the first to the last, rising', () => {
  const at = [0, 0.25, 0.5, 0.75, 1].map((alpha) => glassTransitionC(deep, alpha));
  expect(at[0]).toBe(deep.glassStartC);
  expect(at[4]).toBeCloseTo(deep.glassEndC, 9);
  expect(at.toSorted((one, other) => one - other)).toEqual(at);
});

test('the quick exponential', () => {
  for (let x = -690; x < 690; x += 0.37) near(quickExp(x), Math.exp(x), 1e-12);
  expect(quickExp(-2000)).toBe(0);
  expect(quickExp(NaN)).toBeNaN();
});
