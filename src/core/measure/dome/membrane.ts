import { memory } from '../../memory';
import type { Outline } from '../outline/polygon';

/** How a skin of liquid that is held at an outline bulges: heights for each unit of pressure over surface tension, mm². */
export interface Membrane {
  readonly highest: number;
  /** Over the whole area. */
  readonly mean: number;
}

/** Cells along the longer side. */
const cellsAlong = 40;
/** Closer than this share of a cell, the outline counts as being at the node: else a stencil would divide by nothing. */
const least = 1e-3;
/** Rounds of over-relaxation, and when no node moves by more than this share any more. */
const [mostRounds, stillShare] = [400, 1e-5];

/** Where lines cross the outlines, rising; `across` 0 for lines along x, 1 for lines along y. */
function crossings(
  outlines: readonly Outline[],
  lines: readonly number[],
  across: 0 | 1,
): readonly (readonly number[])[] {
  return lines.map((level) => {
    const found: number[] = [];
    for (const outline of outlines) {
      for (let from = 0; from < outline.length; from += 2) {
        const to = (from + 2) % outline.length;
        const [u0, v0] = [outline[from + across]!, outline[from + 1 - across]!];
        const [u1, v1] = [outline[to + across]!, outline[to + 1 - across]!];
        // Half open, so that a corner on the line counts once.
        if (v0 <= level === v1 <= level) continue;
        found.push(u0 + ((level - v0) / (v1 - v0)) * (u1 - u0));
      }
    }
    return found.sort((a, b) => a - b);
  });
}

/** How far the outline is from a place along a line, on each side, where it is inside; undefined outside. */
function clearance(
  found: readonly number[],
  place: number,
  step: number,
): readonly [number, number] | undefined {
  const right = found.findIndex((each) => each > place);
  // Even-odd: inside after an odd number of crossings.
  if (right === -1 || right % 2 === 0) return undefined;
  const least0 = least * step;
  return [
    Math.min(step, Math.max(least0, place - found[right - 1]!)),
    Math.min(step, Math.max(least0, found[right]! - place)),
  ];
}

/**
 * Solves ∇²u − u/ℓ² = −1 inside outlines with u = 0 on them, by even-odd so that islands count: central differences with the true
 * distances to the outline (Shortley and Weller), over-relaxed.
 * @param capillaryMm ℓ, where weight flattens it; Infinity without weight
 */
function solve(outlines: readonly Outline[], capillaryMm: number): Membrane {
  const xs = outlines.flatMap((outline) => outline.filter((_, at) => at % 2 === 0));
  const ys = outlines.flatMap((outline) => outline.filter((_, at) => at % 2 === 1));
  const [left, right, low, high] = [
    Math.min(...xs),
    Math.max(...xs),
    Math.min(...ys),
    Math.max(...ys),
  ];
  const step = Math.max(right - left, high - low) / cellsAlong;
  const lineUp = (from: number, to: number): number[] => {
    const count = Math.max(3, Math.round((to - from) / step));
    const offset = (to - from - (count - 1) * step) / 2;
    return Array.from({ length: count }, (_, at) => from + offset + at * step);
  };
  const columns = lineUp(left, right);
  const rows = lineUp(low, high);
  const alongX = crossings(outlines, rows, 0);
  const alongY = crossings(outlines, columns, 1);
  const width = columns.length;
  const heights = new Float64Array(width * rows.length);
  // For each node: weights of left, right, below, above, and the sum with 1/ℓ².
  const nodes: number[] = [];
  const weights: number[] = [];
  rows.forEach((y, row) =>
    columns.forEach((x, column) => {
      const horizontal = clearance(alongX[row]!, x, step);
      const vertical = clearance(alongY[column]!, y, step);
      if (horizontal === undefined || vertical === undefined) return;
      const [l, r] = horizontal;
      const [d, u] = vertical;
      nodes.push(row * width + column);
      weights.push(
        l < step ? 0 : 2 / (l * (l + r)),
        r < step ? 0 : 2 / (r * (l + r)),
        d < step ? 0 : 2 / (d * (d + u)),
        u < step ? 0 : 2 / (u * (d + u)),
        2 / (l * r) + 2 / (d * u) + 1 / capillaryMm ** 2,
      );
    }),
  );
  relax(heights, Int32Array.from(nodes), Float64Array.from(weights), width, rows.length);
  const highest = nodes.reduce((most, node) => Math.max(most, heights[node]!), 0);
  const sum = nodes.reduce((all, node) => all + heights[node]!, 0);
  return { highest, mean: (sum * step * step) / areaOf(outlines) };
}

/**
 * Gauss and Seidel with over-relaxation, in place.
 * @param weights five for each node: left, right, below, above, and what they are divided by
 */
function relax(
  heights: Float64Array,
  nodes: Int32Array,
  weights: Float64Array,
  width: number,
  rows: number,
): void {
  const over = 2 / (1 + Math.sin(Math.PI / Math.max(width, rows)));
  for (let round = 0; round < mostRounds; round += 1) {
    let moved = 0;
    let most = 0;
    for (let at = 0; at < nodes.length; at += 1) {
      const node = nodes[at]!;
      const weight = at * 5;
      const sum =
        1 +
        weights[weight]! * (heights[node - 1] ?? 0) +
        weights[weight + 1]! * (heights[node + 1] ?? 0) +
        weights[weight + 2]! * (heights[node - width] ?? 0) +
        weights[weight + 3]! * (heights[node + width] ?? 0);
      const next = heights[node]! + over * (sum / weights[weight + 4]! - heights[node]!);
      moved = Math.max(moved, Math.abs(next - heights[node]!));
      most = Math.max(most, next);
      heights[node] = next;
    }
    if (moved <= stillShare * most) return;
  }
}

/** Even-odd outlines that do not cross: islands lie inside, so that their areas come off in turn. */
function areaOf(outlines: readonly Outline[]): number {
  const areas = outlines.map((outline) => {
    let double = 0;
    for (let at = 0; at < outline.length; at += 2) {
      const to = (at + 2) % outline.length;
      double += outline[at]! * outline[to + 1]! - outline[to]! * outline[at + 1]!;
    }
    return Math.abs(double) / 2;
  });
  const whole = Math.max(...areas);
  return areas.reduce((sum, area) => (area === whole ? sum : sum - area), whole);
}

const solved = memory<Membrane>(100);

/**
 * How a liquid bulges over outlines that hold it.
 * @param outlinesMm outer edge and islands, flat lists of x and y
 * @param capillaryMm where its weight flattens it; Infinity without weight
 */
export const membraneOver = (outlinesMm: readonly Outline[], capillaryMm: number): Membrane =>
  solved(JSON.stringify([outlinesMm, capillaryMm]), () => solve(outlinesMm, capillaryMm));
