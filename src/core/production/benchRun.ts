import type { ResolvedJob } from '../job/resolveJob';
import type { BetweenWay } from './castingSchema';
import type { Plan } from '../plan/planTypes';
import { runSchedule } from './runSchedule';
import { runShapeOf } from './withRuns';

/** What a run does next, in the order that is quickest: a mix that fills moulds, or a mould that is emptied. Counted from 0. */
export type RunTurn =
  | { readonly does: 'mix'; readonly mix: number; readonly moulds: readonly number[] }
  | { readonly does: 'empty'; readonly mix: number; readonly mould: number };

/** A run as the bench goes by it. */
export interface BenchRun {
  readonly moulds: number;
  /** Pieces out of one mould, and good ones that are wanted of all. */
  readonly cavities: number;
  readonly wanted: number;
  /** After a mould is filled, min. */
  readonly demouldMin: number;
  /** Emptying, cleaning, release, min. */
  readonly handlingMin: number;
  /** What goes into a mould before it is filled again. */
  readonly between: BetweenWay;
  /** Every mix is held in a pot before its moulds are emptied. */
  readonly pot:
    | {
        readonly gaugeKPa: number;
        readonly potLifeMin: number | undefined;
        readonly holdMin: number;
      }
    | undefined;
  readonly turns: readonly RunTurn[];
}

/**
 * The rhythm of a run, mould by mould.
 * @param index the pour, counted from 0
 * @returns undefined for what is no run, for what is cast in layers, and where its mixes are not its batches: then it is poured batch
 *   by batch
 */
export function benchRunOf(resolved: ResolvedJob, plan: Plan, index: number): BenchRun | undefined {
  const shape = runShapeOf(resolved.job, index);
  const { layers, batches, pressure, casting } = plan.pours[index]!;
  if (shape === undefined || layers.length > 1) return undefined;
  if (batches.reduce((sum, { count }) => sum + count, 0) !== shape.mixes) return undefined;
  const { rhythm } = shape;
  const holds = new Map<number, number>();
  let mixes = 0;
  const turns = runSchedule(rhythm).acts.map(({ does, moulds }): RunTurn => {
    if (does === 'mix') {
      moulds.forEach((mould) => holds.set(mould, mixes));
      mixes += 1;
      return { does: 'mix', mix: mixes - 1, moulds };
    }
    const [mould] = moulds;
    return { does: 'empty', mould: mould!, mix: holds.get(mould!)! };
  });
  return {
    moulds: rhythm.moulds,
    cavities: shape.cavities,
    wanted: shape.wanted,
    demouldMin: rhythm.demouldMin,
    handlingMin: rhythm.handlingMin,
    between: casting?.between ?? 'release',
    pot: pressure && {
      gaugeKPa: pressure.gaugeKPa,
      potLifeMin: pressure.potLifeMin,
      holdMin: pressure.holdMin ?? rhythm.demouldMin,
    },
    turns,
  };
}
