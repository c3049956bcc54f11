import { useController, useWatch, type FieldPath } from 'react-hook-form';
import { StyleSheet } from 'react-native';
import { partShapes, type PartShape } from '../../core/measure/partSchema';
import { areaRule, lengthRule, amountRule, type QuantityRule } from '../../core/quantity/rules';
import type { JobDraft, PartDraft } from '../../data/draft/jobDraft';
import { useOpenJob } from '../../data/draft/openJob';
import { useDraftField } from '../../data/draft/useDraftField';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { CountField } from '../../ui/fields/CountField';
import { FieldRow } from '../../ui/fields/FieldRow';
import { QuantityField } from '../../ui/fields/QuantityField';
import { TextField } from '../../ui/fields/TextField';
import { Panel } from '../../ui/Panel';
import { cavityTestId } from '../../ui/section/cavityTestId';
import { SignButton } from '../../ui/SignButton';
import { Words } from '../../ui/text/Words';
import { sayMl } from '../../words/figures';
import { fieldNames, shapeNames } from '../../words/names';

type QuantityKey = Exclude<keyof PartDraft, 'shape' | 'count' | 'name'>;

const fieldsOfShape: Readonly<Record<PartShape, readonly QuantityKey[]>> = {
  box: ['length', 'width', 'depth'],
  cylinder: ['diameter', 'depth'],
  frustum: ['bottomDiameter', 'topDiameter', 'depth'],
  coat: ['length', 'width', 'thickness'],
  amount: ['amount'],
};

interface PartEditorProps {
  readonly index: number;
  /** How many cavities are being typed: a plan with another number is not of these. */
  readonly among: number;
  readonly onRemove: ((part: PartDraft) => void) | undefined;
}

/** One cavity: its shape, its measures, how many of it. */
export function PartEditor({ index, among, onRemove }: PartEditorProps) {
  const path = `measure.parts.${index}` as const;
  const part = useWatch<JobDraft, typeof path>({ name: path });
  const shape = useController<JobDraft>({ name: `${path}.shape` });
  const area = useController<JobDraft>({ name: `${path}.area` });
  const name = useDraftField(`${path}.name`);
  const count = useDraftField(`${path}.count`);
  const { plan, outdated } = useOpenJob();
  const byArea = part.shape === 'coat' && part.area !== undefined;
  const keys: readonly QuantityKey[] = byArea ? ['area', 'thickness'] : fieldsOfShape[part.shape];
  const measured = plan?.parts.length === among ? plan.parts[index] : undefined;
  return (
    <Panel
      testID={cavityTestId(index)}
      title={`Cavity ${index + 1}`}
      actions={
        onRemove && (
          <SignButton
            icon="delete"
            label={`Remove cavity ${index + 1}`}
            onPress={() => onRemove(part)}
          />
        )
      }
    >
      <ChoiceField
        label={`Shape of cavity ${index + 1}`}
        labelHidden
        value={part.shape}
        choices={partShapes.map((value) => ({ value, label: shapeNames[value] }))}
        onChange={shape.field.onChange}
      />
      {part.shape === 'coat' && (
        <ChoiceField
          label="Measured by"
          labelHidden
          value={byArea ? 'area' : 'sides'}
          choices={[
            { value: 'sides', label: 'Length and width' },
            { value: 'area', label: 'Area' },
          ]}
          onChange={(by) => area.field.onChange(by === 'area' ? '' : undefined)}
        />
      )}
      <FieldRow>
        {keys.map((key) => (
          <PartQuantity key={key} path={`${path}.${key}`} name={key} />
        ))}
        <CountField label="Count" {...count} />
        <TextField label="Name (if you like)" {...name} />
      </FieldRow>
      {measured !== undefined && (
        <Words weight="semibold" style={outdated && styles.outdated}>
          {sayMl(measured.ml)}
          {measured.count > 1 && (
            <Words colour="inkSoft">
              {' '}
              = {measured.count} × {sayMl(measured.eachMl)}
            </Words>
          )}
        </Words>
      )}
    </Panel>
  );
}

const ruleOf = (
  key: QuantityKey,
): QuantityRule<'length'> | QuantityRule<'area'> | typeof amountRule =>
  key === 'area' ? areaRule : key === 'amount' ? amountRule : lengthRule;

const unitOfKey = (key: QuantityKey): string =>
  key === 'area' ? 'm2' : key === 'amount' ? 'ml' : 'mm';

function PartQuantity({
  path,
  name,
}: {
  readonly path: FieldPath<JobDraft>;
  readonly name: QuantityKey;
}) {
  const field = useDraftField(path);
  return (
    <QuantityField
      label={fieldNames[name] ?? name}
      {...field}
      unit={unitOfKey(name)}
      rule={ruleOf(name) as QuantityRule}
    />
  );
}

const styles = StyleSheet.create({ outdated: { opacity: 0.5 } });
