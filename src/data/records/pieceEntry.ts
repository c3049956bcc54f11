import { mixedGOf, sumOfKnown } from '../../core/record/batchFigures';
import { faultKinds, type FaultKind } from '../../core/record/faults';
import type { Indexed } from '../store/recordIndex';
import type { Version } from '../store/versions';
import { pieceRecords, type KeptPiece } from './pieceRecord';

/** What a list shows of a record, and what it is searched by; the record itself is read when it is opened. */
export interface PieceEntry extends Version {
  readonly id: string;
  readonly name: string;
  /** Ms since 1970. */
  readonly madeAt: number;
  readonly job: string | undefined;
  readonly resins: readonly string[];
  readonly lots: readonly string[];
  readonly moulds: readonly string[];
  readonly faults: readonly FaultKind[];
  readonly rating: number | undefined;
  readonly photos: readonly string[];
  /** Mixed in all; undefined where nobody weighed. */
  readonly mixedG: number | undefined;
  readonly lostCost: number | undefined;
  readonly cost: number | undefined;
}

const once = (texts: readonly string[]): readonly string[] => [...new Set(texts)];

export function pieceEntryOf({ id, revision, stamp, piece }: KeptPiece): PieceEntry {
  const { name, madeAt, job, pours, faults, rating, photos } = piece;
  return {
    id,
    revision,
    stamp,
    name,
    madeAt,
    job,
    resins: once(pours.map(({ resin }) => resin)),
    lots: once(pours.flatMap(({ lots }) => lots.map((lot) => lot.name))),
    moulds: once(pours.flatMap(({ mould }) => (mould === undefined ? [] : [mould.name]))),
    faults: faults.map(({ kind }) => kind),
    rating,
    photos,
    mixedG: mixedGOf(piece),
    lostCost: sumOfKnown(pours.map((pour) => pour.lostCost)),
    cost: sumOfKnown(pours.map((pour) => pour.cost)),
  };
}

const kindsOfFault: ReadonlySet<unknown> = new Set(faultKinds);
const isText = (value: unknown): boolean => typeof value === 'string';
const isFigure = (value: unknown): boolean => typeof value === 'number' && Number.isFinite(value);
const mayBe =
  (is: (value: unknown) => boolean) =>
  (value: unknown): boolean =>
    value === undefined || is(value);
const listOf =
  (is: (value: unknown) => boolean) =>
  (value: unknown): boolean =>
    Array.isArray(value) && value.every(is);

const guards: Readonly<Record<keyof PieceEntry, (value: unknown) => boolean>> = {
  id: isText,
  revision: isFigure,
  stamp: mayBe(isText),
  name: isText,
  madeAt: isFigure,
  job: mayBe(isText),
  resins: listOf(isText),
  lots: listOf(isText),
  moulds: listOf(isText),
  faults: listOf((kind) => kindsOfFault.has(kind)),
  rating: mayBe(isFigure),
  photos: listOf(isText),
  mixedG: mayBe(isFigure),
  lostCost: mayBe(isFigure),
  cost: mayBe(isFigure),
};
const guarded = Object.entries(guards) as readonly (readonly [
  keyof PieceEntry,
  (value: unknown) => boolean,
])[];

function isPieceEntry(key: string, value: unknown): value is PieceEntry {
  if (typeof value !== 'object' || value === null) return false;
  const entry = value as PieceEntry;
  return key === pieceRecords.prefix + entry.id && guarded.every(([field, is]) => is(entry[field]));
}

/** The entry of a stored text; undefined where it does not look like a record that this version can read. */
function entryOf(key: string, text: string): object | undefined {
  try {
    const record = JSON.parse(text) as KeptPiece;
    const entry = pieceEntryOf(record);
    return record.schema === pieceRecords.version && isPieceEntry(key, entry) ? entry : undefined;
  } catch {
    // Whatever it is, reading it will say so.
    return undefined;
  }
}

export const pieceIndex: Indexed = {
  prefix: pieceRecords.prefix,
  version: 1,
  entryOf,
  isEntry: isPieceEntry,
};
