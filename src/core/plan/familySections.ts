import type { PlannedInclusion } from '../flow/inclusionsOf';
import type { Lamp } from '../lamp/lampOf';
import type { MasterMaterialName, PlatinumOn, Remedy } from '../mouldBox/masterMaterials';
import type { BoxOption, MouldBox } from '../mouldBox/mouldBox';
import type { DomeDetail } from '../measure/measured';
import type { BetweenWay, FillWay } from '../production/castingSchema';
import type { Thinness } from '../production/thinCasting';
import type { Fit } from '../vessel/fitInPot';

/** How a layer flows until it gels, and what clears it by then. */
export interface LayerFlow {
  /** Counted from 1. */
  readonly layer: number;
  readonly depthMm: number;
  readonly gelH: number;
  /** M = ∫ dt/η until gel. */
  readonly mobilityPerPa: number;
  readonly smallestBubbleMm: number;
}

/** How a pour flows, and what becomes of what is put into it. */
export interface FlowSection {
  /** By the heat model; by its pot life alone, at the viscosity that it has when it is mixed; or it flows until a lamp is on it. */
  readonly by: 'model' | 'pot-life' | 'lamp';
  /** At 25 °C before it cures. */
  readonly viscosityPaS: number;
  readonly viscosityAssumed: boolean;
  readonly layers: readonly LayerFlow[];
  readonly inclusions: readonly PlannedInclusion[];
}

/** One layer under the lamp. */
export interface LitLayer {
  /** Counted from 1. */
  readonly layer: number;
  readonly depthMm: number;
  /** Until it has gelled to its floor. */
  readonly gelDoseMJPerCm2: number;
  readonly gelS: number;
  /** Until it is hard to its floor. */
  readonly doseMJPerCm2: number;
  readonly timeS: number;
  /** The first time under the lamp, and how many more of `stepS` follow it. */
  readonly firstS: number;
  readonly steps: number;
}

/** What light does not get past. */
export interface Shade {
  readonly by: 'colour' | 'card' | 'fillers' | 'inserts';
  readonly names: readonly string[];
}

/** How a pour is set by a lamp. */
export interface LampSection {
  readonly lamp: Lamp;
  /** Said by the person, or as its colours are. */
  readonly opacityBy: 'said' | 'colours';
  /** The job says something of its lamp. */
  readonly isSaid: boolean;
  /** The deepest layer that is hard to its floor within the longest time; undefined where no light gets through. */
  readonly deepestMm: number | undefined;
  readonly longestS: number;
  readonly stepS: number;
  /** None where no light gets through. */
  readonly layers: readonly LitLayer[];
  readonly totalS: number;
  readonly shades: readonly Shade[];
}

/** What becomes of a bubble of some size. */
export interface PressedBubble {
  readonly mm: number;
  readonly shrinksToMm: number;
  readonly dissolvesS: number;
  /** Before the resin gels; undefined where nobody knows when that is. */
  readonly isGone: boolean | undefined;
}

/** A pour that is cast under pressure. */
export interface PressureSection {
  readonly gaugeKPa: number;
  readonly airKPa: number;
  readonly absoluteKPa: number;
  /** Of a bubble, with the pressure on. */
  readonly volumeRatio: number;
  readonly diameterRatio: number;
  /** Undefined where nobody read its plate. */
  readonly ratingKPa: number | undefined;
  readonly mostKPa: number | undefined;
  readonly ofRating: number | undefined;
  readonly bubbles: readonly PressedBubble[];
  /** The largest bubble that is gone by gel, mm; larger ones only shrink. */
  readonly goneUpToMm: number | undefined;
  readonly gelMin: number | undefined;
  /** It is held at least until it has gelled everywhere, better until it may come out of its mould. */
  readonly holdLeastMin: number | undefined;
  readonly holdMin: number | undefined;
  readonly holdTyped: boolean;
  /** From the first drop of hardener until the pot is closed, against how long it stays pourable. */
  readonly closedMin: number;
  readonly potLifeMin: number | undefined;
  readonly fit: (Fit & { readonly wanted: number }) | undefined;
  /** What the mould was made at, kPa over the air; 0 in the open; undefined where nobody says. */
  readonly mouldGaugeKPa: number | undefined;
}

/** A mix that is degassed before it is poured. */
export interface VacuumSection {
  readonly airKPa: number;
  readonly leavesKPa: number;
  /** What the dial shows under the air. */
  readonly dialKPa: number;
  /** Of the mix's volume. */
  readonly airShare: number;
  /** How many times its volume it takes while its air swells; foam stands higher for a while. */
  readonly risesTimes: number;
  readonly foamTimes: number;
  /** What a pot is filled to. */
  readonly fill: number;
  readonly potMl: number | undefined;
  /** What the largest batch asks of a pot. */
  readonly potNeededMl: number;
  /** Under this something in it boils, which looks like air and never ends; undefined where nothing does. */
  readonly boilsUnderKPa: number | undefined;
}

/** A dome of a pour, and when its resin is thick enough to stay on its edge. */
export interface PlannedDome extends Omit<DomeDetail, 'kind' | 'outline'> {
  readonly name: string | undefined;
  readonly count: number;
  readonly eachMl: number;
  /**
   * Poured from here on, a film that got over the edge creeps less than a millimetre until it gels; h after the pour and min before
   * gel. Undefined where nothing tells when it gels.
   */
  readonly holdsFromH: number | undefined;
  readonly holdsBeforeGelMin: number | undefined;
}

/** How castings are poured in a mould. */
export interface CastingSection {
  readonly fill: FillWay;
  /** Into the mould of one piece, its way in included; and what goes in first, before it is tilted all round. */
  readonly eachMl: number;
  readonly firstMl: number;
  readonly between: BetweenWay;
  readonly thin: Thinness | undefined;
  /** When it may be tried, by its label, this room and how thin it is, min. */
  readonly outMin: number | undefined;
}

/** What is known of what rubber is poured on. */
export interface PoisonCheck {
  readonly on: 'master' | 'clay';
  /** Undefined where nobody said. */
  readonly material: MasterMaterialName | undefined;
  readonly platinum: PlatinumOn;
  readonly porous: boolean;
  readonly remedy: Remedy | undefined;
}

/** A mould of rubber round a piece. */
export interface MouldSection extends Omit<
  MouldBox,
  'slabs' | 'outline' | 'cut' | 'rods' | 'held' | 'options'
> {
  /** All that are at hand, the least rubber first; what the rubber of one costs where the card has prices. */
  readonly options: readonly (BoxOption & { readonly cost: number | undefined })[];
  /** Of one mould. */
  readonly rubberG: number;
  readonly cost: number | undefined;
  /** When it may be opened, in its room and ten degrees warmer; undefined where the card does not say. */
  readonly opensMin: number | undefined;
  readonly warmC: number;
  readonly opensWarmMin: number | undefined;
  readonly checks: readonly PoisonCheck[];
  readonly isPlatinum: boolean;
  readonly lasts: number | undefined;
  /** Rubber of one casting, where it is said how many a mould lasts. */
  readonly perCasting: number | undefined;
}
