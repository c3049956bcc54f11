import type { WidthAtHeight } from '../measure/form/solid';
import type { LocalTop } from '../measure/mesh/localTops';
import type { CutRing } from '../measure/mesh/bodyCut';
import type { DrawnRod, HeldStretch } from '../measure/measureWhole';
import type { Slab } from '../measure/form/slab';
import type { BoxPlan } from './boxOptions';

/** A box of a kind with the rubber that one of it takes. */
export interface BoxOption extends BoxPlan {
  readonly rubberMl: number;
}

/** A rod that leaves a way through the rubber: its diameter, how many of one mould, and what all of them take. */
export interface Rods {
  readonly diameterMm: number;
  readonly count: number;
  readonly ml: number;
}

/** What looks the wrong way where a half is drawn off. */
export interface Undercut {
  readonly lowerMm2: number;
  readonly upperMm2: number;
  readonly mm2: number;
  /** Of all that leans. */
  readonly share: number;
}

/** Where a mould of two halves parts. */
export interface Parting {
  /** Over the foot of the piece. */
  readonly heightMm: number;
  /** Where it would hold least; undefined where no mesh tells. */
  readonly bestMm: number | undefined;
  /** What would hold there. */
  readonly bestMm2: number | undefined;
  readonly isTyped: boolean;
  readonly lowerMl: number;
  readonly upperMl: number;
  readonly undercut: Undercut | undefined;
}

/** A mould of rubber round a piece, worked out. Heights are told as the rubber is poured. */
export interface MouldBox {
  readonly made: BoxOption;
  /** All that are at hand, the least rubber first. */
  readonly options: readonly BoxOption[];
  /** Moulds that are made, and pieces in one of them. */
  readonly count: number;
  readonly pieces: number;
  readonly pieceMl: number;
  readonly pieceHeightMm: number | undefined;
  readonly heightMm: number;
  readonly wallMm: number;
  readonly wallTyped: boolean;
  readonly baseMm: number;
  readonly topMm: number | undefined;
  readonly halves: 'one' | 'two';
  readonly castTurned: boolean;
  /** A face of the piece is the opening. */
  readonly isOpen: boolean;
  readonly spout: Rods | undefined;
  readonly vents: Rods | undefined;
  /** Where air stays in the piece as it is cast but for the way in, told as it was measured; undefined where no mesh tells. */
  readonly tops: readonly LocalTop[] | undefined;
  /** Recesses that air stays in as the rubber rises. */
  readonly recesses: readonly LocalTop[] | undefined;
  readonly keys: Rods | undefined;
  readonly parting: Parting | undefined;
  /** Nothing opens far enough, it is deep for its width, or it holds on: cut open in a zigzag, which closes again by itself. */
  readonly zigzag: 'closed' | 'deep' | 'holds' | undefined;
  /** What looks the way in which it is drawn off; undefined where no mesh tells. */
  readonly holdingMm2: number | undefined;
  /** Of one mould. */
  readonly rubberMl: number;
  readonly slabs: readonly Slab[];
  readonly outline: readonly WidthAtHeight[];
  readonly cut: readonly CutRing[] | undefined;
  readonly rods: readonly DrawnRod[];
  /** Where the piece holds it fast, over the floor of the box. */
  readonly held: readonly HeldStretch[];
}
