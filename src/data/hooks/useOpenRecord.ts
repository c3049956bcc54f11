import { useState } from 'react';
import type { JobRecord } from '../records/jobRecord';
import { useJobs } from './queries';

/**
 * The stored job of an open screen.
 * Once it was there it stays, marked gone, when another tab deletes it: the person decides what becomes of it.
 */
export function useOpenRecord(
  id: string,
): 'loading' | 'missing' | { readonly record: JobRecord; readonly gone: boolean } {
  const { data: jobs } = useJobs();
  const record = jobs?.records.find((job) => job.id === id);
  const [last, setLast] = useState(record);
  if (record !== undefined && record !== last) setLast(record);
  if (record !== undefined) return { record, gone: false };
  if (jobs === undefined) return 'loading';
  return last?.id === id ? { record: last, gone: true } : 'missing';
}
