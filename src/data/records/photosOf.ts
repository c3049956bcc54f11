import type { JobRecord } from './jobRecord';

/** Every text that stands under the key `photo`, whatever shape the rest has: a draft is what somebody typed. */
function collect(value: unknown, found: Set<string>): void {
  if (typeof value !== 'object' || value === null) return;
  if (Array.isArray(value)) {
    // Points and heights are long lists of plain numbers.
    if (typeof value[0] === 'number') return;
    for (const each of value) collect(each, found);
    return;
  }
  for (const [key, each] of Object.entries(value)) {
    if (key === 'photo' && typeof each === 'string' && !each.startsWith('data:')) found.add(each);
    else collect(each, found);
  }
}

/** The photos that a job's outlines are traced on: of what is typed, and of its last good state. */
export function photosOf({ draft, lastGood }: Pick<JobRecord, 'draft' | 'lastGood'>): string[] {
  const found = new Set<string>();
  collect(draft, found);
  collect(lastGood, found);
  return [...found];
}
