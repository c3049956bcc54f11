import { pourOf } from '../../core/bench/benchCopy';
import { isAfterLane, isBatchLane, type BatchLane } from '../../core/bench/lanes';
import { doneWords, sayColouring, sayCup, secondCupWords } from '../../words/bench';
import { sayPigments } from '../../words/sheet';
import { useBench } from './benchSource';
import { BubblesStep } from './BubblesStep';
import { useGuide } from './guide';
import { LaterStepView } from './LaterStepView';
import { PourBatchStep } from './PourBatchStep';
import { ReadyStep } from './ReadyStep';
import { RestStep } from './RestStep';
import { SayingStep } from './SayingStep';
import { StirStep } from './StirStep';
import { StrokesStep } from './StrokesStep';
import { VolumeStep } from './VolumeStep';
import { WeighStep } from './WeighStep';

/** The step in hand. */
export function StepView({ job }: { readonly job: string | undefined }) {
  const { lane, step } = useGuide();
  if (isAfterLane(lane)) {
    return step.kind === 'bubbles' ? <BubblesStep lane={lane} /> : <LaterStepView lane={lane} />;
  }
  return isBatchLane(lane) ? <BatchStep lane={lane} /> : <ReadyStep lane={lane} job={job} />;
}

function BatchStep({ lane }: { readonly lane: BatchLane }) {
  const { copy } = useBench();
  const { step } = useGuide();
  const pour = pourOf(copy);
  const { group } = lane.batch;
  const { resin, mixing } = pour;
  switch (step.kind) {
    case 'cup':
      return <SayingStep lines={sayCup(group, mixing.cups, resin.ratio === undefined)} />;
    case 'tint':
      return (
        <SayingStep
          title={`Colour into ${resin.pigmentInto === 'a' ? 'A' : 'B'}, before they meet`}
          lines={sayPigments(group.pigments)}
        />
      );
    case 'part-a':
    case 'part-b':
      return group.inCup === undefined ? (
        <WeighStep key={step.id} lane={lane} />
      ) : (
        <VolumeStep key={step.id} lane={lane} inCup={group.inCup} />
      );
    case 'more-a':
    case 'more-b':
      return <WeighStep key={step.id} lane={lane} />;
    case 'strokes':
      return group.strokes === undefined ? null : (
        <StrokesStep lane={lane} strokes={group.strokes} />
      );
    case 'combine':
      return (
        <SayingStep
          title="Into the third cup"
          lines={[
            `${mixing.first === 'a' ? 'A' : 'B'} first, then ${mixing.first === 'a' ? 'B' : 'A'}.`,
            'Scrape both cups out: what stays behind is missing from the ratio.',
          ]}
        />
      );
    case 'stir':
      return <StirStep lane={lane} />;
    case 'second-cup':
      return <SayingStep lines={secondCupWords} />;
    case 'rest':
      return <RestStep lane={lane} />;
    case 'colour':
      return <SayingStep lines={sayColouring(pour, group)} />;
    case 'pour':
      return <PourBatchStep lane={lane} />;
    default:
      return <SayingStep lines={[doneWords[step.kind]]} />;
  }
}
