import { memo } from 'react';
import { useDraftField } from '../../data/draft/pourInHand';
import type { QuantityKey } from '../../data/draft/partDraft';
import { QuantityField } from '../../ui/fields/QuantityField';
import { fieldNames } from '../../words/names';
import { fieldPath, type DraftPlace } from './draftPlace';
import { quantityFieldOf } from './quantityFields';

interface PartQuantityProps {
  readonly place: DraftPlace;
  readonly name: QuantityKey;
  /** Says more than the field's usual name. */
  readonly label?: string;
}

/** One typed quantity of a part. */
export const PartQuantity = memo(function PartQuantity({ place, name, label }: PartQuantityProps) {
  const draft = useDraftField(fieldPath(place, name));
  const { rule, unit } = quantityFieldOf(name);
  return (
    <QuantityField label={label ?? fieldNames[name] ?? name} {...draft} unit={unit} rule={rule} />
  );
});
