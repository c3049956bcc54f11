import { StyleSheet, View } from 'react-native';
import { colourAtDepth } from '../../core/colour/appearance';
import { Swatch } from '../../ui/Swatch';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { sayMm } from '../../words/figures';

interface DepthSwatchesProps {
  readonly swatch: string;
  readonly testedAtMm: number;
  readonly depthMm: number;
}

/** What the test cup's dose would look like in deeper pours without scaling it: the reason to scale it. */
export function DepthSwatches({ swatch, testedAtMm, depthMm }: DepthSwatchesProps) {
  const depths = [1, 2, 4].map((times) => times * testedAtMm).filter((depth) => depth <= depthMm);
  return (
    <View style={styles.stack}>
      <Words size="small" colour="inkSoft">
        The dose of the test cup, unscaled (approximate, as any screen is):
      </Words>
      <View style={styles.row}>
        {depths.map((depth) => (
          <View key={depth} style={styles.depth}>
            <Swatch colour={colourAtDepth(swatch, depth / testedAtMm)} size={48} />
            <Words size="small">{sayMm(depth)}</Words>
          </View>
        ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.small },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.large },
  depth: { alignItems: 'center', gap: space.tight },
});
