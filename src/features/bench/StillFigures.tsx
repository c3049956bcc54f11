import { sayOnScale } from '../../words/figures';
import { BigFigure } from './BigFigure';
import type { PartWeight } from '../../core/bench/partWeight';
import { WeighLayout } from './WeighLayout';

/** What the scale is to read, where it does not tell by itself, or nothing is poured yet. */
export function StillFigures({ weight }: { readonly weight: PartWeight }) {
  const { part, stepG, targetG, addG, otherG, inG } = weight;
  return (
    <WeighLayout weight={weight} pouredG={inG - otherG}>
      <BigFigure
        figure={sayOnScale(targetG, stepG)}
        unit="g"
        caption={otherG > 0 ? 'the scale will read' : 'to weigh in'}
        testID="to-read"
      />
      {otherG > 0 && (
        <BigFigure
          figure={sayOnScale(addG, stepG)}
          unit="g"
          size="large"
          colour={part === 'a' ? 'partA' : 'partB'}
          caption={`of ${part.toUpperCase()}, on ${sayOnScale(inG, stepG)} g`}
        />
      )}
    </WeighLayout>
  );
}
