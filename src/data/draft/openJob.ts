import { createContext, useContext } from 'react';
import type { PourPlan } from '../../core/plan/planTypes';
import type { JobRecord } from '../records/jobRecord';
import type { SaveState } from '../store/recordStore';
import type { DraftPlan } from './usePlannedDraft';

/** The job that is open: its plan, what is wrong with what is typed, and whether somebody else changed it. */
export interface OpenJob extends DraftPlan {
  /** The pour in hand, as it is planned. */
  readonly pour: PourPlan | undefined;
  readonly pourIndex: number;
  readonly record: JobRecord;
  /** Another tab was first: its version, or the deletion, would be overwritten by this one. */
  readonly conflict: 'changed' | 'deleted' | undefined;
  /** `saved` only where what is shown is what is stored. */
  readonly saveState: SaveState['state'];
  readonly keepMine: () => void;
  readonly takeTheirs: () => void;
}

export const OpenJobContext = createContext<OpenJob | null>(null);

/** Which pour is in hand, counted from 0, by itself: fields hear of nothing else. */
export const PourIndexContext = createContext(0);

export const usePourIndex = (): number => useContext(PourIndexContext);

/** The job that is open in this part of the app. */
export function useOpenJob(): OpenJob {
  const open = useContext(OpenJobContext);
  if (open === null) throw new Error('useOpenJob outside of JobDraftProvider');
  return open;
}
