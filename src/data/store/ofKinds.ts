import { draftsOfOvertaken } from '../drafts/draftsOfOvertaken';
import { jobIndex } from '../records/jobEntry';
import { liveIndex } from '../records/liveEntry';
import { pieceIndex } from '../records/pieceEntry';
import { patchedSettings } from '../records/patchedSettings';
import type { Surroundings } from './recordStore';

/** What a store must know of the kinds of record that are kept in it. */
export const ofKinds: Pick<Surroundings, 'applyPatch' | 'setBeside' | 'indexes'> = {
  applyPatch: patchedSettings,
  setBeside: draftsOfOvertaken,
  indexes: [jobIndex, liveIndex, pieceIndex],
};
