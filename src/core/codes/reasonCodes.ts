import type { DepthTaken } from '../layers/layerHeights';

interface OverageData {
  readonly share: number;
}

interface RatioData {
  readonly densityAGPerMl: number;
  readonly densityBGPerMl: number;
  readonly assumed: boolean;
}

interface CutData {
  readonly count: number;
  /** As poured, with what is planed away later. */
  readonly depthMm: number | undefined;
  readonly takesMm: number | undefined;
  readonly leastMm: number | undefined;
  readonly labelMm: number | undefined;
  readonly caution: number;
  readonly from: DepthTaken['from'];
}

interface BatchesData {
  readonly count: number;
  readonly layers: number;
  readonly colours: number;
  /** The most that one batch may be; undefined where nothing limits it. */
  readonly limitMl: number | undefined;
  readonly capacityMl: number | undefined;
  readonly fill: number | undefined;
  readonly leastMl: number | undefined;
}

interface PotLifeData {
  readonly potLifeMin: number | undefined;
  /** As the card says it; undefined where it does not and the family's usual stands. */
  readonly labelMin: number | undefined;
  readonly labelC: number;
  readonly labelG: number | undefined;
  readonly stirMin: number;
  readonly stirAssumed: boolean;
  readonly pourAssumed: boolean;
  readonly pourMlPerMin: number;
  readonly workingMin: number;
  readonly keptBack: number;
}

/** The rules that decide the figures of a plan, with the inputs that went in; mm, ml, g, min, °C and shares of 1. */
export interface ReasonRules {
  'sum-of-parts': { readonly parts: number; readonly inserts: number };
  'overage-as-typed': OverageData;
  'overage-open-mould': OverageData;
  'overage-general': OverageData;
  'overage-porous': OverageData;
  allowances: {
    readonly cavityMl: number;
    readonly overage: number;
    readonly others: number;
    readonly othersMl: number;
    readonly surplusMl: number;
  };
  'stated-by-volume': RatioData;
  'stated-by-weight': RatioData;
  'one-part': RatioData;
  'layers-one-pour': CutData;
  'layers-heights': CutData;
  'layers-equal': CutData;
  'layers-full-top-off': CutData;
  'layers-lock-in': CutData;
  asked: BatchesData;
  'least-batch': BatchesData;
  'pot-life': BatchesData;
  container: BatchesData;
  'no-container': BatchesData;
  'pot-life-in-bucket': PotLifeData & {
    /** The batch that goes off first, as warm as it is mixed, in the room of that hour. */
    readonly batchG: number;
    readonly resinC: number;
    readonly roomC: number;
    readonly hotMin: number | undefined;
  };
  'pot-life-in-room': PotLifeData;
  'a-up-b-in-ratio': { readonly stepG: number };
}

/** Rules that decide how much is mixed besides what there is to fill. */
export type OverageRuleName = Extract<keyof ReasonRules, `overage-${string}`>;
