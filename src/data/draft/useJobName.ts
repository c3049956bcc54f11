import { useWatch } from 'react-hook-form';
import { newJobName, type JobDraft } from './jobDraft';

/** What the open job is called, as it is typed. */
export const useJobName = (): string =>
  useWatch<JobDraft, 'name'>({ name: 'name' }).trim() || newJobName;
