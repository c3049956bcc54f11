import { climateAtC, constantRoom } from './climate';
import type { Curing } from './curing';
import { domainOf, type Domain } from './domain';
import type { HeatGrid, PourSetting } from './pourSetting';
import { solveChain } from './solveChain';
import { solvePlane } from './solvePlane';
import { stepRules, type StepRules, type Watch } from './stepping';
import type { RunEnd, RunStart } from './stepThrough';

/** How long and how finely a pour is followed. */
export interface RunOptions {
  readonly grid: HeatGrid;
  /** K; of the degree of cure a hundredth. */
  readonly toleranceK: number;
  readonly untilS: number;
  /** What lies between steps is drawn straight: not longer than this, s. */
  readonly longestStepS?: number;
  /** Or than this share of the time since a layer was poured, in a room that stays as it is. */
  readonly longestShare?: number;
}

/**
 * Layers are poured and a fan is switched off: between two such moments nothing about the pour changes. What it stands on and
 * still reacts began before it.
 */
function stretchesOf(
  { layers, below = [], fan, warmed }: PourSetting,
  untilS: number,
): readonly number[] {
  const moments = [
    0,
    ...layers.map(({ pouredS }) => pouredS),
    ...below.flatMap(({ pouredS }) => pouredS ?? []),
    fan.untilS,
    warmed?.fromS ?? untilS,
  ].filter((timeS) => timeS < untilS);
  return [...new Set(moments)].sort((one, other) => one - other);
}

/** How many layers, those of earlier pours among them, are there at a moment. */
const pouredBy = ({ layers, below = [] }: PourSetting, timeS: number): number =>
  below.filter(({ pouredS }) => (pouredS ?? -Infinity) <= timeS).length +
  layers.filter(({ pouredS }) => pouredS <= timeS).length;

/**
 * What the cells hold when a layer has come on top: resin as it was poured, walls and what has cured at the temperature of the
 * room.
 */
function begin(
  setting: PourSetting,
  domain: Domain,
  fromS: number,
  under: { readonly state: RunStart; readonly domain: Domain } | undefined,
): RunStart {
  const temperaturesC = new Float64Array(domain.cells).fill(climateAtC(setting.room, fromS));
  const alphas = new Float64Array(domain.cells);
  const { startAlpha = 0, resinC, layers, below = [] } = setting;
  const pour = (cells: Int32Array, celsius: number, alpha: number): void => {
    for (const cell of cells) {
      temperaturesC[cell] = celsius;
      alphas[cell] = alpha;
    }
  };
  domain.belowCells.forEach((cells, layer) => {
    const { pouredS, resinC: pouredC } = below[layer]!;
    // Fully cured it has no rate and gives off no heat.
    if (pouredS === undefined) for (const cell of cells) alphas[cell] = 1;
    else if (pouredS === fromS) pour(cells, pouredC, 0);
  });
  domain.layerCells.forEach((cells, layer) => {
    const { pouredS, resinC: pouredC = resinC } = layers[layer]!;
    if (pouredS === fromS) pour(cells, pouredC, startAlpha);
  });
  if (under !== undefined) {
    temperaturesC.set(under.state.temperaturesC.subarray(0, under.domain.cells));
    alphas.set(under.state.alphas.subarray(0, under.domain.cells));
  }
  return { temperaturesC, alphas };
}

/** Before the pour itself begins nobody listens. */
const unheard: Watch = () => false;

/**
 * Follows a pour from the first layer on, layer upon layer, with the fan as long as it blows.
 * @param watchOver gives what listens, for the cells as they are from then on
 * @returns the end, with the cells that it is told in
 * @throws InputError `heat-lost-itself`
 */
export function runPour(
  setting: PourSetting,
  curing: Curing,
  { grid, toleranceK, untilS, longestStepS = Infinity, longestShare = 0 }: RunOptions,
  watchOver: (domain: Domain, start: RunStart, fromS: number) => Watch,
): RunEnd & { readonly domain: Domain } {
  const stretches = stretchesOf(setting, untilS);
  const usual = stepRules(untilS, toleranceK);
  const { room, plateC } = setting;
  const rules: StepRules = {
    ...usual,
    longestStepS: Math.min(usual.longestStepS, longestStepS),
    longestShare: room.swingC === 0 ? longestShare : 0,
  };
  let last: { readonly state: RunEnd; readonly domain: Domain } | undefined;
  let steps = 0;
  let refused = 0;
  for (const [at, fromS] of stretches.entries()) {
    const toS = stretches[at + 1] ?? untilS;
    const blown = fromS >= 0 && fromS < setting.fan.untilS;
    const { warmed } = setting;
    const around =
      warmed !== undefined && fromS >= warmed.fromS ? constantRoom(warmed.roomC) : room;
    const below = plateC === undefined ? around : constantRoom(plateC);
    const domain = domainOf(setting, curing, grid, pouredBy(setting, fromS), blown);
    const start = begin(setting, domain, fromS, last);
    let stopped = false;
    const listen = fromS < 0 ? unheard : watchOver(domain, start, fromS);
    const watch: Watch = (before, after) => (stopped = listen(before, after));
    const state: RunEnd =
      domain.chain !== undefined
        ? solveChain(
            domain.chain,
            curing,
            { above: around, below },
            start,
            fromS,
            toS,
            rules,
            watch,
          )
        : solvePlane(
            domain.plane!,
            curing,
            { above: around, below, beside: around },
            start,
            fromS,
            toS,
            rules,
            watch,
          );
    steps += state.steps;
    refused += state.refused;
    last = { state, domain };
    if (stopped) break;
  }
  const { state, domain } = last!;
  return { ...state, steps, refused, domain };
}
