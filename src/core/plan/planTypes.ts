import type { ReasonRules } from '../codes/reasonCodes';
import type { LayerVolume } from '../layers/splitAtHeights';
import type { Allowance } from '../measure/allowances/allowances';
import type { Doubt } from '../measure/doubt';
import type { MeasuredInsert } from '../measure/inserts/placeInserts';
import type { HeightVolume, MeasuredPart } from '../measure/measureWhole';
import type { Mould } from '../measure/mould/mouldSchema';
import type { PigmentKind } from '../colour/pigmentKinds';
import type { LayerJoint } from '../layers/jointOf';
import type { DepthTaken } from '../layers/layerHeights';
import type { MixAmounts } from '../mix/amounts';
import type { BatchRule } from '../mix/batches';
import type { MeasuredBy } from '../mix/mixingSchema';
import type { CupMark } from '../mix/cupMarks';
import type { CupFigures, ScaleFigures } from '../mix/onScale';
import type { Strokes } from '../mix/strokes';
import type { OwnPace, Working } from '../mix/working';
import type { DaySpan } from '../person/hoursSchema';
import type { CardCodes } from '../codes/cardCodes';
import type { Coded, Severity } from '../codes/coded';
import type { OfPart, PartCodes } from '../codes/partCodes';
import type { PlanCodes } from '../codes/planCodes';
import type { Buying } from '../stock/buying';
import type { ResinFamily } from '../resin/families';
import type { CoveredFace, PourRole } from '../job/pourChoices';
import type { Joint, LayerStyle } from '../layers/layersSchema';
import type { FillerKindName } from '../mix/fillers/fillerKinds';
import type { BatchBucket, MixedAt, PotLifeBy } from './batchClock';
import type {
  FlowSection,
  CastingSection,
  LampSection,
  MouldSection,
  PlannedDome,
  PressureSection,
  VacuumSection,
} from './familySections';
import type { LayerCure } from './heat/layerClock';
import type { KeptCalibrations } from './heat/calibrationOf';
import type { MixRatio } from '../resin/ratio';
import type { ReadResin } from '../resin/readResin';
import type { Resin } from '../resin/resinSchema';

/** Every code that a plan may warn of, with its data. */
export interface WarningCodes extends PlanCodes, CardCodes, TellingParts {}
type TellingParts = { [Code in keyof PartCodes]: PartCodes[Code] & OfPart };
export type WarningCode = keyof WarningCodes;

/** What a plan warns of, by code; words live in the interface. */
export type Warning<Code extends WarningCode = WarningCode> = Coded<WarningCodes, Code> & {
  readonly severity: Severity;
};

/** The rule that decided a figure, with the inputs that went in. */
export type Reason = {
  [Rule in keyof ReasonRules]: {
    readonly figure: ReasonFigure;
    readonly rule: Rule;
    readonly data: ReasonRules[Rule];
  };
}[keyof ReasonRules];

type ReasonFigure =
  'cavityMl' | 'overage' | 'totalMl' | 'ratio' | 'layers' | 'batches' | 'potLife' | 'scale';

/** A pigment in an amount of the mix. */
export interface PigmentDose {
  readonly name: string;
  readonly kind: PigmentKind;
  /** Of the mixed mass. */
  readonly share: number;
  readonly g: number;
  readonly drops: number | undefined;
  /** Depth of the test cup that it was scaled from. */
  readonly testedAtMm: number | undefined;
}

/** A part of the pour with a colour of its own, all of its layers together. */
export interface PlannedPortion extends MixAmounts {
  readonly name: string;
  /** Counted from 1 as typed; undefined for all of them. */
  readonly cavity: number | undefined;
  readonly layer: number | undefined;
  /** Of what it is a portion of. */
  readonly share: number;
  readonly cavityMl: number;
  readonly pouredMlByLayer: readonly number[];
  /** What one looks through. */
  readonly depthMm: number | undefined;
  readonly pigments: readonly PigmentDose[];
  readonly swatch: string | undefined;
}

/** Colour in all of part A. */
export interface PlannedTint {
  readonly name: string | undefined;
  readonly kind: PigmentKind;
  readonly swatch: string | undefined;
  readonly g: number;
  /** Of the mixed mass. */
  readonly share: number;
  readonly depthMm: number | undefined;
  readonly fromTestCup: boolean;
  readonly opaque: boolean;
  readonly testedAtMm: number | undefined;
  /** All of A with its tint. */
  readonly tintedAG: number;
  /** Pigment for each gram of A. */
  readonly perAG: number;
}

/** A portion of one mixed batch that is coloured by itself. */
export interface BatchShare {
  /** Its place among the portions. */
  readonly portion: number;
  readonly name: string;
  readonly ml: number;
  readonly g: number;
  readonly pigments: readonly PigmentDose[];
}

/** A filler as it is weighed. */
export interface FillerAmount {
  readonly name: string;
  readonly kind: FillerKindName;
  /** Of the mixed volume. */
  readonly share: number;
  readonly g: number;
  /** Of its grains, and as a loose heap. */
  readonly ml: number;
  readonly looseMl: number;
  readonly grainGPerMl: number;
  /** Its density is the kind's usual one. */
  readonly assumed: boolean;
}

/** Equal batches of one mixture in one layer. */
export interface PlannedBatch extends MixAmounts {
  /** Stays with it while the plan changes: what it is for, such as `layer-2` or `layer-1/Amber`. */
  readonly id: string;
  /** How many of it are mixed. */
  readonly count: number;
  /** Resin and fillers together, and the fillers; undefined without any. */
  readonly filledMl: number | undefined;
  readonly fillers: readonly FillerAmount[] | undefined;
  /** Which layer it is for, counted from 0. */
  readonly layer: number;
  /** The portions it is for, by their place; empty for plain resin and where all are from one batch. */
  readonly portions: readonly number[];
  readonly colour: string | undefined;
  readonly swatch: string | undefined;
  readonly pigments: readonly PigmentDose[];
  /** A with the whole-A tint in it, as it is weighed; undefined without one. */
  readonly tintedAG: number | undefined;
  readonly shares: readonly BatchShare[];
  readonly container:
    | { readonly name: string | undefined; readonly capacityMl: number; readonly fill: number }
    | undefined;
  /** The most that a batch may be here. */
  readonly limitMl: number | undefined;
  readonly rule: BatchRule;
  /** Mixed only because the maker asks for a larger batch. */
  readonly surplusMl: number;
  /** What is left when nothing goes wrong: overage, surplus and what rounding up added. */
  readonly leftMl: number;
  /** From the first drop of hardener to an empty cup. */
  readonly workingMin: number;
  /** How it fares in its cup, held against that. */
  readonly bucket: BatchBucket;
  readonly onScale: ScaleFigures;
  readonly inCup: CupFigures | undefined;
  /** Water for the marks of plain cups: A, B and both. */
  readonly cupMarks: readonly CupMark[] | undefined;
  readonly strokes: Strokes | undefined;
}

export interface PlannedLayer extends LayerVolume, MixAmounts {
  /** How it joins the one under it; undefined for the first. */
  readonly joint: LayerJoint | undefined;
  /** What becomes of it; undefined where no model follows it. */
  readonly cure: LayerCure | undefined;
  /** How warm the mix and the room are at its hour. */
  readonly mixedAt: MixedAt;
  readonly batches: readonly PlannedBatch[];
  /** Resin and fillers together; undefined without any. */
  readonly filledMl: number | undefined;
}

/** Where a batch's leftover goes. */
export interface Leftover {
  /** Its place among the batches, each counted by itself, and the group it is of. */
  readonly batch: number;
  readonly group: string;
  readonly leftMl: number;
  /** In the order to fill them: the largest first. */
  readonly fills: readonly {
    readonly mould: string;
    readonly cavity: string | undefined;
    readonly count: number;
    readonly eachMl: number;
  }[];
  readonly usedMl: number;
  readonly remainsMl: number;
  /** Cavities that are too deep or too shallow for this resin. */
  readonly unfit: number;
}

/** How long it takes until the piece is done. */
export interface PlanTimes {
  /** From the first pour to the last, at the earliest; undefined where the card does not say. */
  readonly gapsMin: number | undefined;
  /** From the last pour until it is fully cured, or can be demoulded where only that is told. */
  readonly cureMin: number | undefined;
  readonly doneMin: number | undefined;
}

/** A measure as a plan prints it. */
export interface MeasureSection {
  readonly parts: readonly MeasuredPart[];
  readonly inserts: readonly MeasuredInsert[];
  readonly depthMm: number | undefined;
  /** What there is to fill: parts less inserts. */
  readonly cavityMl: number;
  readonly cavityPlusMinusMl: number;
  readonly cavityErrs: Doubt['errs'];
}

/** What a pour goes into or onto, measured. */
export interface PouredSection extends MeasureSection {
  readonly roomTemperatureC: number;
  readonly cavityUsFlOz: number;
  readonly cavityImperialFlOz: number;
  /** What is mixed besides, each by itself; those that are off count nothing. */
  readonly allowances: readonly Allowance[];
}

/** What is mixed for a pour, in all. */
export interface AmountsSection {
  /** Of resin. */
  readonly totalMl: number;
  readonly totalG: number;
  readonly a: MixAmounts['a'];
  readonly b: MixAmounts['b'];
  /** Resin and fillers together, and the fillers; undefined without any. */
  readonly filledMl: number | undefined;
  readonly fillers: readonly FillerAmount[] | undefined;
}

/** What it is mixed of, and how. */
export interface MixSection {
  readonly resin: {
    readonly name: string;
    readonly family: ResinFamily;
    readonly hardener: string | undefined;
    readonly statedBy: 'volume' | 'weight';
    /** Undefined for a resin in one bottle. */
    readonly ratio: MixRatio | undefined;
    readonly mixedDensityGPerMl: number;
    readonly densityFrom: ReadResin['densityFrom'];
    /** Where pigment goes: into a part before the two meet, or into the mix. */
    readonly pigmentInto: 'a' | 'b' | 'mix';
  };
  /** How the parts are measured out. */
  readonly mixing: {
    readonly by: MeasuredBy;
    readonly first: 'a' | 'b';
    readonly cups: 'one' | 'own';
  };
  readonly portions: readonly PlannedPortion[];
  readonly tint: PlannedTint | undefined;
  readonly working: Working & {
    /** How long the batch that goes off first stays pourable; undefined where that is not known, or not within two days. */
    readonly potLifeMin: number | undefined;
    readonly by: PotLifeBy;
    /** What mixing and pouring the largest batch takes. */
    readonly longestMin: number;
  };
  readonly cupMarks: readonly CupMark[];
}

/** How it is cut into layers, and what is mixed for each. */
export interface LayersSection {
  /** How the pour is cut, and what the resin takes. */
  readonly cut: DepthTaken & { readonly style: LayerStyle | 'heights' };
  readonly layers: readonly PlannedLayer[];
  readonly batches: readonly PlannedBatch[];
}

/** One pour of a plan: everything that follows for it. All figures unrounded. */
export interface PourPlan extends PouredSection, AmountsSection, MixSection, LayersSection {
  readonly index: number;
  readonly id: string;
  /** As the person calls it. */
  readonly name: string | undefined;
  readonly role: PourRole;
  readonly kind: 'fills' | 'covers' | 'own';
  /** Of a fill: where it lies in the form, heights over its floor. Undefined for what has no form. */
  readonly between: { readonly fromMm: number; readonly toMm: number } | undefined;
  /** Of what covers a face: which one, up to where, and how thick. */
  readonly face:
    | { readonly name: CoveredFace; readonly upToMm: number; readonly thicknessMm: number }
    | undefined;
  /** How it flows until it gels, and what becomes of what is put into it; undefined for a known amount. */
  readonly flow: FlowSection | undefined;
  /** How a lamp sets it; undefined for what none sets. */
  readonly lamp: LampSection | undefined;
  readonly domes: readonly PlannedDome[];
  /** Undefined for what is no mould round a piece. */
  readonly mould: MouldSection | undefined;
  /** Undefined for what is not cast in a mould. */
  readonly casting: CastingSection | undefined;
  /** It goes round with its moulds: `batches` are its mixes. */
  readonly isRun?: true | undefined;
  /** Undefined for what is cast in the open. */
  readonly pressure: PressureSection | undefined;
  /** Undefined for what is not degassed. */
  readonly vacuum: VacuumSection | undefined;
  readonly times: PlanTimes;
  /** How it joins the pour before it; undefined for the first. */
  readonly joins: PourJoint | undefined;
  readonly leftovers: readonly Leftover[];
  readonly why: readonly Reason[];
  readonly warnings: readonly Warning[];
}

/** How a pour joins the one before it, and when it is poured at the earliest. */
export interface PourJoint {
  readonly school: Joint;
  /** After the last layer of the pour before it; undefined where its card gives no time. */
  readonly waitMin: number | undefined;
  /** From when on the two stay cool, where that is what it waits for. */
  readonly coolMin?: number | undefined;
  /** Whether the person said how long. */
  readonly typed: boolean;
}

/** What is poured of one resin in all pours. */
export interface ResinBuying {
  /** The card, with its kits and lots. */
  readonly card: Resin;
  /** Pours that it is for, counted from 0. */
  readonly pours: readonly number[];
  /** Poured already, so that it is not in what is needed; undefined where nothing is. */
  readonly pouredMl?: number;
  readonly buying: Buying;
}

/** The form of the job, measured once. */
export interface FormSection extends MeasureSection {
  /** V(h) of what there is to fill; empty where a part has no form. */
  readonly heightCurve: readonly HeightVolume[];
}

/** All pours together. */
export interface TogetherSection {
  readonly cavityMl: number;
  readonly cavityUsFlOz: number;
  readonly cavityImperialFlOz: number;
  readonly cavityUsGal: number;
  readonly totalMl: number;
  readonly totalG: number;
}

/** What the finished piece weighs, as far as it is known. */
export interface WeightSection {
  readonly resinG: number;
  readonly fillersG: number;
  readonly insertsG: number;
  /** Timber beside the cavity; undefined where the job names none. */
  readonly slabsG?: number | undefined;
  /** Inserts and slabs whose density nobody said. */
  readonly unknownInserts: number;
  readonly totalG: number;
}

/** When each pour begins, and when the piece is done, min from the first. */
export interface JobTimes {
  /** Undefined from where a card does not say. */
  readonly startsMin: readonly (number | undefined)[];
  readonly doneMin: number | undefined;
}

/** A warning that says which pour it is about; undefined for the job's own. */
export type JobWarning = Warning & {
  readonly pour: { readonly index: number; readonly name: string | undefined } | undefined;
};

/** Everything that follows from a job: derived, serialisable, never stored. */
export interface Plan {
  readonly name: string;
  readonly roomTemperatureC: number;
  /** Undefined where every pour measures for itself. */
  readonly form: FormSection | undefined;
  readonly pours: readonly PourPlan[];
  readonly together: TogetherSection;
  /** Resin by resin, for the whole job. */
  readonly buying: readonly ResinBuying[];
  readonly weight: WeightSection;
  readonly times: JobTimes;
  readonly warnings: readonly JobWarning[];
}

/** What the person has. */
export interface Shelf {
  readonly resins: readonly Resin[];
  readonly moulds: readonly Mould[];
  /** How fast the person stirs and pours, where a job says nothing of it. */
  readonly pace?: OwnPace | undefined;
  /** When the person sleeps; from ten to seven without it. */
  readonly night?: DaySpan | undefined;
  /** Kept with the resins, so that they need not be worked out anew. */
  readonly calibrations?: KeptCalibrations | undefined;
}
