import { standingOf } from '../../core/bench/weighing';
import { sayOnScale } from '../../words/figures';
import { BigFigure } from './BigFigure';
import { useWeighed, type Weigher } from './useWeighing';
import type { PartWeight } from '../../core/bench/partWeight';
import { WeighLayout } from './WeighLayout';

interface LiveFiguresProps {
  readonly weigher: Weigher;
  readonly weight: PartWeight;
}

/** What is still to pour, and what is in, as the scale tells it. */
export function LiveFigures({ weigher, weight }: LiveFiguresProps) {
  const { part, stepG, targetG, addG, otherG, inG } = weight;
  const contentG = useWeighed(weigher).weighing.contentG ?? inG;
  const { toPourG, isThere, isNear } = standingOf(contentG, targetG, addG, stepG);
  const pouredG = Math.max(0, contentG - otherG);
  return (
    <WeighLayout weight={weight} pouredG={pouredG}>
      <BigFigure
        figure={sayOnScale(Math.max(0, toPourG), stepG)}
        unit="g"
        caption={
          isThere ? 'on the figure: hold still' : isNear ? 'still to pour, slowly' : 'still to pour'
        }
        testID="to-pour"
      />
      <BigFigure
        figure={sayOnScale(pouredG, stepG)}
        unit="g"
        size="large"
        colour={part === 'a' ? 'partA' : 'partB'}
        caption={`of ${part.toUpperCase()} in the cup`}
        testID="in-cup"
      />
    </WeighLayout>
  );
}
