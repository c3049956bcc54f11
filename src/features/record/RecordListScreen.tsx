import { useDeferredValue, useMemo, useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { faultKinds } from '../../core/record/faults';
import { chooseJsonFile } from '../../data/files/chooseTextFile';
import { saveUnreadable } from '../../data/files/everything';
import { download } from '../../data/files/download';
import { readRecordFile, recordsCsv } from '../../data/files/recordFile';
import { useAttempt } from '../../data/hooks/useAttempt';
import { usePieces } from '../../data/hooks/queries';
import { usePieceActions } from '../../data/hooks/usePieceActions';
import { pieces as pieceKind } from '../../data/kinds/kinds';
import type { PieceEntry } from '../../data/records/pieceEntry';
import { ActionButton } from '../../ui/ActionButton';
import { PressLink } from '../../ui/PressLink';
import { Icon } from '../../ui/icons/Icon';
import { Panel } from '../../ui/Panel';
import { StateMark } from '../../ui/StateMark';
import { FileProblem } from '../../ui/feedback/FileProblem';
import { UnreadableNotice } from '../../ui/feedback/UnreadableNotice';
import { ChoiceLine } from '../../ui/fields/ChoiceLine';
import { TextField } from '../../ui/fields/TextField';
import { Screen } from '../../ui/frame/Screen';
import { ListCount } from '../../ui/list/ListCount';
import { Rows } from '../../ui/list/Rows';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { corner, space, touch } from '../../ui/theme/tokens';
import { ownZone } from '../../ui/useNow';
import { faultNames } from '../../words/diagnosis';
import { sayRecordFacts, sayRecordFaults } from '../../words/record';
import { findRecords, namesIn, type Sought } from './findRecords';

interface RecordListScreenProps {
  /** Stands under the title: jobs beside records. */
  readonly tabs: ReactNode;
  readonly onOpen: (id: string) => void;
  /** Goes to what all of them together tell. */
  readonly onLearned: () => void;
}

/** Narrows nothing. */
const unlimited = '';
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

/** From so many on one looks for a record by what is in it. */
const findFrom = 6;

const keyOf = ({ id }: PieceEntry): string => id;

/** What happened to every piece, the one made last on top. */
export function RecordListScreen({ tabs, onOpen, onLearned }: RecordListScreenProps) {
  const colours = useColours();
  const { data: pieces } = usePieces();
  const { create, readEach } = usePieceActions();
  const file = useAttempt();
  const openFile = (): Promise<void> =>
    file.attempt(async () => {
      const text = await chooseJsonFile();
      if (text === undefined) return;
      onOpen(await create(readRecordFile(text)));
    });
  const [sought, setSought] = useState<Sought>({ words: '' });
  const [made, setMade] = useState(unlimited);
  const late = useDeferredValue(sought);
  const all = pieces?.records;
  const found = useMemo(() => findRecords(all ?? [], late), [all, late]);
  const names = useMemo(
    () => ({
      resin: namesIn(all ?? [], 'resins'),
      lot: namesIn(all ?? [], 'lots'),
      mould: namesIn(all ?? [], 'moulds'),
    }),
    [all],
  );
  const row = useMemo(
    () =>
      function Row(entry: PieceEntry) {
        return <RecordRow entry={entry} onOpen={() => onOpen(entry.id)} />;
      },
    [onOpen],
  );
  if (pieces === undefined || all === undefined) return null;
  const saveTable = async (): Promise<void> =>
    download(
      'records.csv',
      await recordsCsv((await readEach(found)).map(({ piece }) => piece)),
      'text/csv',
    );
  const narrow = (change: Partial<Sought>): void => setSought({ ...sought, ...change });
  return (
    <Screen
      title="Jobs"
      aside={<ListCount count={all.length} what={pieceKind.counted} />}
      rememberedAs="records"
      head={tabs}
      foot={
        <>
          <ActionButton
            icon="folder-open"
            label="Open a file"
            onPress={() => void openFile()}
            style={styles.main}
          />
          {found.length > 0 && (
            <ActionButton label="Save as a table" onPress={() => void saveTable()} />
          )}
        </>
      }
    >
      <FileProblem problem={file.problem} />
      <UnreadableNotice
        count={pieces.unreadable.length}
        what={pieceKind.counted}
        onSave={() => saveUnreadable(pieces.unreadable)}
      />
      {all.length >= findFrom && (
        <View>
          <PressLink onPress={onLearned} style={[styles.tell, { borderBottomColor: colours.line }]}>
            <View style={styles.tellRow}>
              <Words weight="semibold" style={styles.words}>
                What your records tell
              </Words>
              <Icon name="chevron-right" colour={colours.ink} size={22} />
            </View>
          </PressLink>
          <TextField
            label={`Find among ${all.length} records`}
            value={sought.words}
            onChange={(words) => narrow({ words })}
          />
          {namedFilters.map(([key, label]) =>
            names[key].length === 0 ? null : (
              <ChoiceLine
                key={key}
                label={label}
                value={sought[key] ?? unlimited}
                choices={[any, ...names[key].map((name) => ({ value: name, label: name }))]}
                assumed={sought[key] === undefined}
                onChange={(name) => narrow({ [key]: name === unlimited ? undefined : name })}
              />
            ),
          )}
          <ChoiceLine
            label="Faults"
            value={sought.fault ?? unlimited}
            choices={faultChoices}
            assumed={sought.fault === undefined}
            onChange={(fault) =>
              narrow({ fault: fault === unlimited ? undefined : (fault as Sought['fault']) })
            }
          />
          <ChoiceLine
            label="Rating"
            value={sought.rating === undefined ? unlimited : String(sought.rating)}
            choices={ratingChoices}
            assumed={sought.rating === undefined}
            onChange={(rating) =>
              narrow({ rating: rating === unlimited ? undefined : Number(rating) })
            }
          />
          <ChoiceLine
            label="Made"
            value={made}
            choices={madeChoices}
            assumed={made === unlimited}
            onChange={(days) => {
              setMade(days);
              narrow({
                from: days === unlimited ? undefined : Date.now() - Number(days) * msPerDay,
              });
            }}
          />
        </View>
      )}
      {all.length === 0 ? (
        <Panel title="No records yet">
          <Words>
            The bench writes one by itself as soon as a layer is poured: what was weighed, when, how
            warm it was. Open a job and begin its pour.
          </Words>
        </Panel>
      ) : found.length === 0 ? (
        <Words role="status">No record is like that.</Words>
      ) : (
        <Rows items={found} keyOf={keyOf} aboutHigh={92} row={row} />
      )}
    </Screen>
  );
}

function RecordRow({ entry, onOpen }: { readonly entry: PieceEntry; readonly onOpen: () => void }) {
  const colours = useColours();
  const faults = sayRecordFaults(entry.faults);
  return (
    <View style={[styles.card, { backgroundColor: colours.sheet, borderColor: colours.line }]}>
      <PressLink
        aria-label={`Open the record of ${entry.name}`}
        onPress={onOpen}
        style={styles.open}
      >
        <View style={styles.inside}>
          <StateMark state={entry.faults.length > 0 ? 'next' : 'done'} />
          <View style={styles.words}>
            <Words weight="bold">{entry.name}</Words>
            <Words size="small" colour="inkSoft">
              {sayRecordFacts(entry, ownZone())}
            </Words>
            {faults !== '' && <Words size="small">{faults}</Words>}
          </View>
        </View>
      </PressLink>
    </View>
  );
}

const styles = StyleSheet.create({
  main: { flexGrow: 1 },
  tell: { minHeight: touch.table, justifyContent: 'center', borderBottomWidth: 1 },
  tellRow: { flexDirection: 'row', alignItems: 'center', gap: space.small },
  card: { borderWidth: 1, borderRadius: corner },
  open: { padding: space.medium },
  inside: { flexDirection: 'row', alignItems: 'flex-start', gap: space.medium },
  words: { flexGrow: 1, flexShrink: 1, flexBasis: 120 },
});
