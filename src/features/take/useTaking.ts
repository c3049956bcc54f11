import { useCallback, useEffect, useRef, useState } from 'react';
import type { Job } from '../../core/job/jobSchema';
import type { Shelf } from '../../core/plan/planTypes';
import { InputError, type Problem } from '../../core/problem';
import { collecting } from '../../data/links/browserCollecting';
import { jobOfLetters } from '../../data/links/jobLinks';
import { collected, readLinkEnd, type Collected } from '../../data/links/linkParts';

/** How far what links say has come: nothing is kept before the person says so. */
export type Taking =
  | { readonly state: 'nothing' }
  | { readonly state: 'collecting'; readonly collected: Collected }
  | { readonly state: 'arrived'; readonly job: Job }
  | { readonly state: 'wrong'; readonly problem: Problem };

/** Parts that do not come to what they say are forgotten: kept, they would spoil the right ones that are read next. */
async function orForgotten<T>(sum: string, work: () => T): Promise<T> {
  try {
    return work();
  } catch (error) {
    await collecting.forget(sum);
    throw error;
  }
}

/** Takes links and codes, one after the other, until a job is whole. */
export function useTaking(shelf: Shelf): {
  readonly taking: Taking;
  /** Takes a link, or what a code says. */
  readonly take: (text: string) => Promise<void>;
  readonly leave: () => void;
} {
  const [taking, setTaking] = useState<Taking>({ state: 'nothing' });
  const latestShelf = useRef(shelf);
  useEffect(() => {
    latestShelf.current = shelf;
  });

  const take = useCallback(async (text: string): Promise<void> => {
    try {
      const at = text.indexOf('#');
      const end = at < 0 ? undefined : readLinkEnd(text.slice(at).trim());
      if (end === undefined) throw new InputError('link-foreign', text.slice(0, 80));
      if (end.kind === 'job') {
        return setTaking({ state: 'arrived', job: jobOfLetters(end.letters, latestShelf.current) });
      }
      const parts = await collecting.add(end.part, Date.now());
      const so = await orForgotten(end.part.sum, () => collected(parts));
      if (so.letters === undefined) return setTaking({ state: 'collecting', collected: so });
      await collecting.forget(end.part.sum);
      setTaking({ state: 'arrived', job: jobOfLetters(so.letters, latestShelf.current) });
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      setTaking({ state: 'wrong', problem: error });
    }
    return undefined;
  }, []);
  const leave = useCallback(() => setTaking({ state: 'nothing' }), []);
  return { taking, take, leave };
}
