import { StyleSheet, View } from 'react-native';
import { useController, useWatch } from 'react-hook-form';
import { flatShapes, type FlatShape } from '../../../core/measure/flat/flatRules';
import type { OutlineDetail } from '../../../core/measure/measured';
import { lengthRule } from '../../../core/quantity/rules';
import type { JobDraft } from '../../../data/draft/jobDraft';
import { useDraftField } from '../../../data/draft/pourInHand';
import { ChoiceField } from '../../../ui/fields/ChoiceField';
import { FieldRow } from '../../../ui/fields/FieldRow';
import { QuantityField } from '../../../ui/fields/QuantityField';
import { SwitchField } from '../../../ui/fields/SwitchField';
import { space } from '../../../ui/theme/tokens';
import { flatNames, shapeNames } from '../../../words/names';
import { fieldPath, type DraftPlace } from '../draftPlace';
import { PartQuantity } from '../PartQuantity';
import { beginFace, FaceFields, OutlinedFaceEditor, type OutlinedFace } from './FaceEditor';

type Way = 'sides' | 'area' | Exclude<FlatShape, 'rectangle'> | OutlinedFace;

const otherFaces = flatShapes.filter(
  (shape): shape is Exclude<FlatShape, 'rectangle'> => shape !== 'rectangle',
);

/** A coat: the face by its sides, its area or its shape; how thick; edges and underside. */
export function CoatEditor({
  place,
  outline,
}: {
  readonly place: DraftPlace;
  readonly outline: OutlineDetail | undefined;
}) {
  const part = useWatch<JobDraft, DraftPlace>({ name: place });
  const area = useController<JobDraft>({ name: fieldPath(place, 'area') });
  const face = useController<JobDraft>({ name: fieldPath(place, 'face') });
  const edges = useController<JobDraft>({ name: fieldPath(place, 'edges') });
  const underside = useController<JobDraft>({ name: fieldPath(place, 'underside') });
  const shape = part?.face?.shape;
  const known = otherFaces.find((each) => each === shape);
  const outlined = shape === 'drawing' || shape === 'traced' ? shape : undefined;
  const way: Way = known ?? outlined ?? (part?.area !== undefined ? 'area' : 'sides');
  const choose = (next: Way): void => {
    area.field.onChange(next === 'area' ? '' : undefined);
    face.field.onChange(next === 'area' || next === 'sides' ? undefined : beginFace(next));
  };
  return (
    <View style={styles.stack}>
      <ChoiceField
        label="Measured by"
        labelHidden
        value={way}
        choices={[
          { value: 'sides', label: 'Length and width' },
          { value: 'area', label: 'Area' },
          ...otherFaces.map((value) => ({ value, label: flatNames[value] })),
          { value: 'drawing', label: shapeNames.drawing },
          { value: 'traced', label: shapeNames.traced },
        ]}
        onChange={choose}
      />
      {outlined !== undefined && (
        <OutlinedFaceEditor place={place} shape={outlined} outline={outline} />
      )}
      <FieldRow>
        {way === 'sides' && <PartQuantity place={place} name="length" />}
        {way === 'sides' && <PartQuantity place={place} name="width" />}
        {way === 'area' && <PartQuantity place={place} name="area" />}
        {known !== undefined && <FaceFields place={place} shape={known} />}
        <PartQuantity place={place} name="thickness" />
      </FieldRow>
      {way !== 'area' && (
        <>
          <SwitchField
            label="Coat the edges too"
            value={part?.edges !== undefined}
            onChange={(on) => edges.field.onChange(on ? { height: '' } : undefined)}
          />
          {part?.edges !== undefined && (
            <FieldRow>
              <LengthField place={place} name="edges.height" label="Height of the edges" />
              <LengthField
                place={place}
                name="edges.thickness"
                label="Thickness there (if other)"
              />
            </FieldRow>
          )}
          <SwitchField
            label="A drip band underneath"
            value={part?.underside !== undefined}
            onChange={(on) => underside.field.onChange(on ? { band: '' } : undefined)}
          />
          {part?.underside !== undefined && (
            <FieldRow>
              <LengthField place={place} name="underside.band" label="Width of the band" />
              <LengthField
                place={place}
                name="underside.thickness"
                label="Thickness there (if other)"
              />
            </FieldRow>
          )}
        </>
      )}
    </View>
  );
}

function LengthField({
  place,
  name,
  label,
}: {
  readonly place: DraftPlace;
  readonly name: `edges.${string}` | `underside.${string}`;
  readonly label: string;
}) {
  const field = useDraftField(fieldPath(place, name));
  return <QuantityField label={label} {...field} unit="mm" rule={lengthRule} />;
}

const styles = StyleSheet.create({ stack: { gap: space.medium } });
