import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { pourOf } from '../../../core/bench/benchCopy';
import { benchState } from '../../../core/bench/benchState';
import { coatLookOf } from '../../../core/bench/coatLook';
import { curingLayers, nextStage, paceOfPour } from '../../../core/bench/cureStages';
import { movedOf } from '../../../core/bench/benchEvents';
import { useLives } from '../../../data/hooks/queries';
import { nameOfLive, useLivePour, type LivePour } from '../../../data/hooks/useLivePour';
import type { LiveEntry } from '../../../data/records/liveEntry';
import { PressLink } from '../../../ui/PressLink';
import { Words } from '../../../ui/text/Words';
import { useColours } from '../../../ui/theme/theme';
import { corner, space, touch } from '../../../ui/theme/tokens';
import { ownZone, useNow } from '../../../ui/useNow';
import { sayNextStage, sayPace } from '../../../words/cure';
import { begunSince } from './begunSince';

const msPerMin = 60_000;
/** Nothing that a model follows takes longer, days; and no more pours than these are told at once. */
const [mostDays, mostPours] = [30, 6];

interface CuringPoursProps {
  /** Only of this job; of all jobs without it. */
  readonly job?: string;
  readonly onPour: (id: string) => void;
}

/** Pours that are curing, each with what it comes to next and how it keeps to its plan. */
export function CuringPours({ job, onPour }: CuringPoursProps) {
  const { data: lives } = useLives();
  const now = useNow();
  const latest = new Map<string, LiveEntry>();
  for (const entry of lives?.records ?? []) {
    const key = `${entry.job}/${entry.pour}`;
    const isOwn = job === undefined || entry.job === job;
    const isNew = now - entry.startedAt / msPerMin < mostDays * 24 * 60;
    if (isOwn && isNew && !latest.has(key)) latest.set(key, entry);
  }
  return [...latest.values()]
    .slice(0, mostPours)
    .map((entry) => (
      <CuringPour
        key={entry.id}
        entry={entry}
        isNamed={job === undefined}
        onPress={() => onPour(entry.id)}
      />
    ));
}

interface CuringPourProps {
  readonly entry: LiveEntry;
  readonly isNamed: boolean;
  readonly onPress: () => void;
}

function CuringPour(props: CuringPourProps) {
  const live = useLivePour(props.entry.id);
  return live === undefined || live === null ? null : <Curing {...props} live={live} />;
}

function Curing({
  entry,
  isNamed,
  live: { copy, record },
  onPress,
}: CuringPourProps & { readonly live: LivePour }) {
  const colours = useColours();
  const { data: lives } = useLives();
  const state = useMemo(() => benchState(copy, record.events), [copy, record.events]);
  const now = useNow();
  const next = nextStage(curingLayers(copy, state), now * msPerMin);
  const look = coatLookOf(
    copy,
    state,
    now * msPerMin,
    begunSince(lives?.records, entry.job, entry.startedAt),
  );
  const asksForLook = look !== undefined && look.seen === undefined;
  if (next === undefined && !asksForLook) return null;
  const moved = movedOf(state);
  const pace = paceOfPour(copy, state);
  const told = [
    ...(asksForLook ? ['Look at it before the next coat'] : []),
    ...(next === undefined
      ? []
      : [sayNextStage(next, pourOf(copy).layers.length > 1, now, ownZone())]),
  ];
  return (
    <PressLink
      onPress={onPress}
      aria-label={`Cure watch: ${nameOfLive(entry)}. ${told.join('. ')}`}
      style={[styles.pour, { borderColor: colours.edge }]}
      testID="curing-pour"
    >
      <View>
        <Words size="small" colour="inkSoft">
          {isNamed ? `Curing · ${nameOfLive(entry)}` : 'Curing'}
        </Words>
        {told.map((line) => (
          <Words key={line} weight="semibold">
            {line}
          </Words>
        ))}
        {pace !== undefined && moved !== undefined && (
          <Words size="small" colour={pace === 'hot' ? 'stop' : 'ink'}>
            {sayPace(pace, moved)}
          </Words>
        )}
      </View>
    </PressLink>
  );
}

const styles = StyleSheet.create({
  pour: {
    minHeight: touch.table,
    justifyContent: 'center',
    borderWidth: 1,
    borderRadius: corner,
    paddingHorizontal: space.medium,
    paddingVertical: space.small,
  },
});
