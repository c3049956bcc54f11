import type { PlannedBatch, PlannedLayer, Warning } from './planTypes';

/** Past this share off the ratio a person should know: within 2 % is fine in the trade. */
const fineRatioError = 0.02;

/** Tells where a pour is deeper than the label of its resin allows. */
export function depthWarnings(
  layers: readonly PlannedLayer[],
  greatestDepthMm: number | undefined,
  resinName: string,
): Warning[] {
  if (greatestDepthMm === undefined) return [];
  const depthsMm = layers.map(({ fromMm, toMm }) => (toMm ?? 0) - (fromMm ?? 0));
  const depthMm = Math.max(...depthsMm);
  if (depthMm <= greatestDepthMm) return [];
  const layer = depthsMm.indexOf(depthMm) + 1;
  return [
    {
      code: 'deeper-than-label',
      severity: 'warn',
      data: { depthMm, greatestDepthMm, layer, layers: layers.length, name: resinName },
    },
  ];
}

/** Tells where a batch overfills its container, or the scale is too coarse to keep the ratio. */
export function batchWarnings(
  batches: readonly PlannedBatch[],
  limitMl: number | undefined,
): Warning[] {
  const largest = batches.reduce((most, each) => (each.ml > most.ml ? each : most));
  const worst = batches.reduce((most, each) =>
    Math.abs(each.onScale.ratioError) > Math.abs(most.onScale.ratioError) ? each : most,
  );
  const { ratioError, stepG } = worst.onScale;
  return [
    ...(limitMl !== undefined && largest.ml > limitMl * (1 + 1e-9)
      ? [
          {
            code: 'over-container',
            severity: 'warn',
            data: { batchMl: largest.ml, limitMl },
          } as const,
        ]
      : []),
    ...(Math.abs(ratioError) > fineRatioError
      ? [{ code: 'scale-too-coarse', severity: 'warn', data: { stepG, ratioError } } as const]
      : []),
  ];
}
