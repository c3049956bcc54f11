import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { pourOf } from '../../core/bench/benchCopy';
import { mouldsOfMix } from '../../core/bench/runLanes';
import { mixedGOfBatch } from '../../core/bench/poured';
import type { BatchLane } from '../../core/bench/lanes';
import { Words } from '../../ui/text/Words';
import { Section } from '../../ui/section/Section';
import { space } from '../../ui/theme/tokens';
import { doneWords, sayHowPoured, sayWhere } from '../../words/bench';
import { sayG, sayMl } from '../../words/figures';
import { useBench } from './benchSource';
import { BigButton } from './BigButton';
import { doneNow } from './deeds';
import { useGuide } from './guide';
import { GuideFrame } from './GuideFrame';
import { useBenchTime } from './useBenchNow';
import { BenchPoured } from './BenchPoured';
import { Keypad } from './Keypad';

const msPerMin = 60_000;

/** A batch goes into the mould: where, how high, and how; the Section fills as it goes. */
export function PourBatchStep({ lane }: { readonly lane: BatchLane }) {
  const { copy, act, clock } = useBench();
  const { step } = useGuide();
  const now = useBenchTime();
  const pour = pourOf(copy);
  const { group } = lane.batch;
  const filledMl = group.filledMl ?? group.ml;
  const gone = Math.max(0, (now - (lane.since ?? now)) / msPerMin);
  const share = Math.min(1, (gone * pour.working.pourMlPerMin) / filledMl);
  const [isKeying, setKeying] = useState(false);
  const mixedG = mixedGOfBatch(lane);
  const pouring = useMemo(() => ({ lane: lane.id, share }), [lane.id, share]);
  if (isKeying) {
    return (
      <Keypad
        title="Left in the cup, without it"
        unit="g"
        refuse={(g) =>
          g > mixedG
            ? `No more than ${sayG(mixedG)} was mixed. Take the cup's own weight off.`
            : undefined
        }
        onClose={() => setKeying(false)}
        onTake={(leftG) => {
          setKeying(false);
          void act(doneNow(step, clock.now(), { leftG }));
        }}
      />
    );
  }
  return (
    <GuideFrame
      title={`Pour ${sayMl(filledMl)}`}
      subtitle={group.colour}
      main={{ label: doneWords.pour, onPress: () => void act(doneNow(step, clock.now())) }}
    >
      <View style={styles.lines} testID="main-figure">
        {sayWhere(pour, lane, mouldsOfMix(copy.run, lane.batch.place - 1)).map((line) => (
          <Words key={line} size="title" weight="bold">
            {line}
          </Words>
        ))}
        {sayHowPoured(pour).map((line) => (
          <Words key={line} size="large">
            {line}
          </Words>
        ))}
      </View>
      <BenchPoured pouring={pouring}>
        <Section plan={copy.plan} greatestHeight={200} />
      </BenchPoured>
      {lane.correction !== undefined && lane.correction.surplusMl > 0.5 && (
        <Words size="large">
          {sayMl(lane.correction.leftMl)} will be left: have a mould ready.
        </Words>
      )}
      <BigButton
        label="Poured, some is left"
        also="weigh what stays in the cup"
        onPress={() => setKeying(true)}
      />
    </GuideFrame>
  );
}

const styles = StyleSheet.create({ lines: { gap: space.small } });
