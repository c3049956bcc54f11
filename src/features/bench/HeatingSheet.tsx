import { useEffect, useRef } from 'react';
import { StyleSheet, View } from 'react-native';
import { batchInCup, heatingPlace, heatingSince } from '../../core/bench/heating';
import { useEscape } from '../../ui/frame/useEscape';
import { ownZone } from '../../ui/useNow';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { space } from '../../ui/theme/tokens';
import { heatingWords } from '../../words/bench';
import { sayClockAt } from '../../words/moments';
import { useBench } from './benchSource';
import { BigButton } from './BigButton';
import { heating } from './deeds';
import { Whole } from './Scrolling';
import { useAlarm } from './alarm';

const msPerMin = 60_000;

interface HeatingSheetProps {
  readonly onClose: () => void;
  /** The batch or the layer in hand, while there is one. */
  readonly lane: string | undefined;
  /** Where a temperature is read; undefined once the pour is over. */
  readonly onTemperature?: () => void;
}

/** It is heating: what to do now, all of it in one look; the time is noted. */
export function HeatingSheet({ onClose, lane, onTemperature }: HeatingSheetProps) {
  const { state, act, clock } = useBench();
  const colours = useColours();
  const alarm = useAlarm();
  useEscape(onClose);
  const place = heatingPlace(state);
  const noted = useRef(false);
  useEffect(() => {
    if (noted.current) return;
    noted.current = true;
    void act(heating(batchInCup(state)?.id ?? lane, clock.now()));
    alarm('stop', heatingWords[place].slice(0, 2).join(' '));
  });
  const since = heatingSince(state);
  const [first, ...more] = heatingWords[place];
  return (
    <Whole style={[styles.sheet, { backgroundColor: colours.paper, borderColor: colours.stop }]}>
      <View style={styles.words}>
        <Words heading={1} size="large" weight="bold" colour="stop">
          {place === 'cup' ? 'The cup is heating' : 'The mould is heating'}
          {since === undefined ? '' : ` · noted ${sayClockAt(since / msPerMin, ownZone())}`}
        </Words>
        <Words weight="bold" role="alert" style={styles.first}>
          {first}
        </Words>
        {more.map((line) => (
          <Words key={line} size="title" weight="semibold">
            {line}
          </Words>
        ))}
      </View>
      <View style={styles.foot}>
        {onTemperature !== undefined && (
          <BigButton label="Read how warm" onPress={onTemperature} style={styles.grow} />
        )}
        <BigButton kind="main" label="Back to the pour" onPress={onClose} style={styles.grow} />
      </View>
    </Whole>
  );
}

const styles = StyleSheet.create({
  sheet: { borderWidth: 6, justifyContent: 'space-between' },
  words: { padding: space.large, gap: space.large, flexShrink: 1 },
  first: { fontSize: 40, lineHeight: 46 },
  foot: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small, padding: space.medium },
  grow: { flexGrow: 1 },
});
