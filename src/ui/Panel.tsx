import type { ReactNode } from 'react';
import { StyleSheet, View, type StyleProp, type ViewStyle } from 'react-native';
import { Words } from './text/Words';
import { useColours } from './theme/theme';
import { corner, space } from './theme/tokens';

interface PanelProps {
  readonly title?: string;
  /** Stands at the right of the title. */
  readonly actions?: ReactNode;
  readonly style?: StyleProp<ViewStyle>;
  readonly testID?: string;
  readonly children: ReactNode;
}

/** Things that belong together, on a sheet with a thin border. */
export function Panel({ title, actions, style, testID, children }: PanelProps) {
  const colours = useColours();
  return (
    <View
      testID={testID}
      style={[styles.panel, { backgroundColor: colours.sheet, borderColor: colours.line }, style]}
    >
      {(title !== undefined || actions !== undefined) && (
        <View style={styles.head}>
          <Words heading={2} weight="bold" size="large" style={styles.title}>
            {title ?? ''}
          </Words>
          {actions !== undefined && <View style={styles.actions}>{actions}</View>}
        </View>
      )}
      {children}
    </View>
  );
}

const styles = StyleSheet.create({
  panel: { borderWidth: 1, borderRadius: corner, padding: space.medium, gap: space.medium },
  head: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    justifyContent: 'space-between',
    gap: space.tight,
  },
  title: { flexShrink: 1 },
  actions: { flexDirection: 'row', flexWrap: 'wrap' },
});
