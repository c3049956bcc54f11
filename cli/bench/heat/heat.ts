import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import {
  greatestKappa,
  leastKappa,
  meetDepth,
  overAtDepth,
  pacer,
  potLifeOfLabel,
} from '../../../src/core/thermal/calibrate';
import { slabChain } from '../../../src/core/thermal/chain';
import { constantRoom } from '../../../src/core/thermal/climate';
import { depthCurve, depthLimitC } from '../../../src/core/thermal/greatestDepth';
import { heatConstantsOf, type HeatFamily } from '../../../src/core/resin/families';
import { planeOf } from '../../../src/core/thermal/plane';
import { solids } from '../../../src/core/thermal/solids';
import { solveChain } from '../../../src/core/thermal/solveChain';
import { solvePlane } from '../../../src/core/thermal/solvePlane';
import { stepRules } from '../../../src/core/thermal/stepping';
import { usualSetting } from '../../../src/core/thermal/usualSetting';
import { medianOf, medianTime, type BenchFigure } from '../figure';

const { curing: deep } = heatConstantsOf('deep-pour-epoxy');
const threeDaysS = 72 * 3600;

/** 50 mm at 23 °C, 60 cells, three days. */
function slab72h(): number {
  const chain = slabChain(deep, [0.05], [60], [], 4, 9);
  const room = constantRoom(23);
  const end = solveChain(
    chain,
    deep,
    { above: room, below: room },
    { temperaturesC: new Float64Array(60).fill(23), alphas: new Float64Array(60) },
    0,
    threeDaysS,
    stepRules(threeDaysS, 0.2),
    () => false,
  );
  return end.temperaturesC[30]!;
}

/** Half of a channel and its timber, 48 × 48 cells, three days. */
function plane72h(halfWidthM: number, depthM: number, roomC: number): number {
  const plane = planeOf(deep, false, halfWidthM, 24, [depthM], [48], {
    topU: 9,
    bottomU: 4,
    sideU: 8,
    side: { ...solids.timber, thicknessM: 0.04, cells: 24 },
  });
  const room = constantRoom(roomC);
  const end = solvePlane(
    plane,
    deep,
    { above: room, below: room, beside: room },
    { temperaturesC: new Float64Array(48 * 48).fill(roomC), alphas: new Float64Array(48 * 48) },
    0,
    threeDaysS,
    stepRules(threeDaysS, 0.5),
    () => false,
  );
  return end.temperaturesC[0]!;
}

/** κ by which the usual pot life and a depth are met. */
function kappaOfDepth(family: HeatFamily, depthMm: number): number {
  const constants = heatConstantsOf(family);
  return meetDepth(
    (kappa) => ({ ...constants.curing, kappa }),
    constants.curing.kappa,
    (isTooHot) => (isTooHot ? greatestKappa : leastKappa),
    pacer(potLifeOfLabel(constants.label, constants)!, constants),
    overAtDepth(family, depthMm),
  ).value;
}

const roomsC = Array.from({ length: 12 }, (_, at) => 10 + 2 * at);

const pieces: readonly { readonly name: string; readonly runs: number; work: () => number }[] = [
  { name: 'heat.slab72h', runs: 200, work: slab72h },
  { name: 'heat.plane72h', runs: 20, work: () => plane72h(0.05, 0.05, 23) },
  { name: 'heat.planeRunaway', runs: 10, work: () => plane72h(0.15, 0.1, 28) },
  {
    name: 'heat.depthCurve',
    runs: 40,
    work: () =>
      depthCurve(
        (roomC) => usualSetting(0.1, roomC),
        deep,
        roomsC,
        depthLimitC('deep-pour-epoxy'),
      ).reduce((sum, { depthM = NaN }) => sum + depthM, 0),
  },
  {
    name: 'heat.calibrate',
    runs: 40,
    work: () => kappaOfDepth('casting-epoxy', 20),
  },
];

interface InC {
  readonly name: string;
  readonly median: number;
  readonly figure: number;
}

/** Builds the same in C; undefined where there is no compiler. */
function compiled(folder: string): string | undefined {
  const program = join(folder, 'heat');
  try {
    execFileSync('cc', ['-O3', '-o', program, join(__dirname, 'heat.c'), '-lm'], { stdio: 'pipe' });
    return program;
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ENOENT') return undefined;
    throw error;
  }
}

/** Rounds in which this and C are timed in turns: a machine that is slowed down is so for both. */
const rounds = 7;

/**
 * The heat model: its own times, and over those of the same in C.
 * @throws Error where the two do not come to the same figure: their times would mean nothing
 */
export function benchHeat(): BenchFigure[] {
  const folder = mkdtempSync(join(tmpdir(), 'nipperkin-heat-'));
  try {
    const program = compiled(folder);
    return pieces.flatMap(({ name, runs, work }) => {
      const own: number[] = [];
      const ratios: number[] = [];
      // The compiler of the engine needs some runs to know what to do with the loops.
      for (let run = 0; run < runs / 2; run += 1) work();
      for (let round = 0; round < rounds; round += 1) {
        const { median: ms } = medianTime(name, Math.ceil(runs / rounds), () => void work());
        own.push(ms);
        if (program === undefined) continue;
        const inC = JSON.parse(execFileSync(program, [name]).toString()) as InC;
        const here = work();
        if (!(Math.abs(here / inC.figure - 1) < 1e-3)) {
          throw new Error(`${name}: ${here} here, ${inC.figure} in C`);
        }
        ratios.push(ms / inC.median);
      }
      const figure: BenchFigure = { name, median: medianOf(own), unit: 'ms', runs };
      if (ratios.length === 0) return [figure];
      return [figure, { name: `${name}.vsC`, median: medianOf(ratios), unit: 'x', runs: rounds }];
    });
  } finally {
    rmSync(folder, { recursive: true });
  }
}
