import { Children, memo, useCallback, useContext, useMemo, useState, type ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { IconButton } from 'react-native-paper';
import { Words } from '../text/Words';
import { useColours } from '../theme/theme';
import { space, touch } from '../theme/tokens';
import { useWide } from '../theme/useWide';
import { IsListBesideContext } from './Beside';
import { scrollElement, ScrollPlaceContext } from './scrollPlace';
import { useEscape } from './useEscape';
import { useIsLow } from './useIsLow';
import { useFocusMemory } from './useFocusMemory';
import { useScrollMemory } from './useScrollMemory';

interface ScreenProps {
  readonly title: string;
  /** A line under the title. */
  readonly subtitle?: string | undefined;
  /** A word at the right: saved, not saved. */
  readonly status?: ReactNode;
  /** Stands at the right of the title: a small picture. */
  readonly aside?: ReactNode;
  readonly onBack?: () => void;
  /** Stands over everything and never scrolls away: what must be seen where one types. */
  readonly notice?: ReactNode;
  /** Stands under the title and stays when the rest scrolls. */
  readonly head?: ReactNode;
  /** Stands at the foot, in reach of the thumb. */
  readonly foot?: ReactNode;
  /** Comes back to where it was scrolled to, by this name. */
  readonly rememberedAs?: string;
  /** Fills the screen itself instead of being scrolled in one column. */
  readonly fills?: boolean;
  /** On a wide screen its parts stand side by side. */
  readonly spreads?: boolean;
  readonly children: ReactNode;
}

/** One screen: title, content that scrolls, and a foot for the thumb. */
export const Screen = memo(function Screen({
  title,
  subtitle,
  status,
  aside,
  onBack,
  notice,
  head,
  foot,
  rememberedAs,
  fills = false,
  spreads = false,
  children,
}: ScreenProps) {
  const colours = useColours();
  useEscape(onBack);
  const [element, setElement] = useState<HTMLElement | null>(null);
  const hold = useCallback(
    (scrolling: ScrollView | null) => setElement(scrollElement(scrolling)),
    [],
  );
  const place = useMemo(() => ({ element, name: rememberedAs }), [element, rememberedAs]);
  useScrollMemory(place);
  useFocusMemory(place);
  const wide = useWide();
  const isLow = useIsLow();
  const top = (
    <>
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
        {aside}
      </View>
      {head}
    </>
  );
  const bottom = foot !== undefined && (
    <View
      role="toolbar"
      style={[styles.foot, { backgroundColor: colours.paper, borderTopColor: colours.line }]}
    >
      <View style={styles.footRow}>{foot}</View>
    </View>
  );
  const isListBeside = useContext(IsListBesideContext);
  const spread = spreads && wide;
  return (
    <View
      role={isListBeside ? 'complementary' : 'main'}
      aria-label={isListBeside ? title : undefined}
      style={[styles.screen, { backgroundColor: colours.paper }]}
    >
      {notice}
      {!isLow && top}
      {fills && foot !== undefined ? (
        // One tree for both: a keyboard that makes the screen low must not take the field away that is typed in.
        <ScrollView style={styles.fills} contentContainerStyle={!isLow && styles.fills}>
          {isLow && top}
          <View style={!isLow && styles.fills}>{children}</View>
          {isLow && bottom}
        </ScrollView>
      ) : fills ? (
        <>
          {isLow && top}
          <View style={styles.fills}>{children}</View>
        </>
      ) : (
        <ScrollView ref={hold} keyboardShouldPersistTaps="handled">
          {isLow && top}
          <ScrollPlaceContext value={place}>
            <View style={[styles.content, spread && styles.spread]}>
              {spread
                ? Children.map(children, (child) =>
                    child === null || child === false ? null : (
                      <View style={styles.part}>{child}</View>
                    ),
                  )
                : children}
            </View>
          </ScrollPlaceContext>
          {isLow && bottom}
        </ScrollView>
      )}
      {!isLow && bottom}
    </View>
  );
});

/** The widest that a column of text and fields is good to read. */
const column = 720;

const styles = StyleSheet.create({
  screen: { flex: 1, minWidth: 0 },
  head: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'flex-start',
    gap: space.small,
    paddingHorizontal: space.large,
    paddingTop: space.medium,
    paddingBottom: space.small,
  },
  back: { margin: 0, marginLeft: -space.medium, width: touch.table, height: touch.table },
  titles: {
    flexGrow: 1,
    flexShrink: 1,
    // So wide that a word fits at 200 %; what stands beside it goes below then.
    flexBasis: 112,
    minHeight: touch.table,
    justifyContent: 'center',
  },
  fills: { flex: 1, minHeight: 0 },
  content: {
    padding: space.large,
    paddingTop: space.small,
    gap: space.large,
    width: '100%',
    maxWidth: column,
  },
  spread: { maxWidth: '100%', flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-start' },
  part: { flexGrow: 1, flexShrink: 1, flexBasis: 420, maxWidth: 640, minWidth: 0 },
  footRow: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    gap: space.small,
    width: '100%',
    maxWidth: column - 2 * space.large,
  },
  foot: {
    paddingHorizontal: space.large,
    paddingVertical: space.small,
    borderTopWidth: 1,
  },
});
