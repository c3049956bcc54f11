import type { OwnFigure } from '../core/learn/medianOf';
import type { OwnNeeds } from '../core/learn/ownNeeds';
import type { Evenness, ShopFigures } from '../core/learn/shopFigures';
import type { OverageKind } from '../core/measure/allowances/overage';
import { formatPlain } from '../core/quantity/format';
import { sayMl, sayPercent, sayPigmentG, sayTime } from './figures';

const many = (count: number): string => (count === 1 ? 'one batch' : `${count} batches`);

/** `2026-05` as `May`. */
export function sayMonth(month: string): string {
  const [year = '', of = ''] = month.split('-');
  return new Intl.DateTimeFormat('en-GB', { month: 'short', timeZone: 'UTC' }).format(
    Date.UTC(Number(year), Number(of) - 1, 15),
  );
}

/** Less is as good as even, percent. */
const evenPercent = 0.05;

/** How evenly somebody weighs: `0.3 % over on the whole, ± 0.4 %, 38 batches`. */
export function sayEvenness({ meanPercent, spreadPercent, count }: Evenness): string {
  const mean =
    Math.abs(meanPercent) < evenPercent
      ? 'on its figure on the whole'
      : `${formatPlain(Math.abs(meanPercent), 1)} % ${meanPercent > 0 ? 'over' : 'under'} on the whole`;
  return `${mean}, ± ${formatPlain(spreadPercent, 1)} %, ${many(count)}`;
}

const kindNames: Readonly<Record<keyof ShopFigures['stirMin'], string>> = {
  epoxy: 'epoxy',
  polyurethane: 'polyurethane',
  polyester: 'polyester',
  silicone: 'silicone',
  uv: 'lamp-cured resin',
};

/** How long it is stirred, a line for each kind of resin. */
export const sayOwnStir = (stirMin: ShopFigures['stirMin']): readonly string[] =>
  (Object.keys(stirMin) as (keyof typeof stirMin)[]).flatMap((kind) => {
    const own = stirMin[kind];
    return own === undefined
      ? []
      : [`You stir ${kindNames[kind]} for ${sayTime(own.median)}, ${many(own.count)}`];
  });

/** How much of its time a batch is given. */
export const sayPotUse = ({ median, count }: OwnFigure): string =>
  `A batch is in the mould at ${sayPercent(Math.round(median) / 100)} of its pot life, ${many(count)}`;

/** `4 % of what was spent. ` */
export const sayLostShare = (lost: number, cost: number): string =>
  cost > 0 ? `${sayPercent(Math.round((lost / cost) * 100) / 100)} of what was spent. ` : '';

const pours = (count: number): string => (count === 1 ? 'one pour' : `${count} pours`);

const jobKinds: Readonly<Record<OverageKind, string>> = {
  'open-mould': 'Open moulds',
  general: 'General work',
  porous: 'Porous or leaky work',
};

const offCavity = (percent: number): string =>
  Math.abs(percent) < 0.5
    ? 'what was measured'
    : `${formatPlain(Math.abs(percent), 0)} % ${percent > 0 ? 'more' : 'less'} than was measured`;

/** What pours really took, how fast they were poured, what drops weigh: a line for each. */
export function sayOwnNeeds({
  overagePercent,
  grainPercent,
  pourMlPerMin,
  twentyDropsG,
}: OwnNeeds): readonly string[] {
  const kinds = Object.keys(overagePercent) as OverageKind[];
  const rates = Object.keys(pourMlPerMin) as (keyof typeof pourMlPerMin)[];
  return [
    ...kinds.map((kind) => {
      const { median, count } = overagePercent[kind]!;
      return `${jobKinds[kind]} took ${offCavity(median)}, ${pours(count)}`;
    }),
    ...(grainPercent === undefined
      ? []
      : [
          `Cavities measured with grain took ${offCavity(grainPercent.median)}, ${pours(grainPercent.count)}`,
        ]),
    ...rates.map((kind) => {
      const { median, count } = pourMlPerMin[kind]!;
      return `You pour ${kindNames[kind]} at ${sayMl(median)} a minute, ${many(count)}`;
    }),
    ...twentyDropsG.map(
      ({ pigment, median, count }) =>
        `Twenty drops of ${pigment} weigh ${sayPigmentG(median)}, ${pours(count)}`,
    ),
  ];
}
