import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { Icon } from './icons/Icon';
import { Words } from './text/Words';
import { useColours } from './theme/theme';
import { corner, space, touch } from './theme/tokens';

interface FoldPanelProps {
  readonly title: string;
  /** What is in it, told while it is closed. */
  readonly summary?: string;
  /** Open from the start; it is also opened when this becomes true, so that what is wrong is in sight. */
  readonly open?: boolean;
  /** It is folded up when this becomes true, because what follows it has been begun. */
  readonly folded?: boolean;
  readonly testID?: string;
  readonly children: ReactNode;
}

/** A panel that opens on a tap: for what is not needed every time. */
export function FoldPanel({
  title,
  summary,
  open = false,
  folded = false,
  testID,
  children,
}: FoldPanelProps) {
  const colours = useColours();
  const [isOpen, setOpen] = useState(open);
  const [was, setWas] = useState({ open, folded });
  if (was.open !== open || was.folded !== folded) {
    setWas({ open, folded });
    if (folded && !was.folded) setOpen(false);
    else if (open && !was.open) setOpen(true);
  }
  return (
    <View
      testID={testID}
      style={[styles.panel, { backgroundColor: colours.sheet, borderColor: colours.line }]}
    >
      <TouchableRipple
        role="button"
        aria-expanded={isOpen}
        aria-label={title}
        onPress={() => setOpen(!isOpen)}
        style={styles.head}
      >
        <View style={styles.inside}>
          <View style={styles.words}>
            <Words weight="bold">{title}</Words>
            {!isOpen && summary !== undefined && summary !== '' && (
              <Words size="small" colour="inkSoft">
                {summary}
              </Words>
            )}
          </View>
          <Icon name={isOpen ? 'chevron-up' : 'chevron-down'} colour={colours.ink} size={24} />
        </View>
      </TouchableRipple>
      {isOpen && <View style={styles.body}>{children}</View>}
    </View>
  );
}

const styles = StyleSheet.create({
  panel: { borderWidth: 1, borderRadius: corner },
  head: { minHeight: touch.table, justifyContent: 'center', paddingHorizontal: space.medium },
  inside: {
    flexDirection: 'row',
    alignItems: 'center',
    justifyContent: 'space-between',
    gap: space.small,
    paddingVertical: space.small,
  },
  words: { flexShrink: 1 },
  body: { padding: space.medium, paddingTop: 0, gap: space.medium },
});
