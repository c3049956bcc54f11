import { StyleSheet, View } from 'react-native';
import { lookOf, type AfterLane } from '../../core/bench/benchState';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { doneWords, sayClock } from '../../words/bench';
import { sayLater } from '../../words/laterSteps';
import { sayRoughly } from '../../words/rough';
import { useBench } from './benchSource';
import { BigButton } from './BigButton';
import { BigFigure } from './BigFigure';
import { doneNow } from './deeds';
import { useGuide } from './guide';
import { GuideFrame } from './GuideFrame';
import { ReadingsPicture } from './ReadingsPicture';
import { useBenchTime } from './useBenchNow';

const msPerMin = 60_000;
/** This much past its time is late, min. */
const lateMin = 5;

/** What is done with a layer later: under the lamp, into the pot and out of it, flakes when they stay. */
export function LaterStepView({ lane }: { readonly lane: AfterLane }) {
  const { act, clock, practice } = useBench();
  const { step } = useGuide();
  const now = useBenchTime();
  const { dueAt, later } = lookOf(lane, step);
  if (later === undefined) return null;
  const [title, lines] = sayLater(later);
  const inMin = (dueAt - now) / msPerMin;
  const isDue = inMin <= 0;
  return (
    <GuideFrame
      title={isDue ? title : `Next: ${title.charAt(0).toLowerCase()}${title.slice(1)}`}
      main={{
        label: isDue ? doneWords[later.code] : 'Done already',
        onPress: () => void act(doneNow(step, clock.now())),
      }}
    >
      <View testID="main-figure" style={styles.stack}>
        {!isDue && <BigFigure figure={sayClock(inMin)} caption="from now" />}
        {lines.map((line, at) => (
          <Words key={line} size={isDue ? 'title' : 'large'} weight={at === 0 ? 'bold' : 'text'}>
            {line}
          </Words>
        ))}
        {isDue && -inMin > lateMin && (
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
