import { nanoid } from 'nanoid';
import { useFormContext } from 'react-hook-form';
import type { JobDraft, PourDraft } from '../../../data/draft/jobDraft';
import { useOpenJob } from '../../../data/draft/openJob';
import { useShelf } from '../../../data/hooks/queries';
import { useNotice } from '../../../ui/feedback/NoticeProvider';
import { aloneIn, type PlaceAndPours } from './alonePour';
import { addPour, type AddedPour } from './addedPours';

/**
 * Adds, removes and moves pours of the open job, each with its undo.
 * @param onPour takes a pour in hand, counted from 0
 */
export function usePourChanges(onPour: (index: number) => void) {
  const { getValues, setValue } = useFormContext<JobDraft>();
  const { plan, pourIndex } = useOpenJob();
  const { resins } = useShelf();
  const notice = useNotice();

  function put(pours: PourDraft[], index: number): void {
    setValue('pours', pours);
    onPour(index);
  }

  function set({ pours, ...place }: PlaceAndPours, index: number): void {
    setValue('room', place.room);
    setValue('heat', place.heat);
    setValue('container', place.container);
    setValue('containers', place.containers);
    put(pours, index);
  }

  return {
    add(what: AddedPour): void {
      if (plan === undefined) return;
      const before = getValues('pours');
      const { pours, index } = addPour(what, getValues(), plan, resins, nanoid(8));
      put(pours, index);
      notice({
        text: `Added ${pours[index]?.name ?? 'a pour'}`,
        undo: async () => put(before, Math.min(pourIndex, before.length - 1)),
      });
    },
    remove(): void {
      const before = getValues();
      const { room, heat, container, containers, pours } = before;
      const place = { room, heat, container, containers };
      const gone = pours[pourIndex];
      const left = pours.filter((_, at) => at !== pourIndex);
      const [only] = left;
      const isAlone = left.length === 1 && only !== undefined;
      set(isAlone ? aloneIn(before, only) : { ...place, pours: left }, Math.max(0, pourIndex - 1));
      notice({
        text: `Removed ${gone?.name ?? 'the pour'}`,
        undo: async () => set({ ...place, pours }, pourIndex),
      });
    },
    move(by: 1 | -1): void {
      const pours = [...getValues('pours')];
      const [moved] = pours.splice(pourIndex, 1);
      if (moved === undefined) return;
      pours.splice(pourIndex + by, 0, moved);
      put(pours, pourIndex + by);
    },
  };
}
