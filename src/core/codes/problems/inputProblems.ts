import type { Kind } from '../../quantity/kinds';
import type { OddSign } from '../../schema/oddSigns';
import type { Choices, Nothing } from './problemData';

/** What would be right in a field: the kinds that are welcome in it, and one that could stand there. */
export type Wanted = {
  readonly expected?: readonly Kind[];
  readonly example?: string | undefined;
};

/** A word that means more than one thing, as it was typed, and what it could be. */
type Unclear = Choices & { readonly unclear: string };

/** What a typed figure, text or key can have wrong, wherever it stands. */
export interface InputProblems {
  missing: Wanted;
  empty: Wanted;
  unreadable: Wanted;
  'not-a-number': Wanted;
  'missing-unit': Wanted;
  'unknown-unit': Wanted & { readonly unit: string };
  'ambiguous-unit': Wanted & Unclear & { readonly unit: string };
  'ambiguous-comma': Wanted & Unclear;
  'wrong-kind': Wanted & { readonly found: Kind | undefined };
  'divided-by-zero': Wanted;
  'not-positive': Wanted;
  'not-whole': Wanted;
  'too-small': Wanted & { readonly least: string };
  'too-large': Wanted & { readonly greatest: string };
  'too-long': Wanted & { readonly longest: number };
  'no-name': Nothing;
  'odd-sign': OddSign;
  'not-a-choice': Choices;
  'wrong-type': { readonly type?: string | undefined };
  'unknown-key': { readonly unknown: string };
  'too-few': { readonly limit?: number | undefined };
  'too-many': { readonly limit: number };
  'not-a-date': Nothing;
  'not-a-clock': Nothing;
  'not-hours': Nothing;
  'days-crossed': { readonly from: string; readonly to: string };
  'not-finite': Nothing;
}
