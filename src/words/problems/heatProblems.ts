import type { HeatProblems } from '../../core/codes/problems/heatProblems';
import { sayDegrees, sayMm } from '../figures';
import type { ProblemSentences } from './sentence';

/** What following the heat can refuse; mm, °C and h. */
export const heatProblems: ProblemSentences<HeatProblems> = {
  'too-deep-for-heat': (data) =>
    `${sayMm(data.depthMm)} is deeper than heat is worked out for: ${sayMm(data.deepestMm)} at the most. Check the depth and its unit.`,
  'too-hot-to-pour': (data) =>
    `Even a thin layer would pass ${sayDegrees(data.limitC)} in a room of up to ${sayDegrees(data.roomC)} with resin at ${sayDegrees(data.resinC)}. Cool the room or the resin.`,
  'day-upside-down': (data) =>
    `The coldest of the day is warmer than its warmest, ${data.highest}. Swap them.`,
  'heat-lost-itself': () =>
    'The heat could not be followed with these figures. Check depth, temperatures and pot life.',
};
