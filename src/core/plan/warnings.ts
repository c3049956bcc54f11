import { fineExcess, fineRatioError } from '../mix/onScale';
import { isOver, isUnder } from '../quantity/tolerance';
import type { JobPour } from '../job/jobPour';
import type { DepthTaken } from '../layers/layerHeights';
import type { LayerStyle } from '../layers/layersSchema';
import type { MeasuredPart, MeasuredWhole } from '../measure/measureWhole';
import type { ReadResin } from '../resin/readResin';
import type { Buying } from '../stock/buying';
import type { Problem } from '../problem';
import { familyOf, type ResinFamily } from '../resin/families';
import type { Resin } from '../resin/resinSchema';
import type { FlowSection } from './familySections';
import type {
  FillerAmount,
  PlannedBatch,
  PlannedLayer,
  PlannedPortion,
  PlannedTint,
  Warning,
} from './planTypes';

/** What the measures of parts and inserts themselves give cause to say, by the part that it is about. */
export function measureWarnings({ parts, inserts }: MeasuredWhole): Warning[] {
  const of = (kind: 'part' | 'insert', from: readonly Told[]): Warning[] =>
    from.flatMap(({ name, shape, warnings }, index) =>
      warnings.map(
        (warning) =>
          // The compiler does not follow that a code and its data stay together when data are added.
          ({
            ...warning,
            data: { ...warning.data, [kind]: index + 1, name: name ?? shape },
          }) as Warning,
      ),
    );
  return [...of('part', parts), ...of('insert', inserts)];
}

type Told = Pick<MeasuredPart, 'name' | 'shape' | 'warnings'>;

/**
 * Tells where a pour is deeper or thinner than its resin takes: by its label, or by heat in this room where that stands in place
 * of the label. Stock to be planed away is poured too.
 */
export function depthWarnings(
  layers: readonly PlannedLayer[],
  { greatestDepthMm, leastDepthMm }: ReadResin,
  { roomMm }: DepthTaken,
  resinName: string,
  stock: { readonly topMm: number; readonly bottomMm: number },
): Warning[] {
  const depthsMm = layers.flatMap(({ fromMm, toMm }, index) =>
    toMm === undefined
      ? []
      : [
          toMm -
            (fromMm ?? 0) +
            (index === 0 ? stock.bottomMm : 0) +
            (index === layers.length - 1 ? stock.topMm : 0),
        ],
  );
  if (depthsMm.length === 0) return [];
  const layerOf = (depthMm: number) => ({
    layer: depthsMm.indexOf(depthMm) + 1,
    layers: layers.length,
    name: resinName,
  });
  const deepestMm = Math.max(...depthsMm);
  const thinnestMm = Math.min(...depthsMm);
  const warnings: Warning[] = [];
  if (roomMm !== undefined) {
    if (isOver(deepestMm, roomMm)) {
      const data = { depthMm: deepestMm, roomMm, greatestDepthMm, ...layerOf(deepestMm) };
      warnings.push({ code: 'deeper-than-room', severity: 'warn', data });
    }
  } else if (greatestDepthMm !== undefined && isOver(deepestMm, greatestDepthMm)) {
    const data = { depthMm: deepestMm, greatestDepthMm, ...layerOf(deepestMm) };
    warnings.push({ code: 'deeper-than-label', severity: 'warn', data });
  }
  if (leastDepthMm !== undefined && isUnder(thinnestMm, leastDepthMm)) {
    const at = layerOf(thinnestMm);
    // The label speaks of heat, the model follows it: what gets hard all the same is only slow.
    const hardH = layers[at.layer - 1]?.cure?.hardH;
    const data = { depthMm: thinnestMm, leastDepthMm, hardH, ...at };
    const severity = hardH === undefined ? 'warn' : 'tell';
    warnings.push({ code: 'thinner-than-least', severity, data });
  }
  return warnings;
}

/** Tells where heat could not be asked how deep a layer may be here. */
export function roomDepthWarnings(problem: Problem | undefined): Warning[] {
  if (problem === undefined) return [];
  const { code, data } = problem;
  return [{ code: 'room-depth-unknown', severity: 'tell', data: { ...data, because: code } }];
}

/** Tells where layers were asked for and nothing has a depth to be cut. */
export function formWarnings(style: LayerStyle | 'heights', whole: MeasuredWhole): Warning[] {
  // As few as the resin takes is one where nothing has a depth; the other styles ask for more than one.
  const asked = style === 'full-top-off' || style === 'lock-in';
  if (!asked || whole.depthMm !== undefined) return [];
  return [{ code: 'layers-need-a-form', severity: 'tell', data: {} }];
}

/** Tells where a batch overfills its container, or the scale is too coarse to keep the ratio. */
export function batchWarnings(batches: readonly PlannedBatch[]): Warning[] {
  const over = batches.find(
    ({ ml, filledMl = ml, container }) =>
      container !== undefined && isOver(filledMl, container.capacityMl * container.fill),
  );
  const worst = batches.reduce((most, each) =>
    Math.abs(each.onScale.ratioError) > Math.abs(most.onScale.ratioError) ? each : most,
  );
  const { ratioError, stepG } = worst.onScale;
  // What is measured by volume or by strokes is not weighed.
  const weighed = worst.inCup === undefined && worst.strokes === undefined;
  return [
    ...(over?.container !== undefined
      ? [
          {
            code: 'over-container',
            severity: 'warn',
            data: {
              batchMl: over.filledMl ?? over.ml,
              limitMl: over.container.capacityMl * over.container.fill,
            },
          } as const,
        ]
      : []),
    ...(weighed && Math.abs(ratioError) > fineRatioError
      ? [{ code: 'scale-too-coarse', severity: 'warn', data: { stepG, ratioError } } as const]
      : []),
    ...(weighed ? scaleOverNeed(batches) : []),
  ];
}

/** What a batch needs on the scale: a whole-A tint is weighed with A. */
const neededG = ({ tintedAG, a, b }: PlannedBatch): number => (tintedAG ?? a.g) + b.g;

/** Tells where the steps of the scale make far more than is needed. */
function scaleOverNeed(batches: readonly PlannedBatch[]): Warning[] {
  const excess = (batch: PlannedBatch): number => batch.onScale.totalG / neededG(batch) - 1;
  const worst = batches.reduce((most, each) => (excess(each) > excess(most) ? each : most));
  if (!(excess(worst) > fineExcess)) return [];
  const { stepG, totalG } = worst.onScale;
  const data = { stepG, totalG, needG: neededG(worst) };
  return [{ code: 'scale-over-need', severity: 'warn', data }];
}

/** Tells where batches asked for by number are less than the maker asks for. */
export function leastBatchWarnings(
  batches: readonly PlannedBatch[],
  { leastBatchMl }: ReadResin,
  name: string,
): Warning[] {
  const leastMl = leastBatchMl ?? 0;
  const batchMl = Math.min(...batches.map(({ ml }) => ml));
  if (!isUnder(batchMl, leastMl)) return [];
  return [{ code: 'under-least-batch', severity: 'warn', data: { batchMl, leastMl, name } }];
}

/** Tells where cups or pumps do not keep the ratio. */
export function mixingWarnings({ mixing }: JobPour, batches: readonly PlannedBatch[]): Warning[] {
  const worst = (errorOf: (batch: PlannedBatch) => number | undefined): number =>
    batches.reduce((most, batch) => {
      const error = errorOf(batch) ?? 0;
      return Math.abs(error) > Math.abs(most) ? error : most;
    }, 0);
  const cup = worst(({ inCup }) => inCup?.ratioError);
  const pump = worst(({ strokes }) => strokes?.ratioError);
  const { inCup, strokes } = batches[0] ?? {};
  const missing =
    mixing?.by === 'pump' && (mixing.strokeA === undefined || mixing.strokeB === undefined);
  const overFull = batches.find(
    (batch) => batch.inCup !== undefined && batch.inCup.totalMl > batch.ml * (1 + fineExcess),
  );
  return [
    ...(overFull?.inCup === undefined
      ? []
      : [
          {
            code: 'cup-over-need',
            severity: 'warn',
            data: {
              stepMl: overFull.inCup.stepMl,
              totalMl: overFull.inCup.totalMl,
              needMl: overFull.ml,
            },
          } as const,
        ]),
    ...(inCup !== undefined && Math.abs(cup) > fineRatioError
      ? [
          {
            code: 'cup-too-coarse',
            severity: 'warn',
            data: { stepMl: inCup.stepMl, ratioError: cup },
          } as const,
        ]
      : []),
    ...(strokes !== undefined && Math.abs(pump) > fineRatioError
      ? [
          {
            code: 'pump-off-ratio',
            severity: 'warn',
            data: { ratioError: pump, ...strokes.perRound },
          } as const,
        ]
      : []),
    ...(missing ? [{ code: 'strokes-missing', severity: 'tell', data: {} } as const] : []),
  ];
}

/** Tells where the depth of a test cup says nothing. */
export function tintWarnings(tint: PlannedTint | undefined): Warning[] {
  if (tint === undefined || !tint.opaque || tint.testedAtMm === undefined) return [];
  return [
    {
      code: 'tint-depth-not-for-opaque',
      severity: 'tell',
      data: { testedAtMm: tint.testedAtMm },
    },
  ];
}

/** From this share of the mixed mass on the water in an acrylic clouds an epoxy and softens it. */
const acrylicWaterShare = 0.05;

/** Tells where colour brings in more water than is good: well before it is refused. */
export function waterWarnings(
  tint: PlannedTint | undefined,
  portions: readonly PlannedPortion[],
): Warning[] {
  const worst = [
    ...(tint === undefined ? [] : [{ ...tint, name: tint.name ?? '' }]),
    ...portions.flatMap(({ pigments }) => pigments),
  ]
    .filter(({ kind, share }) => kind === 'liquid-acrylic' && !isUnder(share, acrylicWaterShare))
    .sort((one, other) => other.share - one.share)[0];
  if (worst === undefined) return [];
  const data = { name: worst.name, share: worst.share };
  return [{ code: 'water-in-colour', severity: 'warn', data }];
}

/** Tells where a family or fine detail does not bear what is stirred in, and where its density is the usual one. */
export function fillerWarnings(
  fillers: readonly FillerAmount[],
  family: ResinFamily,
  wanted: JobPour['wants'],
): Warning[] {
  const [first] = fillers;
  if (first === undefined) return [];
  const names = fillers.map(({ name }) => name);
  const assumed = fillers.find((filler) => filler.assumed);
  return [
    ...(familyOf(family).bearsFillers
      ? []
      : [{ code: 'filler-spoils-family', severity: 'warn', data: { names, family } } as const]),
    ...(wanted?.includes('fine-detail') === true
      ? [{ code: 'filler-against-detail', severity: 'warn', data: { names } } as const]
      : []),
    ...(assumed === undefined
      ? []
      : [
          {
            code: 'filler-density-assumed',
            severity: 'tell',
            data: { name: assumed.name, grainGPerMl: assumed.grainGPerMl },
          } as const,
        ]),
  ];
}

/** Tells what will not stay where it is put, and when it is put in so that it does. */
export function flowWarnings(flow: FlowSection | undefined, { name, family }: Resin): Warning[] {
  if (flow === undefined || flow.inclusions.length === 0) return [];
  const moving = flow.inclusions.flatMap((inclusion) => {
    const layers = inclusion.layers.filter(({ endsUp }) => endsUp !== 'in-place');
    return layers.slice(0, 1).map((layer) => ({ inclusion, layer }));
  });
  return [
    ...moving.map(({ inclusion, layer }): Warning => ({
      code: 'inclusion-moves',
      severity: 'tell',
      data: {
        name: inclusion.name,
        movesMm: layer.movesMm,
        endsUp: layer.endsUp,
        withinMm: inclusion.withinMm,
        addAfterH: layer.addAfterH,
        addBeforeGelMin: layer.addBeforeGelMin,
        layer: layer.layer,
        layers: flow.layers.length,
      },
    })),
    ...(flow.viscosityAssumed
      ? [
          {
            code: 'viscosity-assumed',
            severity: 'tell',
            data: { name, family, viscosityPaS: flow.viscosityPaS },
          } as const,
        ]
      : []),
  ];
}

/** Tells of lots that are past their best-before. */
export function lotWarnings({ lots }: Buying, name: string): Warning[] {
  const expired = lots.filter((lot) => lot.expired);
  const [bestBefore] = expired.map((lot) => lot.bestBefore ?? '').sort();
  if (bestBefore === undefined) return [];
  const ml = expired.reduce((sum, { leftMl }) => sum + leftMl, 0);
  return [{ code: 'lots-expired', severity: 'tell', data: { name, ml, bestBefore } }];
}
