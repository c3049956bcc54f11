import { StyleSheet, View } from 'react-native';
import { pourOf } from '../../core/bench/benchCopy';
import type { BatchLane } from '../../core/bench/lanes';
import { firstStirMin } from '../../core/bench/benchSteps';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { space } from '../../ui/theme/tokens';
import { doneWords, sayClock, sayStirPrompt, stirEndWords } from '../../words/bench';
import { sayRoughly } from '../../words/rough';
import { useBench } from './benchSource';
import { BigFigure } from './BigFigure';
import { doneNow } from './deeds';
import { useGuide } from './guide';
import { GuideFrame } from './GuideFrame';
import { useBenchTime } from './useBenchNow';

const msPerMin = 60_000;

/** Stirring: how long by now, what to scrape, and how one sees that it is done. */
export function StirStep({ lane }: { readonly lane: BatchLane }) {
  const { copy, act, clock } = useBench();
  const { step } = useGuide();
  const now = useBenchTime();
  const colours = useColours();
  const min = firstStirMin(pourOf(copy));
  const gone = Math.max(0, (now - (lane.since ?? now)) / msPerMin);
  const share = gone / min;
  return (
    <GuideFrame
      title="Stir"
      subtitle={`about ${sayRoughly(min)}, slowly`}
      main={{
        label: share < 1 ? 'Clear already' : doneWords.stir,
        onPress: () => void act(doneNow(step, clock.now())),
      }}
    >
      <View testID="main-figure">
        <BigFigure figure={sayClock(gone)} caption="stirred" testID="stirred" />
      </View>
      <View
        style={[styles.bar, { borderColor: colours.ink }]}
        role="progressbar"
        aria-label="Stirred"
        aria-valuemin={0}
        aria-valuemax={100}
        aria-valuenow={Math.min(100, Math.round(share * 100))}
      >
        <View
          style={[
            styles.fill,
            { backgroundColor: colours.ink, width: `${Math.min(1, share) * 100}%` },
          ]}
        />
      </View>
      <Words size="title" weight="bold" live="polite">
        {sayStirPrompt(share)}
      </Words>
      <Words size="large" colour="inkSoft">
        {stirEndWords}
      </Words>
    </GuideFrame>
  );
}

const styles = StyleSheet.create({
  bar: { height: 14, borderWidth: 1.5, marginTop: -space.small },
  fill: { height: '100%' },
});
