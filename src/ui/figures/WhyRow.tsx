import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { Words } from '../text/Words';
import { useColours } from '../theme/theme';
import { space, touch } from '../theme/tokens';

interface WhyRowProps {
  readonly label: string;
  readonly value: string;
  /** A second line under the value, the same told otherwise. */
  readonly also?: string;
  /** Opens under the row on a tap. */
  readonly why?: string;
  /** Closer to its neighbours: it is only read. */
  readonly dense?: boolean;
}

/** A figure in a list, its reason on demand. */
export function WhyRow({ label, value, also, why, dense = false }: WhyRowProps) {
  const colours = useColours();
  const [open, setOpen] = useState(false);
  const row = (
    <View style={[styles.row, dense && styles.dense]}>
      <Words style={why !== undefined && [styles.asks, { borderBottomColor: colours.inkSoft }]}>
        {label}
      </Words>
      <View style={styles.value}>
        <Words weight="semibold" style={styles.right}>
          {value}
        </Words>
        {also !== undefined && (
          <Words size="small" colour="inkSoft" style={styles.right}>
            {also}
          </Words>
        )}
      </View>
    </View>
  );
  return (
    <View style={{ borderBottomWidth: 1, borderBottomColor: colours.line }}>
      {why === undefined ? (
        row
      ) : (
        <TouchableRipple
          role="button"
          aria-expanded={open}
          aria-label={`${label}: ${value}. Why?`}
          onPress={() => setOpen(!open)}
        >
          {row}
        </TouchableRipple>
      )}
      {open && why !== undefined && (
        <Words size="small" colour="inkSoft" style={styles.why}>
          {why}
        </Words>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  row: {
    minHeight: touch.table,
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    alignContent: 'center',
    justifyContent: 'space-between',
    columnGap: space.large,
    paddingVertical: space.tight,
  },
  dense: { minHeight: 30, paddingVertical: space.hair },
  asks: { borderBottomWidth: 1, borderStyle: 'dotted' },
  value: { flexShrink: 1, marginLeft: 'auto' },
  right: { textAlign: 'right' },
  why: { paddingBottom: space.small },
});
