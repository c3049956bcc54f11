import type { Curing } from './curing';

/** What a label of the family says where the person's own says nothing. */
export interface UsualLabel {
  readonly potLifeMin: number;
  readonly massG: number;
  readonly temperatureC: number;
  /** Greatest depth of one pour; polyurethanes are sold without one. */
  readonly depthMm: number | undefined;
}

/** A family for the heat model: its constants at rate 1, and its usual label. */
export interface HeatConstants {
  readonly curing: Curing;
  readonly label: UsualLabel;
}

/**
 * Same for all: c and k typical of published data for cured amine epoxies and urethanes; λ assumed, a usual value for
 * DiBenedetto's equation.
 */
export const commonCuring = {
  heatCapacityJPerKgK: 1800,
  conductivityWPerMK: 0.2,
  glassLambda: 0.4,
} as const;

/** Fitted together with the rates to the usual labels. */
export const usualKappa = 0.25;
