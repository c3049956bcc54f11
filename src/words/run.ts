import { sayCoded, type Sentences } from '../core/codes/coded';
import type { RunStand } from '../core/bench/runLanes';
import type { BetweenWay, FillWay } from '../core/production/castingSchema';
import type { CastingSection } from '../core/plan/familySections';
import type { Bottleneck, RunSection, RunWay } from '../core/production/runSection';
import type { RunAct } from '../core/production/runSchedule';
import { formatPlain } from '../core/quantity/format';
import { sayMm, sayMoney, sayPercent, sayG } from './figures';
import { sayRoughly } from './rough';

const counted = (count: number, one: string, several = `${one}s`): string =>
  count === 1 ? `one ${one}` : `${formatPlain(count, 0)} ${several}`;

/** Hours and minutes, as a clock of a run is told: 4 h 18 min. */
export function sayHoursMinutes(minutes: number): string {
  const whole = Math.round(minutes);
  const [hours, rest] = [Math.floor(whole / 60), whole % 60];
  if (hours === 0) return `${rest}\u00a0min`;
  return rest === 0 ? `${hours}\u00a0h` : `${hours}\u00a0h ${rest}\u00a0min`;
}

/** How long all of it takes, and on which day it is done. */
export function sayRunTime({
  makespanMin,
  days,
  fillsADay,
  lastDayMin,
  dayMin,
}: RunSection): string {
  if (fillsADay === 0)
    return `Not one mould is filled and emptied in ${sayHoursMinutes(dayMin)} a day.`;
  return days === 1
    ? sayHoursMinutes(makespanMin)
    : `${days} days, the last one ${sayHoursMinutes(lastDayMin)}`;
}

/** What is cast for what is wanted. */
export const sayCast = ({ wanted, cast, spare, rejectShare, mixes, rhythm }: RunSection): string =>
  `${counted(cast, 'casting')} for ${counted(wanted, 'good one')}` +
  `${rejectShare === 0 ? '' : `, ${sayPercent(rejectShare)} thrown away`}` +
  `${spare === 0 ? '' : `, ${spare} to spare`}: ${counted(mixes, 'mix', 'mixes')}, each fills ${counted(rhythm.perMix, 'mould')}.`;

/** How a run stands at the bench. */
export const sayRunStand = ({ good, cast, wanted }: RunStand): string =>
  `${good} good of ${wanted} wanted${cast > good ? `, ${cast - good} thrown away` : ''}`;

/** What is put into a mould before it is filled again. */
export const betweenWords: Readonly<Record<BetweenWay, string>> = {
  powder: 'powder, the loose of it knocked out, ',
  release: 'a breath of release, left to dry, ',
  nothing: '',
};

export const betweenNames: Readonly<Record<BetweenWay, string>> = {
  powder: 'Powder: it draws bubbles off the walls',
  release: 'Release: it spares the mould',
  nothing: 'Nothing',
};

export const fillNames: Readonly<Record<FillWay, string>> = {
  half: 'Half, tilted all round, then full',
  'at-once': 'All at once',
};

/** When a casting may be tried, and why later than on its label. */
export const sayOut = ({ thin, outMin }: CastingSection): string | undefined =>
  outMin === undefined
    ? undefined
    : `It may be tried after ${sayRoughly(outMin)}${
        thin === undefined || thin.timesSlower < 1.05
          ? ''
          : `, ${formatPlain(thin.timesSlower, 1)} times the label: ${thin.from === 'typed' ? '' : 'on the whole '}${sayMm(Math.round(thin.thicknessMm * 10) / 10)} thick, it keeps little of its heat`
      }. Hot, then cooling, is the sign.`;

export const warmthWords = { hot: 'It is hot', cooling: 'It cools: try it' } as const;

export const bottleneckWords: Readonly<Record<Bottleneck, string>> = {
  hands: 'Hands hold it up: they are busy nearly all the time.',
  moulds: 'Moulds hold it up: hands wait for them to cure.',
  pot: 'The pot holds it up: one mix at a time is under pressure.',
};

/** How busy hands and moulds are. */
export const sayShares = ({ handsShare, mouldsShare, shotsPerHour }: RunSection): string =>
  `Hands busy ${sayPercent(Math.round(handsShare * 100) / 100)} of the time, moulds ${sayPercent(Math.round(mouldsShare * 100) / 100)}; ${formatPlain(shotsPerHour, 1)} moulds an hour.`;

/** Whether it was looked for to the end. */
export const sayExact = ({ exact }: RunSection): string =>
  exact
    ? 'No order of mixing and emptying is quicker.'
    : 'The best of many orders: not all of them were tried.';

const ways: Sentences<{
  [Code in RunWay['code']]: Extract<RunWay, { readonly code: Code }>['data'];
}> = {
  'one-more-mould': ({ moulds }) => `One more mould (${moulds})`,
  'second-pair-of-hands': ({ hands }) =>
    hands === 2 ? 'A second pair of hands' : `${hands} people`,
  'faster-resin': ({ name, demouldMin }) => `${name}, out after ${sayRoughly(demouldMin)}`,
  'more-a-mix': ({ perMix }) => `${counted(perMix, 'mould')} from one mix`,
};

/** What would make it shorter, and by how much. */
export const sayRunWay = (way: RunWay): readonly [string, string, string] => [
  sayCoded(ways, way),
  sayHoursMinutes(way.makespanMin),
  `${sayHoursMinutes(way.savesMin)} sooner`,
];

/** What moulds have behind them when it is over. */
export function sayWear({ wear }: RunSection): string {
  const { soFar, after, lasts, newMoulds, wornAfterFills } = wear;
  const told = `${counted(after, 'casting')} each when it is over${soFar === undefined || soFar === 0 ? '' : `, ${soFar} before`}.`;
  if (lasts === undefined) return `${told} Say how many a mould lasts, and wear is counted.`;
  return newMoulds === 0
    ? `${told} They last ${lasts}.`
    : `${told} They last ${lasts}: ${wornAfterFills === 0 ? 'worn out now' : `worn out after ${wornAfterFills} more`}, so ${counted(newMoulds, 'new mould')}.`;
}

/** What one good piece costs. */
export function sayRunCost({ cost }: RunSection, currency: string): string {
  if (cost.each === undefined) return 'No price on the card.';
  const parts = [
    ...(cost.resin === undefined ? [] : [`resin ${sayMoney(cost.resin, currency)}`]),
    ...(cost.rubber === undefined ? [] : [`rubber ${sayMoney(cost.rubber, currency)}`]),
  ];
  return `${sayMoney(cost.each, currency)} a piece: ${parts.join(', ')}.`;
}

/** One mix, and all of them. */
export const sayMixOfRun = ({ mixG, totalG, mixes }: RunSection): string =>
  `${sayG(mixG)}${mixes === 1 ? '' : `, ${sayG(totalG)} in all`}`;

/** One line of the table: when, what, with which moulds. */
export function sayAct({ does, moulds }: RunAct): string {
  const names = moulds.map((mould) => mould + 1).join(', ');
  return does === 'mix'
    ? `Mix, fill ${moulds.length === 1 ? 'mould' : 'moulds'} ${names}`
    : `Empty mould ${names}, make it ready`;
}
