import { useState } from 'react';
import { useController } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { fillRule, massRule, volumeRule } from '../../core/quantity/rules';
import type { JobDraft } from '../../data/draft/jobDraft';
import { useDraftField } from '../../data/draft/useDraftField';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { FieldRow } from '../../ui/fields/FieldRow';
import { QuantityField } from '../../ui/fields/QuantityField';
import { space } from '../../ui/theme/tokens';

/** Before there was a container: a common bucket, filled so that it can be stirred. */
const usualContainer = { capacity: '1 l', fill: '80 %' };

/** What it is mixed in and weighed on. */
export function MixStep() {
  const { field } = useController<JobDraft, 'container'>({ name: 'container' });
  const step = useDraftField('scale.step');
  // Going to one batch and back brings the same container again.
  const [container, setContainer] = useState(field.value ?? usualContainer);
  const choose = (value: 'container' | 'none'): void => {
    if (field.value !== undefined) setContainer(field.value);
    field.onChange(value === 'none' ? undefined : container);
  };
  return (
    <View style={styles.stack}>
      <ChoiceField
        label="Mixed in"
        value={field.value === undefined ? 'none' : 'container'}
        choices={[
          { value: 'container', label: 'A cup or bucket' },
          { value: 'none', label: 'One batch, whatever it takes' },
        ]}
        onChange={choose}
      />
      {field.value !== undefined && <ContainerFields />}
      <QuantityField label="Scale shows steps of" {...step} unit="g" rule={massRule} />
    </View>
  );
}

function ContainerFields() {
  const capacity = useDraftField('container.capacity');
  const fill = useDraftField('container.fill');
  return (
    <FieldRow>
      <QuantityField label="Container holds" {...capacity} unit="l" rule={volumeRule} />
      <QuantityField label="Filled to" {...fill} unit="%" rule={fillRule} />
    </FieldRow>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.large },
});
