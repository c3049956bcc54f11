import { ValidationError, type InferType, type Schema } from 'yup';

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

function migrated(kind: RecordKind<Schema>, text: string): unknown {
  let record = JSON.parse(text) as Record<string, unknown>;
  for (let version = Number(record['schema']); version < kind.version; version += 1) {
    const step = kind.migrations[version];
    if (step === undefined) throw new ValidationError(`no way up from version ${version}`);
    record = { ...step(record), schema: version + 1 };
  }
  return record;
}

/** Reads stored texts into records, bringing older versions up to date; what cannot be read is told apart. */
export function readRecords<S extends Schema>(
  kind: RecordKind<S>,
  texts: ReadonlyMap<string, string>,
): ReadRecords<InferType<S>> {
  const records: InferType<S>[] = [];
  const unreadable: UnreadableRecord[] = [];
  for (const [key, text] of texts) {
    try {
      records.push(kind.schema.validateSync(migrated(kind, text)) as InferType<S>);
    } catch (error) {
      if (!(error instanceof ValidationError || error instanceof SyntaxError)) throw error;
      unreadable.push({ key, text, reason: error.message });
    }
  }
  return { records, unreadable };
}
