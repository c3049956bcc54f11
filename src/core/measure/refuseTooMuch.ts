import type { MeasureProblems } from '../codes/problems/measureProblems';
import { InputError } from '../problem';
import type { Part } from './parts/partSchema';

/** What there may be many of in each part, and what would multiply over all parts together. */
type CountedTogether = MeasureProblems['too-many-together']['what'];

/** More than these together take longer to measure than anybody waits on a keystroke: a second or so. */
const most: Readonly<Record<CountedTogether, number>> = {
  points: 50_000,
  stations: 5_000,
  heights: 40_000,
};

/** Points of the outlines of a part, each as often as it counts. */
function pointsOf(part: Part): number {
  const flat = 'face' in part ? part.face : part;
  if (!('outlines' in flat) || flat.outlines === undefined) return 0;
  const counts = flat.outlines.map(({ points }) => points.length / 2);
  const picked = 'picked' in flat ? flat.picked : undefined;
  const chosen = picked === undefined ? counts : picked.map((number) => counts[number - 1] ?? 0);
  return chosen.reduce((sum, each) => sum + each, 0);
}

const countsOf: Readonly<Record<CountedTogether, (part: Part) => number>> = {
  points: pointsOf,
  stations: (part) =>
    part.shape === 'channel'
      ? part.stations.length
      : part.shape === 'rectangles'
        ? part.rectangles.length
        : 0,
  heights: (part) => (part.shape === 'mesh' ? (part.measured?.heightsMm.length ?? 0) : 0),
};

/** @throws InputError `too-many-together` where all parts together have more of something than is measured in good time */
export function refuseTooMuch(parts: readonly Part[]): void {
  for (const what of ['points', 'stations', 'heights'] as const) {
    const count = parts.reduce((sum, part) => sum + countsOf[what](part), 0);
    if (count > most[what]) {
      const data = { what, count, most: most[what] };
      throw new InputError('too-many-together', count, data, 'measure.parts');
    }
  }
}
