import { InputError } from '../../problem';
import { rootSumSquare, type Doubt } from '../doubt';
import { combinedSlabs } from '../form/slabs';
import type { Solid } from '../form/solid';
import { solidOfSlabs } from '../form/solidOfSlabs';
import { channelSolid } from './channelSolid';
import { curveDoubtMm3, type IntervalDoubt } from './curveDoubt';
import type { ChannelDetail, Station } from './station';

/** Spacing that differs by less than this share is even: nobody sets a tape closer. */
const evenWithin = 1e-3;

/** With two stations nothing is known of the curve between; live edges commonly stray by a tenth. */
export const twoStationShare = 0.1;

function isSimpson(stations: readonly Station[]): boolean {
  if (stations.length < 3 || stations.length % 2 === 0) return false;
  const first = (stations[1]?.atMm ?? 0) - (stations[0]?.atMm ?? 0);
  return stations.every((station, index) => {
    const before = stations[index - 1];
    return (
      before === undefined || Math.abs(station.atMm - before.atMm - first) <= evenWithin * first
    );
  });
}

/** Whether an edge goes in and out: its bend changes sides at half of the places or more where it could, and more than once. */
function isRagged(stations: readonly Station[]): boolean {
  const sections = stations.map(({ widthMm, depthMm }) => widthMm * depthMm);
  const bends = sections
    .slice(2)
    .map((last, at) => Math.sign(last - 2 * sections[at + 1]! + sections[at]!));
  const turns = bends.filter((bend, at) => at > 0 && bend * bends[at - 1]! < 0).length;
  return turns > 1 && turns >= (bends.length - 1) / 2;
}

/** ∫ over evenly spaced values by Simpson's rule: h/3 · (f₀ + 4f₁ + 2f₂ + … + fₙ). */
function simpson(values: readonly number[], spacing: number): number {
  const last = values.length - 1;
  const sum = values.reduce(
    (total, value, index) =>
      total + value * (index === 0 || index === last ? 1 : index % 2 === 1 ? 4 : 2),
    0,
  );
  return (sum * spacing) / 3;
}

/**
 * A channel between two edges, measured across at stations along its length.
 *
 * Width and depth run straight from station to station (the trapezoid rule, exact for that); evenly spaced
 * stations in odd number are taken by Simpson's rule, which follows a smooth curve; where the edge goes in and out instead, by
 * whichever of the two gives more.
 *
 * @param stations at least two, places rising
 * @param stepMm what the tape is read to, for the doubt
 * @returns the solid with its V(h), the doubt and what one more station would buy
 * @throws InputError `too-few-stations`, `stations-not-rising`; fields relative to the channel
 */
export function measureChannel(
  stations: readonly Station[],
  stepMm: number,
): { readonly solid: Solid; readonly doubt: Doubt; readonly detail: ChannelDetail } {
  const first = stations[0];
  const last = stations.at(-1);
  if (first === undefined || last === undefined || stations.length < 2) {
    throw new InputError('too-few-stations', stations.length, {}, 'stations');
  }
  stations.forEach(({ atMm }, index) => {
    const before = stations[index - 1];
    if (before !== undefined && atMm <= before.atMm) {
      const data = { below: before.atMm };
      throw new InputError('stations-not-rising', atMm, data, `stations[${index}].at`);
    }
  });
  const lengthMm = last.atMm - first.atMm;
  const widthAreaMm2 = stations.slice(1).reduce((sum, station, index) => {
    const before = stations[index] ?? first;
    return sum + ((before.widthMm + station.widthMm) / 2) * (station.atMm - before.atMm);
  }, 0);

  const straight = channelSolid(stations);
  const intervals = curveDoubtMm3(stations);
  const curve = together(intervals, straight.volumeMl, stations.length);
  const curved = isSimpson(stations) ? scaledBySimpson(straight, stations, lengthMm) : straight;
  // An edge that goes in and out is no smooth curve: of the two rules the one that leaves no gap counts.
  const bySimpson =
    curved !== straight && !(isRagged(stations) && straight.volumeMl > curved.volumeMl);
  const solid = bySimpson ? curved : straight;
  const readMl =
    rootSumSquare(stations.map((station, index) => halfStepMm3(stations, station, index, stepMm))) /
    1000;
  // One tape reads every depth, so those errors go the same way.
  const depthMl = (widthAreaMm2 * stepMm) / 2 / 1000;
  const curveMl =
    curved === straight ? curve.plusMinusMl : Math.abs(curved.volumeMl - straight.volumeMl);
  const readsMore = Math.hypot(readMl, depthMl) > curveMl;
  return {
    solid,
    doubt: {
      plusMinusMl: rootSumSquare([curveMl, readMl, depthMl]),
      errs: readsMore || curved !== straight ? 'either' : curve.errs,
      rule: stations.length < 3 ? 'two-stations' : 'stations',
      data: { stations: stations.length, curveMl, readingMl: Math.hypot(readMl, depthMl) },
    },
    detail: {
      stations,
      lengthMm,
      meanWidthMm: widthAreaMm2 / lengthMm,
      rule: bySimpson ? 'simpson' : 'trapezoid',
      trapezoidMl: straight.volumeMl,
      nextStation: nextStation(intervals),
    },
  };
}

/** The straight-run solid with its V(h) scaled to the volume that Simpson's rule gives. */
function scaledBySimpson(straight: Solid, stations: readonly Station[], lengthMm: number): Solid {
  const sections = stations.map(({ widthMm, depthMm }) => widthMm * depthMm);
  const volumeMl = simpson(sections, lengthMm / (stations.length - 1)) / 1000;
  const scale = volumeMl / straight.volumeMl;
  const slabs = combinedSlabs([{ slabs: straight.slabs, factor: scale, raisedMm: 0 }]);
  return solidOfSlabs(slabs, straight.outline);
}

/** What half a step more at one station's width adds, mm³. */
function halfStepMm3(
  stations: readonly Station[],
  station: Station,
  index: number,
  stepMm: number,
): number {
  const before = stations[index - 1] ?? station;
  const after = stations[index + 1] ?? station;
  return (((after.atMm - before.atMm) / 2) * station.depthMm * stepMm) / 2;
}

/**
 * Signs of bulge and hollow cancel along a live edge, so the doubts add up as independent ones; where all of
 * it bulges one way, they add up straight and the way is known.
 */
function together(
  intervals: readonly IntervalDoubt[],
  volumeMl: number,
  stations: number,
): Pick<Doubt, 'plusMinusMl' | 'errs'> {
  if (stations < 3) return { plusMinusMl: twoStationShare * volumeMl, errs: 'either' };
  const independentMm3 = rootSumSquare(intervals.map(({ signedMm3 }) => signedMm3));
  const straightMm3 = intervals.reduce((sum, { signedMm3 }) => sum + signedMm3, 0);
  if (Math.abs(straightMm3) <= independentMm3) {
    return { plusMinusMl: independentMm3 / 1000, errs: 'either' };
  }
  return {
    plusMinusMl: Math.abs(straightMm3) / 1000,
    errs: straightMm3 > 0 ? 'high' : 'low',
  };
}

/** A station halfway cuts an interval's doubt to two eighths. */
function nextStation(intervals: readonly IntervalDoubt[]): ChannelDetail['nextStation'] {
  const doubts = intervals.map(({ signedMm3 }) => Math.abs(signedMm3));
  const mostMm3 = Math.max(0, ...doubts);
  const worst = intervals[doubts.indexOf(mostMm3)];
  if (worst === undefined || mostMm3 === 0) return undefined;
  const before = rootSumSquare(doubts);
  const after = Math.sqrt(Math.max(0, before ** 2 - mostMm3 ** 2 + 2 * (mostMm3 / 8) ** 2));
  return { atMm: (worst.fromMm + worst.toMm) / 2, buysMl: (before - after) / 1000 };
}
