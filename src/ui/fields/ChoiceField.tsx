import { StyleSheet, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { Words } from '../text/Words';
import { useColours } from '../theme/theme';
import { corner, space, touch } from '../theme/tokens';

interface ChoiceFieldProps<T extends string> {
  readonly label: string;
  readonly value: T | undefined;
  readonly choices: readonly {
    readonly value: T;
    readonly label: string;
    readonly note?: string;
  }[];
  readonly onChange: (value: T) => void;
  /** Hides the label where a heading beside it says the same. */
  readonly labelHidden?: boolean;
}

/** One of a few, all in sight: no menu to open with a glove. */
export function ChoiceField<T extends string>({
  label,
  value,
  choices,
  onChange,
  labelHidden = false,
}: ChoiceFieldProps<T>) {
  const colours = useColours();
  return (
    <View style={styles.field} role="radiogroup" aria-label={label}>
      {!labelHidden && (
        <Words size="small" weight="semibold" colour="inkSoft">
          {label}
        </Words>
      )}
      <View style={styles.choices}>
        {choices.map((choice) => {
          const chosen = choice.value === value;
          return (
            <TouchableRipple
              key={choice.value}
              role="radio"
              aria-checked={chosen}
              onPress={() => onChange(choice.value)}
              style={[
                styles.choice,
                { borderColor: chosen ? colours.ink : colours.edge },
                chosen && { backgroundColor: colours.action },
              ]}
            >
              <View>
                <Words weight={chosen ? 'semibold' : 'text'} colour={chosen ? 'onAction' : 'ink'}>
                  {choice.label}
                </Words>
                {choice.note !== undefined && (
                  <Words size="small" colour={chosen ? 'onAction' : 'inkSoft'}>
                    {choice.note}
                  </Words>
                )}
              </View>
            </TouchableRipple>
          );
        })}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  field: { gap: space.tight },
  choices: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
  choice: {
    minHeight: touch.table,
    minWidth: touch.table,
    justifyContent: 'center',
    borderWidth: 1,
    borderRadius: corner,
    paddingHorizontal: space.medium,
    paddingVertical: space.tight,
    maxWidth: '100%',
  },
});
