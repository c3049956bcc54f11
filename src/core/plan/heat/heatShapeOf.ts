import { widestMeanMm } from '../../measure/channel/widestStretch';
import type { MeasuredPart } from '../../measure/measureWhole';
import type { Part } from '../../measure/parts/partSchema';
import { readQuantity } from '../../quantity/readQuantity';
import { lengthRule } from '../../quantity/rules';

/** A part of the measure as heat sees it, and why it is seen so. */
export interface HeatForm {
  readonly kind: 'slab' | 'channel' | 'cup';
  /** Width of the channel or diameter of the cup; undefined for a slab. */
  readonly widthMm: number | undefined;
  readonly depthMm: number;
  readonly why:
    | 'coat'
    | 'wide'
    | 'channel'
    | 'tray'
    | 'round'
    | 'ring'
    /** Of the same depth and volume. */
    | 'equal-cylinder'
    /** As wide as the thickest place of the mesh. */
    | 'thickest-cylinder'
    | 'thickest-slab';
}

/**
 * A pour this many times as wide as deep is taken to cool through its faces only. Its sides would take 1 K off a channel's peak
 * and 3 K off a disc's near 60 °C, so it is told a little too hot and never too cool.
 */
const wide = 8;

const roundShapes: ReadonlySet<Part['shape']> = new Set([
  'cylinder',
  'frustum',
  'cone',
  'spherical-cap',
  'hemisphere',
  'sphere',
]);

const flat = (depthMm: number, why: HeatForm['why']): HeatForm => ({
  kind: 'slab',
  widthMm: undefined,
  depthMm,
  why,
});

const across = (
  kind: 'channel' | 'cup',
  widthMm: number,
  depthMm: number,
  why: HeatForm['why'],
): HeatForm =>
  widthMm >= wide * depthMm ? flat(depthMm, 'wide') : { kind, widthMm, depthMm, why };

const shorterSide = (part: Part): number | undefined => {
  const { length, width } = part as { readonly length?: unknown; readonly width?: unknown };
  if (typeof length !== 'string' || typeof width !== 'string') return undefined;
  return Math.min(readQuantity(length, lengthRule).value, readQuantity(width, lengthRule).value);
};

/** Widest cut of a part's outline less what is left out of it, mm. */
const ringWidthMm = (part: MeasuredPart): number | undefined => {
  const widths = part.outline.flatMap(({ widthMm, holeMm }) =>
    holeMm === undefined ? [] : [(widthMm - holeMm) / 2],
  );
  return widths.length === 0 ? undefined : Math.max(...widths);
};

/**
 * The form that a part has for heat.
 * @param measured the same part, measured
 * @returns undefined where it has no depth: a known amount warms as what it is poured into
 */
export function heatFormOf(part: Part, measured: MeasuredPart): HeatForm | undefined {
  const { depthMm, detail, eachMl } = measured;
  if (depthMm === undefined || !(depthMm > 0)) return undefined;
  /** Diameter of a cylinder of this depth and volume. */
  const equalMm = 2 * Math.sqrt((eachMl * 1000) / depthMm / Math.PI);
  if (part.shape === 'coat') return flat(depthMm, 'coat');
  if (detail?.kind === 'channel') {
    // Its mean width would tell nothing of the bay that gets hottest.
    return across('channel', widestMeanMm(detail.channel.stations, depthMm), depthMm, 'channel');
  }
  if (detail?.kind === 'mesh') {
    const { thickestMm } = detail;
    if (depthMm <= thickestMm && equalMm >= wide * depthMm) return flat(depthMm, 'thickest-slab');
    return across('cup', Math.min(thickestMm, equalMm), depthMm, 'thickest-cylinder');
  }
  const ringMm = ringWidthMm(measured);
  if (ringMm !== undefined) return across('channel', ringMm, depthMm, 'ring');
  const sideMm = shorterSide(part);
  if (sideMm !== undefined) return across('channel', sideMm, depthMm, 'tray');
  const isRound = roundShapes.has(part.shape);
  return across('cup', equalMm, depthMm, isRound ? 'round' : 'equal-cylinder');
}

/** How thick a form is for heat: what is the least of its ways out. */
const thicknessMm = ({ widthMm = Infinity, depthMm }: HeatForm): number =>
  Math.min(widthMm, 2 * depthMm);

/**
 * The part that gets hottest: the thickest one.
 * @returns its place among the parts and its form; undefined where none has a depth
 */
export function hottestForm(
  parts: readonly Part[],
  measured: readonly MeasuredPart[],
): { readonly part: number; readonly form: HeatForm } | undefined {
  return parts.reduce<{ readonly part: number; readonly form: HeatForm } | undefined>(
    (best, part, at) => {
      const form = heatFormOf(part, measured[at]!);
      if (form === undefined) return best;
      return best === undefined || thicknessMm(form) > thicknessMm(best.form)
        ? { part: at, form }
        : best;
    },
    undefined,
  );
}
