import { StyleSheet, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { Words } from '../text/Words';
import { useColours } from '../theme/theme';
import { corner, space, touch } from '../theme/tokens';
import { ChoiceLine } from './ChoiceLine';
import type { Choice } from './ChoiceList';
import { useRadioKeys } from './useRadioKeys';

interface ChoiceFieldProps<T extends string> {
  readonly label: string;
  readonly value: T | undefined;
  readonly choices: readonly Choice<T>[];
  readonly onChange: (value: T) => void;
  /** Hides the label where a heading beside it says the same. */
  readonly labelHidden?: boolean;
}

/** So many stand in sight side by side; more would be a wall. */
const mostSideBySide = 4;

/** One of several: a few all stand in sight, no menu to open with a glove; of more there is a line that says which. */
export function ChoiceField<T extends string>(props: ChoiceFieldProps<T>) {
  if (props.choices.length <= mostSideBySide) return <SideBySide {...props} />;
  const { labelHidden: _, ...line } = props;
  return <ChoiceLine {...line} />;
}

function SideBySide<T extends string>({
  label,
  value,
  choices,
  onChange,
  labelHidden = false,
}: ChoiceFieldProps<T>) {
  const colours = useColours();
  const at = choices.findIndex((choice) => choice.value === value);
  const { groupKeys, radioKeys } = useRadioKeys(at, (index) => onChange(choices[index]!.value));
  return (
    <View style={styles.field} {...groupKeys} aria-label={label}>
      {!labelHidden && (
        <Words size="small" weight="semibold" colour="inkSoft">
          {label}
        </Words>
      )}
      <View style={styles.choices}>
        {choices.map((choice, index) => {
          const chosen = index === at;
          return (
            <TouchableRipple
              key={choice.value}
              {...radioKeys(index)}
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
