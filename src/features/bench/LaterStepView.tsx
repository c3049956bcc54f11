import { lookOf } from '../../core/bench/benchState';
import type { AfterLane } from '../../core/bench/lanes';
import { Words } from '../../ui/text/Words';
import { doneWords, sayClock } from '../../words/bench';
import { sayLater } from '../../words/laterSteps';
import { BigFigure } from './BigFigure';
import { useGuide } from './guide';
import { LaterFrame } from './LaterFrame';
import { MouldStep } from './MouldStep';

/** What is done with a layer later: under the lamp, into the pot and out of it, flakes when they stay. */
export function LaterStepView({ lane }: { readonly lane: AfterLane }) {
  const { step } = useGuide();
  const { dueAt, later } = lookOf(lane, step);
  if (later === undefined) return null;
  if (later.code === 'empty-mould') return <MouldStep key={lane.id} lane={lane} mould={later} />;
  const [title, lines] = sayLater(later);
  return (
    <LaterFrame
      lane={lane}
      dueAt={dueAt}
      title={(isDue) => (isDue ? title : `Next: ${title.charAt(0).toLowerCase()}${title.slice(1)}`)}
      doneWord={doneWords[later.code]}
    >
      {(isDue, inMin) => (
        <>
          {!isDue && <BigFigure figure={sayClock(inMin)} caption="from now" />}
          {lines.map((line, at) => (
            <Words key={line} size={isDue ? 'title' : 'large'} weight={at === 0 ? 'bold' : 'text'}>
              {line}
            </Words>
          ))}
        </>
      )}
    </LaterFrame>
  );
}
