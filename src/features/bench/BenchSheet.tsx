import { useContext, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { useEscape } from '../../ui/frame/useEscape';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { space } from '../../ui/theme/tokens';
import { BigButton } from './BigButton';
import { GuideContext } from './guide';
import { Scrolling, Whole } from './Scrolling';

interface BenchSheetProps {
  readonly title: string;
  readonly onClose: () => void;
  /** What the way back is called. */
  readonly close?: string;
  readonly foot?: ReactNode;
  readonly children: ReactNode;
}

/** Something beside the guide, over all of the screen, with one way back. */
export function BenchSheet({ title, onClose, close = 'Back', foot, children }: BenchSheetProps) {
  const colours = useColours();
  useEscape(onClose);
  // Wherever one is while something is mixed, it is a tap away.
  const guide = useContext(GuideContext);
  return (
    <Whole style={{ backgroundColor: colours.paper }}>
      <Scrolling content={styles.content}>
        <View style={styles.head}>
          <Words heading={1} size="title" weight="bold" style={styles.title}>
            {title}
          </Words>
          {guide !== null && (
            <BigButton kind="stop" label="It is heating" onPress={() => guide.open('heating')} />
          )}
        </View>
        {children}
      </Scrolling>
      <View style={[styles.foot, { borderTopColor: colours.line }]}>
        <BigButton label={close} onPress={onClose} style={styles.grow} />
        {foot}
      </View>
    </Whole>
  );
}

const styles = StyleSheet.create({
  content: {
    padding: space.large,
    gap: space.large,
    width: '100%',
    maxWidth: 640,
    alignSelf: 'center',
  },
  head: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: space.small },
  title: { flexGrow: 1, flexShrink: 1 },
  foot: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    gap: space.small,
    padding: space.medium,
    borderTopWidth: 1,
  },
  grow: { flexGrow: 1 },
});
