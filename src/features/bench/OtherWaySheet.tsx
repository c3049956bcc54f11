import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { isBatchLane } from '../../core/bench/lanes';
import { PlainInput } from '../../ui/fields/PlainInput';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { sayOnScale } from '../../words/figures';
import { useBench } from './benchSource';
import { BenchSheet } from './BenchSheet';
import { BigButton } from './BigButton';
import { doneNow } from './deeds';
import { useGuide } from './guide';
import { Keypad } from './Keypad';

const weighs: ReadonlySet<string> = new Set([
  'part-a',
  'part-b',
  'strokes',
  'more-a',
  'more-b',
  'combine',
]);

/** It was done another way: what is really in the cup, and how. */
export function OtherWaySheet({ onClose }: { readonly onClose: () => void }) {
  const { act, clock } = useBench();
  const { lane, step } = useGuide();
  const [keying, setKeying] = useState<'a' | 'b'>();
  const [text, setText] = useState('');
  const inCup = isBatchLane(lane) ? lane.inCup : { aG: undefined, bG: undefined };
  const [parts, setParts] = useState<{ a: number | undefined; b: number | undefined }>({
    a: inCup.aG,
    b: inCup.bG,
  });
  if (keying !== undefined) {
    return (
      <Keypad
        title={`${keying.toUpperCase()} in the cup, by itself`}
        unit="g"
        refuse={(g) => (g < 0 ? 'No cup holds less than nothing.' : undefined)}
        onClose={() => setKeying(undefined)}
        onTake={(g) => {
          setParts((last) => ({ ...last, [keying]: g }));
          setKeying(undefined);
        }}
      />
    );
  }
  const isWeighing = weighs.has(step.kind) && isBatchLane(lane);
  const stepG = isBatchLane(lane) ? lane.batch.group.onScale.stepG : 1;
  const say = (g: number | undefined): string =>
    g === undefined ? '–' : `${sayOnScale(g, stepG)} g`;
  const own = step.kind === 'part-b' || step.kind === 'more-b' ? parts.b : parts.a;
  const isWhole = !isWeighing || own !== undefined;
  return (
    <BenchSheet
      title="We did it another way"
      close="Back to the pour"
      onClose={onClose}
      foot={
        <BigButton
          kind="main"
          label="That is how it was"
          disabled={!isWhole}
          onPress={() => {
            onClose();
            void act(
              doneNow(step, clock.now(), {
                by: 'hand',
                text: text.trim() === '' ? 'done another way' : text.trim(),
                ...(isWeighing && parts.a !== undefined ? { aG: parts.a } : {}),
                ...(isWeighing && parts.b !== undefined ? { bG: parts.b } : {}),
                ...(isWeighing && own !== undefined ? { g: own } : {}),
              }),
            );
          }}
          style={styles.grow}
        />
      }
    >
      {isWeighing && (
        <View style={styles.list}>
          <Words size="large">What is in the cup now?</Words>
          <BigButton label={`A: ${say(parts.a)}`} onPress={() => setKeying('a')} />
          <BigButton label={`B: ${say(parts.b)}`} onPress={() => setKeying('b')} />
        </View>
      )}
      <PlainInput
        label="What was done"
        value={text}
        onChangeText={setText}
        wrong={false}
        describedBy=""
        multiline
      />
    </BenchSheet>
  );
}

const styles = StyleSheet.create({ list: { gap: space.small }, grow: { flexGrow: 1 } });
