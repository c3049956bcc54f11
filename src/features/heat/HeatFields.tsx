import { memo } from 'react';
import type { FieldPath } from 'react-hook-form';
import type { Kind } from '../../core/quantity/kinds';
import type { QuantityRule } from '../../core/quantity/rules';
import type { JobDraft } from '../../data/draft/jobDraft';
import { useDraftField } from '../../data/draft/pourInHand';
import { QuantityField } from '../../ui/fields/QuantityField';
import { QuantityLine } from '../../ui/fields/QuantityLine';
import { SettingLine } from '../../ui/fields/SettingLine';
import { TextField } from '../../ui/fields/TextField';

interface HeatQuantityProps<K extends Kind> {
  readonly path: FieldPath<JobDraft>;
  readonly label: string;
  readonly unit: string;
  readonly rule: QuantityRule<K>;
}

function QuantityOf<K extends Kind>({ path, ...field }: HeatQuantityProps<K>) {
  return <QuantityField {...field} {...useDraftField(path)} />;
}

/** A quantity of the open job that hears only of itself: its neighbours are not drawn anew while it is typed. */
export const HeatQuantity = memo(QuantityOf) as typeof QuantityOf;

function LineOf<K extends Kind>({
  path,
  ...field
}: HeatQuantityProps<K> & { readonly usual: string }) {
  return <QuantityLine {...field} {...useDraftField(path)} />;
}

/** The same on a line that says what holds while nothing is typed. */
export const HeatLine = memo(LineOf) as typeof LineOf;

interface ClockProps {
  readonly path: FieldPath<JobDraft>;
  readonly label: string;
  readonly placeholder: string;
}

/** A time of day of the open job. */
export const HeatClock = memo(function ClockOf({ path, ...field }: ClockProps) {
  return <TextField {...field} {...useDraftField(path)} />;
});

/** The same on a line. */
export const HeatClockLine = memo(function ClockLineOf({ path, ...field }: ClockProps) {
  const typed = useDraftField(path);
  return (
    <SettingLine
      label={field.label}
      value={typed.value === '' ? field.placeholder : typed.value}
      assumed={typed.value === ''}
      wrong={typed.problem !== undefined}
    >
      <TextField {...field} {...typed} />
    </SettingLine>
  );
});
