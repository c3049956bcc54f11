/** What can be wrong with a piece, in the order in which one looks: first whether it cured, then in it, on it, and round it. */
export const faultKinds = [
  'tacky',
  'bendable',
  'soft-spots',
  'cracks',
  'yellowed',
  'smoked',
  'mould-distorted',
  'bubbles-throughout',
  'bubbles-at-timber',
  'bubbles-at-edges',
  'line-between-layers',
  'delaminated',
  'wrinkles',
  'gummy-planing',
  'craters',
  'haze',
  'colour-muddy',
  'colour-bled',
  'settled',
  'leaked',
  'floated',
  'stuck',
  /** Pimples that stand off a casting. */
  'warts',
  /** A mould that tears. */
  'torn',
  /** Hard above and liquid below. */
  'soft-below',
] as const;
export type FaultKind = (typeof faultKinds)[number];

/** Where on the piece it is. */
export const faultPlaces = [
  'surface',
  'inside',
  'edge',
  'underside',
  'joint',
  'everywhere',
] as const;
export type FaultPlace = (typeof faultPlaces)[number];

/** A blemish, a flaw one sees, or the piece is lost. */
export const severities = [1, 2, 3] as const;
export type FaultSeverity = (typeof severities)[number];
