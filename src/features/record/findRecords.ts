import type { FaultKind } from '../../core/record/faults';
import type { PieceEntry } from '../../data/records/pieceEntry';
import { faultNames } from '../../words/diagnosis';

/** What a list of records is narrowed to; what is left out narrows nothing. */
export interface Sought {
  readonly words: string;
  readonly resin?: string | undefined;
  readonly lot?: string | undefined;
  readonly mould?: string | undefined;
  /** A fault, or any of them, or none. */
  readonly fault?: FaultKind | 'any' | 'none' | undefined;
  /** At least so many. */
  readonly rating?: number | undefined;
  /** Ms since 1970, both ends counted. */
  readonly from?: number | undefined;
  readonly to?: number | undefined;
}

const hasFault = ({ faults }: PieceEntry, fault: NonNullable<Sought['fault']>): boolean =>
  fault === 'none'
    ? faults.length === 0
    : fault === 'any'
      ? faults.length > 0
      : faults.includes(fault);

/** All that words are looked for in, once for each entry. */
const texts = new WeakMap<PieceEntry, string>();

function textOf(entry: PieceEntry): string {
  const known = texts.get(entry);
  if (known !== undefined) return known;
  const { name, resins, lots, moulds, faults } = entry;
  const text = [name, ...resins, ...lots, ...moulds, ...faults.map((kind) => faultNames[kind])]
    .join('\n')
    .toLocaleLowerCase();
  texts.set(entry, text);
  return text;
}

/** Puts together all that words are looked for in, before the first is typed. */
export const rememberTexts = (entries: readonly PieceEntry[]): void => entries.forEach(textOf);

/** The records that are sought, in their order: every word must stand in a name, a resin, a lot, a mould or a fault. */
export function findRecords(entries: readonly PieceEntry[], sought: Sought): readonly PieceEntry[] {
  const { resin, lot, mould, fault, rating, from = -Infinity, to = Infinity } = sought;
  const words = sought.words.toLocaleLowerCase().split(/\s+/).filter(Boolean);
  return entries.filter(
    (entry) =>
      entry.madeAt >= from &&
      entry.madeAt <= to &&
      (resin === undefined || entry.resins.includes(resin)) &&
      (lot === undefined || entry.lots.includes(lot)) &&
      (mould === undefined || entry.moulds.includes(mould)) &&
      (fault === undefined || hasFault(entry, fault)) &&
      (rating === undefined || (entry.rating ?? 0) >= rating) &&
      words.every((word) => textOf(entry).includes(word)),
  );
}

/** Every resin, lot or mould of these records by name, those of most records first. */
export function namesIn(
  entries: readonly PieceEntry[],
  what: 'resins' | 'lots' | 'moulds',
): readonly string[] {
  const counts = new Map<string, number>();
  for (const entry of entries) {
    for (const name of entry[what]) counts.set(name, (counts.get(name) ?? 0) + 1);
  }
  return [...counts.entries()].sort(([, one], [, other]) => other - one).map(([name]) => name);
}
