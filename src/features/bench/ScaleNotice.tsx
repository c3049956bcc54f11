import { memo } from 'react';
import { pourOf } from '../../core/bench/benchCopy';
import type { BatchLane } from '../../core/bench/lanes';
import type { WeighingNotice, WeighingPhase } from '../../core/bench/weighing';
import type { ScaleTrouble } from '../../core/instruments/scaleReading';
import { Words } from '../../ui/text/Words';
import { sayCorrection } from '../../words/correction';
import {
  sayPhase,
  sayTrouble,
  sayWeighingNotice,
  scaleTroubleWords,
} from '../../words/instruments';
import { useBench } from './benchSource';
import { useInstrument, useInstrumentState } from './instruments';

interface ScaleNoticeProps {
  readonly lane: BatchLane;
  readonly part: 'a' | 'b';
  /** Undefined while no scale tells. */
  readonly phase: WeighingPhase | undefined;
  /** What stands on the scale untared, or stood on it. */
  readonly standsG: number;
  readonly trouble: ScaleTrouble | undefined;
  readonly notice: WeighingNotice | undefined;
}

interface Line {
  readonly text: string;
  readonly stop: boolean;
}

/** What of the scale, and of the part before, must be known now: a line each, large. */
export const ScaleNotice = memo(function ScaleNotice({
  lane,
  part,
  phase,
  standsG,
  trouble,
  notice,
}: ScaleNoticeProps) {
  const { copy } = useBench();
  const scale = useInstrument('scale');
  const connection = useInstrumentState(scale);
  const { stepG } = lane.batch.group.onScale;
  const ofScale = (): Line | undefined => {
    if (scale === undefined) return undefined;
    const { is, trouble: lost } = connection;
    if (is !== 'live') return { text: sayTrouble('scale', is, lost), stop: is === 'trouble' };
    if (trouble !== undefined) return { text: scaleTroubleWords[trouble], stop: true };
    const said = phase && sayPhase(phase, standsG, stepG);
    if (said !== undefined) return said;
    const text = notice && sayWeighingNotice(notice, stepG);
    return text === undefined ? undefined : { text, stop: false };
  };
  const { correction, inCup } = lane;
  const isAfterOther = (part === 'b' ? inCup.aG : inCup.bG) !== undefined;
  const first = ofScale();
  const lines: readonly Line[] = [
    ...(first === undefined ? [] : [first]),
    ...(correction !== undefined && isAfterOther && correction.surplusG > stepG * 0.55
      ? sayCorrection(correction, pourOf(copy)).more
      : []),
  ];
  return lines.map(({ text, stop }) => (
    <Words
      key={text}
      size="large"
      weight="semibold"
      colour={stop ? 'stop' : 'ink'}
      role={stop ? 'alert' : 'status'}
    >
      {text}
    </Words>
  ));
});
