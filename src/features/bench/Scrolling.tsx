import type { ReactNode } from 'react';
import { ScrollView, View, type StyleProp, type ViewStyle } from 'react-native';
import { useIsLow } from '../../ui/frame/useIsLow';

interface ScrollingProps {
  readonly content: StyleProp<ViewStyle>;
  readonly children: ReactNode;
}

const fills = { flex: 1, minHeight: 0 } as const;

/** What scrolls between head and foot; on a low screen all of it scrolls together, and this lies still. */
export function Scrolling({ content, children }: ScrollingProps) {
  return useIsLow() ? (
    <View style={content}>{children}</View>
  ) : (
    // By keys too, where nothing in it takes them.
    <ScrollView style={fills} contentContainerStyle={content} tabIndex={0}>
      {children}
    </ScrollView>
  );
}

/** All of a bench screen: on a low one it scrolls as a whole. */
export function Whole({
  style,
  children,
}: {
  readonly style: StyleProp<ViewStyle>;
  readonly children: ReactNode;
}) {
  const isLow = useIsLow();
  return (
    <View role="main" style={[fills, style]}>
      {isLow ? <ScrollView>{children}</ScrollView> : children}
    </View>
  );
}
