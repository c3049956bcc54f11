import { StyleSheet, View } from 'react-native';
import type { FieldPath } from 'react-hook-form';
import { bodyDensityRule, lengthRule, positionRule } from '../../core/quantity/rules';
import type { JobDraft } from '../../data/draft/jobDraft';
import { useDraftField, useJobPart } from '../../data/draft/pourInHand';
import { ActionButton } from '../../ui/ActionButton';
import { FieldRow } from '../../ui/fields/FieldRow';
import { QuantityField } from '../../ui/fields/QuantityField';
import { TextField } from '../../ui/fields/TextField';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';

const emptySlab = { length: '', width: '', thickness: '' };

/** Timber that lies in the form beside the cavity: it takes no resin's place, but it floats. */
export function Slabs() {
  const [form = {}, setForm] = useJobPart('form');
  const slabs = form.slabs ?? [];
  const remove = (index: number): void => {
    const left = slabs.filter((_, at) => at !== index);
    setForm({ ...form, slabs: left.length === 0 ? undefined : left });
  };
  return (
    <View style={styles.stack} testID="slabs">
      {slabs.map((_, index) => (
        <SlabFields key={index} index={index} onRemove={() => remove(index)} />
      ))}
      <View style={styles.row}>
        <ActionButton
          icon="plus"
          label="Add a slab beside the cavity"
          onPress={() => setForm({ ...form, slabs: [...slabs, emptySlab] })}
        />
      </View>
    </View>
  );
}

type SlabKey = 'name' | 'length' | 'width' | 'thickness' | 'height' | 'count' | 'density';

function SlabFields({
  index,
  onRemove,
}: {
  readonly index: number;
  readonly onRemove: () => void;
}) {
  const field = (key: SlabKey) => `form.slabs.${index}.${key}` as FieldPath<JobDraft>;
  const name = useDraftField(field('name'));
  return (
    <View style={styles.slab}>
      <View style={styles.head}>
        <Words heading={2} weight="semibold" style={styles.grow}>
          {name.value === '' ? `Slab ${index + 1}` : name.value}
        </Words>
        <ActionButton
          kind="bare"
          icon="delete"
          label="Remove"
          spoken={`Remove slab ${index + 1}`}
          onPress={onRemove}
        />
      </View>
      <FieldRow>
        <QuantityField
          label="Length"
          {...useDraftField(field('length'))}
          unit="mm"
          rule={lengthRule}
        />
        <QuantityField
          label="Width"
          {...useDraftField(field('width'))}
          unit="mm"
          rule={lengthRule}
        />
        <QuantityField
          label="Thickness"
          {...useDraftField(field('thickness'))}
          unit="mm"
          rule={lengthRule}
        />
      </FieldRow>
      <FieldRow>
        <QuantityField
          label="Density (if known)"
          {...useDraftField(field('density'))}
          unit="g/ml"
          rule={bodyDensityRule}
        />
        <QuantityField
          label="Height of its underside above the floor"
          {...useDraftField(field('height'))}
          unit="mm"
          rule={positionRule}
        />
        <TextField label="How many" numeric placeholder="1" {...useDraftField(field('count'))} />
        <TextField label="Name (if you like)" {...name} />
      </FieldRow>
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.large },
  slab: { gap: space.small },
  head: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center' },
  grow: { flexGrow: 1 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
