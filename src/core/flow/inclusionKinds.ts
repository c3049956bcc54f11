/** What is put into clear resin to be seen in it. */
export interface InclusionKind {
  readonly name: string;
  /** A disc sinks flat, which is slow; anything else is taken as a ball. */
  readonly form: 'disc' | 'ball';
  /** Usual sizes of the trade, mm, and densities of the solid, g/ml; shown as assumed where nobody says them. */
  readonly sizeMm: number;
  readonly thicknessMm?: number;
  readonly densityGPerMl: number;
}

/** In the order they are offered. Adding one is adding a record. */
export const inclusionKinds = {
  glitter: {
    name: 'Fine glitter',
    form: 'disc',
    sizeMm: 0.2,
    thicknessMm: 0.025,
    densityGPerMl: 1.38,
  },
  flake: { name: 'Flake', form: 'disc', sizeMm: 0.3, thicknessMm: 0.02, densityGPerMl: 1.4 },
  leaf: { name: 'Metal leaf', form: 'disc', sizeMm: 4, thicknessMm: 0.0005, densityGPerMl: 8.5 },
  pearl: { name: 'Pearl powder', form: 'disc', sizeMm: 0.05, thicknessMm: 0.001, densityGPerMl: 3 },
  beads: { name: 'Glass beads', form: 'ball', sizeMm: 2, densityGPerMl: 2.5 },
  'hollow-beads': { name: 'Hollow beads', form: 'ball', sizeMm: 0.06, densityGPerMl: 0.2 },
  stones: { name: 'Stones', form: 'ball', sizeMm: 8, densityGPerMl: 2.7 },
  brass: { name: 'Brass filings', form: 'ball', sizeMm: 0.3, densityGPerMl: 8.5 },
  timber: { name: 'Dry timber chips', form: 'ball', sizeMm: 3, densityGPerMl: 0.6 },
} as const satisfies Readonly<Record<string, InclusionKind>>;

export type InclusionKindName = keyof typeof inclusionKinds;
export const inclusionKindNames = Object.keys(inclusionKinds) as readonly InclusionKindName[];
export const inclusionKindOf = (kind: InclusionKindName): InclusionKind => inclusionKinds[kind];
