import type { MixProblems } from '../../core/codes/problems/mixProblems';
import { formatPlain } from '../../core/quantity/format';
import { sayG, sayMl, sayPart, sayPercent, sayTime } from '../figures';
import { sayRoughly } from '../rough';
import { oneOf } from './phrases';
import type { ProblemSentences } from './sentence';

/** What cannot be mixed as asked; ml, g, g/ml, min and shares of 1. */
export const mixProblems: ProblemSentences<MixProblems> = {
  'container-too-small': (data) =>
    `This container would take ${data.count} batches; ${data.most} is the most. ` +
    `It holds ${sayMl(data.limitMl)} of ${sayMl(data.needMl)}. Choose a larger one.`,
  'too-many-mixes': (data) =>
    `${data.colours} colours in ${data.layers} layers would be mixed ${data.count} times; ${data.most} is the most. ` +
    'Take fewer of one of them, or colour one mix after it is divided.',
  'pot-life-too-short': (data) =>
    `The smallest batch is pourable for about ${sayRoughly(data.potLifeMin)} here, ${sayPart(data.keptBack)} of which is held in reserve, and stirring takes ${sayTime(data.stirMin)}. ` +
    'Take a slower hardener, a cooler room, or a shorter stir if the maker allows it.',
  'least-over-limit': (data) =>
    `The maker asks for batches of ${sayMl(data.leastMl)} at the least; ` +
    (data.inTime
      ? `${sayMl(data.limitMl)} is what can be poured in its pot life. Pour faster, work cooler, or take a slower hardener.`
      : `this container takes ${sayMl(data.limitMl)}. Choose a larger one.`),
  'residue-fills-cup': (data) =>
    `${sayMl(data.staysMl)} would stay in a cup that is filled with ${sayMl(data.limitMl)}. Check the unit.`,
  'no-filler-amount': () =>
    'Say how much filler: a mass, a share of the mix, a loose volume, parts to one of resin, or the pot before and after.',
  'filler-said-twice': () => 'Say how much filler in one way only.',
  'filler-over-heap': (data) =>
    `${data.name} would be ${sayPercent(data.share)} of the mix; its own loose heap packs ` +
    `${sayPercent(data.mostShare)}${data.others > 0 ? ' with the other fillers in it' : ''}, which is ${sayG(data.mostG)} here. More does not go in: resin fills only the voids.`,
  'fillers-after-mixing': () =>
    'This colour is a share of one mixed batch, so it can have no sand or chips of its own. Mix each colour by itself, or stir them into all of the pour.',
  'heap-denser-than-grain': (data) =>
    `A loose heap is lighter than its grain, ${formatPlain(data.grainGPerMl, 2)} g/ml. Check both densities.`,
  'no-such-batch': (data) => `There is no such batch: one of ${oneOf(data.choices)}.`,
  'nothing-to-correct': () => 'This resin comes in one bottle: there is no ratio to correct.',
};
