import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { lastEvent, type ReadPlace } from '../../../core/bench/benchEvents';
import { space } from '../../../ui/theme/tokens';
import { sayC } from '../../../words/figures';
import { unitsTold } from '../../../words/unitsTold';
import { useBench } from '../benchSource';
import { BigButton } from '../BigButton';
import { read } from '../deeds';
import { useInstrument } from '../instruments';
import { Keypad } from '../Keypad';
import { readPlaceNames, refuseTemperature, toC } from '../readPlaces';
import { useTemperature } from '../useTemperature';

const places = ['core', 'surface', 'room'] as const satisfies readonly ReadPlace[];

/** A temperature of what is curing: by hand, or as the thermometer reads it now. */
export function CureTemperature({ onClose }: { readonly onClose: () => void }) {
  const { state, act, clock } = useBench();
  const thermometer = useInstrument('thermometer');
  const live = useTemperature()?.reading;
  const last = lastEvent(
    state.events,
    ({ did, place }) => did === 'read' && places.some((each) => each === place),
  );
  const [place, setPlace] = useState<ReadPlace>(last?.place ?? 'core');
  const take = (c: number, raw?: string): void => {
    const by = raw === undefined || thermometer === undefined ? 'hand' : thermometer.driver;
    void act(read(undefined, clock.now(), c, place, by, raw));
    onClose();
  };
  return (
    <Keypad
      title="How warm is it?"
      unit={unitsTold().temperature ?? '°C'}
      mayBeNegative
      refuse={refuseTemperature}
      onClose={onClose}
      onTake={(value) => take(toC(value))}
    >
      <View role="group" aria-label="Where it is read" style={styles.places}>
        {places.map((each) => (
          <BigButton
            key={each}
            label={readPlaceNames[each]}
            chosen={each === place}
            onPress={() => setPlace(each)}
            style={styles.place}
          />
        ))}
      </View>
      {live?.c !== undefined && (
        <BigButton
          label={`Take ${sayC(live.c)}`}
          also="The thermometer reads it now"
          onPress={() => take(live.c!, live.raw)}
        />
      )}
    </Keypad>
  );
}

const styles = StyleSheet.create({
  places: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
  place: { flexGrow: 1 },
});
