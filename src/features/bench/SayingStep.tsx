import { StyleSheet, View } from 'react-native';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { doneWords, stepNames } from '../../words/bench';
import { useBench } from './benchSource';
import { doneNow } from './deeds';
import { useGuide } from './guide';
import { GuideFrame } from './GuideFrame';

interface SayingStepProps {
  readonly title?: string;
  readonly lines: readonly string[];
}

/** A step that is told in a few large lines. */
export function SayingStep({ title, lines }: SayingStepProps) {
  const { act, clock } = useBench();
  const { step } = useGuide();
  return (
    <GuideFrame
      title={title ?? stepNames[step.kind]}
      main={{ label: doneWords[step.kind], onPress: () => void act(doneNow(step, clock.now())) }}
    >
      <View style={styles.lines} testID="main-figure">
        {lines.map((line, at) => (
          <Words key={line} size="title" weight={at === 0 ? 'bold' : 'text'}>
            {line}
          </Words>
        ))}
      </View>
    </GuideFrame>
  );
}

const styles = StyleSheet.create({ lines: { gap: space.medium } });
