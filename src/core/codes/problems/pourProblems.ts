import type { CoveredFace } from '../../job/pourChoices';
import type { Nothing, Said } from './problemData';

/** The part whose faces are not known, counted from 1. */
type FormlessPart = {
  readonly part: number;
  readonly shape: string;
  readonly face: CoveredFace;
  readonly name?: string;
};

/** What a pour of a job cannot be; mm over the floor, parts and pours counted from 1. */
export interface PourProblems {
  'pour-said-twice': Said;
  'pour-without-form': Nothing;
  'fills-overlap': {
    readonly fromMm: number;
    /** Undefined is the rim. */ readonly toMm: number | undefined;
    readonly other: number;
    readonly otherFromMm: number;
    readonly otherToMm: number | undefined;
  };
  'fill-under-earlier': { readonly other: number; readonly otherFromMm: number };
  'fill-over-rim': { readonly rimMm: number };
  'height-over-rim': { readonly rimMm: number };
  'fill-upside-down': { readonly fromMm: number; readonly toMm: number };
  'fill-needs-a-form': Nothing;
  'covers-nothing': { readonly face: CoveredFace; readonly upToMm: number | undefined };
  'no-faces': FormlessPart;
  'faces-not-kept': FormlessPart;
}
