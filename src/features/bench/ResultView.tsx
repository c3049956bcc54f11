import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { pourOf } from '../../core/bench/benchCopy';
import { runStand } from '../../core/bench/runLanes';
import { potClockOf } from '../../core/bench/potClock';
import { pourResult, type BatchResult } from '../../core/bench/pourResult';
import { useSettings } from '../../data/hooks/queries';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { space } from '../../ui/theme/tokens';
import { sayBatchResult, sayResultHead } from '../../words/benchResult';
import { sayMoney } from '../../words/figures';
import { sayRunStand } from '../../words/run';
import { sayRoughly } from '../../words/rough';
import { useBench } from './benchSource';
import { BigButton } from './BigButton';
import { goneOn } from './deeds';
import type { RunningPot } from './guide';
import { HeatingSheet } from './HeatingSheet';
import { Scrolling, Whole } from './Scrolling';

interface ResultViewProps {
  readonly pots: readonly RunningPot[];
  /** What else is told of it. */
  readonly told?: ReactNode;
  /** What is offered then. */
  readonly children: ReactNode;
}

/** How it went: what was over, what was late, what it cost. */
export function ResultView({ pots, told, children }: ResultViewProps) {
  const { copy, state, act, clock, practice } = useBench();
  const colours = useColours();
  const currency = useSettings().data?.currency ?? '';
  const lasts = new Map(
    pots.map(({ lane, answer }) => [lane.id, potClockOf(copy, lane, answer, 0)?.pourableMin]),
  );
  const result = pourResult(copy, state, ({ id, batch }) => {
    const found = lasts.get(id);
    return found === undefined ? batch.group.bucket.pourableMin : found;
  });
  const several = pourOf(copy).layers.length > 1;
  const [isHeating, setHeating] = useState(false);
  if (isHeating) return <HeatingSheet lane={undefined} onClose={() => setHeating(false)} />;
  return (
    <Whole style={{ backgroundColor: colours.paper }}>
      <Scrolling content={styles.content}>
        <Words heading={1} size="title" weight="bold">
          {practice === undefined ? `${copy.plan.name}: poured` : 'Practice is over'}
        </Words>
        <View testID="main-figure">
          {sayResultHead(result).map((line) => (
            <Words key={line} size="large" weight="semibold">
              {line}
            </Words>
          ))}
          {result.lostCost !== undefined && result.lostCost > 0.005 && (
            <Words size="large">
              {practice === undefined ? 'It cost' : 'It would have cost'}{' '}
              {sayMoney(result.lostCost, currency)} of resin more than planned.
            </Words>
          )}
        </View>
        {copy.run !== undefined && (
          <Words size="large" weight="semibold" testID="run-stand">
            {sayRunStand(runStand(copy.run, state.lanes))}
          </Words>
        )}
        {told}
        {result.batches.map((batch) => (
          <BatchOfResult key={batch.id} batch={batch} several={several} />
        ))}
        {result.offWindow.map(({ layer, min }) => (
          <Words key={layer} size="large" colour="stop">
            Layer {layer + 1}: {sayRoughly(Math.abs(min))} too {min < 0 ? 'early' : 'late'} for its
            window.
          </Words>
        ))}
        {result.latePasses.map(({ layer, turn, min }) => (
          <Words key={`${layer}/${turn}`} size="large">
            Layer {layer + 1}, bubble pass {turn + 1}: {sayRoughly(min)} late.
          </Words>
        ))}
      </Scrolling>
      <View style={[styles.foot, { borderTopColor: colours.line }]}>
        {state.endedAt !== undefined && state.lanes.some(({ next }) => next !== undefined) && (
          <BigButton label="Go on with it" onPress={() => void act(goneOn(clock.now()))} />
        )}
        {practice === undefined && (
          <BigButton kind="stop" label="It is heating" onPress={() => setHeating(true)} />
        )}
        {children}
      </View>
    </Whole>
  );
}

function BatchOfResult({
  batch,
  several,
}: {
  readonly batch: BatchResult;
  readonly several: boolean;
}) {
  const colours = useColours();
  const { title, weights, lines } = sayBatchResult(batch, several);
  return (
    <View testID={`result-${batch.id}`} style={[styles.batch, { borderTopColor: colours.line }]}>
      <Words heading={2} size="large" weight="bold">
        {title}
      </Words>
      <Words size="large">
        <Words size="large" weight="semibold" colour="partA">
          {weights.a}
        </Words>
        {weights.b !== undefined && (
          <>
            {' + '}
            <Words size="large" weight="semibold" colour="partB">
              {weights.b}
            </Words>
          </>
        )}
        <Words colour="inkSoft">{`, planned ${weights.planned}`}</Words>
      </Words>
      {lines.map(({ text, stop }) => (
        <Words key={text} colour={stop ? 'stop' : 'ink'}>
          {text}
        </Words>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  content: {
    padding: space.large,
    gap: space.large,
    width: '100%',
    maxWidth: 720,
    alignSelf: 'center',
  },
  batch: { borderTopWidth: 1, paddingTop: space.small, gap: space.tight },
  foot: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    gap: space.small,
    padding: space.medium,
    borderTopWidth: 1,
  },
});
