import { StyleSheet, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { readResin } from '../../core/resin/readResin';
import { useResins } from '../../data/hooks/queries';
import { useResinActions } from '../../data/hooks/useResinActions';
import { useStartOver } from '../../data/hooks/useStart';
import type { ResinRecord } from '../../data/records/resinRecord';
import { ActionButton } from '../../ui/ActionButton';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { Screen } from '../../ui/frame/Screen';
import { Panel } from '../../ui/Panel';
import { SignButton } from '../../ui/SignButton';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { corner, space } from '../../ui/theme/tokens';
import { sayRatio } from '../../words/figures';
import { familyNames } from '../../words/names';

interface ShelfScreenProps {
  readonly onOpen: (id: string) => void;
  readonly onNew: () => void;
}

/** The resins at hand. */
export function ShelfScreen({ onOpen, onNew }: ShelfScreenProps) {
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
              onDuplicate={() => void actions.duplicate(record)}
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

function ResinRow({ record: { resin }, onOpen, onDuplicate, onDelete }: ResinRowProps) {
  const colours = useColours();
  const ratio = sayRatio(readResin(resin).ratio);
  return (
    <View
      role="listitem"
      style={[styles.card, { backgroundColor: colours.sheet, borderColor: colours.line }]}
    >
      <TouchableRipple
        role="link"
        aria-label={`Open ${resin.name}`}
        onPress={onOpen}
        style={styles.open}
      >
        <View>
          <Words weight="bold">{resin.name}</Words>
          <Words size="small" colour="inkSoft">
            {familyNames[resin.family]}
            {resin.greatestDepth === undefined ? '' : ` · to ${resin.greatestDepth} deep`}
          </Words>
          <Words size="small">
            {ratio.byVolume} by volume · {ratio.byWeight} by weight
          </Words>
        </View>
      </TouchableRipple>
      <View style={styles.signs}>
        <SignButton
          icon="content-duplicate"
          label={`Duplicate ${resin.name}`}
          onPress={onDuplicate}
        />
        <SignButton icon="delete" label={`Delete ${resin.name}`} onPress={onDelete} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  list: { gap: space.medium },
  main: { flexGrow: 1 },
  card: { flexDirection: 'row', flexWrap: 'wrap', borderWidth: 1, borderRadius: corner },
  open: { flexGrow: 1, flexShrink: 1, flexBasis: 200, padding: space.medium },
  signs: { justifyContent: 'center', marginLeft: 'auto' },
});
