import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useFormContext } from 'react-hook-form';
import {
  shapeRules,
  type PlainShape,
  type ShapeRule,
} from '../../../core/measure/shapes/shapeRules';
import type { JobDraft } from '../../../data/draft/jobDraft';
import type { QuantityKey } from '../../../data/draft/partDraft';
import { useDraftField } from '../../../data/draft/pourInHand';
import { ActionButton } from '../../../ui/ActionButton';
import { CountField } from '../../../ui/fields/CountField';
import { FieldRow } from '../../../ui/fields/FieldRow';
import { space } from '../../../ui/theme/tokens';
import { fieldNames } from '../../../words/names';
import { fieldPath, type DraftPlace } from '../draftPlace';
import { PartQuantity } from '../PartQuantity';

interface PlainEditorProps {
  readonly place: DraftPlace;
  readonly shape: PlainShape;
}

/** A shape by its measures; draft and wall, which few need, open on a tap. */
export function PlainEditor({ place, shape }: PlainEditorProps) {
  const rule: ShapeRule = shapeRules[shape];
  const { getValues } = useFormContext<JobDraft>();
  const optional = Object.keys(rule.optional) as QuantityKey[];
  const [open, setOpen] = useState(() => {
    const part = getValues(place);
    return optional.some((key) => (part?.[key] ?? '') !== '');
  });
  return (
    <View style={styles.stack}>
      <FieldRow>
        {Object.entries(rule.fields).map(([key, field]) =>
          field === 'sides' ? (
            <SidesField key={key} place={place} />
          ) : (
            <PartQuantity key={key} place={place} name={key as QuantityKey} />
          ),
        )}
      </FieldRow>
      {optional.length > 0 && open && (
        <FieldRow>
          {optional.map((key) => (
            <PartQuantity key={key} place={place} name={key} />
          ))}
        </FieldRow>
      )}
      {optional.length > 0 && !open && (
        <View style={styles.row}>
          <ActionButton
            kind="bare"
            icon="plus"
            label={optional.includes('draft') ? 'Draft or hollow' : 'Hollow'}
            onPress={() => setOpen(true)}
          />
        </View>
      )}
    </View>
  );
}

function SidesField({ place }: { readonly place: DraftPlace }) {
  const sides = useDraftField(fieldPath(place, 'sides'));
  return <CountField label={fieldNames['sides'] ?? 'Sides'} {...sides} />;
}

const styles = StyleSheet.create({
  stack: { gap: space.medium },
  row: { flexDirection: 'row' },
});
