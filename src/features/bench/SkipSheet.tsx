import { StyleSheet, View } from 'react-native';
import { isBatchLane } from '../../core/bench/lanes';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { skipReasons, stepNames } from '../../words/bench';
import { useBench } from './benchSource';
import { BenchSheet } from './BenchSheet';
import { BigButton } from './BigButton';
import { skipped } from './deeds';
import { useGuide } from './guide';

/** A step is left out, with a reason. */
export function SkipSheet({ onClose }: { readonly onClose: () => void }) {
  const { act, clock } = useBench();
  const { lane, step } = useGuide();
  const isPart = step.kind === 'part-a' || step.kind === 'part-b' || step.kind === 'strokes';
  const band = isBatchLane(lane) ? lane.correction?.band : undefined;
  const isWrong =
    (step.kind === 'more-a' || step.kind === 'more-b') &&
    (band === 'soft' || band === 'do-not-pour');
  return (
    <BenchSheet title={`Skip: ${stepNames[step.kind]}`} close="Back to the pour" onClose={onClose}>
      {isPart ? (
        <Words size="large">
          Without this part nothing cures. Say “We did it another way” with what is in the cup.
        </Words>
      ) : (
        <View style={styles.list}>
          {isWrong && (
            <Words size="large" weight="bold" colour="stop" role="alert">
              As it is it stays soft. Add what is missing, or do not pour it.
            </Words>
          )}
          <Words size="large">Why?</Words>
          {skipReasons.map((why) => (
            <BigButton
              key={why}
              label={why}
              onPress={() => {
                onClose();
                void act(skipped(step, clock.now(), why));
              }}
            />
          ))}
        </View>
      )}
    </BenchSheet>
  );
}

const styles = StyleSheet.create({ list: { gap: space.small } });
