import { StyleSheet, View } from 'react-native';
import type { Plan } from '../../core/plan/planTypes';
import { sayMl } from '../../words/figures';
import { Words } from '../text/Words';
import type { PlacedCavity } from './sectionLayout';

interface LayerWordsProps {
  readonly plan: Plan;
  readonly cavity: PlacedCavity;
  readonly left: number;
}

/** Heights that a layer must have on the screen for its words, on two lines and on one. */
const twoLinesDp = 42;
const oneLineDp = 21;

/** Beside a single cavity: which layer is which, and what it holds. Too thin layers go without. */
export function LayerWords({ plan, cavity, left }: LayerWordsProps) {
  const layers = plan.layers.map(({ fromMm = 0, toMm = 0, cavityMl }) => ({
    middleY: cavity.floorY - ((fromMm + toMm) / 2) * cavity.upPerMm,
    tallDp: (toMm - fromMm) * cavity.upPerMm,
    cavityMl,
  }));
  const thinnestDp = Math.min(...layers.map(({ tallDp }) => tallDp));
  if (thinnestDp < oneLineDp) return null;
  const twoLines = thinnestDp >= twoLinesDp;
  return layers.map(({ middleY, cavityMl }, index) => (
    <View key={index} style={[styles.words, { left, top: middleY - (twoLines ? 20 : 10) }]}>
      <Words size="small" weight="semibold">
        {twoLines ? `Layer ${index + 1}` : `${index + 1}: ${sayMl(cavityMl)}`}
      </Words>
      {twoLines && (
        <Words size="small" colour="inkSoft">
          {sayMl(cavityMl)}
        </Words>
      )}
    </View>
  ));
}

const styles = StyleSheet.create({ words: { position: 'absolute' } });
