import { StyleSheet, View } from 'react-native';
import { pourOf } from '../../core/bench/benchCopy';
import { gOfStrokes } from '../../core/bench/byVolume';
import type { BatchLane } from '../../core/bench/lanes';
import type { Strokes } from '../../core/mix/strokes';
import { space } from '../../ui/theme/tokens';
import { doneWords } from '../../words/bench';
import { useBench } from './benchSource';
import { BigFigure } from './BigFigure';
import { counted, doneNow } from './deeds';
import { useGuide } from './guide';
import { GuideFrame } from './GuideFrame';

interface StrokesStepProps {
  readonly lane: BatchLane;
  readonly strokes: Strokes;
}

/** Both pumps in turn, a tap a round. */
export function StrokesStep({ lane, strokes }: StrokesStepProps) {
  const { copy, act, clock } = useBench();
  const { step } = useGuide();
  const { rounds, perRound } = strokes;
  const isLast = lane.rounds >= rounds;
  const { ratio } = pourOf(copy).resin;
  const brought = ratio && gOfStrokes(lane.batch.group, ratio.byVolume.a / ratio.byVolume.b);
  return (
    <GuideFrame
      title={`Round ${Math.min(rounds, lane.rounds + 1)} of ${rounds}`}
      subtitle="Both pumps in turn. Slowly, to the stop."
      main={
        isLast
          ? {
              label: doneWords.strokes,
              onPress: () => void act(doneNow(step, clock.now(), { ...brought, by: 'plan' })),
            }
          : { label: 'This round is in', onPress: () => void act(counted(step, clock.now())) }
      }
    >
      <View style={styles.row} testID="main-figure">
        <BigFigure figure={String(perRound.a)} colour="partA" caption="of A" />
        <BigFigure figure={String(perRound.b)} colour="partB" caption="then of B" />
      </View>
    </GuideFrame>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', gap: space.huge } });
