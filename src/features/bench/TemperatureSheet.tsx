import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { batchInCup } from '../../core/bench/heating';
import type { ReadPlace } from '../../core/bench/benchEvents';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { sayC } from '../../words/figures';
import { unitsTold } from '../../words/unitsTold';
import { sayTrouble } from '../../words/instruments';
import { useBench } from './benchSource';
import { BenchSheet } from './BenchSheet';
import { BigButton } from './BigButton';
import { BigFigure } from './BigFigure';
import { CurveAndDots } from './CurveAndDots';
import { read } from './deeds';
import { useGuide } from './guide';
import { useInstrument, useInstrumentState } from './instruments';
import { Keypad } from './Keypad';
import { readPlaceNames, refuseTemperature, toC } from './readPlaces';
import { useTemperature } from './useTemperature';

const msPerMin = 60_000;

/** A temperature by hand or from a thermometer, beside what is predicted. */
export function TemperatureSheet({ onClose }: { readonly onClose: () => void }) {
  const { state, act, clock } = useBench();
  const { lane, pot } = useGuide();
  const thermometer = useInstrument('thermometer');
  const { is, trouble } = useInstrumentState(thermometer);
  const live = useTemperature();
  const inCup = batchInCup(state);
  const [keying, setKeying] = useState<ReadPlace>();
  const places: readonly ReadPlace[] =
    inCup === undefined ? ['core', 'surface', 'room'] : ['cup', 'room'];
  const take = (place: ReadPlace, c: number, raw?: string): void => {
    const by = raw === undefined || thermometer === undefined ? 'hand' : thermometer.driver;
    void act(read(place === 'cup' ? inCup?.id : lane.id, clock.now(), c, place, by, raw));
  };
  if (keying !== undefined) {
    return (
      <Keypad
        title={readPlaceNames[keying]}
        unit={unitsTold().temperature ?? '°C'}
        mayBeNegative
        refuse={refuseTemperature}
        onClose={() => setKeying(undefined)}
        onTake={(value) => {
          take(keying, toC(value));
          setKeying(undefined);
        }}
      />
    );
  }
  const reading = is === 'live' ? live?.reading : undefined;
  return (
    <BenchSheet title="Temperature" close="Back to the pour" onClose={onClose}>
      {thermometer !== undefined && is !== 'live' && (
        <Words size="large">{sayTrouble('thermometer', is, trouble)}</Words>
      )}
      {reading?.c !== undefined && (
        <BigFigure figure={sayC(reading.c)} size="great" caption="reads now" testID="reads-now" />
      )}
      <View style={styles.list}>
        {places.map((place) => (
          <BigButton
            key={place}
            label={readPlaceNames[place]}
            also={reading?.c === undefined ? 'key it in' : `take ${sayC(reading.c)}`}
            onPress={() =>
              reading?.c === undefined ? setKeying(place) : take(place, reading.c, reading.raw)
            }
          />
        ))}
      </View>
      {pot?.answer !== undefined && inCup !== undefined && inCup.metAt !== undefined && (
        <CurveAndDots
          atMin={pot.answer.atMin}
          curveC={pot.answer.curveC}
          readings={inCup.readings.map(({ at, c }) => ({ min: (at - inCup.metAt!) / msPerMin, c }))}
          nowMin={(clock.now() - inCup.metAt) / msPerMin}
          what="Middle of the cup"
        />
      )}
    </BenchSheet>
  );
}

const styles = StyleSheet.create({ list: { gap: space.small } });
