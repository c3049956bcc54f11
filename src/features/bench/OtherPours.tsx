import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { benchState, laneInHand, lookOf } from '../../core/bench/benchState';
import { isAfterLane } from '../../core/bench/lanes';
import { potClockOf } from '../../core/bench/potClock';
import { useLives } from '../../data/hooks/queries';
import { nameOfLive, useLivePour } from '../../data/hooks/useLivePour';
import type { LiveEntry } from '../../data/records/liveEntry';
import { space } from '../../ui/theme/tokens';
import { sayClock, stepNames } from '../../words/bench';
import { StripCell } from './BenchStrip';
import { useBenchNow } from './useBenchNow';
import { useRunningPots } from './usePots';
import { Voices } from './Voices';

const msPerMin = 60_000;
const realClock = { now: () => Date.now(), speed: 1 };

interface OtherPoursProps {
  /** The pour that is on the screen, if any. */
  readonly here: string | undefined;
  readonly onPour: (id: string) => void;
}

/** Pours of other jobs and moulds that are under way, each with the clock that matters most. */
export function OtherPours({ here, onPour }: OtherPoursProps) {
  const { data: lives } = useLives();
  const others = (lives?.records ?? []).filter(
    ({ id, state }) => id !== here && state === 'under-way',
  );
  if (others.length === 0) return null;
  return (
    <View style={styles.row}>
      {others.map((entry) => (
        <OtherPour key={entry.id} entry={entry} onPress={() => onPour(entry.id)} />
      ))}
    </View>
  );
}

function OtherPour({
  entry,
  onPress,
}: {
  readonly entry: LiveEntry;
  readonly onPress: () => void;
}) {
  const live = useLivePour(entry.id);
  return live === undefined || live === null ? (
    <StripCell name={nameOfLive(entry)} clock="–" isHere={false} onPress={onPress} />
  ) : (
    <RunningPour entry={entry} live={live} onPress={onPress} />
  );
}

function RunningPour({
  entry,
  live: { copy, record },
  onPress,
}: {
  readonly entry: LiveEntry;
  readonly live: NonNullable<ReturnType<typeof useLivePour>>;
  readonly onPress: () => void;
}) {
  const state = useMemo(() => benchState(copy, record.events), [copy, record.events]);
  const now = useBenchNow(realClock);
  const pots = useRunningPots(copy, state);
  const running = pots
    .flatMap(({ lane: of, answer }) => {
      const pot = potClockOf(copy, of, answer, now);
      return pot?.isRunning === true ? [pot.leftMin ?? Infinity] : [];
    })
    .sort((a, b) => a - b)[0];
  const lane = laneInHand(state);
  const dueAt =
    lane !== undefined && isAfterLane(lane) && lane.next !== undefined
      ? lookOf(lane, lane.next).dueAt
      : undefined;
  const clock =
    running !== undefined && Number.isFinite(running)
      ? sayClock(running)
      : dueAt !== undefined
        ? dueAt > now
          ? `in ${sayClock((dueAt - now) / msPerMin)}`
          : 'now'
        : lane?.next === undefined
          ? '–'
          : stepNames[lane.next.kind];
  return (
    <>
      {/* It is heard wherever its clock is seen. */}
      <Voices copy={copy} state={state} clock={realClock} pots={pots} />
      <StripCell name={nameOfLive(entry)} clock={clock} isHere={false} onPress={onPress} />
    </>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    gap: space.small,
    paddingHorizontal: space.large,
    paddingBottom: space.small,
  },
});
