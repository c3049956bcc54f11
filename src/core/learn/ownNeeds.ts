import { overageKinds, type OverageKind } from '../measure/allowances/overage';
import { sumOfKnown } from '../record/batchFigures';
import type { PieceRecord, PourRecord } from '../record/recordSchema';
import { familyOf, type FamilyKind } from '../resin/families';
import { medianOf, type OwnFigure } from './medianOf';

/** What pours really take, beside what was measured for them. */
export interface OwnNeeds {
  /** More than the cavity, percent of it, by kind of job. */
  readonly overagePercent: Readonly<Partial<Record<OverageKind, OwnFigure>>>;
  /** The same of cavities that were measured by filling them with grain: it is off by so much. */
  readonly grainPercent: OwnFigure | undefined;
  /** From the cup into the mould, ml a minute, by kind of resin. */
  readonly pourMlPerMin: Readonly<Partial<Record<FamilyKind, OwnFigure>>>;
  /** What twenty drops of a pigment weigh, g. */
  readonly twentyDropsG: readonly (OwnFigure & { readonly pigment: string })[];
}

/** How cavities are measured with grain. */
const grainShape = 'dry-fill';

const batchesOf = ({ layers }: PourRecord) => layers.flatMap(({ batches }) => batches);

/**
 * How much more than its cavity a pour took, percent of that: what was mixed less what was left in the cups.
 * @returns undefined where nobody said what was left, or not all of it was weighed
 */
function takenPercent(pour: PourRecord): number | undefined {
  const { measured, layers } = pour;
  const batches = batchesOf(pour);
  const isPoured = layers.every(({ pouredAt }) => pouredAt !== undefined);
  const isWeighed = batches.every(({ aG, bG }) => aG !== undefined && bG !== undefined);
  const leftG = sumOfKnown(batches.map((batch) => batch.leftG));
  if (measured === undefined || leftG === undefined || !isPoured || !isWeighed) return undefined;
  const mixedG = batches.reduce((sum, { aG = 0, bG = 0 }) => sum + aG + bG, 0);
  return ((mixedG - leftG) / (measured.ml * measured.gPerMl) - 1) * 100;
}

/** Shorter than this nobody poured: it was ticked off afterwards, min. */
const leastPouringMin = 0.1;

function groupedMedians<Key extends string>(
  pairs: readonly (readonly [Key, number])[],
): readonly (readonly [Key, OwnFigure])[] {
  const groups = new Map<Key, number[]>();
  for (const [key, value] of pairs) groups.set(key, [...(groups.get(key) ?? []), value]);
  return [...groups].flatMap(([key, values]) => {
    const median = medianOf(values);
    return median === undefined ? [] : [[key, median] as const];
  });
}

/** What pours of a shop really take. */
export function ownNeeds(records: readonly PieceRecord[]): OwnNeeds {
  const pours = records.flatMap((record) => record.pours);
  const taken = pours.flatMap((pour) => {
    const percent = takenPercent(pour);
    return percent === undefined ? [] : [{ percent, ...pour.measured! }];
  });
  const byKind = overageKinds.flatMap((kind) =>
    taken.filter((each) => each.kind === kind).map(({ percent }) => [kind, percent] as const),
  );
  const rates = pours.flatMap((pour) => {
    const gPerMl = pour.measured?.gPerMl;
    if (gPerMl === undefined) return [];
    return batchesOf(pour).flatMap(({ aG, bG, leftG = 0, pouringMin = 0 }) =>
      aG === undefined || bG === undefined || pouringMin < leastPouringMin
        ? []
        : [[familyOf(pour.family).kind, (aG + bG - leftG) / gPerMl / pouringMin] as const],
    );
  });
  const drops = pours.flatMap((pour) =>
    pour.drops.map(({ pigment, dropG }) => [pigment, dropG * 20] as const),
  );
  return {
    overagePercent: Object.fromEntries(groupedMedians(byKind)),
    grainPercent: medianOf(
      taken.filter(({ by }) => by === grainShape).map(({ percent }) => percent),
    ),
    pourMlPerMin: Object.fromEntries(groupedMedians(rates)),
    twentyDropsG: groupedMedians(drops).map(([pigment, figure]) => ({ pigment, ...figure })),
  };
}
