import type { MeasuredPart } from '../measure/measureWhole';
import type { JobWarning, Plan, PlannedBatch, PlannedLayer, PourPlan } from './planTypes';

/** Groups of equal batches, each batch by itself, in the order it is mixed. */
function eachBatch(batches: readonly PlannedBatch[]): readonly object[] {
  return batches.flatMap(({ id: _, count, ...batch }) =>
    Array.from({ length: count }, () => batch),
  );
}

/** Parts without what is there for the drawing alone. */
const printedParts = (parts: readonly MeasuredPart[]): readonly object[] =>
  parts.map(({ cut: _, rods: __, held: ___, ...part }) => part);

/** What becomes of a layer, without how it flows: what that comes to is told with what is put into it. */
function printedCure(cure: PlannedLayer['cure']): object | undefined {
  if (cure === undefined) return undefined;
  const { flow: _, ...told } = cure;
  return told;
}

/** The keys of a plan of one pour, in the order in which the command prints them. */
function printedPour(pour: PourPlan) {
  const { parts, inserts, depthMm, cavityMl, cavityPlusMinusMl, cavityErrs } = pour;
  return {
    roomTemperatureC: pour.roomTemperatureC,
    parts: printedParts(parts),
    inserts,
    depthMm,
    cavityMl,
    cavityPlusMinusMl,
    cavityErrs,
    allowances: pour.allowances,
    cavityUsFlOz: pour.cavityUsFlOz,
    cavityImperialFlOz: pour.cavityImperialFlOz,
    totalMl: pour.totalMl,
    totalG: pour.totalG,
    a: pour.a,
    b: pour.b,
    filledMl: pour.filledMl,
    fillers: pour.fillers,
    resin: pour.resin,
    mixing: pour.mixing,
    cut: pour.cut,
    layers: pour.layers.map(({ batches, filledMl, ...layer }) => ({
      ...layer,
      cure: printedCure(layer.cure),
      batches: eachBatch(batches),
      filledMl,
    })),
    batches: eachBatch(pour.batches),
    portions: pour.portions,
    tint: pour.tint,
    working: pour.working,
    cupMarks: pour.cupMarks,
    leftovers: pour.leftovers.map(({ group: _, ...leftover }) => leftover),
    times: pour.times,
    why: pour.why,
  };
}

/** What a pour says that only some do, each under the key that it is said by. */
const familyKeys = ({ flow, lamp, pressure, vacuum, domes, mould, casting }: PourPlan): object => ({
  ...(domes.length === 0 ? {} : { dome: domes }),
  ...(mould === undefined ? {} : { mouldBox: mould }),
  ...(casting === undefined ? {} : { casting }),
  ...(pressure === undefined ? {} : { pressure }),
  ...(vacuum === undefined ? {} : { vacuum }),
  ...(lamp?.isSaid === true ? { uv: lamp } : {}),
  ...(flow === undefined || flow.inclusions.length === 0 ? {} : { inclusions: flow }),
});

const unnamed = ({ code, severity, data }: JobWarning): object => ({ code, severity, data });

/**
 * A plan as the command prints it: of a job of one pour the keys of that pour, as version 1 had them, and for every job its
 * pours. The order of keys is part of it.
 * @param more keys for each pour besides, such as its heat
 */
export function printedPlan(
  plan: Plan,
  more: readonly object[] = [],
): Readonly<Record<string, unknown>> {
  const { name, form, pours, together, buying, weight, times, warnings } = plan;
  const printedPours = pours.map((pour, index) => {
    return {
      name: pour.name,
      role: pour.role,
      id: pour.id,
      kind: pour.kind,
      between: pour.between,
      face: pour.face,
      joins: pour.joins,
      startsMin: times.startsMin[index],
      ...printedPour(pour),
      ...familyKeys(pour),
      warnings: pour.warnings,
      ...more[index],
    };
  });
  const [only, second] = pours;
  if (only !== undefined && second === undefined) {
    const { leftovers, times: own, why, ...keys } = printedPour(only);
    return {
      name,
      ...keys,
      ...familyKeys(only),
      leftovers,
      buying: buying[0]?.buying,
      times: own,
      why,
      warnings: warnings.map(unnamed),
      heightCurve: only.kind === 'fills' ? (form?.heightCurve ?? []) : [],
      weight,
      pours: printedPours,
      ...more[0],
    };
  }
  return {
    name,
    roomTemperatureC: plan.roomTemperatureC,
    parts: printedParts(form?.parts ?? []),
    inserts: form?.inserts ?? [],
    depthMm: form?.depthMm,
    formMl: form?.cavityMl,
    heightCurve: form?.heightCurve ?? [],
    ...together,
    pours: printedPours,
    buying: buying.map(({ card, pours: of, buying: what }) => ({
      resin: card.name,
      hardener: card.hardenerName?.trim() || undefined,
      pours: of.map((index) => pours[index]?.name ?? index + 1),
      ...what,
    })),
    weight,
    times,
    warnings: warnings.map(({ pour, ...warning }) => ({
      ...warning,
      ...(pour === undefined ? {} : { pour: pour.name ?? pour.index + 1 }),
    })),
  };
}
