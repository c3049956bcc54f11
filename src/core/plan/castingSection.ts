import type { ResolvedPour } from '../job/resolveJob';
import type { MouldBox } from '../mouldBox/mouldBox';
import { thinnessOf } from '../production/thinCasting';
import { timeAtMin } from '../resin/inRoom';
import { familyOf } from '../resin/families';
import type { CastingSection } from './familySections';
import type { MeasuredWhole } from '../measure/measureWhole';

/**
 * How castings are poured and when they may be tried.
 * @param castIn the mould of the same job, where it makes one
 * @returns undefined for what is not cast in a mould
 */
export function castingSection(
  { said, card, resin, role }: ResolvedPour,
  whole: MeasuredWhole,
  castIn: MouldBox | undefined,
  roomC: number,
): CastingSection | undefined {
  if (role !== 'castings' && said.run === undefined) return undefined;
  const castings = whole.parts.reduce((sum, { count }) => sum + count, 0);
  const scrapMl = castIn === undefined ? 0 : (castIn.spout?.ml ?? 0) / castIn.pieces;
  const eachMl = whole.cavityMl / castings + scrapMl;
  const { demould } = resin.times;
  const isQuick = familyOf(card.family).kind === 'polyurethane';
  return {
    fill: said.casting?.fill ?? 'half',
    eachMl,
    firstMl: (said.casting?.fill ?? 'half') === 'half' ? eachMl / 2 : eachMl,
    between: said.casting?.between ?? (isQuick ? 'powder' : 'release'),
    thin: thinnessOf(said, card.family),
    // The card's time is slowed by how thin they are already.
    outMin: demould && timeAtMin(demould, roomC),
  };
}
