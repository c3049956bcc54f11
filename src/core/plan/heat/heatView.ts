import { climateAtC } from '../../thermal/climate';
import { surfaceCell, undersideCell } from '../../thermal/predict';
import type { FollowedHeat, HeatCaseOfJob } from './heatOfPlan';

/** A run as it is drawn: curves by time, and the cut with its temperatures at every frame. */
export interface HeatView {
  /** After the first pour, h; one for each frame. */
  readonly timesH: Float64Array;
  /** The warmest place, the surface, the lowest place of the resin, and the room, °C; NaN before there is any. */
  readonly coreC: Float64Array;
  readonly surfaceC: Float64Array;
  readonly undersideC: Float64Array;
  readonly roomC: Float64Array;
  /** The least and the most cured place. */
  readonly leastAlpha: Float64Array;
  readonly mostAlpha: Float64Array;
  readonly cut: HeatCut;
}

/** The cut: cells in rows from below, columns from the middle outwards; a slab has one column. */
export interface HeatCut {
  readonly columns: number;
  readonly rows: number;
  readonly widthsMm: Float64Array;
  readonly heightsMm: Float64Array;
  readonly resinColumns: number;
  readonly firstResinRow: number;
  /** °C, frame × cells + cell; NaN where nothing is poured yet. */
  readonly temperaturesC: Float32Array;
}

/** What is drawn of a run. */
export function heatViewOf(given: HeatCaseOfJob, { followed }: FollowedHeat): HeatView {
  const { record, domain } = followed;
  const { frames, timesS, temperaturesC, alphas, cells } = record;
  const make = (): Float64Array => new Float64Array(frames).fill(NaN);
  const [coreC, surfaceC, undersideC, roomC] = [make(), make(), make(), make()];
  const [leastAlpha, mostAlpha] = [make(), make()];
  const lowest = undersideCell(domain.layerCells[0]!);
  const surfaces = domain.layerCells.map((each) => surfaceCell(domain, each));
  const { resinCells } = domain;
  for (let frame = 0; frame < frames; frame += 1) {
    const base = frame * cells;
    let [hottest, least, most] = [-Infinity, Infinity, -Infinity];
    for (let at = 0; at < resinCells.length; at += 1) {
      const cell = base + resinCells[at]!;
      const here = temperaturesC[cell]!;
      // What is not poured yet is no number.
      if (here !== here) continue;
      if (here > hottest) hottest = here;
      const alpha = alphas[cell]!;
      if (alpha < least) least = alpha;
      if (alpha > most) most = alpha;
    }
    coreC[frame] = hottest;
    leastAlpha[frame] = least;
    mostAlpha[frame] = most;
    undersideC[frame] = temperaturesC[base + lowest]!;
    surfaceC[frame] =
      surfaces
        .map((cell) => temperaturesC[base + cell]!)
        .filter((here) => !Number.isNaN(here))
        .at(-1) ?? NaN;
    roomC[frame] = climateAtC(given.setting.room, timesS[frame]!);
  }
  const { plane, chain } = domain;
  const millimetres = (metres: Float64Array): Float64Array => metres.map((each) => each * 1000);
  const heightsMm = millimetres((plane ?? chain!).heightsM);
  return {
    timesH: timesS.map((each) => each / 3600),
    coreC,
    surfaceC,
    undersideC,
    roomC,
    leastAlpha,
    mostAlpha,
    cut: {
      columns: plane?.columns ?? 1,
      rows: plane?.rows ?? cells,
      widthsMm: plane === undefined ? new Float64Array([1]) : millimetres(plane.widthsM),
      heightsMm,
      resinColumns: plane?.resinColumns ?? 1,
      firstResinRow: plane?.firstResinRow ?? chain?.resinFrom ?? 0,
      temperaturesC,
    },
  };
}
