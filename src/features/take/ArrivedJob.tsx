import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Job } from '../../core/job/jobSchema';
import type { Shelf } from '../../core/plan/planTypes';
import type { JobDraft } from '../../data/draft/jobDraft';
import { useJobActions } from '../../data/hooks/useJobActions';
import { jobCollection, jobRecordOf } from '../../data/repositories';
import { ActionButton } from '../../ui/ActionButton';
import { MainFigure } from '../../ui/frame/MainFigure';
import { PlanInShort } from '../../ui/figures/PlanInShort';
import { Screen } from '../../ui/frame/Screen';
import { Words } from '../../ui/text/Words';
import { saySubject } from '../../words/sheet';
import { listPlanner } from '../../workers/listPlanner';

interface ArrivedJobProps {
  readonly job: Job;
  readonly shelf: Shelf;
  readonly onKept: (id: string) => void;
  readonly onLeave: () => void;
}

/** A job that has come over, shown before it is kept: it becomes a job of its own and writes over nothing. */
export function ArrivedJob({ job, shelf, onKept, onLeave }: ArrivedJobProps) {
  const actions = useJobActions();
  const [record] = useState(() => jobRecordOf(job as JobDraft));
  // In a thread, and within its time: it is somebody else's job.
  const { data: listed } = useQuery({
    queryKey: ['arrived', record.id],
    queryFn: ({ signal }) =>
      listPlanner.plan({
        key: jobCollection.key(record.id),
        text: JSON.stringify(record),
        shelf,
        inSight: true,
        signal,
      }),
    structuralSharing: false,
  });
  const plan = listed?.state === 'planned' ? listed.plan : undefined;
  const keep = async (): Promise<void> => onKept((await actions.create(job)).id);
  return (
    <Screen
      title={job.name}
      subtitle={plan === undefined ? 'A job from another device' : saySubject(plan)}
      onBack={onLeave}
      foot={
        <>
          <ActionButton kind="main" label="Keep it as a job" onPress={() => void keep()} />
          <ActionButton label="Leave it" onPress={onLeave} />
        </>
      }
    >
      <MainFigure>
        <Words size="large" weight="bold">
          {job.pours.length === 1 ? 'A job of one pour' : `A job of ${job.pours.length} pours`}
        </Words>
      </MainFigure>
      <Words>Nothing is kept yet. Kept, it is a job beside yours and changes none of them.</Words>
      {plan === undefined ? (
        <Words colour="inkSoft">{sayState(listed?.state)}</Words>
      ) : (
        <PlanInShort plan={plan} />
      )}
    </Screen>
  );
}

function sayState(state: 'planned' | 'unmeasured' | 'unreadable' | 'too-slow' | undefined): string {
  switch (state) {
    case undefined:
      return 'Working out what it comes to.';
    case 'too-slow':
      return 'Working out what it comes to takes too long to show it here.';
    default:
      return 'It has no amounts yet.';
  }
}
