import type { ReactNode } from 'react';
import { Image, StyleSheet } from 'react-native';
import { measureMouldPart } from '../../core/measure/parts/measureMouldPart';
import { chooseJsonFile } from '../../data/files/chooseTextFile';
import { saveRecord, saveUnreadable } from '../../data/files/saveUnreadable';
import { readMouldFile } from '../../data/files/mouldFile';
import { useMoulds } from '../../data/hooks/queries';
import { idOfDraft, useUnsaved } from '../../data/drafts/useUnsaved';
import { moulds as mouldKind } from '../../data/kinds/kinds';
import { useAttempt } from '../../data/hooks/useAttempt';
import { useMouldActions } from '../../data/hooks/useCardActions';
import type { MouldRecord } from '../../data/records/mouldRecord';
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
import { corner } from '../../ui/theme/tokens';
import { sayMould } from '../../words/moulds';

interface MouldListScreenProps {
  /** Stands under the title: the other shelf. */
  readonly tabs: ReactNode;
  readonly onOpen: (id: string) => void;
  readonly onNew: () => void;
}

/** The mould library. */
export function MouldListScreen({ tabs, onOpen, onNew }: MouldListScreenProps) {
  const { data: moulds } = useMoulds();
  const actions = useMouldActions();
  const notice = useNotice();
  const file = useAttempt();
  const unsaved = useUnsaved(mouldKind);

  const openFile = (): Promise<void> =>
    file.attempt(async () => {
      const text = await chooseJsonFile();
      if (text === undefined) return;
      const { id } = await actions.save(readMouldFile(text));
      onOpen(id);
    });

  async function remove(record: MouldRecord): Promise<void> {
    const undo = await actions.remove(record);
    notice({ text: `Deleted ${record.mould.name}`, undo });
  }

  if (moulds === undefined) return null;
  return (
    <Screen
      title="Shelf"
      aside={<ListCount count={moulds.records.length} what={mouldKind.counted} />}
      rememberedAs="moulds"
      head={tabs}
      foot={
        <>
          <ActionButton
            kind="main"
            icon="plus"
            label="Add a mould"
            onPress={onNew}
            style={styles.main}
          />
          <ActionButton icon="folder-open" label="Open a file" onPress={() => void openFile()} />
        </>
      }
    >
      <ListNotices
        problem={file.problem}
        what={mouldKind.counted}
        unreadable={moulds.unreadable.length}
        onSaveUnreadable={() => saveUnreadable(moulds.unreadable)}
        unsaved={unsaved.apart}
        nameless="a mould without a name"
        onOpen={(draft) => (idOfDraft(draft) === '' ? onNew() : onOpen(idOfDraft(draft)))}
        onDrop={unsaved.drop}
      />
      {moulds.records.length === 0 ? (
        <Panel title="No moulds yet">
          <Words>
            A mould that was measured once keeps its volume and form. Measure a cavity in a job and
            keep it as a mould, or add one here.
          </Words>
        </Panel>
      ) : (
        <Rows
          items={moulds.records}
          keyOf={({ id }) => id}
          aboutHigh={110}
          row={(record) => (
            <RowMishap name={record.mould.name} onSave={() => saveRecord(record)}>
              <MouldRow
                record={record}
                typedOver={unsaved.isTypedOver(record.id)}
                onOpen={() => onOpen(record.id)}
                onDuplicate={() => void actions.duplicate(record.mould)}
                onDelete={() => void remove(record)}
              />
            </RowMishap>
          )}
        />
      )}
    </Screen>
  );
}

interface MouldRowProps {
  readonly record: MouldRecord;
  readonly typedOver: boolean;
  readonly onOpen: () => void;
  readonly onDuplicate: () => void;
  readonly onDelete: () => void;
}

function MouldRow({ record: { mould }, typedOver, ...ways }: MouldRowProps) {
  const said = sayMould(mould, measureMouldPart({ mould }).solid);
  return (
    <CardRow
      name={mould.name}
      picture={
        mould.photo !== undefined && (
          <Image source={{ uri: mould.photo }} resizeMode="cover" style={styles.photo} />
        )
      }
      {...ways}
    >
      {typedOver && (
        <Words size="small" colour="stop">
          Changed and not saved
        </Words>
      )}
      <Words size="small">{said.holds}</Words>
      <Words size="small" colour="inkSoft">
        {said.facts}
      </Words>
    </CardRow>
  );
}

const styles = StyleSheet.create({
  main: { flexGrow: 1 },
  photo: { width: 64, height: 64, borderRadius: corner },
});
