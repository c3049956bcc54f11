import { StyleSheet, View } from 'react-native';
import { pourOf } from '../../core/bench/benchCopy';
import { restWays, type RestWay } from '../../core/bench/benchEvents';
import type { BatchLane } from '../../core/bench/lanes';
import { stirShares } from '../../core/bench/benchSteps';
import { potClockOf, usualBathC } from '../../core/bench/potClock';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { doneWords, restNames, restWords, sayClock } from '../../words/bench';
import { sayRoughly } from '../../words/rough';
import { useBench } from './benchSource';
import { BigButton } from './BigButton';
import { BigFigure } from './BigFigure';
import { chosen, doneNow } from './deeds';
import { useGuide } from './guide';
import { GuideFrame } from './GuideFrame';
import { useBenchTime } from './useBenchNow';
import { usePotAnswers } from './usePots';

const msPerMin = 60_000;
/** A rest for bubbles takes two minutes at least. */
const leastRestMin = 2;

/** Bubbles are let out: three ways, each with the pot life that it leaves; then its clock. */
export function RestStep({ lane }: { readonly lane: BatchLane }) {
  const { copy, act, clock } = useBench();
  const { step, pot } = useGuide();
  const now = useBenchTime();
  const { rest } = lane;
  const min = Math.max(leastRestMin, pourOf(copy).working.stirMin * stirShares.rest);
  // What it would be in a bath from now on: asked for the minute, so that the answer stands for a while.
  const asked = Math.floor(now / msPerMin) * msPerMin;
  const bathed: BatchLane = {
    ...lane,
    rest: { way: 'bath', at: Math.max(asked, lane.metAt ?? asked), c: usualBathC },
  };
  const [inBath] = usePotAnswers(copy, rest === undefined ? [bathed] : []);
  const gone = lane.metAt === undefined ? 0 : (now - lane.metAt) / msPerMin;
  const leaves = (way: RestWay): string | undefined => {
    const all =
      way === 'bath'
        ? inBath?.pourableMin
        : pot && potClockOf(copy, lane, pot.answer, now)?.pourableMin;
    return all === null || all === undefined
      ? undefined
      : `leaves ${sayRoughly(Math.max(0.2, all - gone - (way === 'bath' ? 0 : min)))} to pour`;
  };
  const done = {
    label: rest === undefined ? 'No rest' : doneWords.rest,
    onPress: () => void act(doneNow(step, clock.now())),
  };
  if (rest === undefined) {
    return (
      <GuideFrame title="Let bubbles out" main={done}>
        <View style={styles.stack} testID="main-figure">
          {restWays.map((way) => (
            <BigButton
              key={way}
              label={way === 'rest' ? `Rest ${sayRoughly(min)}` : restNames[way]}
              also={leaves(way)}
              onPress={() =>
                void act(chosen(step, clock.now(), way, way === 'bath' ? usualBathC : undefined))
              }
              style={styles.way}
            />
          ))}
        </View>
      </GuideFrame>
    );
  }
  const rested = Math.max(0, (now - rest.at) / msPerMin);
  return (
    <GuideFrame
      title={restNames[rest.way]}
      subtitle={rest.way === 'rest' ? `about ${sayRoughly(min)}` : undefined}
      main={done}
    >
      <View testID="main-figure">
        <BigFigure figure={sayClock(rested)} />
      </View>
      <Words size="title">{restWords[rest.way]}</Words>
    </GuideFrame>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.medium },
  way: { minHeight: 88 },
});
