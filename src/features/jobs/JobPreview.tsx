import type { Shelf } from '../../core/plan/planTypes';
import type { JobEntry } from '../../data/records/jobEntry';
import { ActionButton } from '../../ui/ActionButton';
import { PlanInShort } from '../../ui/figures/PlanInShort';
import { Screen } from '../../ui/frame/Screen';
import { Words } from '../../ui/text/Words';
import { saySubject } from '../../words/sheet';
import { nameOfJob } from './JobCard';
import { useListedJob } from './useListedJob';

interface JobPreviewProps {
  readonly entry: JobEntry;
  readonly shelf: Shelf;
  readonly onOpen: () => void;
}

/** A job beside its list: the piece, and what each pour of it comes to. */
export function JobPreview({ entry, shelf, onOpen }: JobPreviewProps) {
  const { data: listed } = useListedJob(entry, shelf);
  const plan = listed?.state === 'planned' ? listed.plan : undefined;
  return (
    <Screen
      title={nameOfJob(entry)}
      subtitle={plan && saySubject(plan)}
      foot={<ActionButton kind="main" label="Open it" onPress={onOpen} />}
    >
      {plan === undefined ? (
        <Words colour="inkSoft">Open it to see its figures.</Words>
      ) : (
        <PlanInShort plan={plan} />
      )}
    </Screen>
  );
}
