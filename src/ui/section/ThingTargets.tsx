import { StyleSheet, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { keyOfThing, type PieceThing } from '../../core/plan/piece/things';
import { useRadioKeys } from '../fields/useRadioKeys';
import type { Box } from './thingBox';

interface ThingTargetsProps {
  readonly label: string;
  /** In the order in which they are told. */
  readonly things: readonly {
    readonly thing: PieceThing;
    readonly said: string;
    readonly box: Box;
  }[];
  readonly selected: string | undefined;
  readonly onSelect: (thing: PieceThing) => void;
}

/**
 * Everything in the piece for the keyboard and for those who hear it: one stop of Tab, arrows go from one to another. A finger
 * goes through to the drawing, which knows the true shapes.
 */
export function ThingTargets({ label, things, selected, onSelect }: ThingTargetsProps) {
  const at = things.findIndex(({ thing }) => keyOfThing(thing) === selected);
  const { groupKeys, radioKeys } = useRadioKeys(at, (index) => onSelect(things[index]!.thing));
  return (
    <View {...groupKeys} aria-label={label} style={styles.all}>
      {things.map(({ thing, said, box }, index) => (
        <TouchableRipple
          key={keyOfThing(thing)}
          {...radioKeys(index)}
          aria-label={said}
          testID={`thing-${keyOfThing(thing)}`}
          onPress={() => onSelect(thing)}
          style={[styles.target, box]}
        >
          <View />
        </TouchableRipple>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  all: { ...StyleSheet.absoluteFill, pointerEvents: 'none' },
  target: { position: 'absolute', pointerEvents: 'none' },
});
