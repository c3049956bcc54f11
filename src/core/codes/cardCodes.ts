/** What a card says against itself or leaves to be assumed, with its data; g/ml, mm and min. */
export interface CardCodes {
  'ratios-impossible': {
    readonly name: string;
    readonly densityRatio: number;
    readonly least: number;
    readonly greatest: number;
  };
  'ratios-against-densities': {
    readonly name: string;
    readonly densityRatio: number;
    readonly typedRatio: number;
  };
  'density-assumed': {
    readonly name: string;
    readonly onePart: boolean;
    readonly densityAGPerMl: number;
    readonly densityBGPerMl: number;
  };
  'depths-crossed': {
    readonly name: string;
    readonly leastDepthMm: number;
    readonly greatestDepthMm: number;
  };
  'recoat-crossed': { readonly name: string; readonly fromMin: number; readonly toMin: number };
  'times-crossed': {
    readonly name: string;
    readonly earlierMin: number;
    readonly laterMin: number;
  };
}
