/** Solids that are stirred into the mix and take the place of resin. */
export interface FillerKind {
  readonly name: string;
  /** Of the grain itself, and of a loose heap of it, g/ml: general practice, shown as assumed. */
  readonly grainGPerMl: number;
  readonly bulkGPerMl: number;
  /** c, J/(kg K), and k, W/(m K): usual values of the solid. */
  readonly heatCapacityJPerKgK: number;
  readonly conductivityWPerMK: number;
}

/** In the order they are offered. Adding one is adding a record. */
export const fillerKinds = {
  sand: {
    name: 'Sand',
    grainGPerMl: 2.65,
    bulkGPerMl: 1.6,
    heatCapacityJPerKgK: 800,
    conductivityWPerMK: 2,
  },
  'stone-chips': {
    name: 'Stone chips',
    grainGPerMl: 2.7,
    bulkGPerMl: 1.45,
    heatCapacityJPerKgK: 850,
    conductivityWPerMK: 2.5,
  },
  'glass-beads': {
    name: 'Glass beads',
    grainGPerMl: 2.5,
    bulkGPerMl: 1.5,
    heatCapacityJPerKgK: 840,
    conductivityWPerMK: 1,
  },
  // Of the dry fibre, whose pores the resin fills.
  'wood-dust': {
    name: 'Wood dust',
    grainGPerMl: 1.3,
    bulkGPerMl: 0.25,
    heatCapacityJPerKgK: 1500,
    conductivityWPerMK: 0.3,
  },
  // Brass, the usual one of cold castings.
  'metal-powder': {
    name: 'Metal powder',
    grainGPerMl: 8.5,
    bulkGPerMl: 3.8,
    heatCapacityJPerKgK: 380,
    conductivityWPerMK: 110,
  },
  glitter: {
    name: 'Thick glitter',
    grainGPerMl: 1.38,
    bulkGPerMl: 0.55,
    heatCapacityJPerKgK: 1200,
    conductivityWPerMK: 0.2,
  },
} as const satisfies Readonly<Record<string, FillerKind>>;

export type FillerKindName = keyof typeof fillerKinds;
export const fillerKindNames = Object.keys(fillerKinds) as readonly FillerKindName[];
export const fillerKindOf = (kind: FillerKindName): FillerKind => fillerKinds[kind];
