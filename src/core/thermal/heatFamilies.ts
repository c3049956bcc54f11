import type { Curing } from './curing';

/** The families that warm themselves enough to be modelled. */
export const heatFamilies = [
  'deep-pour-epoxy',
  'casting-epoxy',
  'coating-epoxy',
  'fast-epoxy',
  'slow-polyurethane',
  'fast-polyurethane',
] as const;

export type HeatFamily = (typeof heatFamilies)[number];

/** Narrows a family of the trade to those with heat. */
export const hasHeat = (family: string): family is HeatFamily =>
  (heatFamilies as readonly string[]).includes(family);

/** Epoxies and polyurethanes differ in what they bear and in when they may leave the mould. */
export const isPolyurethane = (family: HeatFamily): boolean => family.endsWith('polyurethane');

/** What a label of the family says where the person's own says nothing. */
export interface UsualLabel {
  readonly potLifeMin: number;
  readonly massG: number;
  readonly temperatureC: number;
  /** Greatest depth of one pour; polyurethanes are sold without one. */
  readonly depthMm: number | undefined;
}

/** A family: its constants at rate 1, and its usual label. */
export interface HeatFamilyConstants {
  readonly curing: Curing;
  readonly label: UsualLabel;
}

/**
 * Same for all: c and k typical of published data for cured amine epoxies and urethanes; λ assumed, a usual value for
 * DiBenedetto's equation.
 */
const common = { heatCapacityJPerKgK: 1800, conductivityWPerMK: 0.2, glassLambda: 0.4 } as const;

/** Fitted together with the rates to the usual labels. */
const usualKappa = 0.25;

/**
 * Constants of the families. Origins: E, H and α at gel are typical of published data for amine epoxies and urethanes (H
 * of deep-pour systems is low because they are diluted); the rate and κ are fitted to the family's usual label; both glass
 * transitions are assumed. No experiment of our own stands behind them.
 */
export const heatFamilyConstants: Readonly<Record<HeatFamily, HeatFamilyConstants>> = {
  'deep-pour-epoxy': {
    curing: {
      ...common,
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
  'casting-epoxy': {
    curing: {
      ...common,
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
  'coating-epoxy': {
    curing: {
      ...common,
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
  'fast-epoxy': {
    curing: {
      ...common,
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
  'slow-polyurethane': {
    curing: {
      ...common,
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
  'fast-polyurethane': {
    curing: {
      ...common,
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
};
