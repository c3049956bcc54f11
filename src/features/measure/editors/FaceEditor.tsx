import { flatRules, type FlatShape } from '../../../core/measure/flat/flatRules';
import type { OutlineDetail } from '../../../core/measure/measured';
import { lengthRule } from '../../../core/quantity/rules';
import { useDraftField } from '../../../data/draft/pourInHand';
import { CountField } from '../../../ui/fields/CountField';
import { QuantityField } from '../../../ui/fields/QuantityField';
import { fieldNames } from '../../../words/names';
import { fieldPath, type DraftPlace } from '../draftPlace';
import { DrawingEditor } from './DrawingEditor';
import { TracedEditor } from './TracedEditor';

/** A face that is no plain figure. */
export type OutlinedFace = 'drawing' | 'traced';

/** A face that has only just been chosen. */
export const beginFace = (shape: FlatShape | OutlinedFace): object =>
  shape === 'traced' ? { shape, outlines: [], scale: { by: 'grid', square: '10 mm' } } : { shape };

/** A face that is drawn or traced. */
export function OutlinedFaceEditor({
  place,
  shape,
  outline,
}: {
  readonly place: DraftPlace;
  readonly shape: OutlinedFace;
  readonly outline: OutlineDetail | undefined;
}) {
  return shape === 'drawing' ? (
    <DrawingEditor place={`${place}.face`} detail={outline} />
  ) : (
    <TracedEditor place={`${place}.face`} detail={outline} />
  );
}

/** The figures that a plain face asks for. */
export function FaceFields({
  place,
  shape,
}: {
  readonly place: DraftPlace;
  readonly shape: FlatShape;
}) {
  return Object.entries(flatRules[shape].fields).map(([key, field]) => (
    <FaceField key={key} place={place} name={key} isCount={field === 'sides'} />
  ));
}

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
