/** The resin families of the trade, in the order they are offered. */
export const resinFamilies = [
  'deep-pour-epoxy',
  'casting-epoxy',
  'coating-epoxy',
  'fast-epoxy',
  'slow-polyurethane',
  'fast-polyurethane',
  'polyester',
  'uv',
  'silicone-tin',
  'silicone-platinum',
] as const;

export type ResinFamily = (typeof resinFamilies)[number];
