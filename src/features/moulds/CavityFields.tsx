import { StyleSheet, View } from 'react-native';
import type { Problem } from '../../core/problem';
import { lengthRule, volumeRule } from '../../core/quantity/rules';
import { CountField } from '../../ui/fields/CountField';
import { FieldRow } from '../../ui/fields/FieldRow';
import { QuantityField } from '../../ui/fields/QuantityField';
import { TextField } from '../../ui/fields/TextField';
import { Panel } from '../../ui/Panel';
import { SignButton } from '../../ui/SignButton';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { keepsForm, type CavityDraft } from './mouldDraft';

interface CavityFieldsProps {
  readonly index: number;
  readonly cavity: CavityDraft;
  readonly problemAt: (field: string, typed: string) => Problem | undefined;
  readonly onChange: (cavity: CavityDraft) => void;
  readonly onRemove: (() => void) | undefined;
}

/** One kind of cavity of a mould: what it holds, how deep it is, how many of it there are. */
export function CavityFields({ index, cavity, problemAt, onChange, onRemove }: CavityFieldsProps) {
  const called = `Cavity ${index + 1}`;
  const at = `cavities[${index}]`;
  const text = (key: 'name' | 'volume' | 'plusMinus' | 'depth' | 'count') => ({
    value: cavity[key],
    onChange: (value: string) => onChange({ ...cavity, [key]: value }),
    problem: problemAt(`${at}.${key}`, cavity[key]),
  });
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
        <QuantityField label="It holds" {...text('volume')} unit="ml" rule={volumeRule} />
        <QuantityField
          label="Give or take (if known)"
          {...text('plusMinus')}
          unit="ml"
          rule={volumeRule}
        />
        <QuantityField
          label="Largest depth (for layers)"
          {...text('depth')}
          unit="mm"
          rule={lengthRule}
        />
      </FieldRow>
      <View style={styles.note}>
        <Words size="small" colour="inkSoft">
          {keepsForm(cavity)
            ? 'Its measured form is kept: layers follow it.'
            : 'Layers take its sides as straight.'}
        </Words>
      </View>
      <FieldRow>
        <CountField label="Count" {...text('count')} />
        <TextField label="Name (if you like)" {...text('name')} />
      </FieldRow>
    </Panel>
  );
}

const styles = StyleSheet.create({ note: { marginTop: -space.small } });
