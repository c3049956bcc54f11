import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { space } from '../../ui/theme/tokens';
import { BigButton } from './BigButton';
import { BigFigure } from './BigFigure';
import { BenchSheet } from './BenchSheet';

interface KeypadProps {
  readonly title: string;
  readonly unit: string;
  /** What the figure may be; undefined for what cannot be, told in a sentence. */
  readonly refuse: (value: number) => string | undefined;
  readonly onTake: (value: number) => void;
  readonly onClose: () => void;
  readonly mayBeNegative?: boolean;
  /** What is chosen with it, over the figure. */
  readonly children?: ReactNode;
}

const rows = [
  ['1', '2', '3'],
  ['4', '5', '6'],
  ['7', '8', '9'],
] as const;

const longest = 7;

/** A figure by large keys: what a scale reads, or a thermometer. */
export function Keypad({
  title,
  unit,
  refuse,
  onTake,
  onClose,
  mayBeNegative = false,
  children,
}: KeypadProps) {
  const colours = useColours();
  const [text, setText] = useState('');
  const [refused, setRefused] = useState<string>();
  const press = (key: string): void => {
    setRefused(undefined);
    setText((last) =>
      last.length >= longest || (key === '.' && last.includes('.')) ? last : last + key,
    );
  };
  const take = (): void => {
    const value = Number(text);
    const problem =
      text === '' || text === '-' || !Number.isFinite(value)
        ? 'Key in what it reads.'
        : refuse(value);
    if (problem === undefined) onTake(value);
    else setRefused(problem);
  };
  const key = (label: string, spoken?: string) => (
    <BigButton
      key={label}
      label={label}
      spoken={spoken}
      onPress={() => press(label)}
      style={styles.key}
    />
  );
  return (
    <BenchSheet
      title={title}
      onClose={onClose}
      foot={<BigButton kind="main" label="Take it" onPress={take} style={styles.grow} />}
    >
      {children}
      <View
        aria-live="polite"
        style={[
          styles.display,
          { borderColor: refused === undefined ? colours.edge : colours.stop },
        ]}
      >
        <BigFigure figure={text === '' ? '–' : text} unit={unit} size="great" testID="keyed" />
      </View>
      {refused !== undefined && (
        <Words size="large" colour="stop" role="alert">
          {refused}
        </Words>
      )}
      <View style={styles.keys}>
        {rows.map((row) => (
          <View key={row[0]} style={styles.row}>
            {row.map((label) => key(label))}
          </View>
        ))}
        <View style={styles.row}>
          {key('.', 'point')}
          {key('0')}
          <BigButton
            label="⌫"
            spoken="Delete the last figure"
            onPress={() => {
              setRefused(undefined);
              setText((last) => last.slice(0, -1));
            }}
            style={styles.key}
          />
        </View>
        {mayBeNegative && (
          <BigButton
            label="Below zero"
            onPress={() => setText((last) => (last.startsWith('-') ? last.slice(1) : `-${last}`))}
          />
        )}
      </View>
    </BenchSheet>
  );
}

const styles = StyleSheet.create({
  display: { borderWidth: 1.5, paddingHorizontal: space.large, alignItems: 'flex-end' },
  keys: { gap: space.small },
  row: { flexDirection: 'row', gap: space.small },
  // At 200 % a key is half as wide, and as large.
  key: { flex: 1, minHeight: 72, minWidth: 48, paddingHorizontal: space.tight },
  grow: { flexGrow: 1 },
});
