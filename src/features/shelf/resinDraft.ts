import type { Resin } from '../../core/resin/resinSchema';

/** A card while it is being typed: every figure as text. */
export interface ResinDraft {
  id: string | undefined;
  name: string;
  family: Resin['family'];
  ratio: { by: Resin['ratio']['by']; a: string; b: string };
  densityA: string;
  densityB: string;
  greatestDepth: string;
  notes: string;
}

/** The card as the form shows it; a new one starts empty. */
export function resinDraft(resin: Resin | undefined): ResinDraft {
  return {
    id: resin?.id,
    name: resin?.name ?? '',
    family: resin?.family ?? 'deep-pour-epoxy',
    ratio: {
      by: resin?.ratio.by ?? 'volume',
      a: String(resin?.ratio.a ?? ''),
      b: String(resin?.ratio.b ?? ''),
    },
    densityA: resin?.densityA ?? '',
    densityB: resin?.densityB ?? '',
    greatestDepth: resin?.greatestDepth ?? '',
    notes: resin?.notes ?? '',
  };
}
