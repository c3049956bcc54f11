import { midnightsFrom } from '../../words/moments';

/** Moments along a drawing. */
export interface DaysScale {
  readonly from: number;
  readonly to: number;
  /** Midnights that its days begin with. */
  readonly midnights: readonly number[];
  /** dp from the left of the days. */
  readonly x: (moment: number) => number;
  readonly perMin: number;
}

/** So many days from the one that a moment is on, drawn at a width. */
export function daysScale(moment: number, days: number, width: number, zone: string): DaysScale {
  const all = midnightsFrom(moment, days + 1, zone);
  const [from, to] = [all[0]!, all[days]!];
  const perMin = width / (to - from);
  return {
    from,
    to,
    midnights: all.slice(0, days),
    x: (at) => (Math.min(to, Math.max(from, at)) - from) * perMin,
    perMin,
  };
}
