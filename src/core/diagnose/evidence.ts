import type { Coded } from '../codes/coded';
import type { EvidenceCodes } from '../codes/evidenceCodes';
import type { RecordFacts } from '../record/recordFacts';

/** Something of a record that makes a cause likelier or less so. */
export interface Evidence {
  readonly says: Coded<EvidenceCodes>;
  /** So many times likelier where the cause is the one than where it is not; under 1 speaks against it. */
  readonly odds: number;
}

/** Looks at a record for one thing; nothing where it does not tell. */
export type Look = (facts: RecordFacts) => readonly Evidence[];

/** One piece of evidence. */
export const evidence = <Code extends keyof EvidenceCodes>(
  odds: number,
  code: Code,
  data: EvidenceCodes[Code],
): readonly Evidence[] => [{ says: { code, data } as Coded<EvidenceCodes>, odds }];

/** How strongly something speaks; against it, one over them. */
export const clearly = 12;
export const rather = 4;
export const slightly = 1.8;

/** What somebody said was done, or was not; nothing where nobody said. */
export const saidOf = (
  facts: RecordFacts,
  what: 'timberSealed' | 'released' | 'formSealed' | 'heldDown' | 'surfaceCleaned' | 'covered',
): boolean | undefined => {
  const said = facts.record.pours.flatMap((pour) => pour[what] ?? []);
  return said.length === 0 ? undefined : said.every((each) => each);
};

/** A figure of the pours at its least or greatest; undefined where none was noted. */
export const figuresOf = (
  { record }: RecordFacts,
  what: 'roomC' | 'humidityPercent' | 'fillerShare' | 'timberMoisturePercent',
): readonly number[] => record.pours.flatMap((pour) => pour[what] ?? []);
