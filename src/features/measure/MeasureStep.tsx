import { StyleSheet, View } from 'react-native';
import { useFieldArray } from 'react-hook-form';
import { overageRule, roomTemperatureRule } from '../../core/quantity/rules';
import { emptyPart, type JobDraft, type PartDraft } from '../../data/draft/jobDraft';
import { useDraftField } from '../../data/draft/useDraftField';
import { ActionButton } from '../../ui/ActionButton';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { FieldRow } from '../../ui/fields/FieldRow';
import { QuantityField } from '../../ui/fields/QuantityField';
import { TextField } from '../../ui/fields/TextField';
import { space } from '../../ui/theme/tokens';
import { shapeNames } from '../../words/names';
import { LayerHeights } from './LayerHeights';
import { PartEditor } from './PartEditor';

/** What is poured: name, room, the cavities, and how much more than they hold. */
export function MeasureStep() {
  const name = useDraftField('name');
  const temperature = useDraftField('room.temperature');
  const overage = useDraftField('overage');
  const parts = useFieldArray<JobDraft, 'measure.parts'>({ name: 'measure.parts' });
  const notice = useNotice();

  function remove(index: number, part: PartDraft): void {
    parts.remove(index);
    notice({
      text: `Removed ${part.name || shapeNames[part.shape].toLowerCase()}`,
      undo: async () => parts.insert(index, part),
    });
  }

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
        <QuantityField label="Overage" {...overage} unit="%" rule={overageRule} />
      </FieldRow>
      {parts.fields.map(({ id }, index) => (
        <PartEditor
          key={id}
          index={index}
          among={parts.fields.length}
          onRemove={parts.fields.length > 1 ? (part) => remove(index, part) : undefined}
        />
      ))}
      <View style={styles.row}>
        <ActionButton
          label="Add a cavity"
          icon="plus"
          onPress={() => parts.append(emptyPart('box'))}
        />
      </View>
      <LayerHeights />
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.large },
  row: { flexDirection: 'row' },
});
