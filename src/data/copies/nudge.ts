import { number, object, type InferType } from 'yup';

const dayMs = 24 * 60 * 60 * 1000;
/** After so many changes, or so many days with any, a person is asked to save a file. */
const manyChanges = 200;
const manyDays = 14;
/** Somebody who said “not now” is left alone for so long. */
const laterDays = 3;

const savedSchema = object({
  /** When everything was saved as a file last, ms since 1970. */
  at: number().integer().min(0).optional(),
  /** How often this device had written by then. */
  writes: number().integer().min(0).required(),
  /** When the person was asked last and said “not now”, ms since 1970. */
  putOffAt: number().integer().min(0).optional(),
});

/** What is known of the last file that a person saved. */
export type Saved = InferType<typeof savedSchema>;

/** As it is kept; as if nothing had ever been saved where it cannot be read. */
export function readSaved(text: string | null | undefined): Saved {
  try {
    return savedSchema.validateSync(JSON.parse(text ?? 'null'));
  } catch {
    return { writes: 0 };
  }
}

/** What is not in any file yet. */
export interface Unsaved {
  readonly changes: number;
  /** Since the last file; undefined where there never was one. */
  readonly days: number | undefined;
  /** Whether the person should be asked to save one. */
  readonly isDue: boolean;
}

/**
 * @param writes how often this device has written
 * @param now ms since 1970
 */
export function unsavedOf(
  { at, writes: before, putOffAt }: Saved,
  writes: number,
  now: number,
): Unsaved {
  const changes = Math.max(0, writes - before);
  const days = at === undefined ? undefined : Math.max(0, Math.floor((now - at) / dayMs));
  const isPutOff = putOffAt !== undefined && now - putOffAt < laterDays * dayMs && now >= putOffAt;
  const isMuch = changes >= manyChanges || (changes > 0 && (days ?? 0) >= manyDays);
  return { changes, days, isDue: isMuch && !isPutOff };
}
