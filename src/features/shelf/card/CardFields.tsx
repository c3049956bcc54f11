import type { FieldPath } from 'react-hook-form';
import type { Kind } from '../../../core/quantity/kinds';
import type { QuantityRule } from '../../../core/quantity/rules';
import { useFormField } from '../../../data/draft/formField';
import { QuantityField } from '../../../ui/fields/QuantityField';
import { TextField } from '../../../ui/fields/TextField';
import type { ResinDraft } from './resinDraft';

interface CardQuantityProps<K extends Kind> {
  readonly path: FieldPath<ResinDraft>;
  readonly label: string;
  readonly unit: string;
  readonly rule: QuantityRule<K>;
}

/** A quantity of the card. */
export function CardQuantity<K extends Kind>({ path, ...field }: CardQuantityProps<K>) {
  return <QuantityField {...field} {...useFormField<ResinDraft>(path)} />;
}

interface CardTextProps {
  readonly path: FieldPath<ResinDraft>;
  readonly label: string;
  readonly numeric?: boolean;
  readonly multiline?: boolean;
  readonly placeholder?: string;
}

/** Words of the card, or a number without a unit. */
export function CardText({ path, ...field }: CardTextProps) {
  return <TextField {...field} {...useFormField<ResinDraft>(path)} />;
}
