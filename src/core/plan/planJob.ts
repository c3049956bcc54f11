import type { Job } from '../job';
import { splitAtHeights } from '../layers/splitAtHeights';
import { measureParts } from '../measure/measureParts';
import { amountsOf } from '../mix/amounts';
import { batchCount } from '../mix/batches';
import { onScale } from '../mix/onScale';
import { readQuantity } from '../quantity/readQuantity';
import {
  fillRule,
  lengthRule,
  massRule,
  overageRule,
  roomTemperatureRule,
  volumeRule,
} from '../quantity/rules';
import { inUnit } from '../quantity/units';
import { readResin } from '../resin/readResin';
import type { Resin } from '../resin/resinSchema';
import type { Plan, PlannedBatch, PlannedLayer, Shelf, Warning } from './planTypes';
import { reasons } from './reasons';
import { batchWarnings, depthWarnings } from './warnings';

/** Most scales at a bench show whole grams. */
const usualScaleStep = '1 g';

/** The card on the shelf stands over the copy in the job, so that a mended card mends its jobs. */
function resinOfJob(
  job: Job,
  shelf: Shelf | undefined,
): { resin: Resin; warnings: readonly Warning[] } {
  const { id, name } = job.resin;
  if (id === undefined || shelf === undefined) return { resin: job.resin, warnings: [] };
  const onShelf = shelf.resins.find((each) => each.id === id);
  if (onShelf !== undefined) return { resin: onShelf, warnings: [] };
  const warning: Warning = { code: 'resin-not-on-shelf', severity: 'tell', data: { name } };
  return { resin: job.resin, warnings: [warning] };
}

/**
 * The one way from what a person said to what they should do.
 * @param job as checked by `checkJob` or `readJob`
 * @param shelf what is at hand; a resin in it stands over the job's own copy of the same `id`.
 *   Leave it out where there is no shelf to look at, as for a file.
 * @throws InputError where figures that are right each by itself cannot go together
 *   (`container-too-small`, `no-height`, `heights-not-rising`, `height-above-top`)
 */
export function planJob(job: Job, shelf?: Shelf): Plan {
  const { resin: card, warnings: shelfWarnings } = resinOfJob(job, shelf);
  const resin = readResin(card);
  const overage = readQuantity(job.overage, overageRule).value;
  const stepG = readQuantity(job.scale?.step ?? usualScaleStep, massRule).value;
  const container = job.container && {
    capacityMl: readQuantity(job.container.capacity, volumeRule).value,
    fill: readQuantity(job.container.fill, fillRule).value,
  };

  const whole = measureParts(job.measure.parts, resin.ratio.mixedDensityGPerMl);
  const heightsMm = (job.layers?.heights ?? []).map(
    (height) => readQuantity(height, lengthRule).value,
  );
  const layers = splitAtHeights(whole, heightsMm).map((layer): PlannedLayer => ({
    ...layer,
    ...amountsOf(layer.cavityMl * (1 + overage), resin),
  }));
  const total = amountsOf(whole.cavityMl * (1 + overage), resin);

  const limitMl = container && container.capacityMl * container.fill;
  const batches = layers.flatMap((layer, index): PlannedBatch[] => {
    const count = job.batches ?? (limitMl === undefined ? 1 : batchCount(layer.ml, limitMl));
    const amounts = amountsOf(layer.ml / count, resin);
    const batch = {
      ...amounts,
      layer: index,
      onScale: onScale(amounts.a.g, resin.ratio.massAPerB, stepG),
    };
    return Array.from({ length: count }, () => batch);
  });

  return {
    name: job.name,
    roomTemperatureC: readQuantity(job.room.temperature, roomTemperatureRule).value,
    parts: whole.parts,
    depthMm: whole.depthMm,
    cavityMl: whole.cavityMl,
    cavityUsFlOz: inUnit(whole.cavityMl, 'US fl oz'),
    cavityImperialFlOz: inUnit(whole.cavityMl, 'imp fl oz'),
    totalMl: total.ml,
    totalG: total.g,
    a: total.a,
    b: total.b,
    resin: {
      name: card.name,
      family: card.family,
      statedBy: card.ratio.by,
      ratio: resin.ratio,
    },
    layers,
    batches,
    why: reasons(job, { card, limitMl, container, overage, resin, stepG, whole, layers, batches }),
    warnings: [
      ...shelfWarnings,
      ...depthWarnings(layers, resin.greatestDepthMm, card.name),
      ...batchWarnings(batches, limitMl),
    ],
  };
}
