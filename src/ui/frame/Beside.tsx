import { createContext, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { useColours } from '../theme/theme';

/** Whether a screen is the list at the left of another: then that one is the main thing. */
export const IsListBesideContext = createContext(false);

interface BesideProps {
  /** A screen of its own. */
  readonly list: ReactNode;
  /** What is selected in it. */
  readonly children: ReactNode;
}

/** On a wide screen: a list at the left, what is selected in it at the right. */
export function Beside({ list, children }: BesideProps) {
  const colours = useColours();
  return (
    <View style={styles.row}>
      <View style={[styles.list, { borderColor: colours.line }]}>
        <IsListBesideContext value={true}>{list}</IsListBesideContext>
      </View>
      <View style={styles.selected}>{children}</View>
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flex: 1, flexDirection: 'row', minHeight: 0 },
  list: { width: 460, borderRightWidth: 1 },
  selected: { flex: 1, minWidth: 0 },
});
