import { deviceUnits } from './deviceUnits';
import { roundToStep, decimalsOfStep } from '../quantity/round';
import { nextNormal, type Seed } from './chance';

/** How a person pours: how fast, how soon they slow down, and how late they stop. */
export const hands = ['exact', 'careful', 'usual', 'hasty'] as const;
export type Hand = (typeof hands)[number];

interface HandWays {
  /** While far from the figure, g/s; in proportion to what is still to pour near it, 1/s. */
  readonly fastGPerS: number;
  readonly easing: number;
  /** The slowest stream that is one, g/s. */
  readonly slowGPerS: number;
  /** From seeing the figure to having stopped, s. */
  readonly lateS: number;
}

/** General practice with a jug; `exact` stops on the figure. */
export const handWays: Readonly<Record<Hand, HandWays>> = {
  exact: { fastGPerS: 600, easing: 6, slowGPerS: 20, lateS: 0 },
  careful: { fastGPerS: 40, easing: 0.6, slowGPerS: 0.6, lateS: 0.25 },
  usual: { fastGPerS: 60, easing: 0.9, slowGPerS: 2, lateS: 0.4 },
  hasty: { fastGPerS: 90, easing: 1.6, slowGPerS: 12, lateS: 0.6 },
};

/** What a scale is like. */
export interface ScaleNature {
  readonly resolutionG: number;
  /** Spread of what it senses, g. */
  readonly noiseG: number;
  readonly driftGPerMin: number;
  /** How fast it follows its load: the time constant, s. */
  readonly settlingS: number;
  readonly capacityG: number;
}

export const usualNature: ScaleNature = {
  resolutionG: 0.1,
  noiseG: 0.02,
  driftGPerMin: 0,
  settlingS: 0.15,
  capacityG: 5000,
};

/** A bench scale, what stands on it, and the person who pours. */
export interface SimulatedScale {
  readonly nature: ScaleNature;
  readonly seed: Seed;
  /** The vessel, and what is in it. */
  readonly vesselG: number;
  readonly contentG: number;
  readonly isLifted: boolean;
  readonly tareG: number;
  readonly driftedG: number;
  /** What it senses by now: it follows its load. */
  readonly sensedG: number;
  /** How far that moved in the last step, g/s. */
  readonly movingGPerS: number;
  readonly unit: string;
  /** What is being poured: so much more, with which hand, and how long after the figure it still runs. */
  readonly pouring:
    { readonly toG: number; readonly hand: Hand; readonly runsOnS: number | undefined } | undefined;
}

export const emptyScale = (seed: Seed, nature: ScaleNature = usualNature): SimulatedScale => ({
  nature,
  seed,
  vesselG: 0,
  contentG: 0,
  isLifted: false,
  tareG: 0,
  driftedG: 0,
  sensedG: 0,
  movingGPerS: 0,
  unit: 'g',
  pouring: undefined,
});

/** What is done to a simulated scale. */
export type ScaleCommand =
  | { readonly do: 'put-cup'; readonly vesselG: number }
  | { readonly do: 'take-away' }
  | { readonly do: 'lift' }
  | { readonly do: 'put-back' }
  | { readonly do: 'tare' }
  /** Pours until so much more is in the vessel. */
  | { readonly do: 'pour'; readonly g: number; readonly hand: Hand }
  | { readonly do: 'stop' }
  | { readonly do: 'unit'; readonly unit: string }
  | { readonly do: 'nature'; readonly nature: Partial<ScaleNature> };

/** What the scale is after something was done to it. */
export function commanded(scale: SimulatedScale, command: ScaleCommand): SimulatedScale {
  switch (command.do) {
    case 'put-cup':
      return {
        ...scale,
        vesselG: command.vesselG,
        contentG: 0,
        isLifted: false,
        pouring: undefined,
      };
    case 'take-away':
      return { ...scale, vesselG: 0, contentG: 0, isLifted: false, pouring: undefined };
    case 'lift':
      return { ...scale, isLifted: true, pouring: undefined };
    case 'put-back':
      return { ...scale, isLifted: false };
    case 'tare':
      return { ...scale, tareG: loadOf(scale) + scale.driftedG };
    case 'pour':
      return {
        ...scale,
        pouring: { toG: scale.contentG + command.g, hand: command.hand, runsOnS: undefined },
      };
    case 'stop':
      return { ...scale, pouring: undefined };
    case 'unit':
      return { ...scale, unit: command.unit };
    case 'nature':
      return { ...scale, nature: { ...scale.nature, ...command.nature } };
  }
}

const loadOf = ({ isLifted, vesselG, contentG }: SimulatedScale): number =>
  isLifted ? 0 : vesselG + contentG;

/** The stream of a hand that has so much left to pour, g/s. */
const streamOf = ({ fastGPerS, easing, slowGPerS }: HandWays, leftG: number): number =>
  Math.min(fastGPerS, Math.max(slowGPerS, leftG * easing));

function poured(scale: SimulatedScale, stepS: number): SimulatedScale {
  const { pouring, contentG } = scale;
  if (pouring === undefined || scale.isLifted) return scale;
  const ways = handWays[pouring.hand];
  const leftG = pouring.toG - contentG;
  if (pouring.runsOnS === undefined && leftG > 0) {
    const addG = streamOf(ways, leftG) * stepS;
    if (addG < leftG) return { ...scale, contentG: contentG + addG };
    // The figure is reached within this step; who is late goes on pouring.
    return ways.lateS === 0
      ? { ...scale, contentG: pouring.toG, pouring: undefined }
      : { ...scale, contentG: pouring.toG, pouring: { ...pouring, runsOnS: ways.lateS } };
  }
  const runsOnS = pouring.runsOnS ?? 0;
  const forS = Math.min(runsOnS, stepS);
  const left = runsOnS - forS;
  return {
    ...scale,
    contentG: contentG + ways.slowGPerS * forS,
    pouring: left > 0 ? { ...pouring, runsOnS: left } : undefined,
  };
}

/**
 * The scale so much later: what is poured by then, and what it senses of it.
 * @param stepS s, a tenth or so
 */
export function scaleAfter(scale: SimulatedScale, stepS: number): SimulatedScale {
  const after = poured(scale, stepS);
  const { nature } = after;
  const [chance, seed] = nextNormal(after.seed);
  const load = loadOf(after);
  const follows = nature.settlingS === 0 ? 1 : 1 - Math.exp(-stepS / nature.settlingS);
  const calm = after.sensedG + (load - after.sensedG) * follows;
  return {
    ...after,
    seed,
    driftedG: after.driftedG + (nature.driftGPerMin * stepS) / 60,
    sensedG: calm,
    movingGPerS: (calm - scale.sensedG) / stepS + chance * nature.noiseG,
  };
}

/** A scale that moves by no more than half of its resolution in a second calls itself stable. */
const stillShare = 0.5;

/** What the scale says now: `ST,GS,+ 123.4 g`. */
export function lineOf(scale: SimulatedScale): string {
  const { nature, sensedG, driftedG, tareG, movingGPerS, seed, unit: symbol } = scale;
  if (sensedG > nature.capacityG) return 'OL,GS,+9999.9 g';
  const [chance] = nextNormal(seed);
  const unit = deviceUnits.find((each) => each.symbol === symbol) ?? deviceUnits[0]!;
  const isStill = Math.abs(movingGPerS) <= nature.resolutionG * stillShare + 2 * nature.noiseG;
  const g = sensedG + driftedG - tareG + chance * nature.noiseG;
  const step = unit.symbol === 'g' ? nature.resolutionG : 0.01;
  const shown = roundToStep(g / unit.g, step);
  const figure = Math.abs(shown).toFixed(decimalsOfStep(step)).padStart(7, ' ');
  const sign = shown < 0 ? '-' : '+';
  return `${isStill ? 'ST' : 'US'},GS,${sign}${figure} ${unit.written[0]!}`;
}
