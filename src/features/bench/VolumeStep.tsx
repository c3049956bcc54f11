import { useState } from 'react';
import { View } from 'react-native';
import { gOfVolume, volumeIn, volumeOfPart } from '../../core/bench/byVolume';
import type { BatchLane } from '../../core/bench/lanes';
import { doneWords } from '../../words/bench';
import { sayOnScale } from '../../words/figures';
import type { CupFigures } from '../../core/mix/onScale';
import { useBench } from './benchSource';
import { pourOf } from '../../core/bench/benchCopy';
import { BigButton } from './BigButton';
import { BigFigure } from './BigFigure';
import { partIn } from './deeds';
import { useGuide } from './guide';
import { GuideFrame } from './GuideFrame';
import { Keypad } from './Keypad';

interface VolumeStepProps {
  readonly lane: BatchLane;
  readonly inCup: CupFigures;
}

/** One part to the mark of a graduated cup. */
export function VolumeStep({ lane, inCup }: VolumeStepProps) {
  const { copy, act, clock } = useBench();
  const { step } = useGuide();
  const [isKeying, setKeying] = useState(false);
  const part = step.kind === 'part-b' ? 'b' : 'a';
  const { group } = lane.batch;
  const { first, cups } = pourOf(copy).mixing;
  const ownMl = volumeOfPart(lane, part) ?? 0;
  const isSecond = cups === 'one' && part !== first && group.b.ml > 0;
  const belowMl = isSecond ? volumeIn(lane, part === 'a' ? 'b' : 'a') : 0;
  const take = (markMl: number, by: 'plan' | 'hand'): void =>
    void act(
      partIn(step, clock.now(), gOfVolume(group, part, markMl - belowMl), by, {
        raw: `${sayOnScale(markMl, inCup.stepMl)} ml`,
      }),
    );
  const mark = belowMl + ownMl;
  const letter = part.toUpperCase();
  if (isKeying) {
    return (
      <Keypad
        title="The cup stands at"
        unit="ml"
        refuse={(ml) =>
          ml <= belowMl ? 'It stands no higher than before: key in the mark it reaches.' : undefined
        }
        onClose={() => setKeying(false)}
        onTake={(ml) => {
          setKeying(false);
          take(ml, 'hand');
        }}
      />
    );
  }
  return (
    <GuideFrame
      part={part}
      title={`${letter} ${part === 'a' ? 'resin' : 'hardener'} to the mark`}
      subtitle="Read it at eye height."
      main={{ label: doneWords[step.kind], onPress: () => take(mark, 'plan') }}
    >
      <View testID="main-figure">
        <BigFigure figure={sayOnScale(mark, inCup.stepMl)} unit="ml" caption="the mark" />
        {isSecond && (
          <BigFigure
            figure={sayOnScale(ownMl, inCup.stepMl)}
            unit="ml"
            size="large"
            colour={part === 'a' ? 'partA' : 'partB'}
            caption={`of ${letter}, on ${sayOnScale(belowMl, inCup.stepMl)} ml`}
          />
        )}
      </View>
      <BigButton label="It reads something else" onPress={() => setKeying(true)} />
    </GuideFrame>
  );
}
