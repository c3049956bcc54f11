import { useMemo, useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { faultKinds } from '../../core/record/faults';
import type { PieceEntry } from '../../data/records/pieceEntry';
import { ChoiceLine } from '../../ui/fields/ChoiceLine';
import { FieldRow } from '../../ui/fields/FieldRow';
import { MomentField } from '../../ui/fields/MomentField';
import { FoldPanel } from '../../ui/FoldPanel';
import { faultNames } from '../../words/diagnosis';
import { namesIn, type Sought } from './findRecords';

interface RecordFiltersProps {
  readonly all: readonly PieceEntry[];
  readonly sought: Sought;
  readonly onNarrow: (change: Partial<Sought>) => void;
  /** What is done with those that are found. */
  readonly children: ReactNode;
}

/** Narrows nothing. */
const unlimited = '';
const between = 'between';
const any = { value: unlimited, label: 'any' };
const namedFilters = [
  ['resin', 'Resin'],
  ['lot', 'Lot'],
  ['mould', 'Mould'],
] as const;
const madeChoices = [
  { value: unlimited, label: 'at any time' },
  { value: '31', label: 'in the last month' },
  { value: '92', label: 'in the last three months' },
  { value: '366', label: 'in the last year' },
  { value: between, label: 'between two days' },
];
const msPerDay = 24 * 60 * 60_000;
const faultChoices = [
  { value: unlimited, label: 'any or none' },
  { value: 'any', label: 'with a fault' },
  { value: 'none', label: 'without a fault' },
  ...faultKinds.map((kind) => ({ value: kind, label: faultNames[kind] })),
];
const ratingChoices = [
  { value: unlimited, label: 'any' },
  ...[5, 4, 3, 2, 1].map((least) => ({
    value: String(least),
    label: least === 5 ? '5 of 5' : `${least} or more of 5`,
  })),
];

/** How many things narrow the list besides words. */
const countOf = ({ words: _, from, to, ...named }: Sought): number =>
  Object.values(named).filter((each) => each !== undefined).length +
  (from === undefined && to === undefined ? 0 : 1);

/** What a list of records is narrowed to, folded: names are counted when somebody looks at them. */
export function RecordFilters(props: RecordFiltersProps) {
  const count = countOf(props.sought);
  return (
    <FoldPanel
      title="Narrow it down, save a table"
      summary={count === 0 ? 'resin, lot, mould, faults, rating, days' : `by ${count} things`}
      testID="record-filters"
    >
      <Filters {...props} />
      <View style={styles.row}>{props.children}</View>
    </FoldPanel>
  );
}

function Filters({ all, sought, onNarrow }: Omit<RecordFiltersProps, 'children'>) {
  const { fault, rating } = sought;
  const names = useMemo(
    () => ({
      resin: namesIn(all, 'resins'),
      lot: namesIn(all, 'lots'),
      mould: namesIn(all, 'moulds'),
    }),
    [all],
  );
  return (
    <>
      {namedFilters.map(([key, label]) =>
        names[key].length === 0 ? null : (
          <ChoiceLine
            key={key}
            label={label}
            value={sought[key] ?? unlimited}
            choices={[any, ...names[key].map((name) => ({ value: name, label: name }))]}
            assumed={sought[key] === undefined}
            onChange={(name) => onNarrow({ [key]: name === unlimited ? undefined : name })}
          />
        ),
      )}
      <ChoiceLine
        label="Faults"
        value={fault ?? unlimited}
        choices={faultChoices}
        assumed={fault === undefined}
        onChange={(chosen) =>
          onNarrow({ fault: chosen === unlimited ? undefined : (chosen as Sought['fault']) })
        }
      />
      <ChoiceLine
        label="Rating"
        value={rating === undefined ? unlimited : String(rating)}
        choices={ratingChoices}
        assumed={rating === undefined}
        onChange={(least) => onNarrow({ rating: least === unlimited ? undefined : Number(least) })}
      />
      <Made {...{ sought, onNarrow }} />
    </>
  );
}

/** The beginning of a day where the person is, ms; undefined for none. */
const beginOf = (day: string): number | undefined => {
  const at = day === '' ? NaN : Date.parse(`${day}T00:00`);
  return Number.isNaN(at) ? undefined : at;
};

function Made({ sought, onNarrow }: Pick<RecordFiltersProps, 'sought' | 'onNarrow'>) {
  const [made, setMade] = useState(
    sought.from === undefined && sought.to === undefined ? unlimited : between,
  );
  const [days, setDays] = useState({ from: '', to: '' });
  const within = (next: typeof days): void => {
    setDays(next);
    const last = beginOf(next.to);
    onNarrow({
      from: beginOf(next.from),
      to: last === undefined ? undefined : last + msPerDay - 1,
    });
  };
  return (
    <>
      <ChoiceLine
        label="Made"
        value={made}
        choices={madeChoices}
        assumed={made === unlimited}
        onChange={(chosen) => {
          setMade(chosen);
          if (chosen === between) return within(days);
          onNarrow({
            from: chosen === unlimited ? undefined : Date.now() - Number(chosen) * msPerDay,
            to: undefined,
          });
        }}
      />
      {made === between && (
        <FieldRow>
          <MomentField
            label="From"
            value={days.from}
            onChange={(from) => within({ ...days, from })}
            onlyDay
          />
          <MomentField
            label="Up to"
            value={days.to}
            onChange={(to) => within({ ...days, to })}
            onlyDay
          />
        </FieldRow>
      )}
    </>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap' } });
