import { createContext, useContext } from 'react';
import type { PourPlan } from '../../core/plan/planTypes';
import type { SaveState } from '../store/recordStore';
import type { DraftPlan } from './usePlannedDraft';

/** The job that is open: its plan, and what is wrong with what is typed. */
export interface OpenJob extends DraftPlan {
  readonly id: string;
  /** The pour in hand, as it is planned. */
  readonly pour: PourPlan | undefined;
  readonly pourIndex: number;
}

/** How the open job is kept. By itself, so that a save draws no figure anew. */
export interface KeptJob {
  /** Another tab was first: its version, or the deletion, would be overwritten by this one. */
  readonly conflict: 'changed' | 'deleted' | undefined;
  /** `saved` only where what is shown is what is stored. */
  readonly saveState: SaveState['state'];
  readonly keepMine: () => void;
  readonly takeTheirs: () => void;
}

export const OpenJobContext = createContext<OpenJob | null>(null);

export const KeptJobContext = createContext<KeptJob | null>(null);

/** Which job is open and which of its pours is in hand, by itself: fields hear of nothing else. */
export const InHandContext = createContext<Pick<OpenJob, 'id' | 'pourIndex'>>({
  id: '',
  pourIndex: 0,
});

/** Counted from 0. */
export const usePourIndex = (): number => useContext(InHandContext).pourIndex;

export const useJobId = (): string => useContext(InHandContext).id;

/** The job that is open in this part of the app. */
export function useOpenJob(): OpenJob {
  const open = useContext(OpenJobContext);
  if (open === null) throw new Error('useOpenJob outside of JobDraftProvider');
  return open;
}

/** How the open job is kept. */
export function useKeptJob(): KeptJob {
  const kept = useContext(KeptJobContext);
  if (kept === null) throw new Error('useKeptJob outside of JobDraftProvider');
  return kept;
}
