import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { space } from '../../ui/theme/tokens';
import { CupDrawing } from './CupDrawing';
import type { PartWeight } from '../../core/bench/partWeight';

interface WeighLayoutProps {
  readonly weight: PartWeight;
  /** Of this part in the cup now, g. */
  readonly pouredG: number;
  /** The figures, large. */
  readonly children: ReactNode;
}

/** Figures of a part that is weighed, and beside them its cup as it fills. */
export function WeighLayout({ weight, pouredG, children }: WeighLayoutProps) {
  const { part, otherG, targetG } = weight;
  const isOnOther = otherG > 0;
  return (
    <View style={styles.row}>
      <View style={styles.figures} testID="main-figure">
        {children}
      </View>
      <CupDrawing
        below={isOnOther ? (part === 'a' ? 'b' : 'a') : part}
        belowG={isOnOther ? otherG : pouredG}
        aboveG={isOnOther ? pouredG : 0}
        targetG={targetG}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    justifyContent: 'space-between',
    gap: space.medium,
  },
  figures: { flexGrow: 1, flexShrink: 1, flexBasis: 160, gap: space.large },
});
