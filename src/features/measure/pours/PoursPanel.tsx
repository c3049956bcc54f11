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

  function remove(): void {
    const before = getValues('pours');
    const gone = before[pourIndex];
    const left = before.filter((_, at) => at !== pourIndex);
    const { room, heat } = getValues();
    const [only] = left;
    // Alone again, it fills all of the form, and its room is the room of the job: the day was of the other one.
    if (left.length === 1 && only?.room !== undefined) {
      setValue('room', only.room);
      if (heat?.day !== undefined) setValue('heat', { ...heat, day: undefined });
    }
    put(left.length === 1 ? left.map(alone) : left, Math.max(0, pourIndex - 1));
    notice({
      text: `Removed ${gone?.name ?? 'the pour'}`,
      undo: async () => {
        setValue('room', room);
        setValue('heat', heat);
        put(before, pourIndex);
      },
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

/** What is left of a pour when it is the only one: its stretch of the form is all of it. */
const alone = ({ fills: _fills, room: _room, ...pour }: PourDraft): PourDraft => pour;

const styles = StyleSheet.create({
  stack: { gap: space.large },
  row: { flexDirection: 'row' },
});
