import type { ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { IconButton } from 'react-native-paper';
import { Words } from '../text/Words';
import { useColours } from '../theme/theme';
import { space, touch } from '../theme/tokens';
import { useEscape } from './useEscape';

interface ScreenProps {
  readonly title: string;
  /** A line under the title. */
  readonly subtitle?: string | undefined;
  /** A word at the right: saved, not saved. */
  readonly status?: string;
  readonly onBack?: () => void;
  /** Stands under the title and stays when the rest scrolls. */
  readonly head?: ReactNode;
  /** Stands at the foot, in reach of the thumb. */
  readonly foot?: ReactNode;
  /** Fills the screen itself instead of being scrolled in one column. */
  readonly fills?: boolean;
  readonly children: ReactNode;
}

/** One screen: title, content that scrolls, and a foot for the thumb. */
export function Screen({
  title,
  subtitle,
  status,
  onBack,
  head,
  foot,
  fills = false,
  children,
}: ScreenProps) {
  const colours = useColours();
  useEscape(onBack);
  return (
    <View role="main" style={[styles.screen, { backgroundColor: colours.paper }]}>
      <View style={styles.head}>
        {onBack !== undefined && (
          <IconButton
            icon="arrow-left"
            aria-label="Back"
            iconColor={colours.ink}
            onPress={onBack}
            style={styles.back}
          />
        )}
        <View style={styles.titles}>
          <Words heading={1} size="title" weight="bold">
            {title}
          </Words>
          {subtitle !== undefined && (
            <Words size="small" colour="inkSoft">
              {subtitle}
            </Words>
          )}
        </View>
        {status !== undefined && (
          <Words size="small" colour="inkSoft" testID="save-state">
            {status}
          </Words>
        )}
      </View>
      {head}
      {fills ? (
        <View style={styles.fills}>{children}</View>
      ) : (
        <ScrollView contentContainerStyle={styles.content} keyboardShouldPersistTaps="handled">
          {children}
        </ScrollView>
      )}
      {foot !== undefined && (
        <View
          role="toolbar"
          style={[styles.foot, { backgroundColor: colours.paper, borderTopColor: colours.line }]}
        >
          {foot}
        </View>
      )}
    </View>
  );
}

/** The widest that a column of text and fields is good to read. */
const column = 720;

const styles = StyleSheet.create({
  screen: { flex: 1, minWidth: 0 },
  head: {
    flexDirection: 'row',
    alignItems: 'flex-start',
    gap: space.small,
    paddingHorizontal: space.large,
    paddingTop: space.medium,
    paddingBottom: space.small,
  },
  back: { margin: 0, marginLeft: -space.medium, width: touch.table, height: touch.table },
  titles: { flex: 1, minWidth: 0, minHeight: touch.table, justifyContent: 'center' },
  fills: { flex: 1, minHeight: 0 },
  content: {
    padding: space.large,
    paddingTop: space.small,
    gap: space.large,
    width: '100%',
    maxWidth: column,
  },
  foot: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    gap: space.small,
    paddingHorizontal: space.large,
    paddingVertical: space.small,
    borderTopWidth: 1,
  },
});
