import type { InferType, Schema } from 'yup';
import { asKept } from '../../core/schema/asKept';
import { jsonOf, keptLimits } from '../../core/schema/jsonText';

/** A shape that records had once, and the step to the next one. */
export type Migration = (record: Readonly<Record<string, unknown>>) => Record<string, unknown>;

/** How one kind of record is kept: where, in which version, and how older versions come up to it. */
export interface RecordKind<S extends Schema> {
  readonly prefix: string;
  readonly version: number;
  readonly schema: S;
  /** `migrations[n]` turns version n into n + 1. */
  readonly migrations: Readonly<Record<number, Migration>>;
}

/** A stored text that is not a record of this version of Nipperkin; it is kept and offered as a file. */
export interface UnreadableRecord {
  readonly key: string;
  readonly text: string;
  readonly reason: string;
}

export interface ReadRecords<T> {
  readonly records: readonly T[];
  readonly unreadable: readonly UnreadableRecord[];
}

/** Brings a record of an older version up to date. @throws Error where there is no way up */
function migrated(kind: RecordKind<Schema>, value: unknown): unknown {
  if (typeof value !== 'object' || value === null) throw new Error('not a record');
  let record = value as Record<string, unknown>;
  for (let version = Number(record['schema']); version < kind.version; version += 1) {
    const step = kind.migrations[version];
    if (step === undefined) throw new Error(`no way up from version ${version}`);
    record = { ...step(record), schema: version + 1 };
  }
  return record;
}

/**
 * Reads what is stored into records, bringing older versions up to date.
 * What cannot be read, whatever it is, is told apart and stops nothing.
 */
export function readRecords<S extends Schema>(
  kind: RecordKind<S>,
  texts: ReadonlyMap<string, string>,
): ReadRecords<InferType<S>> {
  const records: InferType<S>[] = [];
  const unreadable: UnreadableRecord[] = [];
  for (const [key, text] of texts) {
    try {
      const record = kind.schema.validateSync(
        migrated(kind, jsonOf(text, keptLimits)),
        asKept,
      ) as InferType<S>;
      // It would be written under another key than it stands under, over another record.
      if (key !== kind.prefix + (record as { id: string }).id) throw new Error('not its own key');
      records.push(record);
    } catch (error) {
      // A damaged text can break any step of reading it; whichever it was, the text is kept.
      unreadable.push({
        key,
        text,
        reason: error instanceof Error ? error.message : String(error),
      });
    }
  }
  return { records, unreadable };
}
