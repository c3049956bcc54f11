import { StyleSheet, View } from 'react-native';
import { sayMl } from '../../words/figures';
import { sayPour } from '../../words/pours';
import { Words } from '../text/Words';
import type { DrawnLayer } from '../../core/plan/piece/pieceOf';
import type { PlacedCavity } from './sectionLayout';

interface LayerWordsProps {
  readonly layers: readonly DrawnLayer[];
  /** Whether pours are told by name: there are several. */
  readonly named: boolean;
  readonly cavity: PlacedCavity;
  readonly left: number;
}

/** Heights that a layer must have on the screen for its words, on two lines and on one. */
const twoLinesDp = 42;
const oneLineDp = 21;

/** Beside a single cavity: which layer is which, and what it holds. Too thin layers go without. */
export function LayerWords({ layers: drawn, named, cavity, left }: LayerWordsProps) {
  const layers = drawn.map(({ pour, layer, fromMm = 0, toMm = 0, cavityMl }, index) => ({
    name: named
      ? `${sayPour(pour)}${pour.layers.length > 1 ? ` ${layer + 1}` : ''}`
      : `Layer ${index + 1}`,
    short: named ? sayPour(pour) : String(index + 1),
    middleY: cavity.floorY - ((fromMm + toMm) / 2) * cavity.upPerMm,
    tallDp: (toMm - fromMm) * cavity.upPerMm,
    cavityMl,
  }));
  const thinnestDp = Math.min(...layers.map(({ tallDp }) => tallDp));
  if (thinnestDp < oneLineDp) return null;
  const twoLines = thinnestDp >= twoLinesDp;
  return layers.map(({ middleY, cavityMl, name, short }, index) => (
    <View key={index} style={[styles.words, { left, top: middleY - (twoLines ? 20 : 10) }]}>
      <Words size="small" weight="semibold">
        {twoLines ? name : `${short}: ${sayMl(cavityMl)}`}
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
