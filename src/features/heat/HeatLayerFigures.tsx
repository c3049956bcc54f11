import type { WarmEnough } from '../../core/plan/heat/warmEnough';
import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import type { PlannedHeat } from '../../core/plan/heat/heatOfPlan';
import type { HeatFamily } from '../../core/resin/families';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import {
  bandNames,
  sayBand,
  sayFormBears,
  sayHard,
  sayLayerTimes,
  sayPeak,
  sayPeakTime,
} from '../../words/heat';
import { sayDegrees } from '../../words/figures';

interface HeatLayerFiguresProps {
  readonly family: HeatFamily;
  readonly layer: PlannedHeat;
  /** Where there are several. */
  readonly number: number | undefined;
  /** Whether the range is there yet. */
  readonly ranged: boolean;
  /** A room in which it would get hard, where this one is too cold. */
  readonly warmEnough: WarmEnough | undefined;
}

/** What becomes of one layer: its peak first, then the times. */
export const HeatLayerFigures = memo(function LayerFigures({
  family,
  layer,
  number,
  ranged,
  warmEnough,
}: HeatLayerFiguresProps) {
  const { band, peakC } = layer;
  return (
    <Panel title={number === undefined ? 'Peak' : `Layer ${number}, peak`} testID="heat-layer">
      <View style={styles.peak}>
        <Words weight="bold" style={styles.figure}>
          {ranged ? sayPeak(family, layer) : `about ${sayDegrees(peakC.mid)}`}
        </Words>
        <Words weight="bold" colour={band === 'runaway' ? 'stop' : 'ink'}>
          {bandNames[band]}
        </Words>
      </View>
      <Words>{sayPeakTime(family, layer)}</Words>
      <Words colour={band === 'runaway' ? 'stop' : 'ink'}>{sayBand(layer)}</Words>
      {layer.formBearsC !== undefined && <Words>{sayFormBears(layer)}</Words>}
      <View>
        {sayLayerTimes(layer).map(([label, value]) => (
          <View key={label} style={styles.row}>
            <Words colour="inkSoft" style={styles.label}>
              {label}
            </Words>
            <Words weight="semibold">{value}</Words>
          </View>
        ))}
      </View>
      <Words>{sayHard(layer, warmEnough)}</Words>
    </Panel>
  );
});

const styles = StyleSheet.create({
  peak: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'baseline',
    justifyContent: 'space-between',
    gap: space.small,
  },
  figure: { fontSize: 26, lineHeight: 32, flexShrink: 1 },
  row: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    justifyContent: 'space-between',
    columnGap: space.medium,
  },
  label: { flexShrink: 1 },
});
