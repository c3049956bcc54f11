import { familiesOf, type ResinFamily } from '../resin/families';

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

/**
 * Limits and families of general practice. Water in acrylics foams polyurethane and stops other cures; alcohol does
 * the same to polyurethane and silicone; a paste made for one family spoils another.
 */
export const pigmentRules: Readonly<Record<PigmentKind, PigmentRule>> = {
  powder: {
    limit: 0.06,
    suits: familiesOf('epoxy', 'polyurethane', 'polyester', 'uv', 'silicone'),
  },
  'epoxy-paste': { limit: 0.05, suits: familiesOf('epoxy') },
  'polyurethane-paste': { limit: 0.05, suits: familiesOf('polyurethane') },
  'polyester-paste': { limit: 0.05, suits: familiesOf('polyester') },
  'silicone-paste': { limit: 0.05, suits: familiesOf('silicone') },
  'liquid-acrylic': { limit: 0.1, suits: familiesOf('epoxy') },
  'alcohol-ink': { limit: 0.02, suits: familiesOf('epoxy', 'uv') },
  dye: { limit: 0.03, suits: familiesOf('epoxy', 'polyurethane', 'polyester', 'uv') },
};
