import { InputError } from '../../problem';
import { boundsOf, type Outline } from '../outline/polygon';

/** A closed outline of a drawing file, in the file's own unit, y as in the file. */
export interface DrawnOutline {
  readonly points: Outline;
  /** The layer or group that it is on; empty where the file has none. */
  readonly layer: string;
}

/** What a drawing file holds for a caster. */
export interface Drawing {
  readonly outlines: readonly DrawnOutline[];
  /** mm per unit, where the file tells. */
  readonly mmPerUnit: number | undefined;
  /** Chains of lines that do not close. */
  readonly open: number;
  /** What was passed over: `script`, `external`, or the name of an element or entity. */
  readonly ignored: readonly string[];
}

/** A run of points that may or may not close. */
export interface Chain {
  readonly points: number[];
  readonly closed: boolean;
  readonly layer: string;
}

const mostPoints = 300_000;
const mostOutlines = 5_000;

/** The chains of a file as they are read: it ends as soon as there are more than anybody casts. */
export class ChainList {
  readonly chains: Chain[] = [];
  private points = 0;

  /** @throws InputError `drawing-too-large` */
  add(chain: Chain): void {
    this.points += chain.points.length / 2;
    refuseMore(this.points);
    this.chains.push(chain);
  }
}

/** @throws InputError `drawing-too-large` where these are more points than a drawing may have */
export function refuseMore(points: number): void {
  if (points > mostPoints) throw new InputError('drawing-too-large', points, { most: mostPoints });
}
/** Ends nearer to each other than this share of the drawing's extent are the same place. */
const sameEndShare = 1e-5;

/** Joins the open chains of a drawing at their ends; a chain used is taken out of `ends`. */
function joined(chains: readonly Chain[], same: number): { closed: Chain[]; open: number } {
  const key = (x: number, y: number): string => `${Math.round(x / same)},${Math.round(y / same)}`;
  const ends = new Map<string, Set<number>>();
  const keysOf = (chain: Chain): readonly [string, string] => [
    key(chain.points[0]!, chain.points[1]!),
    key(chain.points.at(-2)!, chain.points.at(-1)!),
  ];
  chains.forEach((chain, index) => {
    for (const each of keysOf(chain)) {
      const here = ends.get(each) ?? new Set();
      ends.set(each, here.add(index));
    }
  });
  /** Ends within one cell of rounding: a place may round either way. */
  const near = (x: number, y: number): number | undefined => {
    for (const dx of [0, -1, 1]) {
      for (const dy of [0, -1, 1]) {
        const [found] = ends.get(key(x + dx * same, y + dy * same)) ?? [];
        if (found !== undefined) return found;
      }
    }
    return undefined;
  };
  const take = (index: number): Chain => {
    const chain = chains[index]!;
    for (const each of keysOf(chain)) ends.get(each)?.delete(index);
    return chain;
  };
  const closed: Chain[] = [];
  let open = 0;
  chains.forEach((_, index) => {
    if (!keysOf(chains[index]!).some((each) => ends.get(each)?.has(index))) return;
    const { points, layer } = take(index);
    const run = [...points];
    for (;;) {
      const x = run.at(-2)!;
      const y = run.at(-1)!;
      if (run.length > 4 && Math.hypot(x - run[0]!, y - run[1]!) <= same) {
        closed.push({ points: run.slice(0, -2), closed: true, layer });
        return;
      }
      const next = near(x, y);
      if (next === undefined) break;
      const more = take(next).points;
      const forwards =
        Math.hypot(more[0]! - x, more[1]! - y) <= Math.hypot(more.at(-2)! - x, more.at(-1)! - y);
      for (let at = 2; at < more.length; at += 2) {
        const from = forwards ? at : more.length - 2 - at;
        run.push(more[from]!, more[from + 1]!);
      }
    }
    open += 1;
  });
  return { closed, open };
}

/** A closed chain without points that stand on the one before, and without the last where it repeats the first. */
function tidied(points: readonly number[], same: number): number[] {
  const kept: number[] = [];
  for (let at = 0; at < points.length; at += 2) {
    const x = points[at]!;
    const y = points[at + 1]!;
    const apart = Math.hypot(x - (kept.at(-2) ?? Infinity), y - (kept.at(-1) ?? Infinity));
    if (apart > same / 100) kept.push(x, y);
  }
  const closes =
    kept.length > 4 && Math.hypot(kept[0]! - kept.at(-2)!, kept[1]! - kept.at(-1)!) <= same;
  return closes ? kept.slice(0, -2) : kept;
}

/**
 * Makes a drawing of the chains of a file, read into a `ChainList`: open ones are joined at their ends where they meet.
 * @throws InputError `drawing-not-finite`, `drawing-too-large`, `no-outlines` (with how many open chains there are)
 */
export function drawingOf(
  chains: readonly Chain[],
  mmPerUnit: number | undefined,
  ignored: readonly string[],
): Drawing {
  if (!chains.every((chain) => chain.points.every(Number.isFinite))) {
    throw new InputError('drawing-not-finite', undefined);
  }
  const { minX, minY, maxX, maxY } = boundsOf(chains.map((each) => each.points));
  const same = sameEndShare * Math.max(maxX - minX, maxY - minY);
  const loose = chains.filter((chain) => !chain.closed && chain.points.length >= 4);
  const { closed, open } = same > 0 ? joined(loose, same) : { closed: [], open: loose.length };
  const outlines = [...chains.filter((chain) => chain.closed), ...closed]
    .map((chain): DrawnOutline => ({ points: tidied(chain.points, same), layer: chain.layer }))
    .filter((outline) => outline.points.length >= 6);
  if (outlines.length > mostOutlines) {
    throw new InputError('drawing-too-large', outlines.length, { most: mostOutlines });
  }
  if (outlines.length === 0) throw new InputError('no-outlines', undefined, { open });
  return { outlines, mmPerUnit, open, ignored: [...new Set(ignored)] };
}
