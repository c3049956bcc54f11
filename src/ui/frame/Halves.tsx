import { Children, type ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { useColours } from '../theme/theme';
import { space } from '../theme/tokens';
import { useWide } from '../theme/useWide';

/** Two halves of a screen: one under the other on a phone; side by side on a wide screen that fills itself, each scrolling by itself. */
export function Halves({ children }: { readonly children: ReactNode }) {
  const wide = useWide();
  const colours = useColours();
  const halves = Children.toArray(children);
  if (!wide) return <View style={styles.stack}>{halves}</View>;
  return (
    <View style={[styles.columns, { borderColor: colours.line }]}>
      {halves.map((half, index) => (
        <ScrollView
          key={index}
          style={[styles.column, index > 0 && [styles.second, { borderColor: colours.line }]]}
          contentContainerStyle={styles.half}
          keyboardShouldPersistTaps="handled"
        >
          {half}
        </ScrollView>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.large },
  columns: { flex: 1, flexDirection: 'row', minHeight: 0, borderTopWidth: 1 },
  column: { flex: 1 },
  second: { borderLeftWidth: 1 },
  half: { padding: space.large, paddingTop: space.small, gap: space.large },
});
