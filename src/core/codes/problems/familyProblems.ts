import type { Nothing } from './problemData';

/** What goes wrong with inclusions, lamps, pots, domes; mm. */
export interface FamilyProblems {
  'thicker-than-wide': { readonly sizeMm: number; readonly thicknessMm: number };
  'lamp-said-twice': Nothing;
  'pressure-over-rating': {
    readonly gaugeKPa: number;
    readonly ratingKPa: number;
    readonly mostKPa: number;
  };
  /** Not even one mould goes into it. */
  'pot-too-small': {
    readonly diameterMm: number;
    readonly heightMm: number;
    readonly leastDiameterMm: number;
    readonly leastHeightMm: number;
  };
  /** Filling one mould takes longer than the resin stays pourable; min. */
  'pot-life-under-mould': {
    readonly potLifeMin: number;
    readonly mixMin: number;
    readonly pourMin: number;
  };
  'pot-life-under-mix': {
    readonly potLifeMin: number;
    readonly perMix: number;
    readonly mostPerMix: number;
  };
  'more-than-moulds': { readonly moulds: number };
  'all-rejects': Nothing;
  'run-needs-one-mould': { readonly parts: number };
  'vacuum-said-twice': Nothing;
  'dome-said-twice': Nothing;
  /** A dial cannot show more than the air outside, nor a pump leave more than it. */
  'vacuum-over-air': { readonly airKPa: number; readonly altitudeM: number };
  /** A wall of rubber that tears; mm. */
  'wall-under-least': { readonly wallMm: number; readonly leastMm: number };
  /** What its box must be at least, without any wall; mm, ml. */
  'piece-outside-box': {
    readonly leastLengthMm: number;
    readonly leastWidthMm: number;
    readonly leastHeightMm: number;
    readonly pieceMl: number;
    readonly boxMl: number;
  };
  /** A piece holds more than a box of the size that it is said to have. */
  'larger-than-its-size': { readonly pieceMl: number; readonly boxMl: number };
  'no-tube-wide-enough': { readonly neededMm: number; readonly widestMm: number };
  'box-not-at-hand': { readonly kind: 'boards' | 'tube' | 'bricks' | 'sizes' };
  'box-needs-size': Nothing;
  'box-needs-one-part': { readonly parts: number };
  /** A spout, a vent or a key that the rubber round a piece has no room for; mm. */
  'rod-too-wide': { readonly what: 'spout' | 'vent' | 'key'; readonly mostMm: number };
  'rods-fill-box': Nothing;
  'parting-outside-piece': { readonly pieceHeightMm: number };
  'parting-needs-height': Nothing;
  /** The mesh says its own box already. */
  'master-in-two-boxes': Nothing;
  /** Two halves are its layers: no other heights can be. */
  'halves-are-layers': Nothing;
}
