import type { ProblemCode, ProblemCodes } from './problems/problemCodes';
import type { MasterMaterialName, Remedy } from '../mouldBox/masterMaterials';
import type { InclusionInLayer } from '../flow/inclusionsOf';
import type { Shade } from '../plan/familySections';
import type { NoWindow } from '../layers/jointOf';
import type { Joint } from '../layers/layersSchema';
import type { Nothing } from './problems/problemData';
import type { ResinFamily } from '../resin/families';

/** Which layer of how many, counted from 1, and of which resin. */
type OfLayer = {
  readonly depthMm: number;
  readonly layer: number;
  readonly layers: number;
  readonly name: string;
};

/** A layer that label, model and heat leave no time for while the one under it is sticky. Minutes after that one is poured. */
interface NoTimeWhileSticky {
  readonly why: NoWindow;
  /** Counted from 1, of how many. */
  readonly layer: number;
  readonly layers: number;
  /** By the model. */
  readonly stickyFromMin: number | undefined;
  readonly stickyToMin: number | undefined;
  readonly coolMin: number | undefined;
  readonly plannedMin: number | undefined;
  /** So many equal layers would go while they are sticky. */
  readonly layersInstead: number | undefined;
}

/** What a plan gives cause to say, with its data; mm, ml, g, min and shares of 1. */
export interface PlanCodes {
  /** Rubber that tears, in a box that is there; mm. */
  'box-wall-thin': {
    readonly thinMm: number;
    readonly leastWallMm: number;
    readonly wallMm: number;
  };
  /** Nothing leads into a mould. */
  'mould-closed': Nothing;
  /** Nobody said what a platinum cure will lie on. */
  'platinum-asks': { readonly on: 'master' | 'clay'; readonly name: string };
  'platinum-spoiled': {
    readonly on: 'master' | 'clay';
    readonly material: MasterMaterialName;
    readonly remedy: Remedy | undefined;
    readonly name: string;
    readonly isSure: boolean;
  };
  /** Roofs that air stays under as rubber rises. */
  'recess-holds-air': { readonly count: number; readonly ml: number };
  'parting-holds': {
    readonly mm2: number;
    readonly heightMm: number;
    readonly bestMm: number;
    readonly bestMm2: number;
  };
  'deeper-than-label': OfLayer & { readonly greatestDepthMm: number };
  'deeper-than-room': OfLayer & {
    readonly roomMm: number;
    readonly greatestDepthMm: number | undefined;
  };
  /** When it is hard all the same by the model, h; undefined where that does not follow it or it never is. */
  'thinner-than-least': OfLayer & {
    readonly leastDepthMm: number;
    readonly hardH: number | undefined;
  };
  /** `because` is the code of the problem that it came from; the rest is that problem's data. */
  'room-depth-unknown': ProblemCodes[ProblemCode] & { readonly because: ProblemCode };
  'scale-too-coarse': { readonly stepG: number; readonly ratioError: number };
  'scale-over-need': { readonly stepG: number; readonly totalG: number; readonly needG: number };
  'cup-over-need': { readonly stepMl: number; readonly totalMl: number; readonly needMl: number };
  'over-container': { readonly batchMl: number; readonly limitMl: number };
  /** A batch that was asked for is too large; what would do comes with it. What is kept back is a share of 1. */
  'over-pot-life': {
    readonly massG: number;
    readonly workingMin: number;
    readonly potLifeMin: number;
    /** When it is at 60 °C; undefined where it never is, or where nobody knows. */
    readonly hotMin: number | undefined;
    readonly keptBack: number;
    /** So many batches of `eachG` would do; undefined where none would. */
    readonly batches: number | undefined;
    readonly eachG: number | undefined;
    /** Mix and room no warmer than this. */
    readonly coolerC: number | undefined;
    readonly twoPeople: boolean;
    readonly hardeners: readonly string[];
  };
  /** All of a layer in one would go off before it is poured. */
  'split-by-pot-life': {
    readonly massG: number;
    readonly workingMin: number;
    readonly potLifeMin: number | undefined;
    readonly hotMin: number | undefined;
    readonly batches: number;
    readonly eachG: number;
  };
  'under-least-batch': {
    readonly batchMl: number;
    readonly leastMl: number;
    readonly name: string;
  };
  'cup-too-coarse': { readonly stepMl: number; readonly ratioError: number };
  'pump-off-ratio': {
    readonly ratioError: number;
    readonly a: number;
    readonly b: number;
  };
  'strokes-missing': Nothing;
  /** A water-borne colour from a twentieth of the mixed mass on; a share of 1. */
  'water-in-colour': { readonly name: string; readonly share: number };
  'tint-depth-not-for-opaque': { readonly testedAtMm: number };
  'lots-expired': { readonly name: string; readonly ml: number; readonly bestBefore: string };
  'layer-runs-hot': {
    readonly layer: number;
    readonly layers: number;
    readonly name: string;
    readonly peakC: number;
    readonly band: 'high' | 'runaway';
    /** How long after the layer under it it is poured; undefined for the first. */
    readonly afterMin: number | undefined;
  };
  /** It heats strongly, no model follows it, and its card gives no depth; mm. */
  'heats-unseen': {
    readonly name: string;
    readonly family: ResinFamily;
    readonly depthMm: number;
    readonly fromMm: number;
  };
  'never-hard': {
    readonly softensNearC: number;
    readonly keepsShape: boolean;
    readonly roomC: number;
  };
  /** The peak, and its high end, against what form and seals bear; °C. */
  'form-gives-way': { readonly bearsC: number; readonly peakC: number; readonly highC: number };
  /** How fast it cures in one's own shop, as a factor on its label, and of how many pours. */
  'own-pace': {
    readonly name: string;
    readonly factor: number;
    readonly low: number;
    readonly high: number;
    readonly pours: number;
  };
  /** Water may settle on it before it has gelled: humidity as a share, °C. */
  'may-blush': {
    readonly humidity: number;
    readonly airC: number;
    readonly dewC: number;
    readonly surfaceC: number;
    readonly layer: number;
    readonly layers: number;
  };
  'no-time-while-sticky': NoTimeWhileSticky;
  'cured-between-layers': NoTimeWhileSticky;
  /** How long a pour waits for the one before it, against when that one is ready by the model; min. */
  'pour-against-clock': {
    readonly why: 'too-soon' | 'too-late' | 'never-ready';
    readonly school: Joint;
    readonly waitMin: number;
    readonly fromMin: number | undefined;
    readonly toMin: number | undefined;
  };
  'layers-need-a-form': Nothing;
  'fills-gap': { readonly fromMm: number; readonly toMm: number };
  'filler-spoils-family': { readonly names: readonly string[]; readonly family: ResinFamily };
  'filler-against-detail': { readonly names: readonly string[] };
  'filler-density-assumed': { readonly name: string; readonly grainGPerMl: number };
  /** Something in the resin moves further than it may before that gels: down, or below 0 up. */
  'inclusion-moves': {
    readonly name: string;
    readonly movesMm: number;
    readonly endsUp: InclusionInLayer['endsUp'];
    readonly withinMm: number;
    readonly addAfterH: number;
    readonly addBeforeGelMin: number;
    readonly layer: number;
    readonly layers: number;
  };
  /** Light does not get through what is in it, or past what stands in it. */
  'light-blocked': {
    readonly name: string;
    readonly by: Shade['by'];
    readonly names: readonly string[];
  };
  /** It would take longer under the lamp than is good; s. */
  'deeper-than-light': OfLayer & { readonly lightMm: number; readonly timeS: number };
  /** Nobody read what the pot is rated at. */
  'rating-unknown': { readonly gaugeKPa: number };
  'opened-before-gel': {
    readonly name: string;
    readonly holdMin: number;
    readonly leastMin: number;
  };
  /** Mixing, pouring and closing the pot take longer than it stays pourable. */
  'closed-too-late': {
    readonly name: string;
    readonly closedMin: number;
    readonly potLifeMin: number;
  };
  'pot-takes-fewer': { readonly fits: number; readonly wanted: number };
  /** A mould that was not made at the pressure it is cast at; undefined where nobody says. */
  'mould-made-otherwise': {
    readonly gaugeKPa: number;
    readonly mouldGaugeKPa: number | undefined;
  };
  'boils-in-vacuum': {
    readonly name: string;
    readonly family: ResinFamily;
    readonly leavesKPa: number;
    readonly boilsUnderKPa: number;
  };
  'boils-over': { readonly potMl: number; readonly potNeededMl: number };
  'viscosity-assumed': {
    readonly name: string;
    readonly family: ResinFamily;
    readonly viscosityPaS: number;
  };
  'resin-not-on-shelf': { readonly name: string };
  'mould-not-in-library': { readonly name: string };
}
