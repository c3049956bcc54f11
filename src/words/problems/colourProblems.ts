import type { ColourProblems } from '../../core/codes/problems/colourProblems';
import { formatPlain } from '../../core/quantity/format';
import { familyOf } from '../../core/resin/families';
import { sayDose, sayMl, sayPercent } from '../figures';
import { pigmentNames } from '../names';
import type { ProblemSentences } from './sentence';

/** What cannot be coloured as asked; g, ml and shares of 1. */
export const colourProblems: ProblemSentences<ColourProblems> = {
  'no-dose': () => 'Say how much: a share like 0.5 %, drops, or the pot before and after.',
  'dose-said-twice': () => 'Say how much in one way only.',
  'drops-not-weighed': () => 'Weigh twenty drops of this bottle, like 0.62 g.',
  'portion-said-twice': () => 'Say it as a share, as a volume or as the rest: one of them.',
  'not-a-colour': () => 'A colour is written like #1f6f78.',
  'pot-not-lighter': (data) =>
    `The pot must be lighter afterwards than before, ${formatPlain(data.beforeG, 2)} g.`,
  'test-cup-needs-depth': () =>
    'Nothing here has a depth, so a test cup says nothing of it. Give the dose as it is.',
  'pigment-wrong-family': (data) =>
    `${pigmentNames[data.kind]} spoils ${familyOf(data.family).name.toLowerCase()}: it foams or stays soft. ` +
    'Use powder, or a paste made for this family.',
  'pigment-over-limit': (data) =>
    `${sayDose(data.share)} of the mix is more than the ` +
    `${data.byLabel === true ? 'label allows' : 'cure bears'}, ${sayDose(data.limit)}: it would stay soft. Use less, or a stronger pigment.`,
  'no-such-layer': (data) => `There is no such layer: a number from 1 to ${data.layers}.`,
  'portions-over-whole': (data) =>
    `The colours come to ${sayPercent(data.sum)}, ${sayMl(data.overMl)} more than there is. Make one smaller, or call it the rest.`,
  'portions-short': (data) =>
    `The colours come to ${sayPercent(data.sum)}; ${sayMl(data.missingMl)} have none. Call one of them the rest.`,
  'portions-overlap': (data) =>
    `Cavity ${data.cavity} in layer ${data.layer} would have two colours. Divide it by cavities or by layers.`,
  'portion-of-nothing': () => 'That cavity ends below that layer: there is nothing to colour.',
};
