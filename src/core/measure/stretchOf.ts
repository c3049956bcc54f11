import type { WidthAtHeight } from './form/solid';
import { solidOfSlabs } from './form/solidOfSlabs';
import type { MeasuredInsert } from './inserts/placeInserts';
import type { MeasuredPart, MeasuredWhole } from './measureWhole';

/** The cut between two heights, told from the lower one; straight between the points that are there. */
export function outlineBetween(
  outline: readonly WidthAtHeight[],
  fromMm: number,
  toMm: number,
): readonly WidthAtHeight[] {
  const [first] = outline;
  const last = outline.at(-1);
  if (first === undefined || last === undefined) return [];
  const low = Math.max(fromMm, first.heightMm);
  const high = Math.min(toMm, last.heightMm);
  if (!(low < high)) return [];
  const at = (heightMm: number): WidthAtHeight => {
    const next = Math.max(
      1,
      outline.findIndex((point) => point.heightMm >= heightMm),
    );
    const [a = first, b = last] = outline.slice(next - 1, next + 1);
    const span = b.heightMm - a.heightMm;
    const share = span === 0 ? 1 : (heightMm - a.heightMm) / span;
    const between = (from: number, to: number): number => from + share * (to - from);
    const hole =
      a.holeMm === undefined && b.holeMm === undefined
        ? {}
        : { holeMm: between(a.holeMm ?? 0, b.holeMm ?? 0) };
    return { heightMm: heightMm - fromMm, widthMm: between(a.widthMm, b.widthMm), ...hole };
  };
  const inside = outline
    .filter(({ heightMm }) => heightMm > low && heightMm < high)
    .map((point) => ({ ...point, heightMm: point.heightMm - fromMm }));
  return [at(low), ...inside, at(high)];
}

/**
 * What lies of a form between two heights, as a form of its own that stands on the lower one.
 * @param whole every part has a form
 * @param fromMm, toMm heights over its floor, rising, under its rim
 */
export function stretchOf(whole: MeasuredWhole, fromMm: number, toMm: number): MeasuredWhole {
  const belowMl = whole.volumeBelowMl(fromMm);
  const cavityMl = whole.volumeBelowMl(toMm) - belowMl;
  const up = (heightMm: number): number => Math.min(Math.max(fromMm + heightMm, fromMm), toMm);
  const parts = whole.parts.map((part, index): MeasuredPart => {
    const solid = whole.forms[index]?.solid;
    const eachMl =
      solid === undefined ? 0 : solid.volumeBelowMl(toMm) - solid.volumeBelowMl(fromMm);
    const share = part.eachMl > 0 ? eachMl / part.eachMl : 0;
    return {
      ...part,
      eachMl,
      ml: eachMl * part.count,
      plusMinusMl: part.plusMinusMl * share,
      depthMm: Math.max(0, Math.min(part.depthMm ?? 0, toMm) - fromMm),
      outline: outlineBetween(part.outline, fromMm, toMm),
    };
  });
  const inserts = whole.inserts.flatMap((insert, index): MeasuredInsert[] => {
    const body = whole.insertBodies[index];
    if (body === undefined) return [];
    const solid = solidOfSlabs(body.slabs, []);
    const eachMl = solid.volumeBelowMl(toMm) - solid.volumeBelowMl(fromMm);
    if (!(eachMl > 0)) return [];
    const share = eachMl / solid.volumeMl;
    return [
      {
        ...insert,
        ml: eachMl * -body.factor,
        plusMinusMl: insert.plusMinusMl * share,
        heightMm: insert.heightMm - fromMm,
        topMm: insert.topMm - fromMm,
      },
    ];
  });
  return {
    parts,
    inserts,
    cavityMl,
    plusMinusMl: whole.cavityMl > 0 ? (whole.plusMinusMl * cavityMl) / whole.cavityMl : 0,
    errs: whole.errs,
    depthMm: toMm - fromMm,
    volumeBelowMl: (heightMm) => whole.volumeBelowMl(up(heightMm)) - belowMl,
    volumesBelowMl: () => {
      const volumesMl = whole.volumesBelowMl();
      const under = volumesMl(fromMm);
      return (heightMm) => volumesMl(up(heightMm)).map((ml, index) => ml - (under[index] ?? 0));
    },
    areaAtMm2: (heightMm) => whole.areaAtMm2(up(heightMm)),
    forms: whole.forms,
    insertBodies: whole.insertBodies,
  };
}
