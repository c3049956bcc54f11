import { nextVersion } from '../records/stored';
import { isRecord, type Content, type Write } from './changes';

/** A state of a record once more, as the one that follows on what stands there now. */
function again(before: Content, now: Content): Content {
  if (!isRecord(before)) return before;
  return { ...before, ...nextVersion(isRecord(now) ? now : before) };
}

/** What takes these writes back: refused where somebody has changed what they came to. */
export const undoing = (writes: readonly Write[]): readonly Write[] =>
  writes.map(({ key, record, replaces }) => ({
    key,
    record: again(replaces, record),
    replaces: record,
  }));
