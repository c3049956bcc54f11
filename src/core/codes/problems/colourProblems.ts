import type { PigmentKind } from '../../colour/pigmentKinds';
import type { ResinFamily } from '../../resin/families';
import type { Nothing } from './problemData';

/** What cannot be coloured as asked; g, ml and shares of 1. */
export interface ColourProblems {
  'no-dose': Nothing;
  'dose-said-twice': Nothing;
  'drops-not-weighed': Nothing;
  'portion-said-twice': Nothing;
  'not-a-colour': Nothing;
  'pot-not-lighter': { readonly beforeG: number };
  'test-cup-needs-depth': Nothing;
  'pigment-wrong-family': { readonly kind: PigmentKind; readonly family: ResinFamily };
  'pigment-over-limit': {
    readonly share: number;
    readonly limit: number;
    readonly byLabel?: boolean;
    readonly kind?: PigmentKind;
  };
  'no-such-layer': { readonly layers: number };
  'portions-over-whole': {
    readonly sum: number;
    readonly wholeMl: number;
    readonly overMl: number;
  };
  'portions-short': { readonly sum: number; readonly wholeMl: number; readonly missingMl: number };
  'portions-overlap': { readonly cavity: number; readonly layer: number };
  'portion-of-nothing': Nothing;
}
