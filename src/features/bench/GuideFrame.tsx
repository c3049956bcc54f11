import { useEffect, useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { space } from '../../ui/theme/tokens';
import { BigButton } from './BigButton';
import { PotLifeBar } from './PotLifeBar';
import { useGuide } from './guide';
import { Scrolling } from './Scrolling';

/** A knuckle bounces for no longer than this, ms. */
const bounceMs = 500;

/** True for a moment after the step has changed. */
function useRest(step: string): boolean {
  const [awake, setAwake] = useState<string>();
  useEffect(() => {
    const timer = setTimeout(() => setAwake(step), bounceMs);
    return () => clearTimeout(timer);
  }, [step]);
  return awake !== step;
}

interface GuideFrameProps {
  /** Said in the colour of its part. */
  readonly part?: 'a' | 'b' | undefined;
  readonly title: string;
  readonly subtitle?: string | undefined;
  readonly main: {
    readonly label: string;
    readonly onPress: () => void;
    readonly also?: string | undefined;
  };
  readonly children: ReactNode;
}

/** One step of the guide: what it is, large; its clock; and at the foot what one says when it is done. */
export function GuideFrame({ part, title, subtitle, main, children }: GuideFrameProps) {
  const colours = useColours();
  const { pot, open, step } = useGuide();
  const rests = useRest(step.id);
  return (
    <>
      <Scrolling content={styles.content}>
        <View>
          <Words
            heading={1}
            size="title"
            weight="bold"
            colour={part === undefined ? 'ink' : part === 'a' ? 'partA' : 'partB'}
          >
            {title}
          </Words>
          {subtitle !== undefined && (
            <Words size="large" colour="inkSoft">
              {subtitle}
            </Words>
          )}
        </View>
        {children}
        {pot !== undefined && <PotLifeBar pot={pot} />}
      </Scrolling>
      <View role="toolbar" style={[styles.foot, { borderTopColor: colours.line }]}>
        <BigButton
          kind="stop"
          label="It is heating"
          onPress={() => open('heating')}
          style={styles.grow}
        />
        <BigButton
          kind="main"
          label={main.label}
          also={main.also}
          onPress={main.onPress}
          rests={rests}
          style={styles.main}
          testID="main-action"
        />
      </View>
    </>
  );
}

const styles = StyleSheet.create({
  content: {
    paddingHorizontal: space.large,
    paddingBottom: space.large,
    gap: space.large,
    width: '100%',
    maxWidth: 720,
    alignSelf: 'center',
  },
  foot: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    gap: space.small,
    padding: space.medium,
    borderTopWidth: 1,
  },
  grow: { flexGrow: 1, flexBasis: 120 },
  main: { flexGrow: 2, flexBasis: 150 },
});
