import { StyleSheet, View } from 'react-native';
import { Icon } from './icons/Icon';
import { useColours } from './theme/theme';

/** How far something is: told by the shape of its mark, not by colour alone. */
export type MarkedState = 'wrong' | 'done' | 'next' | 'open';

/** A square: full when it is done, half when it is next, empty when it is open; a sign where something is wrong. */
export function StateMark({ state }: { readonly state: MarkedState }) {
  const colours = useColours();
  if (state === 'wrong') {
    return (
      <View style={styles.place}>
        <Icon name="warning" colour={colours.stop} size={18} />
      </View>
    );
  }
  const filled = { done: '100%', next: '50%', open: '0%' } as const;
  return (
    <View style={styles.place}>
      <View style={[styles.square, { borderColor: colours.ink }]}>
        <View style={[styles.fill, { width: filled[state], backgroundColor: colours.ink }]} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  place: { width: 18, alignItems: 'center' },
  square: { width: 13, height: 13, borderWidth: 1.5 },
  fill: { height: '100%' },
});
