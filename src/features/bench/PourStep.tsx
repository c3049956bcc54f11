import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { goneOnWith } from '../../core/bench/benchCopy';
import type { PourPlan } from '../../core/plan/planTypes';
import { InputError } from '../../core/problem';
import { useJobId, useOpenJob } from '../../data/draft/openJob';
import { useLives, usePieces, useSettings, useShelf } from '../../data/hooks/queries';
import { useTicksOf } from '../../data/hooks/useJobDays';
import { useLiveActions } from '../../data/hooks/useLivePour';
import { recordOf } from '../../data/hooks/recordOfPour';
import type { LiveEntry } from '../../data/records/liveEntry';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { MainFigure } from '../../ui/frame/MainFigure';
import { ActionButton } from '../../ui/ActionButton';
import { StateMark } from '../../ui/StateMark';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { space } from '../../ui/theme/tokens';
import { ownZone, useNow } from '../../ui/useNow';
import { countOf } from '../../core/plan/reasons';
import { sayMl } from '../../words/figures';
import { sayMoment } from '../../words/moments';
import { sayPour } from '../../words/pours';
import { sayProblem } from '../../words/problems';
import { askBenchCopy } from '../../workers/benchModels';
import { BigButton } from './BigButton';

const msPerMin = 60_000;

interface PourStepProps {
  readonly onBench: (id: string) => void;
  readonly onRecord: (id: string) => void;
  readonly onCure: (id: string) => void;
  /** @param pour counted from 0 */
  readonly onPractice: (pour: number) => void;
}

/** The pours of a job: to be begun, gone on with, practised; and what was poured. */
export function PourStep({ onBench, onRecord, onCure, onPractice }: PourStepProps) {
  const { plan, job, outdated } = useOpenJob();
  const id = useJobId();
  const shelf = useShelf();
  const person = useSettings().data?.person;
  const { data: lives } = useLives();
  const { tasks } = useTicksOf(id);
  const ticked = new Map(
    tasks.map(({ id: task, from, to }) => [task, { from: Date.parse(from), to: Date.parse(to) }]),
  );
  const { begin } = useLiveActions();
  const notice = useNotice();
  const [isBusy, setBusy] = useState(false);
  if (plan === undefined || job === undefined) {
    return (
      <MainFigure>
        <Words colour="inkSoft">Nothing to pour yet: measure a cavity and choose a resin.</Words>
      </MainFigure>
    );
  }
  const own = (lives?.records ?? []).filter((each) => each.job === id);
  const start = async (index: number): Promise<void> => {
    setBusy(true);
    try {
      const planned = await askBenchCopy({ job, pour: index, shelf, person });
      const copy = own.some((each) => each.pour === index) ? planned : goneOnWith(planned, ticked);
      const name = copy.plan.pours.length > 1 ? sayPour(copy.plan.pours[index]!) : '';
      onBench(await begin(id, copy, name));
    } catch (error) {
      const why =
        error instanceof InputError ? sayProblem(error) : 'Look at what the job warns of.';
      notice({ text: `This pour could not be started. ${why}` });
    } finally {
      setBusy(false);
    }
  };
  const open = own.filter(({ state }) => state === 'under-way');
  const next = plan.pours.find(({ index }) => own.every((each) => each.pour !== index));
  return (
    <View style={styles.stack}>
      <MainFigure>
        <Words size="title" weight="bold">
          {open.length > 0
            ? 'Under way'
            : next === undefined
              ? 'Poured'
              : plan.pours.length > 1
                ? `Next: ${sayPour(next).toLowerCase()}`
                : 'Ready to pour'}
        </Words>
        <Words colour="inkSoft">
          {sayMl(plan.together.totalMl)} in{' '}
          {plan.pours.reduce((sum, { batches }) => sum + countOf(batches), 0)} batches. The bench
          takes you through it, one step at a time, and writes down what happened.
        </Words>
      </MainFigure>
      {outdated && (
        <Words weight="semibold" role="status">
          Something in the job is not right yet: it is poured by its last good figures.
        </Words>
      )}
      {plan.pours.map((pour) => (
        <OnePour
          key={pour.id}
          pour={pour}
          several={plan.pours.length > 1}
          lives={own.filter((each) => each.pour === pour.index)}
          isBusy={isBusy}
          onBegin={() => void start(pour.index)}
          onBench={onBench}
          onRecord={onRecord}
          onCure={onCure}
          onPractice={() => onPractice(pour.index)}
        />
      ))}
    </View>
  );
}

interface OnePourProps {
  readonly pour: PourPlan;
  readonly several: boolean;
  readonly lives: readonly LiveEntry[];
  readonly isBusy: boolean;
  readonly onBegin: () => void;
  readonly onBench: (id: string) => void;
  readonly onRecord: (id: string) => void;
  readonly onCure: (id: string) => void;
  readonly onPractice: () => void;
}

function OnePour({
  pour,
  several,
  lives,
  isBusy,
  onBegin,
  onBench,
  onRecord,
  onCure,
  onPractice,
}: OnePourProps) {
  const colours = useColours();
  const now = useNow();
  const { remove } = useLiveActions();
  const { data: pieces } = usePieces();
  const recorded = new Set((pieces?.records ?? []).map((each) => each.id));
  const notice = useNotice();
  const open = lives.find(({ state }) => state === 'under-way');
  const batches = countOf(pour.batches);
  const layers = pour.layers.length;
  const take = async (entry: LiveEntry): Promise<void> => {
    const undo = await remove(entry.id);
    if (undo !== undefined) notice({ text: 'The pour is deleted.', undo });
  };
  return (
    <View testID={`pour-${pour.index + 1}`} style={[styles.pour, { borderTopColor: colours.line }]}>
      <View style={styles.head}>
        <StateMark state={open !== undefined ? 'next' : lives.length > 0 ? 'done' : 'open'} />
        <Words heading={2} size="large" weight="bold" style={styles.grow}>
          {several ? sayPour(pour) : 'The pour'}
        </Words>
        <Words colour="inkSoft">
          {[
            sayMl(pour.totalMl),
            ...(layers > 1 ? [`${layers} layers`] : []),
            `${batches} ${batches === 1 ? 'batch' : 'batches'}`,
          ].join(' · ')}
        </Words>
      </View>
      <View style={styles.row}>
        {open !== undefined ? (
          <BigButton
            kind="main"
            label="Go on pouring"
            onPress={() => onBench(open.id)}
            style={styles.grow}
          />
        ) : (
          <BigButton
            kind={lives.length > 0 ? 'plain' : 'main'}
            label={lives.length > 0 ? 'Pour it again' : 'Begin the pour'}
            disabled={isBusy}
            onPress={onBegin}
            style={styles.grow}
          />
        )}
        <BigButton
          label="Practise"
          spoken={several ? `Practise: ${sayPour(pour)}` : undefined}
          onPress={onPractice}
          style={styles.grow}
        />
      </View>
      {lives.map((entry) => (
        <View key={entry.id} style={styles.past}>
          <Words style={styles.grow}>
            {entry.state === 'over' ? 'Poured' : 'Begun'}{' '}
            {sayMoment(entry.startedAt / msPerMin, now, ownZone())}
          </Words>
          {entry.state === 'over' && (
            <ActionButton kind="bare" label="See it" onPress={() => onBench(entry.id)} />
          )}
          {recorded.has(recordOf(entry)) && (
            <ActionButton kind="bare" label="Cure watch" onPress={() => onCure(entry.id)} />
          )}
          {recorded.has(recordOf(entry)) && (
            <ActionButton
              kind="bare"
              label="Its record"
              onPress={() => onRecord(recordOf(entry))}
            />
          )}
          <ActionButton
            kind="bare"
            icon="delete"
            label=""
            spoken="Delete what was written of this pour"
            onPress={() => void take(entry)}
          />
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.large },
  pour: { borderTopWidth: 1, paddingTop: space.medium, gap: space.medium },
  head: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: space.small },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
  past: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: space.small },
  grow: { flexGrow: 1, flexShrink: 1 },
});
