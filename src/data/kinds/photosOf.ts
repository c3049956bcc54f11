import type { JobRecord } from '../records/jobRecord';

/** The photos that a job's outlines are traced on: of what is typed, and of its last good state. */
export const photosOf = ({ draft, lastGood }: Pick<JobRecord, 'draft' | 'lastGood'>): string[] => [
  ...new Set(
    [draft, ...(lastGood === null ? [] : [lastGood])]
      .flatMap(({ measure, pours }) => [measure, ...pours.map((pour) => pour.measure)])
      .flatMap((measure) => [...(measure?.parts ?? []), ...(measure?.inserts ?? [])])
      .flatMap((part) => {
        const { photo, face } = part as {
          readonly photo?: string | undefined;
          readonly face?: { readonly photo?: string | undefined } | undefined;
        };
        return [photo, face?.photo].filter((id) => id !== undefined);
      }),
  ),
];
