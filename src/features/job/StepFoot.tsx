import { memo } from 'react';
import { StyleSheet } from 'react-native';
import { ActionButton } from '../../ui/ActionButton';
import type { WorkRow } from './workRows';

interface StepFootProps {
  /** The rows beside the one that is open. */
  readonly before: WorkRow | undefined;
  readonly after: WorkRow | undefined;
  readonly onRow: (row: WorkRow) => void;
  readonly onHub: () => void;
}

/** The way to the step before and to the one after; at both ends it leads to the piece. */
export const StepFoot = memo(function StepFoot({ before, after, onRow, onHub }: StepFootProps) {
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
});

const styles = StyleSheet.create({ grow: { flexGrow: 1 } });
