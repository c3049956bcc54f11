import type { CardProblems } from '../../core/codes/problems/cardProblems';
import { formatPlain } from '../../core/quantity/format';
import { sayC, sayTime } from '../figures';
import { oneOf, shown } from './phrases';
import type { ProblemSentences } from './sentence';

/** What a card of a resin can have wrong; g/ml, min, g and °C. */
export const cardProblems: ProblemSentences<CardProblems> = {
  'no-such-hardener': (data, value) =>
    `The card has no hardener ${shown(value)}. It has ${oneOf(data.choices)}.`,
  'ratio-rules-unsaid': () =>
    'Both ratios are given; say which of them the maker states, by volume or by weight.',
  'not-a-ratio': () => 'A ratio is two figures as on the label, like 2 : 1 or 100 : 45.',
  'ratio-out-of-range': (data) =>
    `One part is more than ${data.mostToOne} times the other; nobody can measure that. Check both figures.`,
  'not-a-density': (data) =>
    `That makes ${formatPlain(data.densityGPerMl, 2)} g/ml, which no part of a resin weighs. Check both units, and take off the cup.`,
  'pot-life-out-of-model': (data) =>
    `No resin of this family has a pot life of ${sayTime(data.potLifeMin)} in a cup of ${formatPlain(data.massG, 0)} g at ${sayC(data.temperatureC)}. Check the time, its unit and the family on the card.`,
};
