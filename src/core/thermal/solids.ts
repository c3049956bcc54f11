import type { Ply, Solid } from './chain';

/** Solids that forms and moulds are made of. */
export const solidKinds = [
  'timber',
  'mdf',
  'birch-ply',
  'coated-chipboard',
  'silicone',
  'hdpe',
  'polypropylene',
  'aluminium',
] as const;
export type SolidKind = (typeof solidKinds)[number];

/** k in W/(m K), ρ c in J/(m³ K): usual values of handbooks. */
export const solids: Readonly<Record<SolidKind, Solid>> = {
  timber: { conductivityWPerMK: 0.13, capacityJPerM3K: 1.02e6 },
  mdf: { conductivityWPerMK: 0.12, capacityJPerM3K: 1.22e6 },
  'birch-ply': { conductivityWPerMK: 0.15, capacityJPerM3K: 1.09e6 },
  'coated-chipboard': { conductivityWPerMK: 0.14, capacityJPerM3K: 1.156e6 },
  silicone: { conductivityWPerMK: 0.22, capacityJPerM3K: 1.5e6 },
  hdpe: { conductivityWPerMK: 0.45, capacityJPerM3K: 1.8e6 },
  polypropylene: { conductivityWPerMK: 0.2, capacityJPerM3K: 1.72e6 },
  aluminium: { conductivityWPerMK: 200, capacityJPerM3K: 2.43e6 },
};

/** What a solid bears before it softens or is spoilt, °C; undefined for those that outlast every cure. */
export const solidLimitC: Readonly<Record<SolidKind, number | undefined>> = {
  timber: undefined,
  mdf: 90,
  'birch-ply': 90,
  'coated-chipboard': 90,
  silicone: 150,
  hdpe: 75,
  polypropylene: 90,
  aluminium: undefined,
};

/** What keeps a form tight at its joints. */
export const seals = ['tape', 'silicone'] as const;
export type Seal = (typeof seals)[number];

/** What seals of a form bear, °C: tape and hot melt let go long before silicone. */
export const sealLimitC: Readonly<Record<Seal, number>> = { tape: 60, silicone: 150 };

/** Films of air, W/(m² K): convection and radiation of a still room, and under a fan. */
export const films = {
  topStill: 9,
  /** Over the surface and under a form on blocks. */
  fan: 25,
  raisedBoard: 8,
  onBench: 3,
  onFoam: 0.5,
  cupSide: 9,
  cupBottom: 6,
  /** Two flat dry faces on each other: a mould on a cooled plate. Assumed. */
  onPlate: 100,
} as const;

/** k of still air, W/(m K); ε of resin and of most covers; Stefan and Boltzmann's constant, W/(m² K⁴). */
const [airK, emissivity, radiation] = [0.026, 0.9, 5.670374e-8];

/**
 * The film over a surface under a dust cover: through the air of the gap and by radiation to the cover, and from there to the room.
 * U = 1 / (1 / (k/δ + 4εσT³) + 1/h).
 * @param gapM δ
 * @param roomC T
 * @param outerU h over the cover, W/(m² K)
 */
export function underCoverU(gapM: number, roomC: number, outerU: number): number {
  const gapU = airK / gapM + 4 * emissivity * radiation * (roomC + 273.15) ** 3;
  return 1 / (1 / gapU + 1 / outerU);
}

/**
 * Walls up to this are a resistance; thicker ones get cells, because they take up heat themselves. One that takes up much though
 * it is thin is one cell: 3 kJ/(m² K) are 1.2 mm of aluminium.
 */
const thinWallM = 0.005;
const lumpedFromJPerM2K = 3000;

/** A wall as the solvers want it: cells of its own, or a film made worse by it. */
export interface Wall {
  readonly plies: readonly Ply[];
  readonly outerU: number;
}

/**
 * A wall and the film outside it. Thin: U = 1 / (t/k + 1/h), and a cell of its own where it takes up much heat.
 * @param cells of a thick wall
 */
export function wallOf(kind: SolidKind, thicknessM: number, filmU: number, cells: number): Wall {
  const solid = solids[kind];
  if (thicknessM <= thinWallM) {
    if (solid.capacityJPerM3K * thicknessM >= lumpedFromJPerM2K) {
      return { plies: [{ ...solid, thicknessM, cells: 1 }], outerU: filmU };
    }
    return {
      plies: [],
      outerU: filmU === 0 ? 0 : 1 / (thicknessM / solid.conductivityWPerMK + 1 / filmU),
    };
  }
  return { plies: [{ ...solid, thicknessM, cells }], outerU: filmU };
}

/** The form that every figure is told for unless something else is said: coated chipboard, 18 mm, raised on blocks. */
export const usualBoard = { kind: 'coated-chipboard', thicknessM: 0.018 } as const;
