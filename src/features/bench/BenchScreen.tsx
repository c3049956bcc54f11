import { useMemo, useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { pourOf } from '../../core/bench/benchCopy';
import type { Hand } from '../../core/instruments/simulatedScale';
import { laneInHand } from '../../core/bench/benchState';
import { isBatchLane } from '../../core/bench/lanes';
import { FailedWork } from '../../ui/feedback/FailedWork';
import { useIsLow } from '../../ui/frame/useIsLow';
import { Section } from '../../ui/section/Section';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { space } from '../../ui/theme/tokens';
import { useWide } from '../../ui/theme/useWide';
import { sayLane } from '../../words/bench';
import { sayPour } from '../../words/pours';
import { AutoReadings } from './AutoReadings';
import { BenchPoured } from './BenchPoured';
import { useBench, type BenchSource } from './benchSource';
import { BenchStrip } from './BenchStrip';
import { BigButton } from './BigButton';
import { resumed } from './deeds';
import { GuideContext, type BenchSheetName, type Guide } from './guide';
import { HeatingSheet } from './HeatingSheet';
import { InstrumentsSheet } from './InstrumentsSheet';
import { useInstrument, useOpenInstruments } from './instruments';
import { MoreSheet } from './MoreSheet';
import { NoteSheet } from './NoteSheet';
import { OtherWaySheet } from './OtherWaySheet';
import { Whole } from './Scrolling';
import { ResultView } from './ResultView';
import { SimulatedCurve } from './SimulatedCurve';
import { SimulatedPanel } from './SimulatedPanel';
import { SimulatedSheet } from './SimulatedSheet';
import { SkipSheet } from './SkipSheet';
import { StepView } from './StepView';
import { TemperatureSheet } from './TemperatureSheet';
import { useAwake } from './useAwake';
import { useRunningPots } from './usePots';
import { Voices } from './Voices';

interface BenchScreenProps {
  /** Of the pour's job, while there is one. */
  readonly job: string | undefined;
  /** Other pours that are under way, each with its clock. */
  readonly others?: ReactNode;
  /** What must be seen over the guide: that the job has changed. */
  readonly notice?: ReactNode;
  readonly onLeave: () => void;
  /** What else is told once it is over. */
  readonly told?: ReactNode;
  /** What is offered once it is over. */
  readonly afterwards: ReactNode;
}

/** The bench: one step at a time, from what happened so far. */
export function BenchScreen({ job, others, notice, onLeave, told, afterwards }: BenchScreenProps) {
  const source = useBench();
  const { copy, state, clock, act, practice } = source;
  const colours = useColours();
  const wide = useWide();
  const isLow = useIsLow();
  const isAwake = useAwake();
  useOpenInstruments(practice !== undefined);
  const pots = useRunningPots(copy, state);
  const [chosen, choose] = useState<string>();
  const [sheet, setSheet] = useState<BenchSheetName>();
  const [hand, setHand] = useState<Hand>('usual');
  const usual = laneInHand(state);
  // What was chosen is gone on with until it is done.
  const lane =
    state.lanes.find(({ id, next, isOpen }) => id === chosen && next !== undefined && isOpen) ??
    usual;
  const step = lane?.next;
  const guide = useMemo((): Guide | undefined => {
    if (lane === undefined || step === undefined) return undefined;
    return {
      lane,
      step,
      pot: pots.find((each) => each.lane.id === lane.id),
      open: setSheet,
    };
  }, [lane, step, pots]);
  const scale = useInstrument('scale');
  const thermometer = useInstrument('thermometer');
  const pour = pourOf(copy);
  if (state.isOver || guide === undefined || lane === undefined || step === undefined) {
    return (
      <ResultView pots={pots} told={told}>
        {afterwards}
      </ResultView>
    );
  }
  const close = (): void => setSheet(undefined);
  const sheets: Readonly<Record<BenchSheetName, ReactNode>> = {
    heating: (
      <HeatingSheet onClose={close} lane={lane.id} onTemperature={() => setSheet('temperature')} />
    ),
    more: <MoreSheet onClose={close} />,
    skip: <SkipSheet onClose={close} />,
    other: <OtherWaySheet onClose={close} />,
    note: <NoteSheet onClose={close} />,
    temperature: <TemperatureSheet onClose={close} />,
    instruments: <InstrumentsSheet onClose={close} />,
    simulated: <SimulatedSheet hand={hand} onHand={setHand} onClose={close} />,
  };
  const place = lane.steps.indexOf(step) + 1;
  const guidePart = state.isPaused ? (
    <Paused onGo={() => void act(resumed(clock.now()))} onHeating={() => setSheet('heating')} />
  ) : (
    <StepView job={job} />
  );
  return (
    <GuideContext value={guide}>
      <Voices copy={copy} state={state} clock={clock} pots={pots} />
      <AutoReadings />
      {thermometer?.driver === 'simulated' && <SimulatedCurve />}
      {sheet !== undefined && sheets[sheet]}
      {/* The guide stays under what stands over it: the scale goes on telling. */}
      <View style={sheet === undefined ? styles.bench : styles.under}>
        <Whole style={{ backgroundColor: colours.paper }}>
          {practice !== undefined && <PracticeBar practice={practice} speed={clock.speed} />}
          {notice}
          <View style={styles.line}>
            <FailedWork of="cup" />
          </View>
          <View style={styles.head}>
            <BigButton
              icon="arrow-left"
              label=""
              spoken="Leave the bench"
              onPress={onLeave}
              style={styles.sign}
            />
            <View style={styles.titles}>
              <Words weight="semibold" lines={1}>
                {copy.plan.name}
              </Words>
              <Words size="small" colour="inkSoft" testID="bench-place">
                {[
                  ...(copy.plan.pours.length > 1 ? [sayPour(pour)] : []),
                  ...(isBatchLane(lane) && sayLane(lane, pour) !== '' ? [sayLane(lane, pour)] : []),
                  `step ${place} of ${lane.steps.length}`,
                ].join(' · ')}
              </Words>
            </View>
            <BigButton
              icon="dots-vertical"
              label=""
              spoken="More"
              onPress={() => setSheet('more')}
              style={styles.sign}
            />
          </View>
          <BenchStrip pots={pots} here={lane.id} onLane={choose} />
          {others}
          {!isAwake && (
            <Words size="small" colour="inkSoft" style={styles.line}>
              This browser lets the screen go dark: set the device so that it stays on.
            </Words>
          )}
          <View style={isLow ? undefined : styles.columns}>
            <View style={isLow ? undefined : styles.guide}>{guidePart}</View>
            {wide && !isLow && step.kind !== 'pour' && (
              <View style={[styles.side, { borderLeftColor: colours.line }]}>
                <BenchPoured>
                  <Section plan={copy.plan} greatestHeight={320} />
                </BenchPoured>
              </View>
            )}
          </View>
          {scale?.driver === 'simulated' && !state.isPaused && <SimulatedPanel hand={hand} />}
        </Whole>
      </View>
    </GuideContext>
  );
}

function Paused({
  onGo,
  onHeating,
}: {
  readonly onGo: () => void;
  readonly onHeating: () => void;
}) {
  return (
    <View style={styles.paused}>
      <Words heading={1} size="title" weight="bold">
        Paused
      </Words>
      <Words size="large">Clocks of what is mixed run on.</Words>
      <BigButton kind="main" label="Go on" onPress={onGo} />
      <BigButton kind="stop" label="It is heating" onPress={onHeating} />
    </View>
  );
}

const speeds = [1, 10, 60];

/** Practice is marked, and its time goes as fast as one likes. */
function PracticeBar({
  practice,
  speed,
}: {
  readonly practice: NonNullable<BenchSource['practice']>;
  readonly speed: number;
}) {
  const colours = useColours();
  return (
    <View style={[styles.practice, { backgroundColor: colours.warnSheet }]}>
      <Words weight="bold" style={styles.practiceName}>
        Practice: nothing is kept
      </Words>
      <BigButton
        label={`Time × ${speed}`}
        spoken={`Time goes ${speed} times as fast. Change it`}
        onPress={() => practice.setSpeed(speeds[(speeds.indexOf(speed) + 1) % speeds.length]!)}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  bench: { flex: 1, minHeight: 0 },
  under: { display: 'none' },
  head: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.medium,
    padding: space.small,
  },
  sign: { borderWidth: 0 },
  titles: { flexGrow: 1, flexShrink: 1 },
  line: { paddingHorizontal: space.large },
  columns: { flex: 1, flexDirection: 'row', minHeight: 0 },
  guide: { flex: 1, minWidth: 0 },
  side: { flex: 1, borderLeftWidth: 1, padding: space.large },
  paused: { flex: 1, padding: space.large, gap: space.large, justifyContent: 'center' },
  practice: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: space.small,
    paddingLeft: space.medium,
  },
  practiceName: { flexGrow: 1, flexShrink: 1 },
});
