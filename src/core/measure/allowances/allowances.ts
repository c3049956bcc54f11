import { hairMm } from '../../quantity/tolerance';
import type { Coded } from '../../codes/coded';
import { readQuantity } from '../../quantity/readQuantity';
import { areaRule, lengthRule, overageRule, positionRule, volumeRule } from '../../quantity/rules';
import { InputError } from '../../problem';
import type { MeasuredWhole } from '../measureWhole';
import { within } from '../within';
import type { Allowances } from './allowancesSchema';

/** What each allowance was worked out from; mm, mm², ml and shares of 1. */
interface AllowanceCodes {
  overage: { readonly share: number };
  seepage: { readonly areaMm2: number; readonly gapMm: number };
  soak: {
    readonly areaMm2: number;
    readonly rateMm: number;
    readonly surface: string;
    readonly assumed: boolean;
  };
  runOff: { readonly share: number; readonly coatMl: number };
  shrinkage: { readonly share: number };
  planing: { readonly topMm: number; readonly bottomMm: number };
  /** What sets in the ways in and out of a mould that the job makes. */
  spout: { readonly eachMl: number; readonly castings: number };
  residue: {
    readonly perCupMl: number;
    readonly cups: number;
    readonly capacityMl: number;
    readonly assumed: boolean;
    readonly batches: number;
  };
}

export type AllowanceCode = keyof AllowanceCodes;

/** What stays in the cups of one batch. */
type ResidueOfBatch = Pick<Allowance, 'on' | 'ml'> & {
  readonly data: Omit<AllowanceCodes['residue'], 'batches'>;
};

/** One allowance with its own millilitres, whether it is switched on or not. */
export type Allowance<Code extends AllowanceCode = AllowanceCode> = Coded<AllowanceCodes, Code> & {
  readonly on: boolean;
  /** What it comes to; it counts only when it is on. */
  readonly ml: number;
};

/** An allowance and how it falls on the layers. */
export type SpreadAllowance = Allowance & {
  readonly spread: 'by-volume' | 'by-height' | 'first' | 'last' | 'planing';
  /** For stock to be planed away: what falls on the first and on the last layer. */
  readonly firstMl?: number;
  readonly lastMl?: number;
};

/** What bare and sealed timber drink, mm of resin over the face (1 mm = 1 l/m²); the person's own rate wins. */
const soakRateMm = { 'bare-timber': 0.15, 'sealed-timber': 0.03 } as const;

/** The film that clings to a cup that was scraped out, mm. */
const filmMm = 0.2;

/**
 * Resin that stays in one cup or bucket: a film over the wetted wall and floor of a cup as wide as it is tall,
 * V = πd³/4, A = 5πd²/4.
 * @param capacityMl of the cup
 */
export function residuePerCupMl(capacityMl: number): number {
  const diameterMm = Math.cbrt((4 * capacityMl * 1000) / Math.PI);
  return ((5 * Math.PI * diameterMm ** 2) / 4) * (filmMm / 1000);
}

/** What is left of every casting in its ways in and out, ml, and how many are cast. */
export interface Scrap {
  readonly eachMl: number;
  readonly castings: number;
}

const isOn = (each: { readonly off?: boolean | undefined }): boolean => each.off !== true;

/**
 * All allowances of a job but the residue in cups, which depends on the batches.
 * @param overage share of what there is to fill
 * @param scrap of the mould that it is cast in, where it is known
 * @throws InputError `soak-without-rate`, `no-surface` (planing where no part has a form), `shrinks-away`
 */
export function allowancesOf(
  allowances: Allowances | undefined,
  overage: number,
  whole: MeasuredWhole,
  scrap?: Scrap,
): readonly SpreadAllowance[] {
  const { cavityMl, depthMm } = whole;
  const found: SpreadAllowance[] = [
    {
      code: 'overage',
      on: true,
      ml: cavityMl * overage,
      data: { share: overage },
      spread: 'by-volume',
    },
  ];
  if (scrap !== undefined) {
    const { eachMl, castings } = scrap;
    found.push({ code: 'spout', on: true, ml: eachMl * castings, data: scrap, spread: 'last' });
  }
  if (allowances === undefined) return found;
  const { seepage, soak, runOff, shrinkage, planing } = allowances;
  if (seepage !== undefined) {
    const areaMm2 = readQuantity(seepage.area, areaRule).value;
    const gapMm = readQuantity(seepage.gap, lengthRule).value;
    found.push({
      code: 'seepage',
      on: isOn(seepage),
      ml: (areaMm2 * gapMm) / 1000,
      data: { areaMm2, gapMm },
      spread: 'first',
    });
  }
  if (soak !== undefined) {
    const areaMm2 = readQuantity(soak.area, areaRule).value;
    const rateMm = within('allowances.soak', () => soakRate(soak));
    found.push({
      code: 'soak',
      on: isOn(soak),
      ml: (areaMm2 * rateMm) / 1000,
      data: { areaMm2, rateMm, surface: soak.surface, assumed: soak.rate === undefined },
      spread: 'by-height',
    });
  }
  if (runOff !== undefined) {
    const share = readQuantity(runOff.share, overageRule).value;
    const coatMl = whole.parts.reduce((sum, { shape, ml }) => sum + (shape === 'coat' ? ml : 0), 0);
    found.push({
      code: 'runOff',
      on: isOn(runOff),
      ml: coatMl * share,
      data: { share, coatMl },
      spread: 'by-volume',
    });
  }
  if (shrinkage !== undefined) {
    const share = readQuantity(shrinkage.share, overageRule).value;
    if (share >= 1) {
      throw new InputError('shrinks-away', shrinkage.share, {}, 'allowances.shrinkage.share');
    }
    // What is left after shrinking by the share shall be the whole cavity.
    const ml = (cavityMl * share) / (1 - share);
    found.push({
      code: 'shrinkage',
      on: isOn(shrinkage),
      ml,
      data: { share },
      spread: 'by-volume',
    });
  }
  if (planing !== undefined) {
    if (depthMm === undefined) {
      throw new InputError('no-surface', undefined, {}, 'allowances.planing');
    }
    const topMm = planing.top === undefined ? 0 : readQuantity(planing.top, positionRule).value;
    const bottomMm =
      planing.bottom === undefined ? 0 : readQuantity(planing.bottom, positionRule).value;
    const lastMl = (whole.areaAtMm2(depthMm) * topMm) / 1000;
    // The level area is told just below a height: a hair over the floor is the floor.
    const firstMl = (whole.areaAtMm2(Math.min(hairMm, depthMm)) * bottomMm) / 1000;
    found.push({
      code: 'planing',
      on: isOn(planing),
      ml: firstMl + lastMl,
      data: { topMm, bottomMm },
      spread: 'planing',
      firstMl,
      lastMl,
    });
  }
  return found;
}

function soakRate({ surface, rate }: NonNullable<Allowances['soak']>): number {
  if (rate !== undefined) return readQuantity(rate, lengthRule).value;
  if (surface === 'other') throw new InputError('soak-without-rate', undefined, {}, 'rate');
  return soakRateMm[surface];
}

/**
 * What stays behind in the cups of one batch, ml; nothing where the allowance is not wanted.
 * @param capacityMl of the container, or what is in it where no container is chosen
 * @param moreCups that are wetted besides: one each for A and B where they are measured in their own
 */
export function residueOfBatchMl(
  residue: Allowances['residue'],
  capacityMl: number,
  moreCups: number,
): ResidueOfBatch | undefined {
  if (residue === undefined) return undefined;
  const perCupMl =
    residue.perBatch === undefined
      ? residuePerCupMl(capacityMl)
      : readQuantity(residue.perBatch, volumeRule).value;
  const cups = (residue.twoCups === true ? 2 : 1) + moreCups;
  return {
    ml: perCupMl * cups,
    on: isOn(residue),
    data: { perCupMl, cups, capacityMl, assumed: residue.perBatch === undefined },
  };
}

/**
 * How one allowance falls on layers, as shares of ml for each.
 * @param layers cavity volume and height of each
 */
export function spreadOver(
  allowance: SpreadAllowance,
  layers: readonly { readonly cavityMl: number; readonly heightMm: number }[],
): readonly number[] {
  const last = layers.length - 1;
  const totalMl = layers.reduce((sum, { cavityMl }) => sum + cavityMl, 0);
  const totalMm = layers.reduce((sum, { heightMm }) => sum + heightMm, 0);
  return layers.map(({ cavityMl, heightMm }, index) => {
    switch (allowance.spread) {
      case 'by-volume':
        return (allowance.ml * cavityMl) / totalMl;
      case 'by-height':
        return totalMm > 0 ? (allowance.ml * heightMm) / totalMm : allowance.ml / layers.length;
      case 'first':
        return index === 0 ? allowance.ml : 0;
      case 'last':
        return index === last ? allowance.ml : 0;
      case 'planing':
        return (
          (index === 0 ? (allowance.firstMl ?? 0) : 0) +
          (index === last ? (allowance.lastMl ?? 0) : 0)
        );
    }
  });
}
