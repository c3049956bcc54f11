import type { Choices, Nothing, Said } from './problemData';

/** What cannot be mixed as asked; ml, g, g/ml, min and shares of 1. */
export interface MixProblems {
  'container-too-small': {
    readonly limitMl: number;
    readonly needMl: number;
    readonly count: number;
    readonly most: number;
  };
  'too-many-mixes': {
    readonly layers: number;
    readonly colours: number;
    readonly count: number;
    readonly most: number;
  };
  /** What is kept back of it is a share of 1. */
  'pot-life-too-short': {
    readonly potLifeMin: number;
    readonly stirMin: number;
    readonly keptBack: number;
  };
  'least-over-limit': {
    readonly leastMl: number;
    readonly limitMl: number;
    readonly inTime: boolean;
    readonly capacityMl: number | undefined;
  };
  'residue-fills-cup': { readonly staysMl: number; readonly limitMl: number };
  'no-filler-amount': Nothing;
  'filler-said-twice': Said;
  'filler-over-heap': {
    readonly name: string;
    readonly share: number;
    readonly mostShare: number;
    readonly mostG: number;
    readonly others: number;
  };
  'fillers-after-mixing': Nothing;
  'heap-denser-than-grain': { readonly grainGPerMl: number; readonly bulkGPerMl: number };
  'no-such-batch': Choices;
  'nothing-to-correct': Nothing;
}
