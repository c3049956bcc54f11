import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { lookOf } from '../../core/bench/benchState';
import type { AfterLane } from '../../core/bench/lanes';
import type { LaterStep } from '../../core/bench/laterSteps';
import { feltOf, runStand } from '../../core/bench/runLanes';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { doneWords, sayClock } from '../../words/bench';
import { sayLater } from '../../words/laterSteps';
import { sayRunStand, warmthWords } from '../../words/run';
import { useBench } from './benchSource';
import { BigButton } from './BigButton';
import { BigFigure } from './BigFigure';
import { warmed } from './deeds';
import { LaterFrame } from './LaterFrame';
import { useGuide } from './guide';

interface MouldStepProps {
  readonly lane: AfterLane;
  readonly mould: Extract<LaterStep, { readonly code: 'empty-mould' }>;
}

/** A mould of a run: its clock, how warm it is, and what comes out of it. */
export function MouldStep({ lane, mould }: MouldStepProps) {
  const { copy, state, act, clock } = useBench();
  const { step } = useGuide();
  const { dueAt } = lookOf(lane, step);
  const { cavities } = mould.data;
  const [rejects, setRejects] = useState(0);
  const [title, lines] = sayLater(mould);
  const felt = feltOf(state.events, lane.id);
  const good = cavities - rejects;
  return (
    <LaterFrame
      lane={lane}
      dueAt={dueAt}
      title={(isDue) => (isDue ? title : `Mould ${mould.data.mould} is setting`)}
      subtitle={copy.run === undefined ? '' : sayRunStand(runStand(copy.run, state.lanes))}
      doneWord={doneWords['empty-mould']}
      more={{ good }}
    >
      {(isDue, inMin) => (
        <>
          {!isDue && <BigFigure figure={sayClock(inMin)} caption="until it may be tried" />}
          {!isDue && (
            <View style={styles.row}>
              {(['hot', 'cooling'] as const).map((warmth) => (
                <BigButton
                  key={warmth}
                  label={warmthWords[warmth]}
                  kind={felt?.warmth === warmth ? 'main' : 'plain'}
                  onPress={() => void act(warmed(lane.id, clock.now(), warmth))}
                  style={styles.grow}
                />
              ))}
            </View>
          )}
          {lines.map((line) => (
            <Words key={line} size="large">
              {line}
            </Words>
          ))}
          {isDue && (
            <View style={styles.row}>
              <Words size="title" weight="bold" style={styles.grow} role="status">
                {good} of {cavities} good
              </Words>
              <BigButton
                label="One is not"
                onPress={() => setRejects(Math.min(cavities, rejects + 1))}
              />
              {rejects > 0 && <BigButton label="All are" onPress={() => setRejects(0)} />}
            </View>
          )}
        </>
      )}
    </LaterFrame>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: space.small },
  grow: { flexGrow: 1, flexBasis: 140 },
});
