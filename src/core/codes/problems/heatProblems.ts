/** What following the heat can refuse; mm, °C and h. */
export interface HeatProblems {
  'too-deep-for-heat': { readonly depthMm: number; readonly deepestMm: number };
  'too-hot-to-pour': { readonly limitC: number; readonly roomC: number; readonly resinC: number };
  'day-upside-down': { readonly highest: string };
  'heat-lost-itself': { readonly hours: number };
}
