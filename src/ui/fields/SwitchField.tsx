import { StyleSheet, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { Icon } from '../icons/Icon';
import { Words } from '../text/Words';
import { useColours } from '../theme/theme';
import { corner, space, touch } from '../theme/tokens';

interface SwitchFieldProps {
  readonly label: string;
  readonly value: boolean;
  readonly onChange: (on: boolean) => void;
  /** A line under the label. */
  readonly note?: string;
}

/** Something that is wanted or not: a box to tick, as large as a glove. */
export function SwitchField({ label, value, onChange, note }: SwitchFieldProps) {
  const colours = useColours();
  return (
    <TouchableRipple
      role="checkbox"
      aria-checked={value}
      aria-label={label}
      onPress={() => onChange(!value)}
      style={styles.field}
    >
      <View style={styles.inside}>
        <View
          style={[
            styles.box,
            { borderColor: colours.ink },
            value && { backgroundColor: colours.action },
          ]}
        >
          {value && <Icon name="check" colour={colours.onAction} size={20} />}
        </View>
        <View style={styles.words}>
          <Words>{label}</Words>
          {note !== undefined && (
            <Words size="small" colour="inkSoft">
              {note}
            </Words>
          )}
        </View>
      </View>
    </TouchableRipple>
  );
}

const styles = StyleSheet.create({
  field: { minHeight: touch.table, justifyContent: 'center' },
  inside: { flexDirection: 'row', alignItems: 'center', gap: space.medium },
  box: {
    width: 26,
    height: 26,
    borderWidth: 1.5,
    borderRadius: corner,
    alignItems: 'center',
    justifyContent: 'center',
  },
  words: { flexShrink: 1 },
});
