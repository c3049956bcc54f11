import type { HeatConstants } from '../thermal/heatConstants';
import { commonCuring, usualKappa } from '../thermal/heatConstants';

/** What a family is by its chemistry: what it bears, what spoils it, what it is for. */
export type FamilyKind = 'epoxy' | 'polyurethane' | 'polyester' | 'uv' | 'silicone';

/** What the parts of a family usually weigh, g/ml: general practice, for cards that do not say. Always shown as assumed. */
export interface PartDensities {
  readonly aGPerMl: number;
  readonly bGPerMl: number;
}

/** A family of resins: everything that hangs on which one it is. Adding one is adding a record below. */
export interface Family {
  /** As the trade calls it. */
  readonly name: string;
  readonly kind: FamilyKind;
  /** It comes in one bottle: nothing is mixed. */
  readonly onePart: boolean;
  /** Made to be gone in minutes: in a bucket the model is weak, and a margin is kept. */
  readonly fast: boolean;
  /** Labels know its times in the mould better than the model, which is early where it is thick. */
  readonly labelDemoulds: boolean;
  /** Slow stirring by hand, a second cup and a short rest, min; general practice. */
  readonly stirMin: number;
  /** Solids that can be stirred into it without spoiling it: fillers of general practice. */
  readonly bearsFillers: boolean;
  readonly densities: PartDensities;
  /** Of the mix at 25 °C before it cures, for cards that do not say, Pa·s: assumed. */
  readonly viscosityPaS: number;
  /** Under this its lightest part boils at 25 °C, kPa: thinners, amines, styrene. Assumed; undefined where nothing of it does. */
  readonly boilsKPa: number | undefined;
  /** Undefined where it has little heat, or a course that a label tells nothing of. */
  readonly heat?: HeatConstants;
}

/**
 * The resin families of the trade, in the order they are offered.
 *
 * Heat: E, H and α at gel are typical of published data for amine epoxies and urethanes (H of deep-pour systems is low because
 * they are diluted); the rate and κ are fitted to the family's usual label; both glass transitions are assumed. No experiment
 * of our own stands behind them.
 */
export const families = {
  'deep-pour-epoxy': {
    name: 'Deep-pour epoxy',
    kind: 'epoxy',
    onePart: false,
    fast: false,
    labelDemoulds: false,
    stirMin: 5,
    bearsFillers: true,
    densities: { aGPerMl: 1.1, bGPerMl: 0.97 },
    viscosityPaS: 0.3,
    boilsKPa: 0.1,
    heat: {
      curing: {
        ...commonCuring,
        ratePerS: 2.28e-5,
        kappa: usualKappa,
        activationJPerMol: 55_000,
        heatJPerKg: 270_000,
        glassStartC: -45,
        glassEndC: 55,
        gelAlpha: 0.6,
        densityKgPerM3: 1100,
      },
      label: { potLifeMin: 480, massG: 150, temperatureC: 25, depthMm: 50 },
    },
  },
  'casting-epoxy': {
    name: 'Casting epoxy',
    kind: 'epoxy',
    onePart: false,
    fast: false,
    labelDemoulds: false,
    stirMin: 5,
    bearsFillers: true,
    densities: { aGPerMl: 1.13, bGPerMl: 0.98 },
    viscosityPaS: 0.6,
    boilsKPa: 0.1,
    heat: {
      curing: {
        ...commonCuring,
        ratePerS: 6.58e-5,
        kappa: usualKappa,
        activationJPerMol: 55_000,
        heatJPerKg: 310_000,
        glassStartC: -45,
        glassEndC: 58,
        gelAlpha: 0.6,
        densityKgPerM3: 1100,
      },
      label: { potLifeMin: 90, massG: 150, temperatureC: 25, depthMm: 20 },
    },
  },
  'coating-epoxy': {
    name: 'Coating epoxy',
    kind: 'epoxy',
    onePart: false,
    fast: false,
    labelDemoulds: false,
    stirMin: 4,
    bearsFillers: true,
    densities: { aGPerMl: 1.13, bGPerMl: 1 },
    viscosityPaS: 0.9,
    boilsKPa: 0.1,
    heat: {
      curing: {
        ...commonCuring,
        ratePerS: 1.23e-4,
        kappa: usualKappa,
        activationJPerMol: 55_000,
        heatJPerKg: 330_000,
        glassStartC: -40,
        glassEndC: 60,
        gelAlpha: 0.58,
        densityKgPerM3: 1100,
      },
      label: { potLifeMin: 35, massG: 150, temperatureC: 25, depthMm: 10 },
    },
  },
  'fast-epoxy': {
    name: 'Fast or laminating epoxy',
    kind: 'epoxy',
    onePart: false,
    fast: true,
    labelDemoulds: false,
    stirMin: 3,
    bearsFillers: true,
    densities: { aGPerMl: 1.15, bGPerMl: 1 },
    viscosityPaS: 0.8,
    boilsKPa: 0.3,
    heat: {
      curing: {
        ...commonCuring,
        ratePerS: 2.49e-4,
        kappa: usualKappa,
        activationJPerMol: 52_000,
        heatJPerKg: 370_000,
        glassStartC: -40,
        glassEndC: 70,
        gelAlpha: 0.55,
        densityKgPerM3: 1100,
      },
      label: { potLifeMin: 15, massG: 100, temperatureC: 25, depthMm: 6 },
    },
  },
  'slow-polyurethane': {
    name: 'Slow polyurethane',
    kind: 'polyurethane',
    onePart: false,
    fast: false,
    labelDemoulds: true,
    stirMin: 1,
    bearsFillers: true,
    densities: { aGPerMl: 1.03, bGPerMl: 1.1 },
    viscosityPaS: 0.15,
    boilsKPa: 0.1,
    heat: {
      curing: {
        ...commonCuring,
        ratePerS: 8.7e-4,
        kappa: usualKappa,
        activationJPerMol: 45_000,
        heatJPerKg: 150_000,
        glassStartC: -50,
        glassEndC: 75,
        gelAlpha: 0.65,
        densityKgPerM3: 1060,
      },
      label: { potLifeMin: 10, massG: 100, temperatureC: 25, depthMm: undefined },
    },
  },
  'fast-polyurethane': {
    name: 'Fast polyurethane',
    kind: 'polyurethane',
    onePart: false,
    fast: true,
    labelDemoulds: false,
    stirMin: 0.5,
    bearsFillers: true,
    densities: { aGPerMl: 1.03, bGPerMl: 1.1 },
    viscosityPaS: 0.1,
    boilsKPa: 0.1,
    heat: {
      curing: {
        ...commonCuring,
        ratePerS: 2.76e-3,
        kappa: usualKappa,
        activationJPerMol: 45_000,
        heatJPerKg: 165_000,
        glassStartC: -50,
        glassEndC: 80,
        gelAlpha: 0.65,
        densityKgPerM3: 1050,
      },
      label: { potLifeMin: 3, massG: 100, temperatureC: 25, depthMm: undefined },
    },
  },
  polyester: {
    name: 'Polyester',
    kind: 'polyester',
    onePart: false,
    fast: false,
    labelDemoulds: false,
    stirMin: 2,
    bearsFillers: true,
    densities: { aGPerMl: 1.12, bGPerMl: 1.15 },
    viscosityPaS: 0.4,
    boilsKPa: 0.85,
  },
  uv: {
    name: 'UV resin',
    kind: 'uv',
    onePart: true,
    fast: false,
    labelDemoulds: false,
    stirMin: 0,
    bearsFillers: false,
    densities: { aGPerMl: 1.12, bGPerMl: 1.12 },
    viscosityPaS: 0.4,
    boilsKPa: 0.1,
  },
  'silicone-tin': {
    name: 'Silicone, tin cure',
    kind: 'silicone',
    onePart: false,
    fast: false,
    labelDemoulds: false,
    stirMin: 4,
    bearsFillers: false,
    densities: { aGPerMl: 1.15, bGPerMl: 1 },
    viscosityPaS: 20,
    boilsKPa: undefined,
  },
  'silicone-platinum': {
    name: 'Silicone, platinum cure',
    kind: 'silicone',
    onePart: false,
    fast: false,
    labelDemoulds: false,
    stirMin: 4,
    bearsFillers: false,
    densities: { aGPerMl: 1.1, bGPerMl: 1.08 },
    viscosityPaS: 10,
    boilsKPa: undefined,
  },
} as const satisfies Readonly<Record<string, Family>>;

export type ResinFamily = keyof typeof families;

/** The families that warm themselves enough to be modelled. */
export type HeatFamily = {
  [F in ResinFamily]: (typeof families)[F] extends { readonly heat: HeatConstants } ? F : never;
}[ResinFamily];

export const resinFamilies = Object.keys(families) as readonly ResinFamily[];

export const familyOf = (family: ResinFamily): Family => families[family];

/** Families of these kinds. */
export const familiesOf = (...kinds: readonly FamilyKind[]): ReadonlySet<ResinFamily> =>
  new Set(resinFamilies.filter((family) => kinds.includes(families[family].kind)));

/** Narrows a family of the trade to those with heat. */
export const hasHeat = (family: ResinFamily): family is HeatFamily => 'heat' in families[family];

export const heatFamilies: readonly HeatFamily[] = resinFamilies.filter(hasHeat);

/** What the families with heat are by their chemistry. */
export type HeatKind = (typeof families)[HeatFamily]['kind'];

export const heatKindOf = (family: HeatFamily): HeatKind => families[family].kind;

/** The constants of a family at rate 1, and its usual label. */
export const heatConstantsOf = (family: HeatFamily): HeatConstants => families[family].heat;
