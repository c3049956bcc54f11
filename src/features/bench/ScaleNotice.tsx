import type { BatchLane } from '../../core/bench/benchState';
import { pourOf } from '../../core/bench/benchCopy';
import { Words } from '../../ui/text/Words';
import { sayOnScale } from '../../words/figures';
import { sayCorrection } from '../../words/correction';
import { sayTrouble, sayWeighingNotice, scaleTroubleWords } from '../../words/instruments';
import { useBench } from './benchSource';
import { useInstrument, useInstrumentState } from './instruments';
import type { LiveWeighing } from './useWeighing';

interface ScaleNoticeProps {
  readonly lane: BatchLane;
  readonly live: LiveWeighing | undefined;
  readonly part: 'a' | 'b';
}

/** What of the scale, and of the part before, must be known now: one line, large. */
export function ScaleNotice({ lane, live, part }: ScaleNoticeProps) {
  const { copy } = useBench();
  const scale = useInstrument('scale');
  const { is, trouble } = useInstrumentState(scale);
  const { stepG } = lane.batch.group.onScale;
  const lines: { readonly text: string; readonly stop: boolean }[] = [];
  if (scale !== undefined && is !== 'live') {
    lines.push({ text: sayTrouble('scale', is, trouble), stop: is === 'trouble' });
  }
  const weighing = live?.weighing;
  if (is === 'live' && weighing !== undefined) {
    if (weighing.trouble !== undefined) {
      lines.push({ text: scaleTroubleWords[weighing.trouble], stop: true });
    } else if (weighing.phase === 'bare') {
      lines.push({ text: 'Put the cup on the scale and tare it.', stop: false });
    } else if (weighing.phase === 'cup') {
      lines.push({
        text: `A cup of ${sayOnScale(weighing.contentG ?? 0, stepG)} g: tare the scale.`,
        stop: false,
      });
    } else if (weighing.phase === 'asked') {
      lines.push({
        text: `Tared with ${sayOnScale(weighing.heldG, stepG)} g on it. Was that the cup?`,
        stop: true,
      });
    } else if (weighing.phase === 'lifted') {
      lines.push({
        text: `The cup is off the scale. Put it back: it holds ${sayOnScale(weighing.heldG, stepG)} g.`,
        stop: true,
      });
    } else if (live?.notice !== undefined) {
      const text = sayWeighingNotice(live.notice, stepG);
      if (text !== undefined) lines.push({ text, stop: false });
    }
  }
  const { correction, inCup } = lane;
  const isAfterOther = part === 'b' ? inCup.aG !== undefined : inCup.bG !== undefined;
  if (correction !== undefined && isAfterOther && correction.surplusG > stepG * 0.55) {
    lines.push(...sayCorrection(correction, pourOf(copy)).more);
  }
  return (
    <>
      {lines.map(({ text, stop }) => (
        <Words
          key={text}
          size="large"
          weight="semibold"
          colour={stop ? 'stop' : 'ink'}
          role={stop ? 'alert' : 'status'}
        >
          {text}
        </Words>
      ))}
    </>
  );
}
