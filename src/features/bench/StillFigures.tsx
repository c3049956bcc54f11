import { StyleSheet, View } from 'react-native';
import { space } from '../../ui/theme/tokens';
import { sayOnScale } from '../../words/figures';
import { BigFigure } from './BigFigure';
import { CupDrawing } from './CupDrawing';
import type { PartWeight } from './weighingOf';

/** What the scale is to read, where it does not tell by itself, or nothing is poured yet. */
export function StillFigures({ weight }: { readonly weight: PartWeight }) {
  const { part, stepG, targetG, addG, otherG, inG } = weight;
  return (
    <View style={styles.row}>
      <View style={styles.figures} testID="main-figure">
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
      </View>
      <CupDrawing
        below={otherG > 0 ? (part === 'a' ? 'b' : 'a') : part}
        belowG={otherG > 0 ? otherG : 0}
        aboveG={otherG > 0 ? inG - otherG : 0}
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
