import { StyleSheet, View } from 'react-native';
import { potClockOf } from '../../core/bench/potClock';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { space } from '../../ui/theme/tokens';
import { potVoiceWords, sayClock } from '../../words/bench';
import { sayRoughly } from '../../words/rough';
import { useBench } from './benchSource';
import type { RunningPot } from './guide';
import { useBenchTime } from './useBenchNow';

/** Where the voice changes. */
const marks = [0.5, 0.75, 0.9];

/** Pot life as a bar that shrinks from the moment A meets B. */
export function PotLifeBar({ pot }: { readonly pot: RunningPot }) {
  const colours = useColours();
  const { copy } = useBench();
  const now = useBenchTime();
  const clock = potClockOf(copy, pot.lane, pot.answer, now);
  if (clock === undefined) return null;
  const { pourableMin, leftMin, usedShare, voice, isRunning, isCorrected } = clock;
  if (pourableMin === null || leftMin === undefined) {
    return <Words colour="inkSoft">It stays pourable in its cup for days.</Words>;
  }
  const isLoud = voice === 'nine-tenths' || voice === 'over';
  const colour = isLoud ? 'stop' : 'ink';
  return (
    <View testID="pot-life" style={styles.stack}>
      <View style={styles.row}>
        <Words
          size={isRunning ? 'title' : 'large'}
          weight="bold"
          colour={colour}
          role={isLoud ? 'alert' : undefined}
        >
          {isRunning ? `${sayClock(leftMin)} left` : `Pot life about ${sayRoughly(pourableMin)}`}
        </Words>
        <Words colour={colour} weight={isLoud ? 'bold' : 'text'}>
          {isRunning
            ? potVoiceWords[voice] || `of about ${sayRoughly(pourableMin)}`
            : 'starts when B meets A'}
        </Words>
      </View>
      <View
        style={[styles.bar, { borderColor: colours.ink }]}
        role="progressbar"
        aria-label="Pot life left"
        aria-valuemin={0}
        aria-valuemax={100}
        aria-valuenow={Math.round(Math.max(0, 1 - usedShare) * 100)}
      >
        <View
          style={[
            styles.fill,
            {
              backgroundColor: isLoud ? colours.stop : colours.partB,
              width: `${Math.max(0, 1 - usedShare) * 100}%`,
            },
          ]}
        />
        {marks.map((mark) => (
          <View
            key={mark}
            style={[styles.mark, { backgroundColor: colours.ink, left: `${(1 - mark) * 100}%` }]}
          />
        ))}
      </View>
      {isCorrected && (
        <Words size="small" colour="inkSoft">
          Corrected by what you measured.
        </Words>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.tight },
  row: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'baseline',
    justifyContent: 'space-between',
    columnGap: space.medium,
  },
  bar: { height: 20, borderWidth: 1.5, justifyContent: 'center' },
  fill: { position: 'absolute', left: 0, top: 0, bottom: 0 },
  mark: { position: 'absolute', width: 2, top: -5, bottom: -5 },
});
