import { lengthRule } from '../../core/quantity/rules';
import { usePourField } from '../../data/draft/pourInHand';
import { FieldRow } from '../../ui/fields/FieldRow';
import { QuantityField } from '../../ui/fields/QuantityField';
import { capital } from '../../words/figures';

interface SideFieldsProps {
  readonly of: 'sizes' | 'piece';
  /** Said after each side. */
  readonly label: string;
}

/** Length, width and height of a box or a piece; shown only while it is there: a form keeps what it was once asked for. */
export function SideFields({ of, label }: SideFieldsProps) {
  return (
    <FieldRow>
      {(['length', 'width', 'height'] as const).map((side) => (
        <SideField key={side} of={of} label={label} side={side} />
      ))}
    </FieldRow>
  );
}

function SideField({
  of,
  label,
  side,
}: SideFieldsProps & { readonly side: 'length' | 'width' | 'height' }) {
  const field = usePourField(`mouldBox.${of}.${side}`);
  const problem = field.value === '' ? undefined : field.problem;
  return (
    <QuantityField
      label={`${capital(side)}, ${label}`}
      {...field}
      problem={problem}
      unit="mm"
      rule={lengthRule}
    />
  );
}
