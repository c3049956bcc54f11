import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { ErrorBoundary } from 'react-error-boundary';
import { ActionButton } from '../ActionButton';
import { Words } from '../text/Words';
import { useColours } from '../theme/theme';
import { corner, space } from '../theme/tokens';

interface RowMishapProps {
  readonly name: string;
  /** What is in it, as a file. */
  readonly onSave: () => void;
  readonly children: ReactNode;
}

/** One row of a list: where it cannot be shown, the others are, and what is in it can be taken out. */
export function RowMishap({ name, onSave, children }: RowMishapProps) {
  return (
    <ErrorBoundary fallback={<NotShown name={name} onSave={onSave} />} resetKeys={[children]}>
      {children}
    </ErrorBoundary>
  );
}

/** In place of a row that cannot be shown. */
export function NotShown({ name, onSave }: Omit<RowMishapProps, 'children'>) {
  const colours = useColours();
  return (
    <View style={[styles.row, { borderColor: colours.line }]}>
      <Words style={styles.words}>{name} cannot be shown. What is in it is kept as it is.</Words>
      <ActionButton icon="download" label={`Save ${name} as a file`} onPress={onSave} />
    </View>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: space.small,
    padding: space.medium,
    borderWidth: 1,
    borderRadius: corner,
  },
  words: { flexGrow: 1, flexShrink: 1, flexBasis: 200 },
});
