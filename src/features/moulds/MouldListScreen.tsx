import type { ReactNode } from 'react';
import { Image, StyleSheet, View } from 'react-native';
import { measureMouldPart } from '../../core/measure/parts/measureMouldPart';
import { chooseJsonFile } from '../../data/files/chooseTextFile';
import { readMouldFile } from '../../data/files/mouldFile';
import { useMoulds } from '../../data/hooks/queries';
import { useFileReading } from '../../data/hooks/useFileReading';
import { useMouldActions } from '../../data/hooks/useCardActions';
import type { MouldRecord } from '../../data/records/mouldRecord';
import { ActionButton } from '../../ui/ActionButton';
import { CardRow } from '../../ui/CardRow';
import { FileProblem } from '../../ui/feedback/FileProblem';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { Screen } from '../../ui/frame/Screen';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/text/Words';
import { corner, space } from '../../ui/theme/tokens';
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
  const file = useFileReading();

  const openFile = (): Promise<void> =>
    file.read(async () => {
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
      <FileProblem problem={file.problem} />
      {moulds.records.length === 0 ? (
        <Panel title="No moulds yet">
          <Words>
            A mould that was measured once keeps its volume and form. Measure a cavity in a job and
            keep it as a mould, or add one here.
          </Words>
        </Panel>
      ) : (
        <View role="list" style={styles.list}>
          {moulds.records.map((record) => (
            <MouldRow
              key={record.id}
              record={record}
              onOpen={() => onOpen(record.id)}
              onDuplicate={() => void actions.duplicate(record.mould)}
              onDelete={() => void remove(record)}
            />
          ))}
        </View>
      )}
    </Screen>
  );
}

interface MouldRowProps {
  readonly record: MouldRecord;
  readonly onOpen: () => void;
  readonly onDuplicate: () => void;
  readonly onDelete: () => void;
}

function MouldRow({ record: { mould }, ...ways }: MouldRowProps) {
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
      <Words size="small">{said.holds}</Words>
      <Words size="small" colour="inkSoft">
        {said.facts}
      </Words>
    </CardRow>
  );
}

const styles = StyleSheet.create({
  list: { gap: space.medium },
  main: { flexGrow: 1 },
  photo: { width: 64, height: 64, borderRadius: corner },
});
