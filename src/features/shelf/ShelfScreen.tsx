import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { readResin } from '../../core/resin/readResin';
import { useResins } from '../../data/hooks/queries';
import { useResinActions } from '../../data/hooks/useCardActions';
import { useStartOver } from '../../data/hooks/useStart';
import type { ResinRecord } from '../../data/records/resinRecord';
import { ActionButton } from '../../ui/ActionButton';
import { CardRow } from '../../ui/CardRow';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { Screen } from '../../ui/frame/Screen';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { sayRatio } from '../../words/figures';
import { familyNames } from '../../words/names';

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

  async function remove(record: ResinRecord): Promise<void> {
    const undo = await actions.remove(record);
    notice({ text: `Deleted ${record.resin.name}`, undo });
  }

  if (resins === undefined) return null;
  return (
    <Screen
      title="Shelf"
      head={tabs}
      foot={
        <ActionButton
          kind="main"
          icon="plus"
          label="Add a resin"
          onPress={onNew}
          style={styles.main}
        />
      }
    >
      {resins.records.length === 0 ? (
        <Panel title="The shelf is empty">
          <Words>
            Add the resin you have: its label gives the ratio, its data sheet the densities.
          </Words>
          <ActionButton label="Load the demo" onPress={() => void startOver('demo')} />
        </Panel>
      ) : (
        <View role="list" style={styles.list}>
          {resins.records.map((record) => (
            <ResinRow
              key={record.id}
              record={record}
              onOpen={() => onOpen(record.id)}
              onDuplicate={() => void actions.duplicate(record.resin)}
              onDelete={() => void remove(record)}
            />
          ))}
        </View>
      )}
    </Screen>
  );
}

interface ResinRowProps {
  readonly record: ResinRecord;
  readonly onOpen: () => void;
  readonly onDuplicate: () => void;
  readonly onDelete: () => void;
}

function ResinRow({ record: { resin }, ...ways }: ResinRowProps) {
  const ratio = sayRatio(readResin(resin).ratio);
  return (
    <CardRow name={resin.name} {...ways}>
      <Words size="small" colour="inkSoft">
        {familyNames[resin.family]}
        {resin.greatestDepth === undefined ? '' : ` · to ${resin.greatestDepth} deep`}
      </Words>
      <Words size="small">
        {ratio.byVolume} by volume · {ratio.byWeight} by weight
      </Words>
    </CardRow>
  );
}

const styles = StyleSheet.create({
  list: { gap: space.medium },
  main: { flexGrow: 1 },
});
