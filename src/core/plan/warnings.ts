import type { MeasuredPart, MeasuredWhole } from '../measure/measureWhole';
import type { PlannedBatch, PlannedLayer, Warning } from './planTypes';

/** Past this share off the ratio a person should know: within 2 % is fine in the trade. */
const fineRatioError = 0.02;

/** What the measures of parts and inserts themselves give cause to say, by the part that it is about. */
export function measureWarnings({ parts, inserts }: MeasuredWhole): Warning[] {
  const of = (kind: 'part' | 'insert', from: readonly Told[]): Warning[] =>
    from.flatMap(({ name, shape, warnings }, index) =>
      warnings.map(({ code, severity, data }) => ({
        code,
        severity,
        data: { ...data, [kind]: index + 1, name: name ?? shape },
      })),
    );
  return [...of('part', parts), ...of('insert', inserts)];
}

type Told = Pick<MeasuredPart, 'name' | 'shape' | 'warnings'>;

/** Tells where a pour is deeper than the label of its resin allows; stock to be planed away is poured too. */
export function depthWarnings(
  layers: readonly PlannedLayer[],
  greatestDepthMm: number | undefined,
  resinName: string,
  stock: { readonly topMm: number; readonly bottomMm: number },
): Warning[] {
  if (greatestDepthMm === undefined) return [];
  const depthsMm = layers.map(
    ({ fromMm, toMm }, index) =>
      (toMm ?? 0) -
      (fromMm ?? 0) +
      (index === 0 ? stock.bottomMm : 0) +
      (index === layers.length - 1 ? stock.topMm : 0),
  );
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
