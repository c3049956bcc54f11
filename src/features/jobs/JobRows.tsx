import { useCallback } from 'react';
import type { Shelf } from '../../core/plan/planTypes';
import { saveUnreadable } from '../../data/files/saveUnreadable';
import { useJobActions } from '../../data/hooks/useJobActions';
import { useListedTexts } from '../../data/hooks/useListedText';
import type { JobEntry } from '../../data/records/jobEntry';
import { jobCollection } from '../../data/repositories';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { RowMishap } from '../../ui/feedback/RowMishap';
import { Rows } from '../../ui/list/Rows';
import { JobCard, nameOfJob } from './JobCard';

interface JobRowsProps {
  readonly jobs: readonly JobEntry[];
  readonly shelf: Shelf;
  readonly isTypedOver: (id: string) => boolean;
  readonly onOpen: (id: string) => void;
}

const notThere = 'This job is not there any more, or cannot be read.';
const keyOf = ({ id }: JobEntry): string => id;

/** Jobs as rows: each opened, duplicated and deleted from here. */
export function JobRows({ jobs, shelf, isTypedOver, onOpen }: JobRowsProps) {
  const actions = useJobActions();
  const notice = useNotice();
  const textsOf = useListedTexts();
  // The same while nothing that it shows changes: a job that is added draws its own row, and no other.
  const row = useCallback(
    (entry: JobEntry) => {
      const remove = async (): Promise<void> => {
        const undo = await actions.remove(entry);
        if (undo === undefined) notice({ text: notThere });
        else notice({ text: `Deleted ${entry.name || 'the job without a name'}`, undo });
      };
      const duplicate = async (): Promise<void> => {
        if ((await actions.duplicate(entry)) === undefined) notice({ text: notThere });
      };
      const save = async (reason: string): Promise<void> => {
        const key = jobCollection.key(entry.id);
        const text = (await textsOf([entry])).get(key);
        if (text === undefined) notice({ text: notThere });
        else saveUnreadable([{ key, text, reason }]);
      };
      return (
        <RowMishap name={nameOfJob(entry)} onSave={() => void save('cannot be shown')}>
          <JobCard
            entry={entry}
            shelf={shelf}
            typedOver={isTypedOver(entry.id)}
            onOpen={() => onOpen(entry.id)}
            onDuplicate={() => void duplicate()}
            onDelete={() => void remove()}
            onSave={(reason) => void save(reason)}
          />
        </RowMishap>
      );
    },
    [actions, notice, textsOf, shelf, isTypedOver, onOpen],
  );
  return <Rows items={jobs} keyOf={keyOf} aboutHigh={90} row={row} />;
}
