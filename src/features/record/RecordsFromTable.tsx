import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { InputError } from '../../core/problem';
import type { TableRows } from '../../core/learn/readingsTable';
import type { PieceRecord } from '../../core/record/recordSchema';
import {
  areDatesUnclear,
  guessRecords,
  readRecords,
  recordColumns,
  type RecordsHow,
} from '../../core/record/recordsTable';
import { useResins } from '../../data/hooks/queries';
import { usePieceActions } from '../../data/hooks/usePieceActions';
import { ActionButton } from '../../ui/ActionButton';
import { FileProblem } from '../../ui/feedback/FileProblem';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { ChoiceLine } from '../../ui/fields/ChoiceLine';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { ownZone } from '../../ui/useNow';
import { TableMarks, tried } from './TableMarks';
import { faultNames } from '../../words/diagnosis';
import { recordColumnNames, sayDate } from '../../words/record';

interface RecordsFromTableProps {
  readonly rows: TableRows;
  readonly onDone: () => void;
}

/** Records out of a table of one's own: how it is read is shown and asked, and what comes of it, before anything is kept. */
export function RecordsFromTable({ rows, onDone }: RecordsFromTableProps) {
  const guessed = useMemo(() => tried(() => guessRecords(rows)), [rows]);
  const [changed, setChanged] = useState<RecordsHow>();
  const [wasAsked, setAsked] = useState(false);
  const { data: resins } = useResins();
  const { createAll } = usePieceActions();
  const notice = useNotice();
  const how = changed ?? (guessed instanceof InputError ? undefined : guessed);
  const read = useMemo(
    () =>
      how === undefined
        ? undefined
        : tried(() =>
            readRecords(rows, how, {
              zone: ownZone(),
              cards: (resins?.records ?? []).map(({ resin }) => resin),
              faultNames,
            }),
          ),
    [rows, how, resins],
  );
  if (how === undefined || read === undefined) {
    return (
      <Panel title="From a table">
        <FileProblem problem={guessed instanceof InputError ? guessed.asProblem() : undefined} />
        <View style={styles.row}>
          <ActionButton kind="bare" label="Leave it" onPress={onDone} />
        </View>
      </Panel>
    );
  }
  const isWrong = read instanceof InputError;
  const asksDates = !wasAsked && areDatesUnclear(rows, how);
  const change = (more: Partial<RecordsHow>): void => setChanged({ ...how, ...more });
  const take = async (pieces: readonly PieceRecord[]): Promise<void> => {
    const undo = await createAll(pieces);
    notice({ text: `${pieces.length} records are kept.`, undo });
    onDone();
  };
  return (
    <Panel title="From a table" testID="records-from-table">
      <Columns rows={rows} how={how} onChange={(columns) => change({ columns })} />
      <ChoiceLine
        label="4/5/2026 is"
        value={how.dates}
        choices={dateOrders}
        asks={asksDates}
        onChange={(dates) => {
          setAsked(true);
          change({ dates });
        }}
      />
      <TableMarks degrees={how.degrees} decimal={how.decimal} onChange={change} />
      <ChoiceLine
        label="Weights are in"
        value={how.weights}
        choices={weights}
        onChange={(unit) => change({ weights: unit })}
      />
      {isWrong ? (
        <FileProblem problem={read.asProblem()} />
      ) : (
        <Words role="status">
          {sayFound(read)}
          {asksDates ? ' Say first which way its days are written.' : ''}
        </Words>
      )}
      <View style={styles.row}>
        {!isWrong && read.length > 0 && (
          <ActionButton
            kind="main"
            label={`Take ${read.length} ${read.length === 1 ? 'record' : 'records'}`}
            disabled={asksDates}
            onPress={() => void take(read)}
          />
        )}
        <ActionButton kind="bare" label="Leave it" onPress={onDone} />
      </View>
    </Panel>
  );
}

const dateOrders = [
  { value: 'day', label: '4 May 2026' },
  { value: 'month', label: '5 April 2026' },
] as const;
const weights = [
  { value: 'g', label: 'grams' },
  { value: 'oz', label: 'ounces' },
] as const;
const nowhere = '';

interface ColumnsProps {
  readonly rows: TableRows;
  readonly how: RecordsHow;
  readonly onChange: (columns: RecordsHow['columns']) => void;
}

/** Which column holds what. */
function Columns({ rows, how, onChange }: ColumnsProps) {
  const choices = [
    { value: nowhere, label: 'no column' },
    ...Object.keys(rows[0] ?? {}).map((name) => ({ value: name, label: name })),
  ];
  return recordColumns.map((column) => (
    <ChoiceLine
      key={column}
      label={recordColumnNames[column]}
      value={how.columns[column] ?? nowhere}
      choices={choices}
      assumed={how.columns[column] === undefined}
      onChange={(name) =>
        onChange({ ...how.columns, [column]: name === nowhere ? undefined : name })
      }
    />
  ));
}

function sayFound(pieces: readonly PieceRecord[]): string {
  const days = pieces.map(({ madeAt }) => madeAt);
  if (days.length === 0) return 'There is no row in it.';
  const batches = pieces
    .flatMap(({ pours }) => pours.flatMap(({ layers }) => layers))
    .reduce((sum, layer) => sum + layer.batches.length, 0);
  const [first, last] = [Math.min(...days), Math.max(...days)];
  return `${pieces.length} ${pieces.length === 1 ? 'piece' : 'pieces'} with ${batches} ${batches === 1 ? 'batch' : 'batches'}, ${sayDate(first, ownZone())} to ${sayDate(last, ownZone())}.`;
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
