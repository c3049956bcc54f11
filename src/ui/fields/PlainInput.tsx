import { StyleSheet } from 'react-native';
import { TextInput } from 'react-native-paper';
import { font } from '../theme/fontNames';
import { useColours } from '../theme/theme';
import { touch } from '../theme/tokens';
import { focusNextField } from './focusNextField';

export interface PlainInputProps {
  readonly label: string;
  readonly value: string;
  readonly onChangeText: (text: string) => void;
  readonly onFocus?: () => void;
  readonly onBlur?: () => void;
  readonly placeholder?: string | undefined;
  readonly wrong: boolean;
  readonly describedBy: string;
  readonly multiline?: boolean;
  readonly numeric?: boolean;
  readonly autoFocus?: boolean | undefined;
  readonly onEnter?: (() => void) | undefined;
}

/** Paper's input as Nipperkin sets it: Enter goes on to the next field. */
export function PlainInput({
  label,
  wrong,
  describedBy,
  multiline = false,
  numeric = false,
  onEnter = focusNextField,
  ...input
}: PlainInputProps) {
  const colours = useColours();
  return (
    <TextInput
      {...input}
      mode="outlined"
      dense
      error={wrong}
      multiline={multiline}
      aria-label={label}
      aria-invalid={wrong}
      aria-describedby={describedBy}
      autoCapitalize={numeric ? 'none' : 'sentences'}
      autoComplete="off"
      autoCorrect={false}
      spellCheck={!numeric}
      enterKeyHint={multiline ? 'enter' : 'next'}
      onSubmitEditing={multiline ? undefined : onEnter}
      submitBehavior={multiline ? 'newline' : 'submit'}
      contentStyle={[styles.content, { fontFamily: font.text, color: colours.ink }]}
      outlineColor={colours.edge}
      activeOutlineColor={colours.ink}
      placeholderTextColor={colours.inkSoft}
      style={[styles.input, { backgroundColor: colours.sheet }, multiline && styles.tall]}
    />
  );
}

const styles = StyleSheet.create({
  input: { minHeight: touch.table, fontSize: 17 },
  content: { fontVariant: ['tabular-nums'] },
  tall: { minHeight: 96 },
});
