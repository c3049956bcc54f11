import { memo, useId } from 'react';
import { StyleSheet, View } from 'react-native';
import { IconButton } from 'react-native-paper';
import type { Problem } from '../../core/problem';
import { sayProblem } from '../../words/problems';
import { useColours } from '../theme/theme';
import { corner, space, touch } from '../theme/tokens';
import { FieldFrame } from './FieldFrame';
import { PlainInput } from './PlainInput';

interface CountFieldProps {
  readonly label: string;
  readonly value: string | number;
  readonly onChange: (text: string) => void;
  readonly problem?: Problem | undefined;
  /** Where counting down ends. */
  readonly least?: 0 | 1;
}

/** How many: typed, or one up and one down. */
export const CountField = memo(function CountField({
  label,
  value,
  onChange,
  problem,
  least = 1,
}: CountFieldProps) {
  const colours = useColours();
  const problemId = useId();
  const count = Number(value);
  const steps = Number.isInteger(count) ? count : undefined;
  const step = (by: 1 | -1, sign: 'plus' | 'minus', name: string) => (
    <IconButton
      icon={sign}
      aria-label={`${name} ${label.toLowerCase()}`}
      disabled={steps === undefined || steps + by < least}
      onPress={() => onChange(String((steps ?? 0) + by))}
      iconColor={colours.ink}
      style={[styles.step, { borderColor: colours.edge }]}
    />
  );
  return (
    <FieldFrame label={label} problem={problem && sayProblem(problem)} problemId={problemId}>
      <View style={styles.row}>
        {step(-1, 'minus', 'Fewer')}
        <View style={styles.input}>
          <PlainInput
            label={label}
            numeric
            value={String(value)}
            wrong={problem !== undefined}
            describedBy={problemId}
            onChangeText={onChange}
          />
        </View>
        {step(1, 'plus', 'More')}
      </View>
    </FieldFrame>
  );
});

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.hair, alignItems: 'center' },
  input: { flexGrow: 1, flexShrink: 1, flexBasis: 52 },
  step: {
    margin: 0,
    // The border takes its room inside: what is touched stays full size.
    width: touch.table + 2,
    height: touch.table + 2,
    borderWidth: 1,
    borderRadius: corner,
  },
});
