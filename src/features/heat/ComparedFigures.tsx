import { StyleSheet, View } from 'react-native';
import type { HeatPlan, PlannedHeat } from '../../core/plan/heat/heatOfPlan';
import type { HeatFamily } from '../../core/resin/families';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { space } from '../../ui/theme/tokens';
import { bandNames, hottestLayer, sayHours, sayPeakAbout } from '../../words/heat';

const hours = (value: number | undefined): string => (value === undefined ? '–' : sayHours(value));

const rows: readonly (readonly [string, (layer: PlannedHeat, family: HeatFamily) => string])[] = [
  ['Peak', ({ peakC }, family) => sayPeakAbout(family, peakC.mid)],
  ['Band', ({ band }) => bandNames[band]],
  ['Peaks after', ({ peakH }) => hours(peakH)],
  ['Gels', ({ gelH }) => hours(gelH)],
  ['Tack-free', ({ tackFreeH }) => hours(tackFreeH)],
  ['Out of the mould', ({ demouldH }) => hours(demouldH)],
  ['Keeps its shape', ({ keepsShapeH }) => hours(keepsShapeH)],
  ['Hard', ({ hardH }) => hours(hardH)],
];

/** The hottest layer of two settings, line by line. */
export function ComparedFigures({
  planned,
  tried,
}: {
  readonly planned: HeatPlan;
  readonly tried: HeatPlan;
}) {
  const colours = useColours();
  const sides = [hottestLayer(planned), hottestLayer(tried)] as const;
  return (
    <View testID="compared">
      <View style={styles.row}>
        <Words style={styles.label}> </Words>
        <Words size="small" weight="bold" style={styles.figure}>
          As planned
        </Words>
        <Words size="small" weight="bold" style={styles.figure}>
          What if
        </Words>
      </View>
      {rows.map(([label, say]) => (
        <View key={label} style={[styles.row, { borderTopWidth: 1, borderTopColor: colours.line }]}>
          <Words size="small" colour="inkSoft" style={styles.label}>
            {label}
          </Words>
          {sides.map((layer, side) => (
            <Words key={side} weight="semibold" style={styles.figure}>
              {say(layer, (side === 0 ? planned : tried).family)}
            </Words>
          ))}
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  // On a narrow screen the figures go under their label.
  row: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    columnGap: space.small,
    paddingVertical: space.tight,
  },
  label: { flexGrow: 1, flexBasis: 100 },
  figure: { flexGrow: 1, flexBasis: 88 },
});
