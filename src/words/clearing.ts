import { sayCoded, type Sentences } from '../core/codes/coded';
import type { Clearing, ClearingCodes } from '../core/plan/clearing';
import type { Stream } from '../core/mix/working';
import { formatPlain } from '../core/quantity/format';
import { sayDegrees, sayFineMm, sayHeight } from './figures';
import { sayRoughly } from './rough';

const titles: Sentences<ClearingCodes> = {
  'warm-bath': ({ resinC }) => `Parts out of a bath at ${sayDegrees(resinC)}`,
  thinner: ({ depthMm }) => `Layers of ${sayHeight(depthMm)}`,
  vacuum: ({ restMin }) => `${sayRoughly(restMin)} of vacuum in the cup`,
  'thin-stream': ({ fallMm }) => `A thin stream from ${sayHeight(fallMm)}`,
};

const effects: Sentences<ClearingCodes> = {
  'warm-bath': ({ smallestBubbleMm, peakC, timesFaster, isHot }) =>
    `bubbles from ${sayFineMm(smallestBubbleMm)} clear; pot life is ${formatPlain(timesFaster, 1)} times as short, and it peaks at about ${sayDegrees(peakC)}${isHot ? ': too hot for this depth' : ''}`,
  thinner: ({ smallestBubbleMm }) => `bubbles from ${sayFineMm(smallestBubbleMm)} clear`,
  vacuum: ({ smallestBubbleMm, inAirMm, pressureKPa }) =>
    `bubbles from ${sayFineMm(smallestBubbleMm)} leave the cup at ${formatPlain(pressureKPa, 0)} kPa; standing in air, from ${sayFineMm(inAirMm)}`,
  'thin-stream': ({ streamMm, pourMlPerMin }) =>
    `at ${formatPlain(pourMlPerMin, 0)} ml a minute it is about ${sayFineMm(streamMm)} thin when it lands, thicker where the resin is thick: wider bubbles burst in it. Pour slower for a thinner one`,
};

/** What falling does to a stream, for a line: 300 mm, about 2.1 mm thin. */
export const sayStream = ({ fallMm, streamMm }: Stream): string =>
  `${sayHeight(fallMm)}: a stream about ${sayFineMm(streamMm)} thin, wider bubbles burst in it`;

/** What would clear more bubbles, and what it comes to. */
export const sayClearing = (way: Clearing): readonly [title: string, effect: string] => [
  sayCoded(titles, way),
  sayCoded(effects, way),
];
