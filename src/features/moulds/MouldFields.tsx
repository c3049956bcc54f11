import { useFormContext, useWatch } from 'react-hook-form';
import { mouldMaterials } from '../../core/measure/mould/materials';
import { lengthRule, temperatureLimitRule } from '../../core/quantity/rules';
import { useFormField, useHasProblem } from '../../data/draft/formField';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { CountField } from '../../ui/fields/CountField';
import { FieldRow } from '../../ui/fields/FieldRow';
import { QuantityField } from '../../ui/fields/QuantityField';
import { TextField } from '../../ui/fields/TextField';
import { Words } from '../../ui/text/Words';
import { materialNames } from '../../words/names';
import { CavityList } from './CavityFields';
import type { MouldDraft } from './mouldDraft';
import { MouldPhoto } from './MouldPhoto';

/** What a mould is of, its cavities, what it stands, how often it was used. */
export function MouldFields() {
  const { control, setValue } = useFormContext<MouldDraft>();
  const [material, photo] = useWatch({ control, name: ['material', 'photo'] });
  const name = useFormField<MouldDraft>('name');
  const wall = useFormField<MouldDraft>('wall');
  const greatestTemperature = useFormField<MouldDraft>('greatestTemperature');
  const castings = useFormField<MouldDraft>('castings');
  const lastFault = useFormField<MouldDraft>('lastFault');
  const notes = useFormField<MouldDraft>('notes');
  return (
    <>
      <TextField label="Name" {...name} />
      <ChoiceField
        label="It is made of"
        value={material}
        choices={mouldMaterials.map((value) => ({ value, label: materialNames[value] }))}
        onChange={(value) => setValue('material', value)}
      />
      {useHasProblem('material') && <Words colour="stop">Choose what the mould is made of.</Words>}
      <CavityList />
      <FieldRow>
        <QuantityField label="Thickness of its walls" {...wall} unit="mm" rule={lengthRule} />
        <QuantityField
          label="Highest temperature it withstands"
          {...greatestTemperature}
          unit="°C"
          rule={temperatureLimitRule}
        />
        <CountField label="Castings made" least={0} {...castings} />
      </FieldRow>
      <TextField label="Last fault" placeholder="torn, cloudy, leaks" {...lastFault} />
      <MouldPhoto photo={photo} onChange={(next) => setValue('photo', next)} />
      <TextField label="Notes" multiline {...notes} />
    </>
  );
}
