import type { PieceFacts } from '../core/record/sideBySide';
import { sayDegrees, sayG, sayHeight, sayMoney, sayPercent, sayTime } from './figures';
import { sayDate, sayRecordFaults } from './record';

/** One line of two pieces beside each other. */
export interface BesideRow {
  readonly name: string;
  readonly one: string;
  readonly other: string;
  readonly differs: boolean;
}

interface Told {
  readonly zone: string;
  readonly currency: string;
}

const notNoted = '–';

const ifKnown = (value: number | undefined, say: (value: number) => string): string | undefined =>
  value === undefined ? undefined : say(value);

const sayWholePercent = (percent: number): string => sayPercent(Math.round(percent) / 100);

/** Less than this is on its ratio, percent. */
const onRatio = 0.5;

const sayOff = (percent: number): string =>
  Math.abs(percent) < onRatio
    ? 'on it'
    : `${sayPercent(Math.abs(percent) / 100)} too ${percent > 0 ? 'much' : 'little'} B`;

/** What is told of each: a line each, in the order in which one looks for a reason. */
const lines: readonly (readonly [
  name: string,
  say: (facts: PieceFacts, told: Told) => string | undefined,
])[] = [
  ['Faults', ({ faults }) => sayRecordFaults(faults.map(({ kind }) => kind)) || 'none'],
  ['Rating', ({ rating }) => ifKnown(rating, (of) => `${of} of 5`)],
  ['Made', ({ madeAt }, { zone }) => sayDate(madeAt, zone)],
  ['Resin', ({ resins }) => resins.join(', ')],
  ['Lots', ({ lots }) => lots.join(', ') || undefined],
  ['Mixed', ({ mixedG }) => ifKnown(mixedG, sayG)],
  ['Layers and batches', ({ layers, batches }) => `${layers} and ${batches}`],
  ['Deepest layer', ({ deepestMm }) => ifKnown(deepestMm, sayHeight)],
  ['Room', ({ roomC }) => ifKnown(roomC, sayDegrees)],
  ['Humidity', ({ humidityPercent }) => ifKnown(humidityPercent, sayWholePercent)],
  ['Furthest off its ratio', ({ offPercent }) => ifKnown(offPercent, sayOff)],
  ['Stirred at the least', ({ stirredMin }) => ifKnown(stirredMin, sayTime)],
  [
    'Of a batch’s time at the most',
    ({ potShare }) => ifKnown(potShare, (share) => sayWholePercent(share * 100)),
  ],
  ['Warmest reading', ({ peakC }) => ifKnown(peakC, sayDegrees)],
  ['Timber sealed', ({ timberSealed: is }) => (is === undefined ? undefined : is ? 'yes' : 'no')],
  ['Resin for', ({ cost }, { currency }) => ifKnown(cost, (money) => sayMoney(money, currency))],
];

/** Two pieces beside each other; a line that neither has anything for is left out. */
export const sayBeside = (one: PieceFacts, other: PieceFacts, told: Told): readonly BesideRow[] =>
  lines.flatMap(([name, say]): readonly BesideRow[] => {
    const [here, there] = [say(one, told), say(other, told)];
    if (here === undefined && there === undefined) return [];
    return [{ name, one: here ?? notNoted, other: there ?? notNoted, differs: here !== there }];
  });
