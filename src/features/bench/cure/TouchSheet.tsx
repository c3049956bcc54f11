import { StyleSheet, View } from 'react-native';
import { Words } from '../../../ui/text/Words';
import { space } from '../../../ui/theme/tokens';
import { feltWays } from '../../../words/cure';
import { useBench } from '../benchSource';
import { BenchSheet } from '../BenchSheet';
import { BigButton } from '../BigButton';
import { felt } from '../deeds';

interface TouchSheetProps {
  /** Counted from 0. */
  readonly layer: number;
  readonly onClose: () => void;
}

/** How firm it is: one tap tells how it was tried and what it told. */
export function TouchSheet({ layer, onClose }: TouchSheetProps) {
  const { act, clock } = useBench();
  return (
    <BenchSheet title={`Layer ${layer + 1}: how firm is it?`} onClose={onClose}>
      <Words size="large">With a glove on, in a place that does not show.</Words>
      <View style={styles.list}>
        {feltWays.map(({ found, test, name, how }) => (
          <BigButton
            key={found}
            label={name}
            also={how}
            onPress={() => {
              void act(felt(layer, clock.now(), test, found));
              onClose();
            }}
          />
        ))}
      </View>
    </BenchSheet>
  );
}

const styles = StyleSheet.create({ list: { gap: space.small } });
