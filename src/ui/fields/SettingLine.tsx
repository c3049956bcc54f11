import { useCallback, useId, useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { Icon } from '../icons/Icon';
import { Words } from '../text/Words';
import { useColours } from '../theme/theme';
import { space, touch } from '../theme/tokens';

interface SettingLineProps {
  readonly label: string;
  /** What is set, in a few words. */
  readonly value: string;
  /** Nobody has set it: it is as usual, and looks assumed. */
  readonly assumed?: boolean;
  /** It does something rather than being set. */
  readonly isAction?: boolean;
  /** It must be said first: it stands open to begin with. */
  readonly asks?: boolean;
  /** Something in it is wrong; it stands open then. */
  readonly wrong?: boolean;
  readonly testID?: string;
  /** What sets it; told how to close the line again. */
  readonly children: ReactNode | ((close: () => void) => ReactNode);
}

/** A setting on one line, that says what is set and opens in place. */
export function SettingLine({
  label,
  value,
  assumed = false,
  isAction = false,
  asks = false,
  wrong = false,
  testID,
  children,
}: SettingLineProps) {
  const colours = useColours();
  const [isOpen, setOpen] = useState(wrong || asks);
  const [was, setWas] = useState(wrong);
  const head = useId();
  if (was !== wrong) {
    setWas(wrong);
    if (wrong) setOpen(true);
  }
  const close = useCallback(() => {
    setOpen(false);
    document.getElementById(head)?.focus();
  }, [head]);
  return (
    <View testID={testID} style={{ borderBottomWidth: 1, borderBottomColor: colours.line }}>
      <TouchableRipple
        nativeID={head}
        role="button"
        aria-expanded={isOpen}
        aria-label={value === '' ? label : `${label}: ${value}`}
        onPress={() => setOpen(!isOpen)}
        style={styles.head}
      >
        <View style={styles.inside}>
          <Words style={styles.label}>{label}</Words>
          <Words
            weight={assumed || isAction ? 'text' : 'semibold'}
            colour={wrong ? 'stop' : isAction ? 'inkSoft' : 'ink'}
            style={[
              styles.value,
              assumed && [styles.assumed, { borderBottomColor: colours.inkSoft }],
            ]}
          >
            {value}
          </Words>
          <Icon name={isOpen ? 'chevron-up' : 'chevron-down'} colour={colours.inkSoft} size={20} />
        </View>
      </TouchableRipple>
      {isOpen && (
        <View style={styles.body}>
          {typeof children === 'function' ? children(close) : children}
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  head: { minHeight: touch.table, justifyContent: 'center' },
  inside: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.small,
    paddingVertical: space.tight,
  },
  label: { flexGrow: 1, flexShrink: 1, flexBasis: 96 },
  value: { flexShrink: 1, textAlign: 'right' },
  assumed: { borderBottomWidth: 1, borderStyle: 'dotted' },
  body: { paddingBottom: space.medium, gap: space.medium },
});
