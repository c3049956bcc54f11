import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Words } from '../text/Words';
import { useColours } from '../theme/theme';
import { space } from '../theme/tokens';

interface LinesProps {
  /** What they set: "How it is mixed". */
  readonly title: string;
  readonly testID?: string;
  readonly children: ReactNode;
}

/** Settings that belong together, a line each. */
export function Lines({ title, testID, children }: LinesProps) {
  const colours = useColours();
  return (
    <View testID={testID}>
      <Words
        heading={2}
        size="small"
        weight="semibold"
        colour="inkSoft"
        style={[styles.title, { borderBottomColor: colours.line }]}
      >
        {title}
      </Words>
      {children}
    </View>
  );
}

const styles = StyleSheet.create({
  title: { paddingBottom: space.tight, borderBottomWidth: 1 },
});
