import { usualFill } from '../../core/mix/mixingSchema';
import { sayPart } from '../../words/figures';
import { useState } from 'react';
import { useFormContext, useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { fillRule, volumeRule } from '../../core/quantity/rules';
import { usualContainer, type ContainerDraft, type JobDraft } from '../../data/draft/jobDraft';
import { useDraftField } from '../../data/draft/pourInHand';
import { useKept } from '../../data/hooks/useKept';
import { ActionButton } from '../../ui/ActionButton';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { FieldRow } from '../../ui/fields/FieldRow';
import { QuantityField } from '../../ui/fields/QuantityField';
import { TextField } from '../../ui/fields/TextField';
import { SignButton } from '../../ui/SignButton';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';

type Way = 'container' | 'set' | 'none';

/** What it is mixed in: one cup or bucket, the best of the person's own, or one batch whatever it takes. */
export function Containers() {
  const { setValue } = useFormContext<JobDraft>();
  const container = useWatch<JobDraft, 'container'>({ name: 'container' });
  const containers = useWatch<JobDraft, 'containers'>({ name: 'containers' });
  const { items: kept } = useKept('containers');
  // Going to another way and back brings the same container again.
  const [before, setBefore] = useState(container ?? usualContainer);
  const way: Way =
    container !== undefined ? 'container' : containers !== undefined ? 'set' : 'none';
  const choose = (next: Way): void => {
    if (container !== undefined) setBefore(container);
    setValue('container', next === 'container' ? before : undefined);
    const own = kept.length > 0 ? kept.map((each) => ({ ...each })) : [{ capacity: '' }];
    setValue('containers', next === 'set' ? own : undefined);
  };
  return (
    <View style={styles.stack}>
      <ChoiceField
        label="Mixed in"
        value={way}
        choices={[
          { value: 'container', label: 'A cup or bucket' },
          { value: 'set', label: 'The best of several' },
          { value: 'none', label: 'One batch, whatever it takes' },
        ]}
        onChange={choose}
      />
      {way === 'container' && <OneContainer />}
      {way === 'set' && <ContainerSet containers={containers ?? []} />}
    </View>
  );
}

function OneContainer() {
  const capacity = useDraftField('container.capacity');
  const fill = useDraftField('container.fill');
  return (
    <FieldRow>
      <QuantityField label="Container holds" {...capacity} unit="l" rule={volumeRule} />
      <QuantityField label="Filled to" {...fill} unit="%" rule={fillRule} />
    </FieldRow>
  );
}

/** Cups and buckets to choose from; the plan takes the one with the fewest batches, of those the smallest. */
function ContainerSet({ containers }: { readonly containers: readonly ContainerDraft[] }) {
  const { setValue } = useFormContext<JobDraft>();
  const { replace } = useKept('containers');
  const notice = useNotice();
  const change = (next: ContainerDraft[]): void => setValue('containers', next);
  const whole = containers.filter(({ capacity }) => capacity !== '');
  return (
    <View style={styles.stack}>
      {containers.map((container, index) => (
        <ContainerRow
          key={index}
          index={index}
          container={container}
          onChange={(changed) =>
            change(containers.map((each, at) => (at === index ? { ...each, ...changed } : each)))
          }
          onRemove={() => change(containers.filter((_, at) => at !== index))}
        />
      ))}
      <View style={styles.row}>
        <ActionButton
          icon="plus"
          label="Add a cup or bucket"
          onPress={() => change([...containers, { capacity: '' }])}
        />
        <ActionButton
          kind="bare"
          label="Keep these as mine"
          onPress={() => {
            void replace(whole);
            notice({ text: 'Other jobs can be mixed in these too' });
          }}
        />
      </View>
    </View>
  );
}

interface ContainerRowProps {
  readonly index: number;
  readonly container: ContainerDraft;
  readonly onChange: (changed: Partial<ContainerDraft>) => void;
  readonly onRemove: () => void;
}

function ContainerRow({ index, container, onChange, onRemove }: ContainerRowProps) {
  const name = useDraftField(`containers.${index}.name`);
  const capacity = useDraftField(`containers.${index}.capacity`);
  return (
    <View style={styles.stack} testID={`container-${index + 1}`}>
      <View style={styles.head}>
        <Words weight="semibold">{container.name || `Container ${index + 1}`}</Words>
        <SignButton icon="delete" label={`Remove container ${index + 1}`} onPress={onRemove} />
      </View>
      <FieldRow>
        <TextField label={`Name of container ${index + 1}`} {...name} />
        <QuantityField
          label={`Container ${index + 1} holds`}
          {...capacity}
          // One that has just been added is not a mistake yet.
          problem={capacity.value === '' ? undefined : capacity.problem}
          unit="l"
          rule={volumeRule}
        />
      </FieldRow>
      <ChoiceField
        label="Used for"
        value={container.use ?? 'stir'}
        choices={[
          { value: 'stir', label: 'Stirring', note: `filled to ${sayPart(usualFill.stir)}` },
          { value: 'vacuum', label: 'Vacuum', note: `filled to ${sayPart(usualFill.vacuum)}` },
        ]}
        onChange={(use) => onChange({ use, fill: undefined })}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.medium },
  head: { flexDirection: 'row', alignItems: 'center', justifyContent: 'space-between' },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
