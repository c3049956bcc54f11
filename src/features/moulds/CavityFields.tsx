import { useFormContext, useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { lengthRule, volumeRule } from '../../core/quantity/rules';
import { useFormField } from '../../data/draft/formField';
import { ActionButton } from '../../ui/ActionButton';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { CountField } from '../../ui/fields/CountField';
import { FieldRow } from '../../ui/fields/FieldRow';
import { QuantityField } from '../../ui/fields/QuantityField';
import { TextField } from '../../ui/fields/TextField';
import { Panel } from '../../ui/Panel';
import { SignButton } from '../../ui/SignButton';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { emptyCavity, keepsForm, type CavityDraft, type MouldDraft } from './mouldDraft';

/** The kinds of cavity of a mould; one that is removed can be put back. */
export function CavityList() {
  const { control, getValues, setValue } = useFormContext<MouldDraft>();
  const notice = useNotice();
  const cavities = useWatch({ control, name: 'cavities' });
  const change = (next: CavityDraft[]): void => setValue('cavities', next);
  const remove = (index: number): void => {
    const removed = cavities[index];
    if (removed === undefined) return;
    change(cavities.toSpliced(index, 1));
    notice({
      text: `Removed cavity ${index + 1}`,
      // Into what is there then: others may have been typed in meanwhile.
      undo: async () => change(getValues('cavities').toSpliced(index, 0, removed)),
    });
  };
  return (
    <>
      {cavities.map((cavity, index) => (
        <CavityFields
          key={index}
          index={index}
          cavity={cavity}
          onRemove={cavities.length > 1 ? () => remove(index) : undefined}
        />
      ))}
      <View style={styles.row}>
        <ActionButton
          icon="plus"
          label="Add a cavity"
          onPress={() => change([...cavities, emptyCavity()])}
        />
      </View>
    </>
  );
}

interface CavityFieldsProps {
  readonly index: number;
  readonly cavity: CavityDraft;
  readonly onRemove: (() => void) | undefined;
}

/** One kind of cavity: what it holds, how deep it is, how many of it there are. */
function CavityFields({ index, cavity, onRemove }: CavityFieldsProps) {
  const called = `Cavity ${index + 1}`;
  const volume = useFormField<MouldDraft>(`cavities.${index}.volume`);
  const plusMinus = useFormField<MouldDraft>(`cavities.${index}.plusMinus`);
  const depth = useFormField<MouldDraft>(`cavities.${index}.depth`);
  const count = useFormField<MouldDraft>(`cavities.${index}.count`);
  const name = useFormField<MouldDraft>(`cavities.${index}.name`);
  return (
    <Panel
      testID={`mould-cavity-${index + 1}`}
      title={called}
      actions={
        onRemove && (
          <SignButton icon="delete" label={`Remove ${called.toLowerCase()}`} onPress={onRemove} />
        )
      }
    >
      <FieldRow>
        <QuantityField label="It holds" {...volume} unit="ml" rule={volumeRule} />
        <QuantityField label="Give or take (if known)" {...plusMinus} unit="ml" rule={volumeRule} />
        <QuantityField label="Largest depth (for layers)" {...depth} unit="mm" rule={lengthRule} />
      </FieldRow>
      <View style={styles.note}>
        <Words size="small" colour="inkSoft">
          {keepsForm(cavity)
            ? 'Its measured form is kept: layers follow it.'
            : 'Layers take its sides as straight.'}
        </Words>
      </View>
      <FieldRow>
        <CountField label="Count" {...count} />
        <TextField label="Name (if you like)" {...name} />
      </FieldRow>
    </Panel>
  );
}

const styles = StyleSheet.create({
  note: { marginTop: -space.small },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
