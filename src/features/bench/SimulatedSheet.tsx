import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { hands, usualNature, type Hand } from '../../core/instruments/simulatedScale';
import { PlainInput } from '../../ui/fields/PlainInput';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { handNames } from '../../words/instruments';
import { BenchSheet } from './BenchSheet';
import { BigButton } from './BigButton';
import { steerScale } from './steerScale';

interface SimulatedSheetProps {
  readonly hand: Hand;
  readonly onHand: (hand: Hand) => void;
  readonly onClose: () => void;
}

/** What else can be done to the simulated scale: another hand, other grams, a cup lifted, a cable pulled out. */
export function SimulatedSheet({ hand, onHand, onClose }: SimulatedSheetProps) {
  const [amount, setAmount] = useState('');
  const g = Number(amount.replace(',', '.'));
  const isRight = amount.trim() !== '' && Number.isFinite(g) && g > 0;
  const then = (command: Parameters<typeof steerScale>[0]): void => {
    steerScale(command);
    onClose();
  };
  return (
    <BenchSheet title="Simulated scale" close="Back to the pour" onClose={onClose}>
      <View style={styles.list}>
        <Words size="large">Who pours</Words>
        <View style={styles.row}>
          {hands.map((each) => (
            <BigButton
              key={each}
              kind={each === hand ? 'main' : 'plain'}
              label={handNames[each]}
              spoken={`Hand: ${handNames[each]}`}
              onPress={() => onHand(each)}
              style={styles.grow}
            />
          ))}
        </View>
      </View>
      <View style={styles.list}>
        <PlainInput
          label="Pour so many grams"
          placeholder="grams"
          value={amount}
          onChangeText={setAmount}
          wrong={amount.trim() !== '' && !isRight}
          describedBy=""
          numeric
        />
        <BigButton
          label="Pour that"
          disabled={!isRight}
          onPress={() => then({ do: 'pour', g, hand })}
        />
      </View>
      <View style={styles.row}>
        <BigButton label="Stop" onPress={() => then({ do: 'stop' })} style={styles.grow} />
        <BigButton label="Lift the cup" onPress={() => then({ do: 'lift' })} style={styles.grow} />
        <BigButton
          label="Put it back"
          onPress={() => then({ do: 'put-back' })}
          style={styles.grow}
        />
        <BigButton
          label="Show ounces"
          onPress={() => then({ do: 'unit', unit: 'oz weight' })}
          style={styles.grow}
        />
        <BigButton
          label="Show grams"
          onPress={() => then({ do: 'unit', unit: 'g' })}
          style={styles.grow}
        />
        <BigButton
          label="Shake it"
          onPress={() => then({ do: 'nature', nature: { noiseG: 0.6 } })}
          style={styles.grow}
        />
        <BigButton
          label="Let it drift"
          onPress={() => then({ do: 'nature', nature: { driftGPerMin: 6 } })}
          style={styles.grow}
        />
        <BigButton
          label="Overload it"
          onPress={() => then({ do: 'nature', nature: { capacityG: 10 } })}
          style={styles.grow}
        />
        <BigButton
          label="Mend it"
          onPress={() => then({ do: 'nature', nature: usualNature })}
          style={styles.grow}
        />
        <BigButton
          label="Pull its cable for 3 s"
          onPress={() => then({ do: 'drop', seconds: 3 })}
          style={styles.grow}
        />
      </View>
    </BenchSheet>
  );
}

const styles = StyleSheet.create({
  list: { gap: space.small },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
  grow: { flexGrow: 1 },
});
