import { StyleSheet, View } from 'react-native';
import { useController, useWatch } from 'react-hook-form';
import { flatShapes, type FlatShape } from '../../../core/measure/flat/flatRules';
import type { DomeDetail } from '../../../core/measure/measured';
import type { JobDraft } from '../../../data/draft/jobDraft';
import { ChoiceLine } from '../../../ui/fields/ChoiceLine';
import { ChoiceField } from '../../../ui/fields/ChoiceField';
import { FieldRow } from '../../../ui/fields/FieldRow';
import { Words } from '../../../ui/text/Words';
import { space } from '../../../ui/theme/tokens';
import { sayDome } from '../../../words/domes';
import { flatNames, shapeNames } from '../../../words/names';
import { fieldPath, type DraftPlace } from '../draftPlace';
import { PartQuantity } from '../PartQuantity';
import { beginFace, FaceFields, OutlinedFaceEditor, type OutlinedFace } from './FaceEditor';

type Shape = FlatShape | OutlinedFace;

/** Resin that stands over a face: its edge, how high it stands or how steep it leaves the edge, and the recess under it. */
export function DomeEditor({
  place,
  detail,
}: {
  readonly place: DraftPlace;
  readonly detail: DomeDetail | undefined;
}) {
  const part = useWatch<JobDraft, DraftPlace>({ name: place });
  const face = useController<JobDraft>({ name: fieldPath(place, 'face') });
  const height = useController<JobDraft>({ name: fieldPath(place, 'height') });
  const angle = useController<JobDraft>({ name: fieldPath(place, 'angle') });
  const rim = useController<JobDraft>({ name: fieldPath(place, 'rim') });
  const shape: Shape = part?.face?.shape ?? 'circle';
  const plain = flatShapes.find((each) => each === shape);
  const by = part?.angle === undefined ? 'height' : 'angle';
  return (
    <View style={styles.stack}>
      <ChoiceLine<Shape>
        label="Its face"
        value={shape}
        choices={[
          ...flatShapes.map((value) => ({ value: value as Shape, label: flatNames[value] })),
          { value: 'drawing', label: shapeNames.drawing },
          { value: 'traced', label: shapeNames.traced },
        ]}
        onChange={(next) => face.field.onChange(beginFace(next))}
      />
      {plain === undefined ? (
        <OutlinedFaceEditor place={place} shape={shape as OutlinedFace} outline={detail?.outline} />
      ) : (
        <FieldRow>
          <FaceFields place={place} shape={plain} />
        </FieldRow>
      )}
      <ChoiceField
        label="How high"
        labelHidden
        value={by}
        choices={[
          { value: 'height', label: 'Height in the middle' },
          { value: 'angle', label: 'Angle at the edge' },
        ]}
        onChange={(next) => {
          height.field.onChange(next === 'height' ? '' : undefined);
          angle.field.onChange(next === 'angle' ? '' : undefined);
        }}
      />
      <FieldRow>
        {by === 'height' ? (
          <PartQuantity place={place} name="height" label="Height in the middle" />
        ) : (
          <PartQuantity place={place} name="angle" label="Angle at the edge" />
        )}
        <PartQuantity place={place} name="recess" label="Recess under the rim (if any)" />
      </FieldRow>
      <ChoiceLine
        label="The edge that holds it is"
        value={part?.rim ?? 'sharp'}
        assumed={part?.rim === undefined}
        choices={[
          { value: 'sharp', label: 'Sharp' },
          { value: 'rounded', label: 'Rounded', note: 'holds much less' },
        ]}
        onChange={rim.field.onChange}
      />
      <PartQuantity
        place={place}
        name="twentyDrops"
        label="Twenty drops weigh (if you weigh them)"
      />
      {detail !== undefined && (
        <View role="status">
          {sayDome(detail).map((line) => (
            <Words key={line}>{line}</Words>
          ))}
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({ stack: { gap: space.medium } });
