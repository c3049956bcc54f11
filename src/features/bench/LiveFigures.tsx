import { StyleSheet, View } from 'react-native';
import { standingOf } from '../../core/bench/weighing';
import { sayOnScale } from '../../words/figures';
import { BigFigure } from './BigFigure';
import { CupDrawing } from './CupDrawing';
import { useWeighed, type Weigher } from './useWeighing';
import { space } from '../../ui/theme/tokens';
import type { PartWeight } from './weighingOf';

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
    <View style={styles.row}>
      <View style={styles.figures} testID="main-figure">
        <BigFigure
          figure={sayOnScale(Math.max(0, toPourG), stepG)}
          unit="g"
          caption={
            isThere
              ? 'on the figure: hold still'
              : isNear
                ? 'still to pour, slowly'
                : 'still to pour'
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
      </View>
      <CupDrawing
        below={otherG > 0 ? (part === 'a' ? 'b' : 'a') : part}
        belowG={otherG > 0 ? otherG : pouredG}
        aboveG={otherG > 0 ? pouredG : 0}
        targetG={targetG}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    justifyContent: 'space-between',
    gap: space.medium,
  },
  figures: { flexGrow: 1, flexShrink: 1, flexBasis: 160, gap: space.large },
});
