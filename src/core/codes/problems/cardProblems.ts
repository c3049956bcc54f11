import type { Choices, Nothing } from './problemData';

/** What a card of a resin can have wrong; g/ml, min, g and °C. */
export interface CardProblems {
  'no-such-hardener': Choices;
  'ratio-rules-unsaid': Nothing;
  'not-a-ratio': Nothing;
  'ratio-out-of-range': { readonly mostToOne: number };
  'not-a-density': { readonly densityGPerMl: number };
  'pot-life-out-of-model': {
    readonly potLifeMin: number;
    readonly massG: number;
    readonly temperatureC: number;
  };
}
