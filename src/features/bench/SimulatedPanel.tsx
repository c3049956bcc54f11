import { StyleSheet, View } from 'react-native';
import type { Hand } from '../../core/instruments/simulatedScale';
import { formatPlain } from '../../core/quantity/format';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { space } from '../../ui/theme/tokens';
import { BigButton } from './BigButton';
import { useGuide } from './guide';
import { steerScale } from './steerScale';
import { useWantedG } from './wanted';

/** A cup of cardboard or thin plastic, g. */
const usualCupG = 31;

interface SimulatedPanelProps {
  readonly hand: Hand;
}

/** Steers what is simulated: a cup, its tare, a person who pours. It looks like no part of the bench. */
export function SimulatedPanel({ hand }: SimulatedPanelProps) {
  const colours = useColours();
  const { open } = useGuide();
  const g = useWantedG();
  return (
    <View
      testID="simulated-panel"
      style={[styles.panel, { borderColor: colours.edge, backgroundColor: colours.warnSheet }]}
    >
      <Words size="small" weight="bold">
        Simulated scale
      </Words>
      <View style={styles.row}>
        <BigButton
          label="Cup on"
          onPress={() => steerScale({ do: 'put-cup', vesselG: usualCupG })}
          style={styles.grow}
        />
        <BigButton label="Tare" onPress={() => steerScale({ do: 'tare' })} style={styles.grow} />
        <BigButton
          label={`Pour ${formatPlain(g, 1)} g`}
          disabled={g <= 0}
          onPress={() => steerScale({ do: 'pour', g, hand })}
          style={styles.grow}
        />
        <BigButton
          icon="tune"
          label=""
          spoken="More of the simulated scale"
          onPress={() => open('simulated')}
        />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  panel: { borderTopWidth: 2, borderStyle: 'dashed', padding: space.small, gap: space.tight },
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: space.small },
  grow: { flexGrow: 1 },
});
