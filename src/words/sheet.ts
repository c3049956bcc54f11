import type { Plan } from '../core/plan/planTypes';
import { sayC, sayG, sayMl, sayMm, sayOnScale, sayRatio } from './figures';
import { shapeNames } from './names';
import { sayWarning } from './warnings';

/** Equal batches of one layer, told once. */
export interface BatchGroup {
  readonly layer: number;
  readonly count: number;
  readonly batch: Plan['batches'][number];
}

/** Batches of a plan by layer; within a layer they are equal. */
export function batchGroups(plan: Plan): readonly BatchGroup[] {
  return plan.layers.flatMap((_, layer) => {
    const ofLayer = plan.batches.filter((batch) => batch.layer === layer);
    const [batch] = ofLayer;
    return batch === undefined ? [] : [{ layer, count: ofLayer.length, batch }];
  });
}

/** A layer's name and borders: `Layer 2, 40 mm to 80 mm`; nothing where there is one pour. */
export function sayLayer(plan: Plan, layer: number): string {
  const { fromMm, toMm } = plan.layers[layer] ?? {};
  if (plan.layers.length < 2 || fromMm === undefined || toMm === undefined) return '';
  return `Layer ${layer + 1}, ${sayMm(fromMm)} to ${sayMm(toMm)}`;
}

/** The mixing sheet as plain text, for a message, a note or a label. */
export function sheetText(plan: Plan): string {
  const ratio = sayRatio(plan.resin.ratio);
  const parts = plan.parts.map(
    (part) =>
      `- ${part.name ?? shapeNames[part.shape]}${part.count > 1 ? ` × ${part.count}` : ''}: ${sayMl(part.ml)}`,
  );
  const batches = batchGroups(plan).flatMap(({ layer, count, batch }) => {
    const { aG, bG, totalG, stepG } = batch.onScale;
    const title = [sayLayer(plan, layer), `${count} ${count === 1 ? 'batch' : 'equal batches'}`]
      .filter((text) => text !== '')
      .join(': ');
    return [
      `${title} of ${sayMl(batch.ml)}`,
      `  A ${sayOnScale(aG, stepG)} g (${sayMl(batch.a.ml)})`,
      `  B ${sayOnScale(bG, stepG)} g (${sayMl(batch.b.ml)})`,
      `  Scale reads ${sayOnScale(totalG, stepG)} g with both in`,
    ];
  });
  return [
    plan.name,
    `${plan.resin.name}, ${ratio.byVolume} by volume, ${ratio.byWeight} by weight`,
    `Room ${sayC(plan.roomTemperatureC)}`,
    '',
    `Cavities ${sayMl(plan.cavityMl)}`,
    ...parts,
    '',
    `To mix ${sayMl(plan.totalMl)}, ${sayG(plan.totalG)}`,
    `  A ${sayMl(plan.a.ml)}, ${sayG(plan.a.g)}`,
    `  B ${sayMl(plan.b.ml)}, ${sayG(plan.b.g)}`,
    '',
    ...batches,
    ...(plan.warnings.length > 0
      ? ['', ...plan.warnings.map((each) => `! ${sayWarning(each)}`)]
      : []),
    '',
    'Estimates. The label and the safety data sheet of the resin decide.',
  ].join('\n');
}
