import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import { useFieldArray, useFormContext } from 'react-hook-form';
import { lengthRule } from '../../../core/quantity/rules';
import type { JobDraft } from '../../../data/draft/jobDraft';
import { useDraftField } from '../../../data/draft/pourInHand';
import { ActionButton } from '../../../ui/ActionButton';
import { useNotice } from '../../../ui/feedback/NoticeProvider';
import { FieldRow } from '../../../ui/fields/FieldRow';
import { QuantityField } from '../../../ui/fields/QuantityField';
import { SignButton } from '../../../ui/SignButton';
import { Words } from '../../../ui/text/Words';
import { space } from '../../../ui/theme/tokens';
import { fieldPath, type DraftPlace } from '../draftPlace';
import { PartQuantity } from '../PartQuantity';

/** Rectangles that cover the cavity side by side, each with how narrow the cavity gets in it. */
export function RectanglesEditor({ place }: { readonly place: DraftPlace }) {
  const notice = useNotice();
  const rectangles = useFieldArray({ name: `${place}.rectangles` } as {
    name: `measure.parts.${number}.rectangles`;
  });
  const { getValues } = useFormContext<JobDraft>();

  function remove(index: number): void {
    const rectangle = getValues(place)?.rectangles?.[index];
    rectangles.remove(index);
    if (rectangle === undefined) return;
    notice({
      text: `Removed rectangle ${index + 1}`,
      undo: async () => rectangles.insert(index, rectangle),
    });
  }

  return (
    <View style={styles.stack}>
      <Words size="small" colour="inkSoft">
        Lay rectangles side by side so that they cover the cavity. The result is on the high side;
        the narrowest widths show by how much at most.
      </Words>
      {rectangles.fields.map(({ id }, index) => (
        <View key={id} style={styles.rectangle} testID={`rectangle-${index + 1}`}>
          <View style={styles.fields}>
            <FieldRow>
              <Side place={place} index={index} side="length" label={`Length ${index + 1}`} />
              <Side place={place} index={index} side="width" label={`Width ${index + 1}`} />
              <Side
                place={place}
                index={index}
                side="narrowest"
                label={`Narrowest ${index + 1} (if you like)`}
              />
            </FieldRow>
          </View>
          {rectangles.fields.length > 1 && (
            <SignButton
              icon="delete"
              label={`Remove rectangle ${index + 1}`}
              onPress={() => remove(index)}
            />
          )}
        </View>
      ))}
      <View style={styles.row}>
        <ActionButton
          icon="plus"
          label="Add a rectangle"
          onPress={() => rectangles.append({ length: '', width: '' })}
        />
      </View>
      <PartQuantity place={place} name="depth" />
    </View>
  );
}

interface SideProps {
  readonly place: DraftPlace;
  readonly index: number;
  readonly side: 'length' | 'width' | 'narrowest';
  readonly label: string;
}

const Side = memo(function Side({ place, index, side, label }: SideProps) {
  const field = useDraftField(fieldPath(place, `rectangles.${index}.${side}`));
  // A rectangle that has just been added is not a mistake yet.
  const problem = field.value === '' ? undefined : field.problem;
  return <QuantityField label={label} {...field} problem={problem} unit="mm" rule={lengthRule} />;
});

const styles = StyleSheet.create({
  stack: { gap: space.medium },
  row: { flexDirection: 'row' },
  rectangle: { flexDirection: 'row', alignItems: 'flex-end', gap: space.small },
  fields: { flex: 1 },
});
