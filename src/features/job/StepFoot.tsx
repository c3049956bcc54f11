import { StyleSheet } from 'react-native';
import { ActionButton } from '../../ui/ActionButton';
import type { WorkRow } from './workList';

interface StepFootProps {
  readonly rows: readonly WorkRow[];
  /** The row that is open. */
  readonly at: number;
  readonly onRow: (row: WorkRow) => void;
  readonly onHub: () => void;
}

/** The way to the step before and to the one after; at both ends it leads to the piece. */
export function StepFoot({ rows, at, onRow, onHub }: StepFootProps) {
  const before = rows[at - 1];
  const after = rows[at + 1];
  return (
    <>
      <ActionButton
        icon="arrow-left"
        label={before?.label ?? 'The piece'}
        onPress={() => (before === undefined ? onHub() : onRow(before))}
      />
      <ActionButton
        kind="main"
        label={after === undefined ? 'The piece' : `Next: ${after.label.toLowerCase()}`}
        onPress={() => (after === undefined ? onHub() : onRow(after))}
        style={styles.grow}
      />
    </>
  );
}

const styles = StyleSheet.create({ grow: { flexGrow: 1 } });
