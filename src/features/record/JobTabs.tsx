import { Tabs } from '../../ui/frame/Tabs';

const lists = [
  { value: 'jobs', label: 'Jobs' },
  { value: 'records', label: 'Records' },
] as const;
type JobList = (typeof lists)[number]['value'];

/** Where each list is. */
export const jobPaths = { jobs: '/jobs', records: '/records' } as const;

interface JobTabsProps {
  readonly here: JobList;
  readonly onChange: (list: JobList) => void;
}

/** What is to be made, and what was. */
export const JobTabs = ({ here, onChange }: JobTabsProps) => (
  <Tabs label="Lists of jobs" tabs={lists} value={here} onChange={onChange} />
);
