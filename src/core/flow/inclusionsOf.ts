import { within } from '../measure/within';
import { InputError } from '../problem';
import { readQuantity } from '../quantity/readQuantity';
import { bodyDensityRule, grainSizeRule, lengthRule } from '../quantity/rules';
import { inclusionKindOf, type InclusionKindName } from './inclusionKinds';
import type { Inclusion } from './inclusionsSchema';
import type { FlowTime } from './flowTime';
import { thickening } from './viscosity';
import { ballMobility, beforeGelAt, discMobility, mobilityTime } from './settling';

/** A layer of resin that something may sink or rise in. */
export interface FlowingLayer {
  readonly depthMm: number;
  readonly flow: FlowTime;
}

/** The resin of a pour as what is put into it meets it. */
export interface FlowingResin {
  readonly densityGPerMl: number;
  /** At 25 °C before it cures. */
  readonly viscosityPaS: number;
  /** When it is poured, °C. */
  readonly pouredC: number;
}

/** How far something goes in one layer that it is in from the pour on. */
export interface InclusionInLayer {
  /** Counted from 1. */
  readonly layer: number;
  /** Down, or below 0 up, until gel, were there room. */
  readonly movesMm: number;
  /** Where it then is: not further from where it was put than it may, somewhere between, or all of it at one end. */
  readonly endsUp: 'in-place' | 'lower' | 'higher' | 'floor' | 'surface';
  /** From here on it stays where it is put, h after the pour and min before gel; 0 h where it may be in from the start. */
  readonly addAfterH: number;
  readonly addBeforeGelMin: number;
}

/** Something in the resin, with what is known of it and what becomes of it. */
export interface PlannedInclusion {
  readonly name: string;
  readonly kind: InclusionKindName;
  readonly form: 'disc' | 'ball';
  readonly sizeMm: number;
  readonly thicknessMm: number | undefined;
  readonly densityGPerMl: number;
  /** Figures that are the kind's usual ones. */
  readonly assumed: readonly ('size' | 'thickness' | 'density')[];
  readonly withinMm: number;
  /** In the first minutes after the pour: down, or below 0 up. */
  readonly speedMmPerMin: number;
  /** Nothing for what no model and no pot life follows. */
  readonly layers: readonly InclusionInLayer[];
}

/** How far something may move where nobody says, mm: what an eye lets pass. */
const usualWithinMm = 2;

function readInclusion({
  name,
  kind,
  size,
  thickness,
  density,
  within: may,
}: Inclusion): Omit<PlannedInclusion, 'layers' | 'speedMmPerMin'> {
  const usual = inclusionKindOf(kind);
  const sizeMm = size === undefined ? usual.sizeMm : readQuantity(size, grainSizeRule).value;
  const isDisc = usual.form === 'disc';
  const thicknessMm = !isDisc
    ? undefined
    : thickness === undefined
      ? usual.thicknessMm
      : readQuantity(thickness, grainSizeRule).value;
  if (thicknessMm !== undefined && thicknessMm > sizeMm) {
    throw new InputError('thicker-than-wide', thickness, { sizeMm, thicknessMm }, 'thickness');
  }
  return {
    name: name?.trim() || usual.name,
    kind,
    form: usual.form,
    sizeMm,
    thicknessMm,
    densityGPerMl:
      density === undefined ? usual.densityGPerMl : readQuantity(density, bodyDensityRule).value,
    assumed: [
      ...(size === undefined ? (['size'] as const) : []),
      ...(isDisc && thickness === undefined ? (['thickness'] as const) : []),
      ...(density === undefined ? (['density'] as const) : []),
    ],
    withinMm: may === undefined ? usualWithinMm : readQuantity(may, lengthRule).value,
  };
}

/** m for each 1/Pa of M; below 0 for what rises. */
export function mobilityOf(
  {
    form,
    sizeMm,
    thicknessMm = 0,
    densityGPerMl,
  }: Pick<PlannedInclusion, 'form' | 'sizeMm' | 'thicknessMm' | 'densityGPerMl'>,
  resin: FlowingResin,
): number {
  const excess = (densityGPerMl - resin.densityGPerMl) * 1000;
  return form === 'disc'
    ? discMobility(sizeMm / 1000, thicknessMm / 1000, excess)
    : ballMobility(sizeMm / 1000, excess);
}

function inLayer(
  mobility: number,
  withinMm: number,
  { viscosityPaS }: FlowingResin,
  { depthMm, flow }: FlowingLayer,
  layer: number,
): InclusionInLayer {
  const movesMm = mobility * mobilityTime(flow.leftH[0]!, viscosityPaS) * 1000;
  const far = Math.abs(movesMm);
  const speed = Math.abs(mobility) * mobilityTime(1, viscosityPaS) * 1000;
  const beforeGelH = speed === 0 ? flow.gelH : beforeGelAt(flow, withinMm / speed);
  const sinks = movesMm > 0;
  return {
    layer,
    movesMm,
    endsUp:
      far <= withinMm
        ? 'in-place'
        : far >= depthMm
          ? sinks
            ? 'floor'
            : 'surface'
          : sinks
            ? 'lower'
            : 'higher',
    addAfterH: Math.max(0, flow.gelH - beforeGelH),
    addBeforeGelMin: beforeGelH * 60,
  };
}

/**
 * What becomes of everything that a pour says is in it, layer by layer.
 * @param layers undefined for those that nothing follows
 * @throws InputError `thicker-than-wide`, with its place in the list
 */
export const inclusionsOf = (
  said: readonly Inclusion[],
  resin: FlowingResin,
  layers: readonly (FlowingLayer | undefined)[],
): readonly PlannedInclusion[] =>
  said.map((each, index) => {
    const inclusion = within(`inclusions[${index}]`, () => readInclusion(each));
    const mobility = mobilityOf(inclusion, resin);
    return {
      ...inclusion,
      speedMmPerMin: (mobility * 60_000) / (resin.viscosityPaS * thickening(resin.pouredC, 0, 1)),
      layers: layers.flatMap((layer, at) =>
        layer === undefined ? [] : [inLayer(mobility, inclusion.withinMm, resin, layer, at + 1)],
      ),
    };
  });
