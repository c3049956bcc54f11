import type { WeighingNotice, WeighingPhase } from '../core/bench/weighing';
import type { ScaleTrouble } from '../core/instruments/scaleReading';
import { sayOnScale } from './figures';

/** Why an instrument tells nothing, by how it stands. */
type Trouble = 'not-here' | 'not-chosen' | 'not-opened' | 'lost' | 'not-understood';

const names = { scale: 'scale', thermometer: 'thermometer' } as const;

const troubleWords: Readonly<Record<Trouble, (name: string) => string>> = {
  'not-here': (name) => `There is no ${name} to be had here. Go on by hand.`,
  'not-chosen': (name) => `No ${name} was chosen. Choose one again, or go on by hand.`,
  'not-opened': (name) => `The ${name} does not open: something else has it. Go on by hand.`,
  lost: (name) => `The ${name} is lost: look at its cable. Go on by hand, or wait for it.`,
  'not-understood': (name) =>
    `What the ${name} says is no reading. Set its speed, parity and format as its manual says.`,
};

/** How an instrument stands while it tells nothing. */
export const sayTrouble = (
  kind: keyof typeof names,
  is: 'opening' | 'live' | 'trouble',
  trouble: Trouble | undefined,
): string =>
  is === 'trouble' && trouble !== undefined
    ? troubleWords[trouble](names[kind])
    : `Waiting for the ${names[kind]}.`;

export const scaleTroubleWords: Readonly<Record<ScaleTrouble, string>> = {
  overload: 'Too much on the scale: take it off.',
  underload: 'The scale reads below what it can. Is its pan on?',
  fault: 'The scale has a fault. Go on by hand.',
  'not-calibrated': 'The scale wants to be set to zero or calibrated.',
};

/**
 * What is to be done before anything is poured, or goes on being poured.
 * @param standsG on the scale untared, or when it was lifted
 */
export function sayPhase(
  phase: WeighingPhase,
  standsG: number,
  stepG: number,
): { readonly text: string; readonly stop: boolean } | undefined {
  const g = `${sayOnScale(standsG, stepG)} g`;
  switch (phase) {
    case 'bare':
      return { text: 'Put the cup on the scale and tare it.', stop: false };
    case 'cup':
      return { text: `A cup of ${g}: tare the scale.`, stop: false };
    case 'asked':
      return { text: `Tared with ${g} on it. Was that the cup?`, stop: true };
    case 'lifted':
      return { text: `The cup is off the scale. Put it back: it holds ${g}.`, stop: true };
    case 'pouring':
      return undefined;
  }
}

/** Less than this is the same cup put back. */
export function sayWeighingNotice(notice: WeighingNotice, stepG: number): string | undefined {
  switch (notice.code) {
    case 'tared':
      return undefined;
    case 'unit':
      return `The scale now shows ${notice.to}, no longer ${notice.from}. Here it stays grams.`;
    case 'lifted':
      return undefined;
    case 'back':
      return Math.abs(notice.differenceG) <= Math.max(2 * stepG, 1)
        ? undefined
        : `The cup came back with ${sayOnScale(Math.abs(notice.differenceG), stepG)} g ${notice.differenceG > 0 ? 'more' : 'less'}.`;
  }
}

export const driverNames = {
  hand: 'By hand',
  simulated: 'Simulated',
  serial: 'Serial port',
  hid: 'USB scale',
} as const;

export const handNames = {
  exact: 'To the drop',
  careful: 'Careful',
  usual: 'Usual',
  hasty: 'Hasty',
} as const;
