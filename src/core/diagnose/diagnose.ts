import type { Coded } from '../codes/coded';
import type { EvidenceCodes, Notable } from '../codes/evidenceCodes';
import type { FaultKind } from '../record/faults';
import { factsOf } from '../record/recordFacts';
import type { PieceRecord } from '../record/recordSchema';
import { causeCodes, type CauseCode } from './causeCodes';
import { ruleOf } from './causes';
import type { Evidence } from './evidence';

/** A cause with what a record says of it. */
export interface Cause {
  readonly code: CauseCode;
  /** How likely it is one of the causes, 0 to 1. */
  readonly weight: number;
  /** The strongest first. */
  readonly for: readonly Coded<EvidenceCodes>[];
  readonly against: readonly Coded<EvidenceCodes>[];
  /** The faults of the record that it brings, the one that it brings most first. */
  readonly faults: readonly FaultKind[];
}

export interface Diagnosis {
  /** The likeliest first; nothing where too little was recorded. */
  readonly causes: readonly Cause[];
  /** Something in the record speaks for a cause or against one. */
  readonly isEnough: boolean;
  /** What would tell most, were it noted next time: three of them where it is not enough. */
  readonly noteNextTime: readonly Notable[];
}

/** What tells most of a piece of which nobody said what was wrong. */
const firstNotes: readonly Notable[] = ['weights', 'room', 'layer-times'];
const notes = 3;
/** Fainter than this a cause is not told. */
const leastWeight = 0.02;
/** So much of its usual share a cause has by how bad a fault is: what is bad has a cause worth naming. */
const severityShare = [0.8, 1, 1.1] as const;
const mostPrior = 0.97;

/**
 * How likely a cause is before the record is looked at: each fault by itself may come of it, so that two that point at the same
 * cause make it likelier than either.
 */
function priorOf(code: CauseCode, faults: PieceRecord['faults']): number {
  const { faults: share } = ruleOf(code);
  const none = faults.reduce((product, { kind, severity }) => {
    const one = Math.min(mostPrior, (share[kind] ?? 0) * severityShare[severity - 1]!);
    return product * (1 - one);
  }, 1);
  return Math.min(mostPrior, 1 - none);
}

/** A likelihood with what speaks for and against it: odds multiply. */
function withEvidence(prior: number, found: readonly Evidence[]): number {
  const odds = found.reduce((product, each) => product * each.odds, prior / (1 - prior));
  return odds / (1 + odds);
}

/** Of each kind of fault the worst: the same thing said twice is one. */
function worstOf(faults: PieceRecord['faults']): PieceRecord['faults'] {
  const worst = new Map<FaultKind, PieceRecord['faults'][number]>();
  for (const fault of faults) {
    const before = worst.get(fault.kind);
    if (before === undefined || before.severity < fault.severity) worst.set(fault.kind, fault);
  }
  return [...worst.values()];
}

/** What tells most among causes that nothing was noted for. */
function worthNoting(
  candidates: readonly {
    readonly code: CauseCode;
    readonly prior: number;
    readonly found: readonly Evidence[];
  }[],
): readonly Notable[] {
  const by = new Map<Notable, number>();
  for (const { code, prior, found } of candidates) {
    if (found.length > 0) continue;
    for (const need of ruleOf(code).needs) by.set(need, (by.get(need) ?? 0) + prior);
  }
  return [...by.entries()]
    .sort(([, one], [, other]) => other - one)
    .slice(0, notes)
    .map(([need]) => need);
}

/**
 * Why a piece went wrong: causes of its faults with what its own record says for and against each.
 * @returns no causes where it has no faults, or where nothing in it tells one cause from another
 */
export function diagnose(record: PieceRecord): Diagnosis {
  const faults = worstOf(record.faults);
  const facts = factsOf(record);
  const candidates = causeCodes.flatMap((code) => {
    const prior = priorOf(code, faults);
    const { only } = ruleOf(code);
    const concerns = only === undefined || record.pours.some(({ family }) => only.has(family));
    return prior === 0 || !concerns
      ? []
      : [{ code, prior, found: ruleOf(code).looks.flatMap((look) => look(facts)) }];
  });
  const isEnough = candidates.some(({ found }) => found.length > 0);
  const told = worthNoting(candidates);
  const noteNextTime = [...told, ...firstNotes.filter((each) => !told.includes(each))].slice(
    0,
    notes,
  );
  if (!isEnough) return { causes: [], isEnough, noteNextTime };
  const causes = candidates
    .map(({ code, prior, found }): Cause => {
      const byStrength = [...found].sort(
        (one, other) => Math.abs(Math.log(other.odds)) - Math.abs(Math.log(one.odds)),
      );
      const { faults: share } = ruleOf(code);
      return {
        code,
        weight: withEvidence(prior, found),
        for: byStrength.filter(({ odds }) => odds > 1).map(({ says }) => says),
        against: byStrength.filter(({ odds }) => odds < 1).map(({ says }) => says),
        faults: faults
          .map(({ kind }) => kind)
          .filter((kind) => share[kind] !== undefined)
          .sort((one, other) => share[other]! - share[one]!),
      };
    })
    .filter(({ weight }) => weight >= leastWeight)
    .sort((one, other) => other.weight - one.weight);
  return { causes, isEnough, noteNextTime: told };
}
