import { StyleSheet, View } from 'react-native';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { stepNames } from '../../words/bench';
import { driverNames } from '../../words/instruments';
import { useBench } from './benchSource';
import { BenchSheet } from './BenchSheet';
import { BigButton } from './BigButton';
import { ended, paused, reopened } from './deeds';
import { useGuide } from './guide';
import { useOwnInstruments } from './instruments';

interface MoreSheetProps {
  readonly onClose: () => void;
}

/** What is not done at every step: pause, back, skip, another way, a note, temperature, instruments. */
export function MoreSheet({ onClose }: MoreSheetProps) {
  const { state, act, clock, practice } = useBench();
  const { lane, step, open } = useGuide();
  const own = useOwnInstruments();
  const at = lane.steps.findIndex(({ id }) => id === step.id);
  const before = lane.steps[at - 1];
  const then = (work: () => Promise<void>): void => {
    onClose();
    void work();
  };
  return (
    <BenchSheet title={stepNames[step.kind]} close="Back to the pour" onClose={onClose}>
      <View style={styles.list}>
        {before !== undefined && (
          <BigButton
            label={`Go back: ${stepNames[before.kind]}`}
            also="What was done since is open again"
            onPress={() => then(() => act(reopened(before, clock.now())))}
          />
        )}
        <BigButton label="Skip this step" onPress={() => open('skip')} />
        <BigButton label="We did it another way" onPress={() => open('other')} />
        <BigButton label="Read a temperature" onPress={() => open('temperature')} />
        <BigButton label="Write a note" onPress={() => open('note')} />
        <BigButton
          label="Scale, thermometer, sound"
          also={`${driverNames[own.scale.driver]} · ${driverNames[own.thermometer.driver]}`}
          onPress={() => open('instruments')}
        />
        {practice !== undefined && (
          <BigButton
            label="End the practice"
            also="See what came of it"
            onPress={() => {
              onClose();
              practice.end();
            }}
          />
        )}
        {practice === undefined && (
          <>
            <BigButton
              label="Pause"
              also="Clocks of what is mixed run on"
              onPress={() => then(() => act(paused(clock.now())))}
            />
            <BigButton
              label="End this pour here"
              also="What is not poured stays open in the job"
              onPress={() => then(() => act(ended(clock.now(), 'ended by hand')))}
            />
          </>
        )}
      </View>
      <Words colour="inkSoft">{state.events.length} things written down so far.</Words>
    </BenchSheet>
  );
}

const styles = StyleSheet.create({ list: { gap: space.small } });
