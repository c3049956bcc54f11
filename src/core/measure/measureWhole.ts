import { errsTogether, rootSumSquare, ruleOf, type ByRule, type Doubt } from './doubt';
import type { Faces } from './form/faces';
import { combinedSlabs, type PlacedSlabs } from './form/slabs';
import { solidOfSlabs } from './form/solidOfSlabs';
import type { Solid, WidthAtHeight } from './form/solid';
import { placeInserts, type MeasuredInsert } from './inserts/placeInserts';
import type { Measured, MeasureDetail, PartWarning } from './measured';
import { measurePart } from './parts/measurePart';
import type { Reading } from './parts/reading';
import type { Insert, Part, PartShape } from './parts/partSchema';
import { cutOfPart, type CutRing } from './mesh/bodyCut';
import { refuseTooMuch } from './refuseTooMuch';
import { within } from './within';
import { InputError } from '../problem';

/** An upright rod in a cut: its middle beside that of the part, its width and its ends, mm. */
export interface DrawnRod {
  readonly xMm: number;
  readonly widthMm: number;
  readonly fromMm: number;
  readonly toMm: number;
}

/** Two heights between which a mould is held fast, mm. */
export interface HeldStretch {
  readonly fromMm: number;
  readonly toMm: number;
}

/** A part of the measure with its figures. */
export interface MeasuredPart {
  readonly shape: PartShape;
  readonly name: string | undefined;
  readonly count: number;
  /** Volume of one. */
  readonly eachMl: number;
  /** Volume of all of them. */
  readonly ml: number;
  /** Doubt of all of them: one measure stands for every one, so that it counts as often. */
  readonly plusMinusMl: number;
  readonly errs: Doubt['errs'];
  /** The rule that the doubt comes from, with its figures for one. */
  readonly doubt: ByRule;
  readonly depthMm: number | undefined;
  readonly outline: readonly WidthAtHeight[];
  /** The true cut through the middle of a mesh: of the piece, or of the master that is poured round. */
  readonly cut?: readonly CutRing[] | undefined;
  /** Rods that stand in it, as they are drawn. */
  readonly rods?: readonly DrawnRod[] | undefined;
  /** Stretches of height in which what it is poured round holds it fast. */
  readonly held?: readonly HeldStretch[] | undefined;
  readonly detail: MeasureDetail | undefined;
  readonly warnings: readonly PartWarning[];
}

/** Every part together: they stand on one bench, floors level. */
export interface MeasuredWhole {
  readonly parts: readonly MeasuredPart[];
  readonly inserts: readonly MeasuredInsert[];
  /** What there is to fill: parts less inserts. */
  readonly cavityMl: number;
  readonly plusMinusMl: number;
  readonly errs: Doubt['errs'];
  /** Depth of the deepest part; undefined where no part has a form. */
  readonly depthMm: number | undefined;
  /**
   * V(h) of all parts together; a part that ends lower is full from there on.
   * @param heightMm over the common floor
   * @returns ml
   */
  readonly volumeBelowMl: (heightMm: number) => number;
  /**
   * V(h) of each part by itself, all of its count, less the inserts in it.
   * @returns for a height over the common floor, ml by part
   */
  readonly volumesBelowMl: () => (heightMm: number) => readonly number[];
  /** Level area of all parts together just below a height, mm². */
  readonly areaAtMm2: (heightMm: number) => number;
  /** Each part's form by itself, inserts left aside, and its faces. */
  readonly forms: readonly PartForm[];
  /** What each insert takes out of its cavity. */
  readonly insertBodies: readonly PlacedSlabs[];
}

/** The form of one part, and how many of it there are. */
export interface PartForm {
  readonly solid: Solid;
  readonly faces: Faces | undefined;
  readonly count: number;
}

const otherWay: Readonly<Record<Doubt['errs'], Doubt['errs']>> = {
  low: 'high',
  high: 'low',
  either: 'either',
};

/** A part as it was measured: what it is in the pour may be another thing, such as what is poured round it. */
export interface PartMeasured extends Measured {
  readonly part: Part;
  readonly count: number;
  /** The true cut through the middle of a mesh. */
  readonly cut: readonly CutRing[] | undefined;
  readonly rods?: readonly DrawnRod[];
  readonly held?: readonly HeldStretch[];
}

/** What there is to measure, as a job holds it. */
export interface Measure {
  readonly parts: readonly Part[];
  readonly inserts?: readonly Insert[] | undefined;
}

/**
 * Measures all parts of a job and takes its inserts out.
 * @param measure as checked by the job's schema
 * @param as what each part is in this pour, where that is not the part itself
 * @throws InputError those of `measurePart` and `placeInserts`, `nothing-to-fill`, `too-many-together`
 */
export function measureWhole(
  { parts, inserts = [] }: Measure,
  reading: Reading,
  as: (measured: PartMeasured) => PartMeasured = (measured) => measured,
): MeasuredWhole {
  refuseTooMuch(parts);
  const measured = parts.map((part, index) => {
    const own = within(`measure.parts[${index}]`, () => measurePart(part, reading));
    const cut = part.shape === 'mesh' ? cutOfPart(part) : undefined;
    return as({ ...own, part, count: part.count, cut });
  });
  const hosts = measured.map(({ count, solid }) => ({ solid, count }));
  const { placed, taken, bodies } = placeInserts(inserts, hosts, reading);
  const formless = measured.filter(({ solid }) => solid.depthMm === undefined);
  const depths = measured.flatMap(({ solid }) => solid.depthMm ?? []);
  const depthMm = depths.length === 0 ? undefined : Math.max(...depths);
  const together = solidOfSlabs(
    combinedSlabs([
      ...hosts.map(({ solid, count }) => ({ slabs: solid.slabs, factor: count, raisedMm: 0 })),
      ...taken.flat(),
    ]),
    [],
  );
  // What has no form is there from the first millimetre; it can be filled, but not layer by layer.
  const formlessMl = formless.reduce((sum, { count, solid }) => sum + solid.volumeMl * count, 0);
  const cavityMl = together.volumeMl + formlessMl;
  if (!(cavityMl > 0)) throw new InputError('nothing-to-fill', undefined, {}, 'measure');
  const doubts: readonly Pick<Doubt, 'plusMinusMl' | 'errs'>[] = [
    ...measured.map(({ count, doubt }) => ({
      plusMinusMl: doubt.plusMinusMl * count,
      errs: doubt.errs,
    })),
    // What reads an insert low reads the pour high.
    ...placed.map(({ plusMinusMl, errs }) => ({ plusMinusMl, errs: otherWay[errs] })),
  ];
  return {
    parts: measured.map(
      ({ part, count, cut, rods, held, solid, doubt, warnings, detail }): MeasuredPart => ({
        shape: part.shape,
        name: part.name?.trim() || undefined,
        count,
        eachMl: solid.volumeMl,
        ml: solid.volumeMl * count,
        plusMinusMl: doubt.plusMinusMl * count,
        errs: doubt.errs,
        doubt: ruleOf(doubt),
        depthMm: solid.depthMm,
        outline: solid.outline,
        ...(part.shape === 'mesh' ? { cut } : {}),
        ...(rods === undefined ? {} : { rods }),
        ...(held === undefined ? {} : { held }),
        detail,
        warnings,
      }),
    ),
    inserts: placed,
    cavityMl,
    plusMinusMl: rootSumSquare(doubts.map(({ plusMinusMl }) => plusMinusMl)),
    errs: errsTogether(doubts),
    depthMm,
    volumeBelowMl: (heightMm) => formlessMl + together.volumeBelowMl(heightMm),
    volumesBelowMl: () => {
      const solids = hosts.map(({ solid, count }, index) => {
        const less = taken[index] ?? [];
        if (less.length === 0) return { solid, count };
        // What has no form is there from the first millimetre, less what inserts take up higher.
        const own = { slabs: solid.slabs, factor: count, raisedMm: 0 };
        const net = solidOfSlabs(combinedSlabs([own, ...less]), []);
        const formlessMl = solid.depthMm === undefined ? solid.volumeMl * count : 0;
        return {
          count: 1,
          solid: {
            volumeBelowMl: (heightMm: number): number => formlessMl + net.volumeBelowMl(heightMm),
          },
        };
      });
      return (heightMm) => solids.map(({ solid, count }) => solid.volumeBelowMl(heightMm) * count);
    },
    areaAtMm2: together.areaAtMm2,
    forms: measured.map(({ count, solid, faces }) => ({ solid, faces, count })),
    insertBodies: bodies,
  };
}

/** One point of V(h). */
export interface HeightVolume {
  readonly heightMm: number;
  readonly ml: number;
}

const curveSteps = 64;

/**
 * V(h) from floor to rim at even heights and at the borders of layers; empty where a part has no form.
 * @param bordersMm heights to be among them
 */
export function heightCurve(
  whole: MeasuredWhole,
  bordersMm: readonly number[],
): readonly HeightVolume[] {
  const { depthMm } = whole;
  if (depthMm === undefined || whole.parts.some((part) => part.depthMm === undefined)) return [];
  const even = Array.from({ length: curveSteps + 1 }, (_, step) => (depthMm * step) / curveSteps);
  const heights = [...new Set([...even, ...bordersMm])].sort((a, b) => a - b);
  return heights.map((heightMm) => ({ heightMm, ml: whole.volumeBelowMl(heightMm) }));
}
