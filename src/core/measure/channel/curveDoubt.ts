import type { Station } from './station';

/** What the trapezoid rule may be off by between two stations. */
export interface IntervalDoubt {
  readonly fromMm: number;
  readonly toMm: number;
  /** Above 0 where the rule reads high (the edges draw in between the stations), mm³. */
  readonly signedMm3: number;
}

const section = ({ widthMm, depthMm }: Station): number => widthMm * depthMm;

/**
 * The error of the trapezoid rule between stations, h³/12 · f″, with f″ of the cut's area taken from the
 * second divided differences at the stations on either side. Nothing where there are only two stations.
 */
export function curveDoubtMm3(stations: readonly Station[]): readonly IntervalDoubt[] {
  const bend = stations.map((station, index) => {
    const before = stations[index - 1];
    const after = stations[index + 1];
    if (before === undefined || after === undefined) return undefined;
    const rising = (section(after) - section(station)) / (after.atMm - station.atMm);
    const risen = (section(station) - section(before)) / (station.atMm - before.atMm);
    return (2 * (rising - risen)) / (after.atMm - before.atMm);
  });
  return stations.slice(1).flatMap((station, index) => {
    const before = stations[index];
    const left = bend[index];
    const right = bend[index + 1];
    if (before === undefined || (left === undefined && right === undefined)) return [];
    const [one, other] = [left ?? right ?? 0, right ?? left ?? 0];
    // Bends that go opposite ways leave the size in doubt as well, so sizes are averaged and not the bends.
    const size = (Math.abs(one) + Math.abs(other)) / 2;
    const sign = one + other < 0 ? -1 : 1;
    return [
      {
        fromMm: before.atMm,
        toMm: station.atMm,
        signedMm3: (sign * size * (station.atMm - before.atMm) ** 3) / 12,
      },
    ];
  });
}
