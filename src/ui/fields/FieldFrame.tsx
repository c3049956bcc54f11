import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Words } from '../text/Words';
import { space } from '../theme/tokens';

interface FieldFrameProps {
  readonly label: string;
  /** What the entry comes to, when it is right. */
  readonly readBack?: string | undefined;
  /** What is wrong and what would be right. */
  readonly problem?: string | undefined;
  readonly problemId: string;
  readonly children: ReactNode;
  /** Stands under the problem: ways out of it. */
  readonly help?: ReactNode;
}

/** A field's label above it and its read-back or problem below. */
export function FieldFrame({
  label,
  readBack,
  problem,
  problemId,
  children,
  help,
}: FieldFrameProps) {
  return (
    <View style={styles.field}>
      <Words size="small" weight="semibold" colour="inkSoft">
        {label}
      </Words>
      {children}
      <View nativeID={problemId} aria-live="polite">
        {problem !== undefined ? (
          <Words size="small" colour="stop">
            {problem}
          </Words>
        ) : (
          readBack !== undefined && (
            <Words size="small" colour="inkSoft">
              {readBack}
            </Words>
          )
        )}
      </View>
      {help}
    </View>
  );
}

const styles = StyleSheet.create({
  field: { gap: space.tight },
});
