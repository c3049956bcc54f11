import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Words } from '../text/Words';
import { useColours } from '../theme/theme';
import { space } from '../theme/tokens';

interface StripProps {
  readonly words: string;
  /** What can be done about it. */
  readonly children: ReactNode;
}

/** Stands over a screen while something is not as it should be: what it is, and what can be done. */
export function Strip({ words, children }: StripProps) {
  const colours = useColours();
  return (
    <View role="alert" style={[styles.strip, { backgroundColor: colours.warnSheet }]}>
      <Words size="small" style={styles.words}>
        {words}
      </Words>
      <View style={styles.row}>{children}</View>
    </View>
  );
}

const styles = StyleSheet.create({
  strip: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: space.small,
    padding: space.small,
    paddingHorizontal: space.large,
  },
  words: { flexGrow: 1, flexShrink: 1, flexBasis: 200 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
