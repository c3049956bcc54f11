import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { pourOf } from '../../core/bench/benchCopy';
import { lookOf } from '../../core/bench/benchState';
import { isAfterLane, isBatchLane, type Lane } from '../../core/bench/lanes';
import { potClockOf } from '../../core/bench/potClock';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { corner, space, touch } from '../../ui/theme/tokens';
import { sayClock, sayLane, stepNames } from '../../words/bench';
import { capital } from '../../words/figures';
import { useBench } from './benchSource';
import type { RunningPot } from './guide';
import { useBenchTime } from './useBenchNow';

const msPerMin = 60_000;

interface BenchStripProps {
  readonly pots: readonly RunningPot[];
  /** The lane in hand. */
  readonly here: string | undefined;
  readonly onLane: (id: string) => void;
}

/** What is under way besides, or may be begun, each with its clock. */
export function BenchStrip({ pots, here, onLane }: BenchStripProps) {
  const { copy, state } = useBench();
  const pour = pourOf(copy);
  const begun = state.lanes.filter(({ next, isOpen }) => next !== undefined && isOpen);
  const shown = begun.filter((lane) => lane.isBegun || isAfterLane(lane) || lane.id === here);
  const nextBatch = begun.find((lane) => isBatchLane(lane) && !lane.isBegun && lane.id !== here);
  const nextReady =
    nextBatch === undefined
      ? begun.find((lane) => lane.kind === 'ready' && lane.id !== here)
      : undefined;
  const other = nextBatch ?? nextReady;
  const all = [...shown, ...(other === undefined ? [] : [other])];
  if (all.length < 2) return null;
  const nameOf = (lane: Lane): string =>
    isBatchLane(lane)
      ? capital(sayLane(lane, pour) || 'the batch')
      : lane.kind === 'ready'
        ? `Layer ${lane.layer + 1}`
        : nameOfAfter(lane);
  return (
    <View style={styles.row}>
      {all.map((lane) => (
        <StripCell
          key={lane.id}
          name={nameOf(lane)}
          clock={<LaneClock lane={lane} pot={pots.find((each) => each.lane.id === lane.id)} />}
          isHere={lane.id === here}
          onPress={() => onLane(lane.id)}
        />
      ))}
    </View>
  );
}

/** What is looked after: a mould of a run, the pot, or bubbles. */
function nameOfAfter(lane: Lane): string {
  const said = isAfterLane(lane) ? lane.later[0] : undefined;
  if (said?.code === 'empty-mould') return `Mould ${said.data.mould}`;
  return said?.code === 'close-pot' ? 'Pot' : 'Bubbles';
}

/** How long a batch still lasts, when bubbles are due, or what is next. */
function LaneClock({ lane, pot }: { readonly lane: Lane; readonly pot: RunningPot | undefined }) {
  const { copy } = useBench();
  const now = useBenchTime();
  const clock = pot && potClockOf(copy, pot.lane, pot.answer, now);
  if (clock?.isRunning === true && clock.leftMin !== undefined) return sayClock(clock.leftMin);
  if (isAfterLane(lane) && lane.next !== undefined) {
    const inMin = (lookOf(lane, lane.next).dueAt - now) / msPerMin;
    return inMin > 0 ? `in ${sayClock(inMin)}` : 'now';
  }
  return lane.isBegun && lane.next !== undefined ? stepNames[lane.next.kind] : 'Begin';
}

interface StripCellProps {
  readonly name: string;
  readonly clock: ReactNode;
  readonly isHere: boolean;
  readonly onPress: () => void;
}

/** One clock of the strip. */
export function StripCell({ name, clock, isHere, onPress }: StripCellProps) {
  const colours = useColours();
  return (
    <TouchableRipple
      role="button"
      aria-pressed={isHere}
      onPress={onPress}
      style={[
        styles.cell,
        { borderColor: isHere ? colours.ink : colours.edge },
        isHere && styles.here,
      ]}
    >
      <View>
        <Words size="small" weight={isHere ? 'bold' : 'text'}>
          {name}
        </Words>
        <Words size="large" weight="bold">
          {clock}
        </Words>
      </View>
    </TouchableRipple>
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
  cell: {
    minHeight: touch.bench,
    minWidth: 96,
    justifyContent: 'center',
    borderWidth: 1,
    borderRadius: corner,
    paddingHorizontal: space.medium,
  },
  here: { borderWidth: 3 },
});
