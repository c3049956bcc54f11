import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { readResin } from '../../core/resin/readResin';
import { cardsCsv, cardsJson, readCards } from '../../data/files/cardFiles';
import { chooseTextFile } from '../../data/files/chooseTextFile';
import { download } from '../../data/files/download';
import { useResins } from '../../data/hooks/queries';
import { useAttempt } from '../../data/hooks/useAttempt';
import { useResinActions } from '../../data/hooks/useCardActions';
import { saveRecord, saveUnreadable } from '../../data/files/saveUnreadable';
import { useStartOver } from '../../data/hooks/useStartOver';
import { idOfDraft, useUnsaved } from '../../data/drafts/useUnsaved';
import { resins as resinKind } from '../../data/kinds/kinds';
import type { ResinRecord } from '../../data/records/resinRecord';
import { ActionButton } from '../../ui/ActionButton';
import { CardRow } from '../../ui/CardRow';
import { RowMishap } from '../../ui/feedback/RowMishap';
import { ListCount } from '../../ui/list/ListCount';
import { ListNotices } from '../../ui/feedback/ListNotices';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { Screen } from '../../ui/frame/Screen';
import { Rows } from '../../ui/list/Rows';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { sayRatios } from '../../words/figures';
import { familyOf } from '../../core/resin/families';

interface ShelfScreenProps {
  /** Stands under the title: the other shelf. */
  readonly tabs: ReactNode;
  readonly onOpen: (id: string) => void;
  readonly onNew: () => void;
}

/** The resins at hand. */
export function ShelfScreen({ tabs, onOpen, onNew }: ShelfScreenProps) {
  const { data: resins } = useResins();
  const actions = useResinActions();
  const startOver = useStartOver();
  const notice = useNotice();
  const file = useAttempt();
  const unsaved = useUnsaved(resinKind);
  const cards = (resins?.records ?? []).map(({ resin }) => resin);

  const openFile = (): Promise<void> =>
    file.attempt(async () => {
      const chosen = await chooseTextFile('application/json', 'text/csv', '.csv');
      if (chosen === undefined) return;
      const read = await readCards(chosen.text, chosen.name);
      const undo = await actions.addAll(read);
      notice({ text: read.length === 1 ? 'Added a card' : `Added ${read.length} cards`, undo });
    });

  const saveAsCsv = async (): Promise<void> =>
    download('shelf.csv', await cardsCsv(cards), 'text/csv');

  async function remove(record: ResinRecord): Promise<void> {
    const undo = await actions.remove(record);
    notice({ text: `Deleted ${record.resin.name}`, undo });
  }

  if (resins === undefined) return null;
  return (
    <Screen
      title="Shelf"
      aside={<ListCount count={resins.records.length} what={resinKind.counted} />}
      rememberedAs="resins"
      head={tabs}
      foot={
        <>
          <ActionButton
            kind="main"
            icon="plus"
            label="Add a resin"
            onPress={onNew}
            style={styles.main}
          />
          <ActionButton icon="folder-open" label="Open a file" onPress={() => void openFile()} />
        </>
      }
    >
      <ListNotices
        problem={file.problem}
        what={resinKind.counted}
        unreadable={resins.unreadable.length}
        onSaveUnreadable={() => saveUnreadable(resins.unreadable)}
        unsaved={unsaved.apart}
        nameless="a resin without a name"
        onOpen={(draft) => (idOfDraft(draft) === '' ? onNew() : onOpen(idOfDraft(draft)))}
        onDrop={unsaved.drop}
      />
      {resins.records.length === 0 ? (
        <Panel title="The shelf is empty">
          <Words>
            Add the resin you have: its label gives the ratio, its data sheet the densities.
          </Words>
          <ActionButton label="Load the demo" onPress={() => void startOver.withDemo()} />
        </Panel>
      ) : (
        <Rows
          items={resins.records}
          keyOf={({ id }) => id}
          aboutHigh={110}
          row={(record) => (
            <RowMishap name={record.resin.name} onSave={() => saveRecord(record)}>
              <ResinRow
                record={record}
                typedOver={unsaved.isTypedOver(record.id)}
                onOpen={() => onOpen(record.id)}
                onDuplicate={() => void actions.duplicate(record.resin)}
                onDelete={() => void remove(record)}
              />
            </RowMishap>
          )}
        />
      )}
      {resins.records.length > 0 && (
        <View style={styles.row}>
          <ActionButton
            icon="download"
            label="All as JSON"
            onPress={() => download('shelf.resins.json', cardsJson(cards))}
          />
          <ActionButton icon="download" label="All as CSV" onPress={() => void saveAsCsv()} />
        </View>
      )}
    </Screen>
  );
}

interface ResinRowProps {
  readonly record: ResinRecord;
  readonly typedOver: boolean;
  readonly onOpen: () => void;
  readonly onDuplicate: () => void;
  readonly onDelete: () => void;
}

function ResinRow({ record: { resin }, typedOver, ...ways }: ResinRowProps) {
  const ratios = sayRatios(readResin(resin).ratio).join(' · ');
  const deepest = resin.depth?.greatest;
  const left = (resin.lots ?? []).map((lot) => lot.left).join(' + ');
  return (
    <CardRow name={resin.name} {...ways}>
      {typedOver && (
        <Words size="small" colour="stop">
          Changed and not saved
        </Words>
      )}
      <Words size="small" colour="inkSoft">
        {familyOf(resin.family).name}
        {deepest === undefined ? '' : ` · to ${deepest} deep`}
      </Words>
      <Words size="small">{ratios}</Words>
      {left !== '' && <Words size="small">{left} left</Words>}
    </CardRow>
  );
}

const styles = StyleSheet.create({
  main: { flexGrow: 1 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
