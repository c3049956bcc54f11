import type { Domain } from './domain';
import type { RunStart } from './stepThrough';
import type { Moment, Watch } from './stepping';

/** A run as it went: every cell at every step. Layers that are not poured yet are NaN. */
export interface HeatRecord {
  readonly frames: number;
  /** s, one for each frame. */
  readonly timesS: Float64Array;
  /** °C and degree of cure; frame × cells + cell. */
  readonly temperaturesC: Float32Array;
  readonly alphas: Float32Array;
  readonly cells: number;
}

/** Takes down a run. */
export interface Recorder {
  /** Listens while the cells are these. */
  readonly over: (domain: Domain, start: RunStart, fromS: number) => Watch;
  readonly end: () => HeatRecord;
}

/**
 * A recorder with room for so many frames; it doubles its room when that is not enough, which is between steps.
 * @param cells of the pour when all of it is poured
 */
export function recorderFor(cells: number, room = 320): Recorder {
  let timesS = new Float64Array(room);
  let temperaturesC: Float32Array = new Float32Array(room * cells).fill(NaN);
  let alphas: Float32Array = new Float32Array(room * cells).fill(NaN);
  let frames = 0;
  const grown = (old: Float32Array): Float32Array => {
    const wide = new Float32Array(old.length * 2).fill(NaN);
    wide.set(old);
    return wide;
  };
  const take = (at: Pick<Moment, 'temperaturesC' | 'alphas'>, timeS: number): void => {
    if (frames === timesS.length) {
      const more = new Float64Array(frames * 2);
      more.set(timesS);
      timesS = more;
      temperaturesC = grown(temperaturesC);
      alphas = grown(alphas);
    }
    timesS[frames] = timeS;
    temperaturesC.set(at.temperaturesC, frames * cells);
    alphas.set(at.alphas, frames * cells);
    frames += 1;
  };
  return {
    over: (_, start, fromS) => {
      take(start, fromS);
      return (__, after) => {
        take(after, after.timeS);
        return false;
      };
    },
    end: () => ({
      frames,
      timesS: timesS.slice(0, frames),
      temperaturesC: temperaturesC.slice(0, frames * cells),
      alphas: alphas.slice(0, frames * cells),
      cells,
    }),
  };
}

/**
 * When a cell's value first comes to a level, between the steps in a straight line.
 * @param of one of the record's fields
 * @param fromS not before this
 * @returns s; undefined where it never does
 */
export function firstReachS(
  { frames, timesS, cells }: HeatRecord,
  of: Float32Array,
  cell: number,
  level: number,
  fromS = 0,
): number | undefined {
  for (let frame = 0; frame < frames; frame += 1) {
    const here = of[frame * cells + cell]!;
    if (timesS[frame]! < fromS || !(here >= level)) continue;
    const before = frame === 0 ? NaN : of[(frame - 1) * cells + cell]!;
    if (!(before < level)) return Math.max(fromS, timesS[frame]!);
    const share = (level - before) / (here - before);
    const [early, late] = [timesS[frame - 1]!, timesS[frame]!];
    return Math.max(fromS, early + share * (late - early));
  }
  return undefined;
}
