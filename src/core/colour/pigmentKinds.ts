import type { ResinFamily } from '../resin/families';

/** What colour comes as. A paste is named for the family whose carrier it is made with. */
export const pigmentKinds = [
  'powder',
  'epoxy-paste',
  'polyurethane-paste',
  'polyester-paste',
  'silicone-paste',
  'liquid-acrylic',
  'alcohol-ink',
  'dye',
] as const;
export type PigmentKind = (typeof pigmentKinds)[number];

interface PigmentRule {
  /** Share of the mixed mass past which the cure suffers; the card's own limit stands over it. */
  readonly limit: number;
  /** Families that it does not spoil. */
  readonly suits: ReadonlySet<ResinFamily>;
}

const epoxies = ['deep-pour-epoxy', 'casting-epoxy', 'coating-epoxy', 'fast-epoxy'] as const;
const silicones = ['silicone-tin', 'silicone-platinum'] as const;
const polyurethanes = ['slow-polyurethane', 'fast-polyurethane'] as const;
const all = [...epoxies, ...silicones, ...polyurethanes, 'polyester', 'uv'] as const;
const suits = (...families: ResinFamily[]): ReadonlySet<ResinFamily> => new Set(families);

/**
 * Limits and families of general practice. Water in acrylics foams polyurethane and stops other cures; alcohol does
 * the same to polyurethane and silicone; a paste made for one family spoils another.
 */
export const pigmentRules: Readonly<Record<PigmentKind, PigmentRule>> = {
  powder: { limit: 0.06, suits: suits(...all) },
  'epoxy-paste': { limit: 0.05, suits: suits(...epoxies) },
  'polyurethane-paste': { limit: 0.05, suits: suits(...polyurethanes) },
  'polyester-paste': { limit: 0.05, suits: suits('polyester') },
  'silicone-paste': { limit: 0.05, suits: suits(...silicones) },
  'liquid-acrylic': { limit: 0.1, suits: suits(...epoxies) },
  'alcohol-ink': { limit: 0.02, suits: suits(...epoxies, 'uv') },
  dye: { limit: 0.03, suits: suits(...epoxies, ...polyurethanes, 'polyester', 'uv') },
};
