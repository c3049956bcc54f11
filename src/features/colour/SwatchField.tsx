import { StyleSheet, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { useColours } from '../../ui/theme/theme';
import { Words } from '../../ui/text/Words';
import { corner, space, touch } from '../../ui/theme/tokens';
import { swatchChoices } from './swatchChoices';

interface SwatchFieldProps {
  readonly value: string | undefined;
  readonly onChange: (colour: string | undefined) => void;
}

/** What a colour looks like, roughly: so that it is told apart on the screen. A second tap takes it away. */
export function SwatchField({ value, onChange }: SwatchFieldProps) {
  const colours = useColours();
  return (
    <View style={styles.field} role="radiogroup" aria-label="Looks like">
      <Words size="small" weight="semibold" colour="inkSoft">
        Looks like, roughly
      </Words>
      <View style={styles.row}>
        {swatchChoices.map(({ name, colour }) => {
          const chosen = colour === value;
          return (
            <TouchableRipple
              key={colour}
              role="radio"
              aria-label={name}
              aria-checked={chosen}
              onPress={() => onChange(chosen ? undefined : colour)}
              style={[styles.choice, { borderColor: chosen ? colours.ink : colours.line }]}
            >
              <View style={[styles.colour, { backgroundColor: colour }]} />
            </TouchableRipple>
          );
        })}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  field: { gap: space.tight },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
  choice: {
    width: touch.table,
    height: touch.table,
    borderWidth: 3,
    borderRadius: corner,
    padding: 4,
  },
  colour: { flex: 1 },
});
