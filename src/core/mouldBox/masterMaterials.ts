/** What a platinum cure makes of a material: nothing, it must be tried first, or it stays sticky on it. */
export type PlatinumOn = 'fine' | 'test' | 'poisons';

/** What is done about a material before rubber goes on it. */
export type Remedy =
  /** Two thin coats of acrylic lacquer, dry. */
  | 'lacquer'
  /** Wash, cure again under the lamp, keep warm for hours, then lacquer. */
  | 'bake'
  /** Another clay, free of sulphur. */
  | 'other-clay'
  /** Leave it until it has cured through and aired out. */
  | 'air-out'
  /** Rubber sticks to it as to itself: release agent, without a gap. */
  | 'release-well';

/** A material that rubber is poured on. */
export interface MasterMaterial {
  readonly platinum: PlatinumOn;
  /** It drinks, and rubber holds on to its pores. */
  readonly porous: boolean;
  /** Of either rubber. */
  readonly sticks: boolean;
  readonly remedy: Remedy | undefined;
}

const smooth = { platinum: 'fine', porous: false, sticks: false, remedy: undefined } as const;

/** What masters are made of, those that are used most first: general practice. */
export const masterMaterials = {
  'resin-print': { ...smooth, platinum: 'poisons', remedy: 'bake' },
  'filament-print': { ...smooth, platinum: 'test', remedy: 'lacquer' },
  'sealed-timber': { ...smooth, platinum: 'test', remedy: 'air-out' },
  'bare-timber': { ...smooth, porous: true, platinum: 'test', remedy: 'lacquer' },
  metal: smooth,
  plastic: smooth,
  'clean-clay': smooth,
  'sulphur-clay': { ...smooth, platinum: 'poisons', remedy: 'other-clay' },
  'water-clay': { ...smooth, porous: true, remedy: 'lacquer' },
  wax: smooth,
  plaster: { ...smooth, porous: true, remedy: 'lacquer' },
  glass: { ...smooth, sticks: true, remedy: 'release-well' },
  epoxy: { ...smooth, platinum: 'test', remedy: 'air-out' },
  polyurethane: { ...smooth, platinum: 'test', remedy: 'air-out' },
  polyester: { ...smooth, platinum: 'poisons', remedy: 'air-out' },
  latex: { ...smooth, platinum: 'poisons', remedy: 'lacquer' },
  'tin-silicone': { ...smooth, platinum: 'poisons', sticks: true, remedy: 'release-well' },
  'platinum-silicone': { ...smooth, sticks: true, remedy: 'release-well' },
  natural: { ...smooth, porous: true, platinum: 'test', remedy: 'lacquer' },
} as const satisfies Readonly<Record<string, MasterMaterial>>;

export type MasterMaterialName = keyof typeof masterMaterials;
export const masterMaterialNames = Object.keys(masterMaterials) as readonly MasterMaterialName[];

export const masterMaterialOf = (name: MasterMaterialName): MasterMaterial => masterMaterials[name];

/** Of these are the beds that a master lies in. */
export const clayNames = ['clean-clay', 'sulphur-clay', 'water-clay', 'wax'] as const;
