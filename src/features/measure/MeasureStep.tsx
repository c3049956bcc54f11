import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { useFieldArray } from 'react-hook-form';
import { roomTemperatureRule } from '../../core/quantity/rules';
import type { JobDraft } from '../../data/draft/jobDraft';
import { useOpenJob } from '../../data/draft/openJob';
import { usePourPart, useDraftField } from '../../data/draft/pourInHand';
import { emptyPart, type PartDraft } from '../../data/draft/partDraft';
import { ActionButton } from '../../ui/ActionButton';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { FieldRow } from '../../ui/fields/FieldRow';
import { QuantityField } from '../../ui/fields/QuantityField';
import { TextField } from '../../ui/fields/TextField';
import { useWays } from '../../ui/frame/useWays';
import { space } from '../../ui/theme/tokens';
import { shapeNames } from '../../words/names';
import { Allowances } from './Allowances';
import { HeightCurve } from './HeightCurve';
import { PartEditor } from './PartEditor';
import { PoursPanel } from './pours/PoursPanel';

/** What is poured: name, room, the cavities, what stands in them, and how much more than they hold. */
export function MeasureStep() {
  const name = useDraftField('name');
  const [ownRoom] = usePourPart('room');
  const { record, outdated, plan } = useOpenJob();
  // With one pour there is one room: that of the pour where a file says it there.
  const alone = plan !== undefined && plan.pours.length === 1 && ownRoom !== undefined;
  const temperature = useDraftField(alone ? 'pours.0.room.temperature' : 'room.temperature');
  const parts = useFieldArray<JobDraft, 'measure.parts'>({ name: 'measure.parts' });
  const inserts = useFieldArray<JobDraft, 'measure.inserts'>({ name: 'measure.inserts' });
  const notice = useNotice();
  const router = useRouter();
  const { here } = useWays('/jobs');

  const keep = (part: number | undefined): void =>
    router.push({
      pathname: '/jobs/[id]/mould',
      params: { id: record.id, ...(part === undefined ? {} : { part }), ...here },
    });

  const removed = (
    list: { readonly insert: (index: number, part: PartDraft) => void },
    index: number,
    part: PartDraft,
  ): void =>
    notice({
      text: `Removed ${part.name || shapeNames[part.shape].toLowerCase()}`,
      undo: async () => list.insert(index, part),
    });

  return (
    <View style={styles.stack}>
      <TextField label="Name" {...name} />
      <FieldRow>
        <QuantityField
          label="Room temperature"
          {...temperature}
          unit="°C"
          rule={roomTemperatureRule}
        />
      </FieldRow>
      {parts.fields.map(({ id }, index) => (
        <PartEditor
          key={id}
          kind="part"
          index={index}
          among={parts.fields.length}
          onRemove={
            parts.fields.length > 1
              ? (part) => {
                  parts.remove(index);
                  removed(parts, index, part);
                }
              : undefined
          }
          onKeep={() => keep(index)}
        />
      ))}
      {inserts.fields.map(({ id }, index) => (
        <PartEditor
          key={id}
          kind="insert"
          index={index}
          among={inserts.fields.length}
          onRemove={(part) => {
            inserts.remove(index);
            removed(inserts, index, part);
          }}
        />
      ))}
      <View style={styles.row}>
        <ActionButton
          label="Add a cavity"
          icon="plus"
          onPress={() => parts.append(emptyPart('box'))}
        />
        <ActionButton
          label="Add an insert"
          icon="plus"
          onPress={() => inserts.append(emptyPart('cylinder'))}
        />
        {parts.fields.length > 1 && !outdated && (
          <ActionButton
            label="Keep all cavities as one mould"
            icon="cup-outline"
            onPress={() => keep(undefined)}
          />
        )}
      </View>
      <PoursPanel onPour={(index) => router.setParams({ pour: String(index + 1) })} />
      <Allowances />
      <HeightCurve />
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.large },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
