/** Kinds of timber and board that a caster puts into resin, by what they weigh. */
export const timberGroups = [
  'balsa',
  'cork',
  'cedar',
  'poplar-lime',
  'spruce-pine',
  'larch',
  'cherry-walnut',
  'oak-ash-beech',
  'olive-dense',
  'sheet-board',
] as const;
export type TimberGroup = (typeof timberGroups)[number];

/** The moisture that handbooks tell densities at, share of the dry mass. */
const tableMoisture = 0.12;

/** From here on timber takes up water without swelling. */
const fibreSaturation = 0.28;

/** g/ml at 12 %: usual values of handbooks. One board may be a fifth off; weighing it says more. */
const tableGPerMl: Readonly<Record<TimberGroup, number>> = {
  balsa: 0.16,
  cork: 0.2,
  cedar: 0.38,
  'poplar-lime': 0.46,
  'spruce-pine': 0.48,
  larch: 0.58,
  'cherry-walnut': 0.62,
  'oak-ash-beech': 0.7,
  'olive-dense': 0.95,
  'sheet-board': 0.72,
};

/** Timber at 12 %, as it is when it is dry enough to cast. */
export const usualMoisture = tableMoisture;

/** Kollmann: ρ(u) = ρ₀ (1 + u) / (1 + 0.84 ρ₀ u), with ρ₀ the dry density in g/ml; timber swells as it takes up water. */
const swollen = (dryGPerMl: number, moisture: number): number =>
  (dryGPerMl * (1 + moisture)) / (1 + 0.84 * dryGPerMl * moisture);

/** The same solved for ρ₀. */
const dryOf = (gPerMl: number, moisture: number): number =>
  gPerMl / (1 + moisture - 0.84 * gPerMl * moisture);

/**
 * What timber weighs at a moisture.
 * @param moisture water by dry mass, share of 1, as a meter shows it
 * @returns g/ml
 */
export function timberGPerMl(group: TimberGroup, moisture: number = usualMoisture): number {
  const dry = dryOf(tableGPerMl[group], tableMoisture);
  if (moisture <= fibreSaturation) return swollen(dry, moisture);
  return (swollen(dry, fibreSaturation) * (1 + moisture)) / (1 + fibreSaturation);
}
