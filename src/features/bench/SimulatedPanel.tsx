import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { hands, type Hand } from '../../core/instruments/simulatedScale';
import { simulatedBench } from '../../data/instruments/simulatedBench';
import { PlainInput } from '../../ui/fields/PlainInput';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { space } from '../../ui/theme/tokens';
import { sayOneDecimal } from '../../words/figures';
import { handNames } from '../../words/instruments';
import { BigButton } from './BigButton';
import { useSimulatedCurve } from './useSimulatedCurve';

type Command = Parameters<Awaited<ReturnType<typeof simulatedBench>>['scale']>[0];

/** A cup of cardboard or thin plastic, g. */
const usualCupG = 31;

const send = (command: Command): void =>
  void simulatedBench()
    .then((bench) => bench.scale(command))
    .catch(() => undefined);

interface SimulatedPanelProps {
  /** What is still to pour in this step, g; undefined where nothing is weighed. */
  readonly wantedG: number | undefined;
}

/** Steers what is simulated: a cup, its tare, a person who pours. It looks like no part of the bench. */
export function SimulatedPanel({ wantedG }: SimulatedPanelProps) {
  const colours = useColours();
  const [hand, setHand] = useState<Hand>('usual');
  const [isOpen, setOpen] = useState(false);
  const [amount, setAmount] = useState('');
  useSimulatedCurve();
  const typed = Number(amount.replace(',', '.'));
  const g = amount.trim() !== '' && Number.isFinite(typed) ? typed : (wantedG ?? 0);
  return (
    <View
      testID="simulated-panel"
      style={[styles.panel, { borderColor: colours.edge, backgroundColor: colours.warnSheet }]}
    >
      <View style={styles.row}>
        <Words weight="bold" style={styles.title}>
          Simulated scale
        </Words>
        <BigButton
          label={isOpen ? 'Less' : 'More'}
          spoken={isOpen ? 'Less of the simulated scale' : 'More of the simulated scale'}
          onPress={() => setOpen(!isOpen)}
        />
      </View>
      <View style={styles.row}>
        <BigButton
          label="Put a cup on"
          onPress={() => send({ do: 'put-cup', vesselG: usualCupG })}
          style={styles.grow}
        />
        <BigButton label="Tare" onPress={() => send({ do: 'tare' })} style={styles.grow} />
        <BigButton
          label={`Pour ${sayOneDecimal(g)} g`}
          disabled={g <= 0}
          onPress={() => {
            send({ do: 'pour', g, hand });
            setAmount('');
          }}
          style={styles.grow}
        />
      </View>
      {isOpen && (
        <>
          <PlainInput
            label="Pour so many grams"
            value={amount}
            onChangeText={setAmount}
            wrong={amount.trim() !== '' && !Number.isFinite(typed)}
            describedBy=""
            numeric
          />
          <View style={styles.row}>
            {hands.map((each) => (
              <BigButton
                key={each}
                kind={each === hand ? 'main' : 'plain'}
                label={handNames[each]}
                spoken={`Hand: ${handNames[each]}`}
                onPress={() => setHand(each)}
                style={styles.grow}
              />
            ))}
          </View>
          <View style={styles.row}>
            <BigButton label="Stop" onPress={() => send({ do: 'stop' })} style={styles.grow} />
            <BigButton label="Lift" onPress={() => send({ do: 'lift' })} style={styles.grow} />
            <BigButton
              label="Put back"
              onPress={() => send({ do: 'put-back' })}
              style={styles.grow}
            />
            <BigButton
              label="Lose it for 3 s"
              onPress={() => send({ do: 'drop', seconds: 3 })}
              style={styles.grow}
            />
          </View>
        </>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  panel: { borderTopWidth: 2, borderStyle: 'dashed', padding: space.small, gap: space.small },
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: space.small },
  title: { flexGrow: 1 },
  grow: { flexGrow: 1 },
});
