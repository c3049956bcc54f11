import type { Station } from './station';

/**
 * The widest place of a channel: the greatest mean width over a given length of it. Width runs straight between stations, so the
 * mean is a quadratic between two places where an end of the stretch passes a station, and each is looked at in its summit too.
 * @param stations at least two, places rising
 * @param overMm how much length counts as one place
 * @returns mm; the mean of the whole channel where it is shorter than that
 */
export function widestMeanMm(stations: readonly Station[], overMm: number): number {
  const first = stations[0]!;
  const last = stations.at(-1)!;
  const lengthMm = last.atMm - first.atMm;
  /** Area from the first station to each of them, mm². */
  const areas = [0];
  stations.slice(1).forEach((station, at) => {
    const before = stations[at]!;
    const pieceMm2 = ((before.widthMm + station.widthMm) / 2) * (station.atMm - before.atMm);
    areas.push(areas[at]! + pieceMm2);
  });
  if (overMm >= lengthMm) return areas.at(-1)! / lengthMm;
  const pieceAt = (atMm: number): number => {
    let [low, high] = [0, stations.length - 2];
    while (low < high) {
      const middle = (low + high + 1) >> 1;
      if (stations[middle]!.atMm <= atMm) low = middle;
      else high = middle - 1;
    }
    return low;
  };
  const at = (atMm: number): { readonly areaMm2: number; readonly widthMm: number } => {
    const piece = pieceAt(atMm);
    const [from, to] = [stations[piece]!, stations[piece + 1]!];
    const inMm = atMm - from.atMm;
    const widthMm = from.widthMm + ((to.widthMm - from.widthMm) * inMm) / (to.atMm - from.atMm);
    return { widthMm, areaMm2: areas[piece]! + ((from.widthMm + widthMm) / 2) * inMm };
  };
  const lastStartMm = last.atMm - overMm;
  const starts = [
    ...new Set(
      stations
        .flatMap(({ atMm }) => [atMm, atMm - overMm])
        .filter((startMm) => startMm >= first.atMm && startMm <= lastStartMm),
    ),
  ].sort((one, other) => one - other);
  const meanMm = (startMm: number): number =>
    (at(startMm + overMm).areaMm2 - at(startMm).areaMm2) / overMm;
  /** Slope of the mean, times the length. */
  const rise = (startMm: number): number => at(startMm + overMm).widthMm - at(startMm).widthMm;
  let widestMm = 0;
  starts.forEach((startMm, index) => {
    widestMm = Math.max(widestMm, meanMm(startMm));
    const nextMm = starts[index + 1];
    if (nextMm === undefined) return;
    const [here, there] = [rise(startMm), rise(nextMm)];
    if (here > 0 && there < 0) {
      const summitMm = startMm + ((nextMm - startMm) * here) / (here - there);
      widestMm = Math.max(widestMm, meanMm(summitMm));
    }
  });
  return widestMm;
}
