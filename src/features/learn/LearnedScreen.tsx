import { useMemo, useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { shopFigures, type MonthFigures, type ShopFigures } from '../../core/learn/shopFigures';
import type { ShopPace } from '../../core/learn/shopPace';
import { ownHardener } from '../../core/resin/withHardener';
import { usePieces, useResins, useSettings } from '../../data/hooks/queries';
import { usePiecesRead } from '../../data/hooks/usePiecesRead';
import { ActionButton } from '../../ui/ActionButton';
import { MonthBars } from '../../ui/chart/MonthBars';
import { ChoiceLine } from '../../ui/fields/ChoiceLine';
import { MainFigure } from '../../ui/frame/MainFigure';
import { Screen } from '../../ui/frame/Screen';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { ownZone } from '../../ui/useNow';
import { sayMoney } from '../../words/figures';
import {
  sayEvenness,
  sayLostShare,
  sayMonth,
  sayOwnNeeds,
  sayOwnStir,
  sayPotUse,
} from '../../words/learned';
import { sayRoughG } from '../../words/rough';
import { sayRefused, sayShopRate } from '../../words/ownPace';
import { FailedWork } from '../../ui/feedback/FailedWork';
import { useShopPaces } from './useShopPaces';

interface LearnedScreenProps {
  readonly onBack: () => void;
  /** Opens the card of a resin, where it is chosen what plans go by. */
  readonly onCard: (id: string) => void;
}

/** So many months are shown, the latest last. */
const monthChoices = [
  { value: '12', label: 'the last 12' },
  { value: '24', label: 'the last 24' },
  { value: '60', label: 'the last 60' },
];

/** What all records together tell of a shop: its months, its hands, its resins. */
export function LearnedScreen({ onBack, onCard }: LearnedScreenProps) {
  const entries = usePieces().data?.records;
  const read = usePiecesRead(entries);
  const [shown, setShown] = useState('12');
  const figures = useMemo(
    () =>
      read &&
      shopFigures(
        read.map(({ piece }) => piece),
        ownZone(),
      ),
    [read],
  );
  return (
    <Screen title="Your own shop" subtitle="What your records tell" onBack={onBack}>
      {figures === undefined || entries === undefined ? (
        <MainFigure>
          <Words colour="inkSoft">Reading your records.</Words>
        </MainFigure>
      ) : (
        <>
          <Head count={entries.length} months={figures.months.slice(-Number(shown))} />
          <ChoiceLine
            label="Months"
            value={shown}
            choices={monthChoices}
            assumed={shown === '12'}
            onChange={setShown}
          />
          <Months months={figures.months.slice(-Number(shown))} />
          <Hands figures={figures} />
          <Resins onCard={onCard} />
        </>
      )}
    </Screen>
  );
}

const sum = (months: readonly MonthFigures[], of: (each: MonthFigures) => number | undefined) =>
  months.reduce((all, each) => all + (of(each) ?? 0), 0);

function Head({
  count,
  months,
}: {
  readonly count: number;
  readonly months: readonly MonthFigures[];
}) {
  const currency = useSettings().data?.currency ?? '';
  const cost = sum(months, (each) => each.cost);
  const lost = sum(months, (each) => each.lostCost);
  return (
    <MainFigure>
      <Words size="title" weight="bold">
        {count === 0
          ? 'No records yet'
          : cost > 0
            ? `${sayMoney(lost, currency)} of ${sayMoney(cost, currency)} lost`
            : `${sayRoughG(sum(months, (each) => each.mixedG))} mixed`}
      </Words>
      <Words colour="inkSoft">
        {count === 0
          ? 'The bench writes one by itself for each piece.'
          : `${sayLostShare(lost, cost)}${sum(months, (each) => each.pieces)} pieces in ${months.length} months.`}
      </Words>
    </MainFigure>
  );
}

/** Money, resin and waste month by month, each bar with the pieces behind it. */
function Months({ months }: { readonly months: readonly MonthFigures[] }) {
  const currency = useSettings().data?.currency ?? '';
  if (months.length < 2) return null;
  const charts: readonly {
    readonly title: string;
    readonly of: (month: MonthFigures) => number | undefined;
    readonly say: (value: number) => string;
  }[] = [
    { title: 'Resin mixed', of: ({ mixedG }) => mixedG, say: sayRoughG },
    { title: 'Spent on it', of: ({ cost }) => cost, say: (value) => sayMoney(value, currency) },
    {
      title: 'Of that lost',
      of: ({ lostCost }) => lostCost,
      say: (value) => sayMoney(value, currency),
    },
  ];
  return (
    <View style={styles.charts}>
      {charts.map(({ title, of, say }) => {
        const known = months.flatMap((month) => of(month) ?? []);
        if (known.length === 0) return null;
        return (
          <Chart key={title} title={`${title}: ${say(sum(months, of))}`}>
            <MonthBars
              label={`${title} by month: ${months
                .map((month) => `${sayMonth(month.month)} ${say(of(month) ?? 0)}`)
                .join(', ')}`}
              bars={months.map((month) => ({
                name: sayMonth(month.month),
                value: of(month),
                count: month.pieces,
              }))}
            />
            <Words size="small" colour="inkSoft">
              Up to {say(Math.max(...known))} in a month; under each month how many pieces.
            </Words>
          </Chart>
        );
      })}
    </View>
  );
}

const Chart = ({ title, children }: { readonly title: string; readonly children: ReactNode }) => (
  <Panel title={title} style={styles.chart}>
    {children}
  </Panel>
);

/** How evenly it is weighed, how long it is stirred, how much of its time a batch is given. */
function Hands({
  figures: { stirMin, evenness, potPercent, needs },
}: {
  readonly figures: ShopFigures;
}) {
  const lines = [
    ...(evenness.a === undefined ? [] : [`Part A: ${sayEvenness(evenness.a)}`]),
    ...(evenness.b === undefined ? [] : [`Part B: ${sayEvenness(evenness.b)}`]),
    ...sayOwnStir(stirMin),
    ...(potPercent === undefined ? [] : [sayPotUse(potPercent)]),
    ...sayOwnNeeds(needs),
  ];
  if (lines.length === 0) return null;
  return (
    <Panel title="Your hand" testID="own-hand">
      {lines.map((line) => (
        <Words key={line}>{line}</Words>
      ))}
    </Panel>
  );
}

/** Each resin that was measured, beside its label. */
function Resins({ onCard }: Pick<LearnedScreenProps, 'onCard'>) {
  const found = useShopPaces(usePieces().data?.records);
  const cards = useResins().data?.records ?? [];
  if (found === undefined || found.measured === 0) return null;
  const cardOf = ({ resin }: ShopPace) => cards.find((each) => each.resin.name === resin);
  return (
    <Panel title="Resins beside their labels" testID="own-resins">
      {found.fitted < found.measured && (
        <Words colour="inkSoft" role="status">
          Reading your records: {found.fitted} of {found.measured} pours.
        </Words>
      )}
      <FailedWork of="fit" />
      {found.paces.map((pace) => {
        const card = cardOf(pace);
        const left = sayRefused(pace.refused);
        return (
          <View key={`${pace.resin}/${pace.hardener}`} style={styles.resin}>
            <Words weight="semibold">
              {pace.hardener === ownHardener
                ? pace.resin
                : `${pace.resin}, hardener ${pace.hardener}`}
            </Words>
            <Words>
              {pace.rate === undefined
                ? 'Your readings do not tell how fast it cures.'
                : `Cures ${sayShopRate(pace.rate)}.`}
            </Words>
            {left !== '' && (
              <Words size="small" colour="inkSoft">
                {left}
              </Words>
            )}
            {card !== undefined && pace.rate !== undefined && (
              <View style={styles.row}>
                <ActionButton
                  label="Choose on its card"
                  spoken={`Choose on the card of ${pace.resin} what plans go by`}
                  onPress={() => onCard(card.id)}
                />
              </View>
            )}
          </View>
        );
      })}
    </Panel>
  );
}

const styles = StyleSheet.create({
  charts: { flexDirection: 'row', flexWrap: 'wrap', gap: space.medium },
  chart: { flexGrow: 1, flexShrink: 1, flexBasis: 260, minWidth: 0 },
  resin: { gap: space.tight },
  row: { flexDirection: 'row', flexWrap: 'wrap' },
});
