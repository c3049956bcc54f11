import type { Choices, Nothing } from './problemData';

/** What cannot be measured as typed; mm, ml and degrees. */
export interface MeasureProblems {
  'too-many-together': {
    readonly what: 'points' | 'stations' | 'heights';
    readonly count: number;
    readonly most: number;
  };
  'corner-too-round': { readonly greatestMm: number };
  'too-few-sides': Nothing;
  'no-triangle': { readonly othersMm: number };
  'draft-too-great': { readonly greatestDeg: number };
  'wall-too-thick': { readonly greatestMm?: number };
  'ring-inside-out': { readonly outerMm: number };
  'perimeter-unknown': Nothing;
  'too-few-stations': Nothing;
  'stations-not-rising': { readonly below: number };
  'narrowest-too-wide': { readonly widthMm: number };
  'level-not-risen': { readonly beforeMl: number };
  'porous-mould': { readonly material: string | undefined };
  'insert-too-large': { readonly heightMm: number };
  'insert-over-rim': { readonly rimMm: number };
  'no-such-cavity': { readonly cavities: number };
  'nothing-to-fill': Nothing;
  'soak-without-rate': Nothing;
  'no-surface': Nothing;
  'shrinks-away': Nothing;
  'no-outlines': { readonly open?: number };
  'outline-too-short': Nothing;
  'outline-empty': Nothing;
  'outlines-cross': {
    readonly x: number;
    readonly y: number;
    readonly self: boolean;
    readonly outline: number;
  };
  'corners-not-convex': Nothing;
  'scale-without-length': Nothing;
  'beyond-horizon': { readonly outline: number };
  'no-such-outline': { readonly outlines: number };
  /** The guess is by its size; there is none where nothing was read. */
  'unit-unknown': Choices &
    ({ readonly guess?: undefined } | { readonly guess: string; readonly sizeMm: number });
  'unit-doubtful': Choices & {
    readonly stated: string;
    readonly sizeMm: number;
    readonly guess: string;
    readonly guessMm: number;
  };
  'file-not-read': Nothing;
  'not-a-bulk-density': Nothing;
  'curve-broken': Nothing;
  'curve-contradicts': { readonly keptMl: number };
  'master-outside-box': { readonly sizeX: number; readonly sizeY: number; readonly sizeZ: number };
}
