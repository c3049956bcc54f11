import { nanoid } from 'nanoid';
import { useState } from 'react';
import { useFormContext } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { mostPours } from '../../../core/job/jobSchema';
import type { JobDraft, PourDraft } from '../../../data/draft/jobDraft';
import { useOpenJob } from '../../../data/draft/openJob';
import { useShelf } from '../../../data/hooks/queries';
import { ActionButton } from '../../../ui/ActionButton';
import { useNotice } from '../../../ui/feedback/NoticeProvider';
import { Panel } from '../../../ui/Panel';
import { space } from '../../../ui/theme/tokens';
import { Words } from '../../../ui/text/Words';
import { addedPourNames } from '../../../words/pours';
import { aloneIn, type PlaceAndPours } from './alonePour';
import { addedPours, addPour, type AddedPour } from './addPour';
import { PourEditor } from './PourEditor';

/** The pours of the job: the one in hand with what it covers, and a row for one more. */
export function PoursPanel({ onPour }: { readonly onPour: (index: number) => void }) {
  const { getValues, setValue } = useFormContext<JobDraft>();
  const { plan, outdated, pourIndex } = useOpenJob();
  const { resins } = useShelf();
  const notice = useNotice();
  const [adding, setAdding] = useState(false);
  if (plan === undefined) return null;

  function put(pours: PourDraft[], index: number): void {
    setValue('pours', pours);
    onPour(index);
  }

  function add(what: AddedPour): void {
    if (plan === undefined) return;
    const before = getValues('pours');
    const { pours, index } = addPour(what, getValues(), plan, resins, nanoid(8));
    put(pours, index);
    setAdding(false);
    notice({
      text: `Added ${pours[index]?.name ?? 'a pour'}`,
      undo: async () => put(before, Math.min(pourIndex, before.length - 1)),
    });
  }

  function set({ pours, ...place }: PlaceAndPours, index: number): void {
    setValue('room', place.room);
    setValue('heat', place.heat);
    setValue('container', place.container);
    setValue('containers', place.containers);
    put(pours, index);
  }

  function remove(): void {
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
  }

  function move(by: 1 | -1): void {
    const pours = [...getValues('pours')];
    const [moved] = pours.splice(pourIndex, 1);
    if (moved === undefined) return;
    pours.splice(pourIndex + by, 0, moved);
    put(pours, pourIndex + by);
  }

  const several = plan.pours.length > 1;
  return (
    <View style={styles.stack}>
      {several && (
        <PourEditor
          key={pourIndex}
          onRemove={remove}
          onEarlier={pourIndex > 0 ? () => move(-1) : undefined}
          onLater={pourIndex + 1 < plan.pours.length ? () => move(1) : undefined}
        />
      )}
      {adding ? (
        <Panel title="What is the other pour for?" testID="add-pour">
          {addedPours.map((what) => (
            <ActionButton key={what} {...addedPourNames[what]} onPress={() => add(what)} />
          ))}
          <ActionButton kind="bare" label="Not now" onPress={() => setAdding(false)} />
        </Panel>
      ) : plan.pours.length >= mostPours ? (
        <Words size="small" colour="inkSoft">
          {mostPours} pours are the most that one job holds.
        </Words>
      ) : (
        <View style={styles.row}>
          <ActionButton
            icon="plus"
            label="Add another pour"
            disabled={outdated}
            onPress={() => setAdding(true)}
          />
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.large },
  row: { flexDirection: 'row' },
});
