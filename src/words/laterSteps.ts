import { sayCoded, type Sentences } from '../core/codes/coded';
import type { LaterCodes, LaterStep } from '../core/bench/laterSteps';
import { betweenWords } from './run';
import { sayMm } from './figures';
import { lampCaution, saySeconds } from './lamp';
import { potCaution, sayGauge } from './pressures';
import { sayRoughly } from './rough';

type Lines<Codes> = { readonly [C in keyof Codes]: (data: Codes[C]) => readonly string[] };

const titles: Sentences<LaterCodes> = {
  lamp: ({ timeS }) => `Under the lamp, about ${saySeconds(timeS)}`,
  'close-pot': ({ gaugeKPa }) => `Into the pot: ${sayGauge(gaugeKPa)}`,
  'open-pot': () => 'Let the air out, then open',
  'empty-mould': ({ mould }) => `Empty mould ${mould}`,
  'add-inclusion': ({ name }) => `Put in ${name}`,
};

const lines: Lines<LaterCodes> = {
  lamp: ({ firstS, steps, stepS }) => [
    `${saySeconds(firstS)} to begin with${steps === 0 ? '.' : `, then ${steps} × ${saySeconds(stepS)}.`}`,
    'Touch a hidden edge: still sticky below means another step.',
    lampCaution,
  ],
  'close-pot': ({ potLifeMin }) => [
    potLifeMin === undefined
      ? 'Before it thickens.'
      : `Within ${sayRoughly(potLifeMin)} of A meeting B: after that bubbles stay as they are.`,
    potCaution,
  ],
  'open-pot': ({ holdMin }) => [
    `Held ${sayRoughly(holdMin)}.`,
    'Dial at nothing before a clamp is touched.',
  ],
  'empty-mould': ({ cavities, handlingMin, between }) => [
    'Hot, then cooling: that is the sign. Try an edge first; what bends, or leaves a mark of the nail, stays in.',
    `${cavities === 1 ? 'One piece' : `${cavities} pieces`} out, thinnest part last; clean it, ${betweenWords[between]}close it: about ${sayRoughly(handlingMin)}.`,
  ],
  'add-inclusion': ({ withinMm, beforeGelMin }) => [
    `Strew it in evenly and stir it under gently: it stays within ${sayMm(withinMm)} now.`,
    `It gels in about ${sayRoughly(beforeGelMin)}: sooner it sinks, later it does not go in.`,
  ],
};

/** What is done, and how. */
export const sayLater = (step: LaterStep): readonly [title: string, lines: readonly string[]] => [
  sayCoded(titles, step),
  (lines[step.code] as (data: LaterStep['data']) => readonly string[])(step.data),
];
