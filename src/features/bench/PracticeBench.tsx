import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { BenchCopy } from '../../core/bench/benchCopy';
import type { BenchEvent } from '../../core/bench/benchEvents';
import { benchState } from '../../core/bench/benchState';
import { InputError, isOfCode, type Problem } from '../../core/problem';
import { jobs } from '../../data/kinds/kinds';
import { useOne, useSettings, useShelf } from '../../data/hooks/queries';
import type { Deed } from '../../data/hooks/useLivePour';
import { WorkProblem } from '../../ui/feedback/WorkProblem';
import { Words } from '../../ui/text/Words';
import { askBenchCopy } from '../../workers/benchModels';
import { BenchContext, type BenchClock, type BenchSource } from './benchSource';
import { BenchScreen } from './BenchScreen';
import { BenchSheet } from './BenchSheet';
import { BigButton } from './BigButton';
import { ended } from './deeds';

interface PracticeBenchProps {
  readonly job: string;
  /** Counted from 0. */
  readonly pour: number;
  readonly onLeave: () => void;
}

/** The same bench with a simulated scale and time that goes faster; nothing of it is kept. */
export function PracticeBench({ job: id, pour, onLeave }: PracticeBenchProps) {
  const read = useOne(jobs, id).data;
  const job = read?.record?.lastGood;
  const shelf = useShelf();
  const person = useSettings().data?.person;
  const [copy, setCopy] = useState<BenchCopy>();
  const [problem, setProblem] = useState<Problem>();
  const [turn, setTurn] = useState(0);
  const asked = useRef(false);
  useEffect(() => {
    if (job === undefined || job === null || asked.current) return;
    asked.current = true;
    askBenchCopy({ job, pour, shelf, person }).then(setCopy, (error: unknown) => {
      if (!(error instanceof InputError)) throw error;
      setProblem(error);
    });
  }, [job, pour, shelf, person, problem]);
  const again = (): void => {
    asked.current = false;
    setProblem(undefined);
  };
  if (isOfCode(problem, 'worker-failed', 'worker-too-slow')) {
    return (
      <BenchSheet title="The practice has not started" onClose={onLeave}>
        <WorkProblem problem={problem} onAgain={again} />
      </BenchSheet>
    );
  }
  if (problem !== undefined || (read !== undefined && (job === undefined || job === null))) {
    return (
      <BenchSheet title="Nothing to practise on" onClose={onLeave}>
        <Words size="large">This job has no plan yet: put right what it says is wrong.</Words>
      </BenchSheet>
    );
  }
  if (copy === undefined) return <View role="main" />;
  return (
    <OpenPractice key={turn} copy={copy} onLeave={onLeave} onAgain={() => setTurn(turn + 1)} />
  );
}

interface OpenPracticeProps {
  readonly copy: BenchCopy;
  readonly onLeave: () => void;
  readonly onAgain: () => void;
}

const usualSpeed = 10;

function OpenPractice({ copy, onLeave, onAgain }: OpenPracticeProps) {
  const [events, setEvents] = useState<readonly BenchEvent[]>([]);
  const [time, setTime] = useState(() => ({
    /** At this moment of the clock it was so late at the bench, ms. */
    realAt: Date.now(),
    benchAt: Date.now(),
    speed: usualSpeed,
  }));
  const clock = useMemo(
    (): BenchClock => ({
      now: () => Math.round(time.benchAt + (Date.now() - time.realAt) * time.speed),
      speed: time.speed,
    }),
    [time],
  );
  const held = useRef<readonly BenchEvent[]>([]);
  const act = useCallback(
    async (deed: Deed): Promise<void> => {
      const more = deed(benchState(copy, held.current));
      if (more.length === 0) return;
      held.current = [...held.current, ...more];
      setEvents(held.current);
    },
    [copy],
  );
  const state = useMemo(() => benchState(copy, events), [copy, events]);
  const source = useMemo((): BenchSource => {
    const from = (change: { speed?: number; passed?: number }): void =>
      setTime((last) => {
        const now = Date.now();
        const benchAt = last.benchAt + (now - last.realAt) * last.speed + (change.passed ?? 0);
        return { realAt: now, benchAt: Math.round(benchAt), speed: change.speed ?? last.speed };
      });
    return {
      id: 'practice',
      copy,
      state,
      clock,
      act,
      practice: {
        setSpeed: (speed) => from({ speed }),
        pass: (ms) => from({ passed: ms }),
        end: () => void act(ended(clock.now(), 'practice ended')),
      },
    };
  }, [copy, state, clock, act]);
  return (
    <BenchContext value={source}>
      <BenchScreen
        job={undefined}
        onLeave={onLeave}
        afterwards={
          <>
            <BigButton label="Again" onPress={onAgain} style={styles.grow} />
            <BigButton kind="main" label="To the job" onPress={onLeave} style={styles.grow} />
          </>
        }
      />
    </BenchContext>
  );
}

const styles = StyleSheet.create({ grow: { flexGrow: 1 } });
