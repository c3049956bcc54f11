import { StyleSheet, View } from 'react-native';
import { useController, useWatch } from 'react-hook-form';
import { flatRules, flatShapes, type FlatShape } from '../../../core/measure/flat/flatRules';
import type { OutlineDetail } from '../../../core/measure/measured';
import { lengthRule } from '../../../core/quantity/rules';
import type { JobDraft } from '../../../data/draft/jobDraft';
import { useDraftField } from '../../../data/draft/pourInHand';
import { ChoiceField } from '../../../ui/fields/ChoiceField';
import { CountField } from '../../../ui/fields/CountField';
import { FieldRow } from '../../../ui/fields/FieldRow';
import { QuantityField } from '../../../ui/fields/QuantityField';
import { SwitchField } from '../../../ui/fields/SwitchField';
import { space } from '../../../ui/theme/tokens';
import { fieldNames, flatNames, shapeNames } from '../../../words/names';
import { fieldPath, type DraftPlace } from '../draftPlace';
import { PartQuantity } from '../PartQuantity';
import { DrawingEditor } from './DrawingEditor';
import { TracedEditor } from './TracedEditor';

type Outlined = 'drawing' | 'traced';
type Way = 'sides' | 'area' | Exclude<FlatShape, 'rectangle'> | Outlined;

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
      {way === 'drawing' && <DrawingEditor place={`${place}.face`} detail={outline} />}
      {way === 'traced' && <TracedEditor place={`${place}.face`} detail={outline} />}
      <FieldRow>
        {way === 'sides' && <PartQuantity place={place} name="length" />}
        {way === 'sides' && <PartQuantity place={place} name="width" />}
        {way === 'area' && <PartQuantity place={place} name="area" />}
        {known !== undefined &&
          Object.entries(flatRules[known].fields).map(([key, field]) => (
            <FaceField key={key} place={place} name={key} isCount={field === 'sides'} />
          ))}
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

/** A face that has only just been chosen. */
const beginFace = (shape: Exclude<Way, 'sides' | 'area'>): object =>
  shape === 'traced' ? { shape, outlines: [], scale: { by: 'grid', square: '10 mm' } } : { shape };

function FaceField({
  place,
  name,
  isCount,
}: {
  readonly place: DraftPlace;
  readonly name: string;
  readonly isCount: boolean;
}) {
  const field = useDraftField(fieldPath(place, `face.${name}`));
  const label = fieldNames[name] ?? name;
  return isCount ? (
    <CountField label={label} {...field} />
  ) : (
    <QuantityField label={label} {...field} unit="mm" rule={lengthRule} />
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
