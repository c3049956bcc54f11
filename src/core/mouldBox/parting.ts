import type { Solid } from '../measure/form/solid';
import type { HeldStretch } from '../measure/measureWhole';
import type { MeshSnapshot } from '../measure/mesh/meshSnapshot';
import { leaningSteps } from '../measure/mesh/meshStanding';
import { InputError } from '../problem';
import { hairMm } from '../quantity/tolerance';
import type { MouldBox, Parting, Undercut } from './mouldBox';
import type { TypedMouldBox } from './mouldBoxSchema';
import { readAt } from './readAt';

type Standing = NonNullable<MeshSnapshot['standing']>;

const sum = (areas: readonly number[]): number => areas.reduce((all, area) => all + area, 0);

/** What holds the two halves of a mould fast that parts at a height of the piece and is drawn off up and down. */
export function undercutAt(standing: Standing, pieceHeightMm: number, heightMm: number): Undercut {
  const stepMm = pieceHeightMm / leaningSteps;
  const under = (areas: readonly number[]): number =>
    areas.reduce((sum, area, step) => {
      const share = Math.min(1, Math.max(0, heightMm / stepMm - step));
      return sum + area * share;
    }, 0);
  const { looksUpMm2, looksDownMm2 } = standing;
  // What looks up under the parting holds the lower half, what looks down over it the upper one.
  const lowerMm2 = under(looksUpMm2);
  const upperMm2 = sum(looksDownMm2) - under(looksDownMm2);
  const all = sum(looksUpMm2) + sum(looksDownMm2);
  const mm2 = lowerMm2 + upperMm2;
  return { lowerMm2, upperMm2, mm2, share: all > 0 ? mm2 / all : 0 };
}

/** Less than this in one step is roughness, mm². */
const heldMm2 = 1;

/**
 * Where a piece holds its mould fast: what looks up under the parting, and down over it. A mould of one part that is drawn off its foot
 * parts at nothing.
 * @param footMm of the piece over the floor of the box
 */
export function heldStretches(
  { looksUpMm2, looksDownMm2 }: Standing,
  pieceHeightMm: number,
  partsAtMm: number,
  footMm: number,
): readonly HeldStretch[] {
  const stepMm = pieceHeightMm / leaningSteps;
  const stretches: { fromMm: number; toMm: number }[] = [];
  for (let step = 0; step < leaningSteps; step += 1) {
    const [fromMm, toMm] = [step * stepMm, (step + 1) * stepMm];
    const isBelow = toMm <= partsAtMm + hairMm;
    // The foot itself lies on the board, and the step that it parts in is of both.
    const isAbove = fromMm >= partsAtMm - hairMm && step > 0;
    const area = (isBelow ? looksUpMm2[step]! : 0) + (isAbove ? looksDownMm2[step]! : 0);
    if (area <= heldMm2) continue;
    const last = stretches.at(-1);
    const [from, to] = [footMm + fromMm, footMm + toMm];
    if (last !== undefined && last.toMm >= from - hairMm) last.toMm = to;
    else stretches.push({ fromMm: from, toMm: to });
  }
  return stretches;
}

/** The height with the least of undercut; of several the middle one. */
function bestPartingMm(standing: Standing, pieceHeightMm: number): number {
  const heights = Array.from(
    { length: leaningSteps - 1 },
    (_, step) => ((step + 1) * pieceHeightMm) / leaningSteps,
  );
  const areas = heights.map((heightMm) => undercutAt(standing, pieceHeightMm, heightMm).mm2);
  const least = Math.min(...areas);
  const level = heights.filter((_, step) => areas[step]! <= least + 0.5);
  return level[Math.floor(level.length / 2)]!;
}

/** @throws InputError `parting-outside-piece`, `parting-needs-height` */
export function partingOf(
  typed: TypedMouldBox,
  pieceHeightMm: number | undefined,
  standing: Standing | undefined,
): Omit<Parting, 'lowerMl' | 'upperMl'> {
  if (pieceHeightMm === undefined) {
    throw new InputError('parting-needs-height', undefined, {}, 'piece');
  }
  const bestMm = standing && bestPartingMm(standing, pieceHeightMm);
  const typedMm = typed.parting === undefined ? undefined : readAt('parting', typed.parting);
  if (typedMm !== undefined && typedMm >= pieceHeightMm - hairMm) {
    throw new InputError('parting-outside-piece', typed.parting, { pieceHeightMm }, 'parting');
  }
  const heightMm = typedMm ?? bestMm ?? pieceHeightMm / 2;
  return {
    heightMm,
    bestMm,
    bestMm2:
      standing && bestMm !== undefined
        ? undercutAt(standing, pieceHeightMm, bestMm).mm2
        : undefined,
    isTyped: typedMm !== undefined,
    undercut: standing && undercutAt(standing, pieceHeightMm, heightMm),
  };
}

/** Deeper than this many times as wide, a piece is cut out of a mould of one part. */
const deepTimes = 1.5;
/** So much of all that leans holds on for certain. */
const holdingShare = 0.1;

/** What holds a piece in a mould of one part whose opening is at its foot: all that looks that way but the foot itself. */
export const holdingMm2 = ({ looksDownMm2 }: Standing): number => sum(looksDownMm2.slice(1));

/** Why a mould of one part is cut open; undefined where a piece comes out of it as it is. */
export function zigzagOf(
  { outline }: Solid,
  heightMm: number | undefined,
  standing: Standing | undefined,
  isOpen: boolean,
): MouldBox['zigzag'] {
  if (!isOpen) return 'closed';
  if (heightMm === undefined) return undefined;
  const widest = Math.max(0, ...outline.map(({ widthMm }) => widthMm));
  if (widest > 0 && heightMm > deepTimes * widest) return 'deep';
  if (standing === undefined) return undefined;
  const all = sum(standing.looksUpMm2) + sum(standing.looksDownMm2);
  return holdingMm2(standing) > holdingShare * all ? 'holds' : undefined;
}
