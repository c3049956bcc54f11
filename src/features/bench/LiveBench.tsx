import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { pourOf, type BenchCopy } from '../../core/bench/benchCopy';
import { planDifference, takenOver } from '../../core/bench/planDifference';
import { jobs, pieces } from '../../data/kinds/kinds';
import { useOne, useSettings, useShelf } from '../../data/hooks/queries';
import { useLiveActions, useLivePour, type LivePour } from '../../data/hooks/useLivePour';
import { recordOf } from '../../data/hooks/recordOfPour';
import { Strip } from '../../ui/feedback/Strip';
import { Words } from '../../ui/text/Words';
import { sayDifference } from '../../words/bench';
import { askBenchCopy } from '../../workers/benchModels';
import { BenchContext } from './benchSource';
import { BenchScreen } from './BenchScreen';
import { BenchSheet } from './BenchSheet';
import { BigButton } from './BigButton';
import { OtherPours } from './OtherPours';
import { TakenOff } from './TakenOff';
import { useLiveSource } from './useLiveSource';

interface LiveBenchProps {
  readonly id: string;
  readonly onLeave: () => void;
  readonly onJob: (job: string) => void;
  readonly onRecord: (record: string) => void;
  /** Goes to where its cure is watched. */
  readonly onCure: () => void;
  /** Takes another pour in hand. */
  readonly onPour: (id: string) => void;
}

/** A pour that is kept: everything on its screen is what is stored. */
export function LiveBench({ id, ...ways }: LiveBenchProps) {
  const live = useLivePour(id);
  if (live === undefined) return <View role="main" />;
  if (live === null) {
    return (
      <BenchSheet title="No such pour" onClose={ways.onLeave}>
        <Words size="large">
          It is not here any more, or this version cannot read it. The pours of a job stand at its
          step Pour.
        </Words>
      </BenchSheet>
    );
  }
  return <OpenBench id={id} live={live} {...ways} />;
}

function OpenBench({
  id,
  live,
  onLeave,
  onJob,
  onRecord,
  onCure,
  onPour,
}: LiveBenchProps & { readonly live: LivePour }) {
  const { record, copy } = live;
  const actions = useLiveActions();
  const { source, keep, notKept } = useLiveSource(id, live);
  const { state } = source;
  const fresh = useFreshCopy(record.job, copy.pour);
  const hasRecord = useOne(pieces, recordOf(record)).data?.record !== undefined;
  const differences = fresh === undefined ? [] : planDifference(pourOf(copy), pourOf(fresh));
  const next = fresh && differences.length > 0 ? takenOver(copy, fresh, state) : undefined;
  return (
    <BenchContext value={source}>
      <BenchScreen
        job={record.job}
        onLeave={onLeave}
        told={<TakenOff lots={record.lots} />}
        others={<OtherPours here={id} onPour={onPour} />}
        notice={
          <>
            {notKept}
            {differences.length > 0 && !state.isOver && (
              <Strip
                words={`The job has changed since. ${differences.map(sayDifference).join(' ')}`}
              >
                {next === undefined ? null : (
                  <BigButton
                    label="Take it for what is not begun"
                    onPress={() =>
                      void keep(() =>
                        actions.replan(id, (before, now) => takenOver(before, fresh!, now)),
                      )
                    }
                  />
                )}
              </Strip>
            )}
          </>
        }
        afterwards={
          <>
            <BigButton kind="main" label="Cure watch" onPress={onCure} style={{ flexGrow: 1 }} />
            <BigButton
              label="To the job"
              onPress={() => onJob(record.job)}
              style={{ flexGrow: 1 }}
            />
            {hasRecord && (
              <BigButton
                label="Its record"
                onPress={() => onRecord(recordOf(record))}
                style={{ flexGrow: 1 }}
              />
            )}
          </>
        }
      />
    </BenchContext>
  );
}

/** What a pour of the job would be begun with now; undefined until it is known, and where the job is not whole. */
function useFreshCopy(id: string, pour: number): BenchCopy | undefined {
  const job = useOne(jobs, id).data?.record?.lastGood;
  const shelf = useShelf();
  const person = useSettings().data?.person;
  const [fresh, setFresh] = useState<BenchCopy>();
  useEffect(() => {
    if (job === undefined || job === null || job.pours[pour] === undefined) return undefined;
    let overtaken = false;
    void askBenchCopy({ job, pour, shelf, person }).then(
      (copy) => {
        if (!overtaken) setFresh(copy);
      },
      // It cannot be planned as it is now: there is nothing newer to take.
      () => undefined,
    );
    return () => {
      overtaken = true;
    };
  }, [job, pour, shelf, person]);
  return fresh;
}
