import type { Clarity, Resin } from '../../../core/resin/resinSchema';
import { familyOf, type ResinFamily } from '../../../core/resin/families';

interface PartsDraft {
  a: string;
  b: string;
}
interface TimedDraft {
  time: string;
  temperature: string;
}

/** What goes with a hardener while it is being typed. */
export interface HardenerDraft {
  name: string;
  ratio: PartsDraft & { by: 'volume' | 'weight' };
  ratioByWeight: PartsDraft;
  ratioByVolume: PartsDraft;
  densityB: string;
  depth: { least: string; greatest: string };
  potLife: { time: string; mass: string; temperature: string };
  times: {
    tackFree: TimedDraft;
    recoat: { from: string; to: string; temperature: string };
    demould: TimedDraft;
    fullCure: TimedDraft;
  };
}

export interface KitDraft {
  supplier: string;
  size: string;
  price: string;
  delivery: string;
}

export interface LotDraft {
  left: string;
  code: string;
  opened: string;
  bestBefore: string;
}

/** A card while it is being typed: every figure as text, every group there. */
export interface ResinDraft extends HardenerDraft {
  id: string | undefined;
  family: ResinFamily;
  hardenerName: string;
  densityA: string;
  densityMixed: string;
  hardeners: HardenerDraft[];
  leastBatch: string;
  viscosity: string;
  heatLimit: string;
  clarity: Clarity | undefined;
  pigment: { limit: string; into: 'a' | 'b' | 'mix' | undefined };
  shore: string;
  catalyst: { least: string; greatest: string };
  lamp: { time: string; wavelength: string };
  kits: KitDraft[];
  lots: LotDraft[];
  /** Figures that were measured, never typed. */
  ownPace: Resin['ownPace'];
  safetySheet: string;
  notes: string;
}

const text = (value: string | number | undefined): string => String(value ?? '');

const partsDraft = (parts: { a: number; b: number } | undefined): PartsDraft => ({
  a: text(parts?.a),
  b: text(parts?.b),
});

const timedDraft = (
  said: { time: string; temperature?: string | undefined } | undefined,
): TimedDraft => ({ time: text(said?.time), temperature: text(said?.temperature) });

type HardenerKeys = Partial<
  Pick<
    Resin,
    'ratio' | 'ratioByWeight' | 'ratioByVolume' | 'densityB' | 'depth' | 'potLife' | 'times'
  >
> & { readonly name?: string };

/** One hardener as the form shows it; a new one starts empty. */
export function hardenerDraft(said: HardenerKeys = {}): HardenerDraft {
  const { times } = said;
  return {
    name: text(said.name),
    ratio: { by: said.ratio?.by ?? 'volume', ...partsDraft(said.ratio) },
    ratioByWeight: partsDraft(said.ratioByWeight),
    ratioByVolume: partsDraft(said.ratioByVolume),
    densityB: text(said.densityB),
    depth: { least: text(said.depth?.least), greatest: text(said.depth?.greatest) },
    potLife: {
      time: text(said.potLife?.time),
      mass: text(said.potLife?.mass),
      temperature: text(said.potLife?.temperature),
    },
    times: {
      tackFree: timedDraft(times?.tackFree),
      recoat: {
        from: text(times?.recoat?.from),
        to: text(times?.recoat?.to),
        temperature: text(times?.recoat?.temperature),
      },
      demould: timedDraft(times?.demould),
      fullCure: timedDraft(times?.fullCure),
    },
  };
}

export const emptyKit = (): KitDraft => ({ supplier: '', size: '', price: '', delivery: '' });
export const emptyLot = (): LotDraft => ({ left: '', code: '', opened: '', bestBefore: '' });

/** The card as the form shows it; a new one starts empty. */
export function resinDraft(resin: Resin | undefined): ResinDraft {
  return {
    ...hardenerDraft(resin),
    id: resin?.id,
    name: text(resin?.name),
    family: resin?.family ?? 'deep-pour-epoxy',
    hardenerName: text(resin?.hardenerName),
    densityA: text(resin?.densityA),
    densityMixed: text(resin?.densityMixed),
    hardeners: (resin?.hardeners ?? []).map(hardenerDraft),
    leastBatch: text(resin?.leastBatch),
    viscosity: text(resin?.viscosity),
    heatLimit: text(resin?.heatLimit),
    clarity: resin?.clarity,
    pigment: { limit: text(resin?.pigment?.limit), into: resin?.pigment?.into },
    shore: text(resin?.shore),
    catalyst: { least: text(resin?.catalyst?.least), greatest: text(resin?.catalyst?.greatest) },
    lamp: { time: text(resin?.lamp?.time), wavelength: text(resin?.lamp?.wavelength) },
    kits: (resin?.kits ?? []).map(({ supplier, size, price, delivery }) => ({
      supplier: text(supplier),
      size,
      price: text(price),
      delivery: text(delivery),
    })),
    lots: (resin?.lots ?? []).map(({ left, code, opened, bestBefore }) => ({
      left,
      code: text(code),
      opened: text(opened),
      bestBefore: text(bestBefore),
    })),
    ownPace: resin?.ownPace,
    safetySheet: text(resin?.safetySheet),
    notes: text(resin?.notes),
  };
}

/** What was left empty is not said; a group of which nothing was said is none. */
function said(value: unknown): unknown {
  if (typeof value === 'string') return value.trim() === '' ? undefined : value;
  if (Array.isArray(value))
    return value.length === 0 ? undefined : value.map((each) => said(each) ?? {});
  if (typeof value !== 'object' || value === null) return value;
  const entries = Object.entries(value).flatMap(([key, each]) => {
    const kept = said(each);
    return kept === undefined ? [] : [[key, kept] as const];
  });
  return entries.length === 0 ? undefined : Object.fromEntries(entries);
}

const isBlank = ({ a, b }: PartsDraft): boolean => a.trim() === '' && b.trim() === '';

/** The ratio by the basis that rules stands in `ratio` alone; the other one checks it. */
function ratios({ ratio, ratioByWeight, ratioByVolume }: HardenerDraft, needed: boolean): object {
  return {
    ratio: needed || !isBlank(ratio) ? ratio : undefined,
    ratioByWeight: ratio.by === 'weight' || isBlank(ratioByWeight) ? undefined : ratioByWeight,
    ratioByVolume: ratio.by === 'volume' || isBlank(ratioByVolume) ? undefined : ratioByVolume,
  };
}

/** What the schema of a card is held against. */
export function typedResin(draft: ResinDraft): object {
  const onePart = familyOf(draft.family).onePart;
  const none = { ratio: undefined, ratioByWeight: undefined, ratioByVolume: undefined };
  const { a, b, by } = draft.ratio;
  const card = said({
    ...draft,
    ...(onePart ? none : ratios(draft, false)),
    hardeners: draft.hardeners.map((each) => ({ ...each, ...ratios(each, false) })),
  }) as object;
  return {
    name: draft.name,
    ...card,
    // Emptied parts of the ratio are told at their fields, not as a ratio that is missing.
    ...(onePart ? {} : { ratio: { by, a, b } }),
  };
}
