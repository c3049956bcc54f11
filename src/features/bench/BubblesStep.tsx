import { StyleSheet, View } from 'react-native';
import { lookOf, type AfterLane } from '../../core/bench/benchState';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { doneWords, sayClock, toolNames, toolWords } from '../../words/bench';
import { sayRoughly } from '../../words/rough';
import { useBench } from './benchSource';
import { BigButton } from './BigButton';
import { BigFigure } from './BigFigure';
import { doneNow } from './deeds';
import { useGuide } from './guide';
import { GuideFrame } from './GuideFrame';
import { useBenchTime } from './useBenchNow';
import { ReadingsPicture } from './ReadingsPicture';

const msPerMin = 60_000;

/** A bubble pass: when, and with the tool that the settings name. */
export function BubblesStep({ lane }: { readonly lane: AfterLane }) {
  const { copy, act, clock, practice } = useBench();
  const { step } = useGuide();
  const now = useBenchTime();
  const { dueAt } = lookOf(lane, step);
  const passes = lane.steps.filter(({ kind }) => kind === 'bubbles').length;
  const inMin = (dueAt - now) / msPerMin;
  const isDue = inMin <= 0;
  return (
    <GuideFrame
      title={isDue ? `Bubbles: ${toolNames[copy.tool].toLowerCase()}` : 'Next: bubbles'}
      subtitle={`pass ${step.turn + 1} of ${passes}`}
      main={{
        label: isDue ? doneWords.bubbles : 'Done already',
        onPress: () => void act(doneNow(step, clock.now())),
      }}
    >
      <View testID="main-figure" style={styles.stack}>
        {isDue ? (
          toolWords[copy.tool].map((line, at) => (
            <Words key={line} size="title" weight={at === 0 ? 'bold' : 'text'}>
              {line}
            </Words>
          ))
        ) : (
          <BigFigure figure={sayClock(inMin)} caption="until the next look" />
        )}
        {isDue && -inMin > 5 && (
          <Words size="large" colour="stop">
            {sayRoughly(-inMin)} late.
          </Words>
        )}
      </View>
      {practice !== undefined && !isDue && (
        <BigButton
          label="Let the time pass"
          also="practice only"
          onPress={() => practice.pass(dueAt - now)}
        />
      )}
      <ReadingsPicture layer={lane.layer} />
    </GuideFrame>
  );
}

const styles = StyleSheet.create({ stack: { gap: space.medium } });
