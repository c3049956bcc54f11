import type { Kind } from '../../core/quantity/kinds';
import { QuantityField, type QuantityFieldProps } from './QuantityField';
import { SettingLine } from './SettingLine';

interface QuantityLineProps<K extends Kind> extends Omit<QuantityFieldProps<K>, 'autoFocus'> {
  /** What holds while nothing is typed. */
  readonly usual: string;
  /** How the line says what is typed; as it is typed without it. */
  readonly said?: string;
}

/** A quantity that has a usual value, on a line that says it; the field opens in place. */
export function QuantityLine<K extends Kind>({ usual, said, ...field }: QuantityLineProps<K>) {
  const isUnset = field.value === '';
  return (
    <SettingLine
      label={field.label}
      value={isUnset ? usual : (said ?? field.value)}
      assumed={isUnset}
      wrong={field.problem !== undefined}
    >
      {(close) => <QuantityField {...field} autoFocus onEnter={close} />}
    </SettingLine>
  );
}
