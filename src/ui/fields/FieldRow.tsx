import { Children, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { space } from '../theme/tokens';

/** Fields side by side as far as they fit, sharing the width. */
export function FieldRow({ children }: { readonly children: ReactNode }) {
  return (
    <View style={styles.row}>
      {Children.map(children, (child) =>
        child === null || child === false ? null : <View style={styles.field}>{child}</View>,
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.medium },
  field: { flexGrow: 1, flexShrink: 1, flexBasis: 130, minWidth: 0 },
});
