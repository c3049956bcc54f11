import { useEffect, useMemo, useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import type { TableRows } from '../../core/learn/readingsTable';
import { chooseTextFile } from '../../data/files/chooseTextFile';
import { saveUnreadable } from '../../data/files/saveUnreadable';
import { download } from '../../data/files/download';
import { readRecordFile, recordsCsv } from '../../data/files/recordFile';
import { rowsOfCsv } from '../../data/files/tables';
import { idOfDraft, useUnsaved } from '../../data/drafts/useUnsaved';
import { whenIdle } from '../../data/whenIdle';
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
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { ListNotices } from '../../ui/feedback/ListNotices';
import { TextField } from '../../ui/fields/TextField';
import { Screen } from '../../ui/frame/Screen';
import { ListCount } from '../../ui/list/ListCount';
import { Rows } from '../../ui/list/Rows';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { corner, space, touch } from '../../ui/theme/tokens';
import { ownZone } from '../../ui/useNow';
import { sayRecordFacts, sayRecordFaults } from '../../words/record';
import { findRecords, rememberTexts, type Sought } from './findRecords';
import { RecordFilters } from './RecordFilters';
import { RecordsFromTable } from './RecordsFromTable';

interface RecordListScreenProps {
  /** Stands under the title: jobs beside records. */
  readonly tabs: ReactNode;
  readonly onOpen: (id: string) => void;
  /** Writes one down by hand. */
  readonly onNew: () => void;
  /** Goes to what all of them together tell. */
  readonly onLearned: () => void;
}

/** From so many on one looks for a record by what is in it. */
const findFrom = 6;

const keyOf = ({ id }: PieceEntry): string => id;

/** What happened to every piece, the one made last on top. */
export function RecordListScreen({ tabs, onOpen, onNew, onLearned }: RecordListScreenProps) {
  const colours = useColours();
  const { data: pieces } = usePieces();
  const { create, readEach } = usePieceActions();
  const file = useAttempt();
  const notice = useNotice();
  const unsaved = useUnsaved(pieceKind);
  const { isTypedOver } = unsaved;
  const openFile = (): Promise<void> =>
    file.attempt(async () => {
      const chosen = await chooseTextFile('application/json', 'text/csv', '.json', '.csv');
      if (chosen === undefined) return;
      if (/\.csv$/i.test(chosen.name)) setTable(await rowsOfCsv(chosen.text));
      else onOpen(await create(readRecordFile(chosen.text)));
    });
  const [sought, setSought] = useState<Sought>({ words: '' });
  const [table, setTable] = useState<TableRows>();
  const all = pieces?.records;
  const found = useMemo(() => findRecords(all ?? [], sought), [all, sought]);
  // So that the first word that is typed need not wait for it.
  useEffect(() => whenIdle(() => rememberTexts(all ?? [])), [all]);
  const row = useMemo(
    () =>
      function Row(entry: PieceEntry) {
        return (
          <RecordRow
            entry={entry}
            typedOver={isTypedOver(entry.id)}
            onOpen={() => onOpen(entry.id)}
          />
        );
      },
    [onOpen, isTypedOver],
  );
  if (pieces === undefined || all === undefined) return null;
  const saveTable = async (): Promise<void> => {
    const read = await readEach(found);
    download('records.csv', await recordsCsv(read.map(({ piece }) => piece)), 'text/csv');
    const left = found.length - read.length;
    if (left > 0) {
      notice({
        text: `${left} of ${found.length} cannot be read by this version, and are not in the table.`,
      });
    }
  };
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
            kind="main"
            icon="plus"
            label="Write one down"
            onPress={onNew}
            style={styles.main}
          />
          <ActionButton icon="folder-open" label="Open a file" onPress={() => void openFile()} />
        </>
      }
    >
      <ListNotices
        problem={file.problem}
        what={pieceKind.counted}
        unreadable={pieces.unreadable.length}
        onSaveUnreadable={() => saveUnreadable(pieces.unreadable)}
        unsaved={unsaved.apart}
        nameless="a record without a name"
        onOpen={(draft) => (idOfDraft(draft) === '' ? onNew() : onOpen(idOfDraft(draft)))}
        onDrop={unsaved.drop}
      />
      {table !== undefined && <RecordsFromTable rows={table} onDone={() => setTable(undefined)} />}
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
        </View>
      )}
      {all.length > 0 && (
        <RecordFilters all={all} sought={sought} onNarrow={narrow}>
          {found.length > 0 && (
            <ActionButton
              icon="download"
              label={
                found.length === 1 ? 'Save it as a table' : `Save these ${found.length} as a table`
              }
              onPress={() => void saveTable()}
            />
          )}
        </RecordFilters>
      )}
      {all.length === 0 ? (
        <Panel title="No records yet">
          <Words>
            The bench writes one by itself as soon as a layer is poured: what was weighed, when, how
            warm it was. Open a job and begin its pour. What you made without it can be written down
            here, or opened from a table.
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

interface RecordRowProps {
  readonly entry: PieceEntry;
  /** Something was typed over it by hand that is not saved. */
  readonly typedOver: boolean;
  readonly onOpen: () => void;
}

function RecordRow({ entry, typedOver, onOpen }: RecordRowProps) {
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
            {typedOver && (
              <Words size="small" colour="stop">
                Changed by hand and not saved
              </Words>
            )}
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
