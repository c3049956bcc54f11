import { useController } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { fillRule, massRule, volumeRule } from '../../core/quantity/rules';
import type { JobDraft } from '../../data/draft/jobDraft';
import { useDraftField } from '../../data/draft/useDraftField';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { FieldRow } from '../../ui/fields/FieldRow';
import { QuantityField } from '../../ui/fields/QuantityField';
import { space } from '../../ui/theme/tokens';
import { sayReadBack } from '../../words/readBack';

/** Before there was a container: a common bucket, filled so that it can be stirred. */
const usualContainer = { capacity: '1 l', fill: '80 %' };

/** What it is mixed in and weighed on. */
export function MixStep() {
  const { field } = useController<JobDraft, 'container'>({ name: 'container' });
  const step = useDraftField('scale.step');
  return (
    <View style={styles.stack}>
      <ChoiceField
        label="Mixed in"
        value={field.value === undefined ? 'none' : 'container'}
        choices={[
          { value: 'container', label: 'A cup or bucket' },
          { value: 'none', label: 'One batch, whatever it takes' },
        ]}
        onChange={(value) => field.onChange(value === 'none' ? undefined : usualContainer)}
      />
      {field.value !== undefined && <ContainerFields />}
      <QuantityField
        label="Scale shows steps of"
        {...step}
        unit="g"
        readBack={sayReadBack(step.value, massRule)}
      />
    </View>
  );
}

function ContainerFields() {
  const capacity = useDraftField('container.capacity');
  const fill = useDraftField('container.fill');
  return (
    <FieldRow>
      <QuantityField
        label="Container holds"
        {...capacity}
        unit="l"
        readBack={sayReadBack(capacity.value, volumeRule)}
      />
      <QuantityField
        label="Filled to"
        {...fill}
        unit="%"
        readBack={sayReadBack(fill.value, fillRule)}
      />
    </FieldRow>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.large },
});
