import { lookOf } from '../../core/bench/benchState';
import type { AfterLane } from '../../core/bench/lanes';
import { Words } from '../../ui/text/Words';
import { doneWords, sayClock, toolNames, toolWords } from '../../words/bench';
import { useBench } from './benchSource';
import { BigFigure } from './BigFigure';
import { useGuide } from './guide';
import { LaterFrame } from './LaterFrame';

/** A bubble pass: when, and with the tool that the settings name. */
export function BubblesStep({ lane }: { readonly lane: AfterLane }) {
  const { copy } = useBench();
  const { step } = useGuide();
  const { dueAt } = lookOf(lane, step);
  const passes = lane.steps.filter(({ kind }) => kind === 'bubbles').length;
  return (
    <LaterFrame
      lane={lane}
      dueAt={dueAt}
      title={(isDue) =>
        isDue ? `Bubbles: ${toolNames[copy.tool].toLowerCase()}` : 'Next: bubbles'
      }
      subtitle={`pass ${step.turn + 1} of ${passes}`}
      doneWord={doneWords.bubbles}
    >
      {(isDue, inMin) =>
        isDue ? (
          toolWords[copy.tool].map((line, at) => (
            <Words key={line} size="title" weight={at === 0 ? 'bold' : 'text'}>
              {line}
            </Words>
          ))
        ) : (
          <BigFigure figure={sayClock(inMin)} caption="until the next look" />
        )
      }
    </LaterFrame>
  );
}
