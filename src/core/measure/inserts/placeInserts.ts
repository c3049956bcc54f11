import { hairMm, roundingShare } from '../../quantity/tolerance';
import { readQuantity } from '../../quantity/readQuantity';
import { positionRule } from '../../quantity/rules';
import { densityOfBody, type DensityBy } from '../../holdDown/densityOfBody';
import type { Seat } from '../../holdDown/heldKeys';
import { InputError } from '../../problem';
import { ruleOf, type ByRule, type Doubt } from '../doubt';
import { prism } from '../form/prism';
import { slabAreaMm2, type Slab } from '../form/slab';
import { combinedSlabs, type PlacedSlabs } from '../form/slabs';
import { solidOfSlabs } from '../form/solidOfSlabs';
import type { Solid, WidthAtHeight } from '../form/solid';
import type { PartWarning } from '../measured';
import { measurePart } from '../parts/measurePart';
import type { Reading } from '../parts/reading';
import type { Insert, PartShape } from '../parts/partSchema';
import { within } from '../within';

/** Something in the pour, with what it takes up of it. */
export interface MeasuredInsert {
  readonly shape: PartShape;
  readonly name: string | undefined;
  readonly count: number;
  /** The cavity it is in, counted from 0. */
  readonly into: number;
  /** Whole volume of one. */
  readonly eachMl: number;
  /** What all of them keep free of resin: what lies under the rim. */
  readonly ml: number;
  readonly plusMinusMl: number;
  readonly errs: Doubt['errs'];
  readonly doubt: ByRule;
  readonly heightMm: number;
  readonly topMm: number;
  readonly densityGPerMl: number | undefined;
  /** By what that is known where it was not said as such. */
  readonly densityBy?: DensityBy | undefined;
  /** Whether resin gets beneath it where it stands on the floor; undefined where nobody said. */
  readonly seat?: Seat | undefined;
  readonly outline: readonly WidthAtHeight[];
  readonly warnings: readonly PartWarning[];
}

/** A cavity that inserts go into. */
export interface Host {
  readonly solid: Solid;
  readonly count: number;
}

/** A body of unknown form is taken as a cube, so that it has a height to stand over the floor with. */
function withForm(solid: Solid): { readonly solid: Solid; readonly assumed: PartWarning[] } {
  if (solid.depthMm !== undefined) return { solid, assumed: [] };
  const sideMm = Math.cbrt(solid.volumeMl * 1000);
  return {
    solid: prism(sideMm ** 2, sideMm, sideMm),
    assumed: [{ code: 'insert-height-assumed', severity: 'tell', data: { sideMm } }],
  };
}

/** Least level area of a slab on its stretch of height, mm². */
function leastAreaMm2(slab: Slab): number {
  const length = slab.toMm - slab.fromMm;
  const [, c1, c2] = slab.areaMm2;
  const turn = c2 > 0 ? -c1 / (2 * c2) : -1;
  const ends = Math.min(slabAreaMm2(slab, 0), slabAreaMm2(slab, length));
  return turn > 0 && turn < length ? Math.min(ends, slabAreaMm2(slab, turn)) : ends;
}

/**
 * Places the inserts of a job and takes them out of their cavities.
 * @param inserts as checked by `insertSchema`
 * @param hosts the job's cavities
 * @returns the inserts, and for each cavity what its inserts take out, factors below 0
 * @throws InputError `no-such-cavity`, `insert-too-large` (wider than its cavity where it stands),
 *   `insert-over-rim` (it stands above the pour)
 */
export function placeInserts(
  inserts: readonly Insert[],
  hosts: readonly Host[],
  reading: Reading,
): {
  readonly placed: readonly MeasuredInsert[];
  readonly taken: readonly (readonly PlacedSlabs[])[];
  /** What each insert takes out by itself. */
  readonly bodies: readonly PlacedSlabs[];
} {
  const taken: PlacedSlabs[][] = hosts.map(() => []);
  const bodies: PlacedSlabs[] = [];
  const placed = inserts.map((insert, index) =>
    within(`measure.inserts[${index}]`, (): MeasuredInsert => {
      const into = (insert.into ?? 1) - 1;
      const host = hosts[into];
      if (host === undefined) {
        throw new InputError('no-such-cavity', insert.into, { cavities: hosts.length }, 'into');
      }
      const measured = measurePart(insert, reading);
      const { solid, assumed } = withForm(measured.solid);
      const heightMm =
        insert.height === undefined ? 0 : readQuantity(insert.height, positionRule).value;
      const bodyMm = solid.depthMm ?? 0;
      const rimMm = host.solid.depthMm;
      const own = { slabs: solid.slabs, factor: 1, raisedMm: heightMm };
      if (rimMm !== undefined && heightMm >= rimMm) {
        throw new InputError('insert-over-rim', insert.height, { rimMm }, 'height');
      }
      const under = solidOfSlabs(combinedSlabs([own], rimMm), []);
      const taking = { slabs: under.slabs, factor: -insert.count, raisedMm: 0 };
      const list = taken[into] ?? [];
      list.push(taking);
      bodies.push(taking);
      if (rimMm === undefined) refuseOverfull(host, under.volumeMl * insert.count);
      else refuseTooWide(host, list);
      const heavy = densityOfBody(insert, solid.volumeMl);
      const sticksOut = rimMm !== undefined && heightMm + bodyMm > rimMm;
      return {
        shape: insert.shape,
        name: insert.name?.trim() || undefined,
        count: insert.count,
        into,
        eachMl: solid.volumeMl,
        ml: under.volumeMl * insert.count,
        plusMinusMl: measured.doubt.plusMinusMl * insert.count,
        errs: measured.doubt.errs,
        doubt: ruleOf(measured.doubt),
        heightMm,
        topMm: heightMm + bodyMm,
        densityGPerMl: heavy?.gPerMl,
        densityBy: heavy?.by === 'said' ? undefined : heavy?.by,
        seat: insert.seat,
        outline: solid.outline,
        warnings: [
          ...measured.warnings,
          ...assumed,
          ...(sticksOut
            ? [
                {
                  code: 'insert-above-rim',
                  severity: 'tell',
                  data: { topMm: heightMm + bodyMm, rimMm },
                } as const,
              ]
            : []),
        ],
      };
    }),
  );
  return { placed, taken, bodies };
}

function refuseOverfull({ solid, count }: Host, ml: number): void {
  if (ml >= solid.volumeMl * count) {
    throw new InputError('insert-too-large', ml, { heightMm: 0 });
  }
}

function refuseTooWide({ solid, count }: Host, taken: readonly PlacedSlabs[]): void {
  const left = combinedSlabs([{ slabs: solid.slabs, factor: count, raisedMm: 0 }, ...taken]);
  const greatestMm2 = Math.max(
    ...solid.slabs.map((slab) => slabAreaMm2(slab, slab.toMm - slab.fromMm)),
  );
  const over = left.find(
    (slab) =>
      slab.toMm - slab.fromMm > hairMm &&
      leastAreaMm2(slab) <
        -roundingShare * count * Math.max(greatestMm2, solid.slabs[0]?.areaMm2[0] ?? 0),
  );
  if (over !== undefined) {
    throw new InputError('insert-too-large', undefined, { heightMm: over.fromMm });
  }
}
