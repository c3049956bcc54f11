import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import type { BenchEvent } from '../../core/bench/benchEvents';
import type { AfterLane } from '../../core/bench/lanes';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { sayRoughly } from '../../words/rough';
import { useBench } from './benchSource';
import { BigButton } from './BigButton';
import { doneNow } from './deeds';
import { useGuide } from './guide';
import { GuideFrame } from './GuideFrame';
import { ReadingsPicture } from './ReadingsPicture';
import { useBenchTime } from './useBenchNow';

const msPerMin = 60_000;
/** This much past its time is late, min. */
const lateMin = 5;

interface LaterFrameProps {
  readonly lane: AfterLane;
  /** ms */
  readonly dueAt: number;
  readonly title: (isDue: boolean) => string;
  readonly subtitle?: string;
  /** What one says when it is done. */
  readonly doneWord: string;
  /** What is written down with it. */
  readonly more?: Partial<BenchEvent>;
  readonly children: (isDue: boolean, inMin: number) => ReactNode;
}

/** Something that is due at its time after a pour: told before, done then, late after. */
export function LaterFrame({
  lane,
  dueAt,
  title,
  subtitle,
  doneWord,
  more,
  children,
}: LaterFrameProps) {
  const { act, clock, practice } = useBench();
  const { step } = useGuide();
  const now = useBenchTime();
  const inMin = (dueAt - now) / msPerMin;
  const isDue = inMin <= 0;
  return (
    <GuideFrame
      title={title(isDue)}
      {...(subtitle === undefined ? {} : { subtitle })}
      main={{
        label: isDue ? doneWord : 'Done already',
        onPress: () => void act(doneNow(step, clock.now(), more)),
      }}
    >
      <View testID="main-figure" style={styles.stack}>
        {children(isDue, inMin)}
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
