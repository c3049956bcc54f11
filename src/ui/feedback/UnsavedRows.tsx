import { StyleSheet, View } from 'react-native';
import { ActionButton } from '../ActionButton';
import { Panel } from '../Panel';
import { SignButton } from '../SignButton';
import { Words } from '../text/Words';
import { space } from '../theme/tokens';

interface UnsavedRowsProps<Item extends { readonly id: string; readonly name: string }> {
  /** What it is called where it has no name yet. */
  readonly nameless: string;
  readonly items: readonly Item[];
  readonly onOpen: (item: Item) => void;
  readonly onDrop: (item: Item) => void;
}

/** What was typed and never saved, above a list: to go on with, or to throw away. */
export function UnsavedRows<Item extends { readonly id: string; readonly name: string }>({
  nameless,
  items,
  onOpen,
  onDrop,
}: UnsavedRowsProps<Item>) {
  if (items.length === 0) return null;
  return (
    <Panel title="Typed and not saved">
      {items.map((item) => {
        const name = item.name.trim() || nameless;
        return (
          <View key={item.id} style={styles.row}>
            <Words style={styles.name}>{name}</Words>
            <ActionButton label={`Go on with ${name}`} onPress={() => onOpen(item)} />
            <SignButton
              icon="delete"
              label={`Throw away what was typed for ${name}`}
              onPress={() => onDrop(item)}
            />
          </View>
        );
      })}
    </Panel>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: space.small },
  name: { flexGrow: 1, flexShrink: 1, flexBasis: 120 },
});
