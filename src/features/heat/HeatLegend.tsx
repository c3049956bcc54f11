import { StyleSheet, View } from 'react-native';
import { Words } from '../../ui/text/Words';
import { heatRamp, space } from '../../ui/theme/tokens';
import { axisTold, sayDegreesOnly } from '../../words/figures';

/** Which colour is which temperature. */
export function HeatLegend() {
  return (
    <View style={styles.legend} aria-hidden>
      {heatRamp.atC.map((celsius, at) => (
        <View key={celsius} style={styles.stop}>
          <View style={[styles.patch, { backgroundColor: heatRamp.colours[at] }]} />
          <Words size="small" colour="inkSoft">
            {sayDegreesOnly(celsius)}
          </Words>
        </View>
      ))}
      <Words size="small" colour="inkSoft">
        {axisTold('°C')[1]}
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  legend: { flexDirection: 'row', flexWrap: 'wrap', justifyContent: 'center', gap: space.small },
  stop: { flexDirection: 'row', alignItems: 'center', gap: space.tight },
  patch: { width: 14, height: 14 },
});
