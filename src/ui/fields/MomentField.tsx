import { useId } from 'react';
import { useTheme } from 'react-native-paper';
import { font } from '../theme/fontNames';
import { useColours } from '../theme/theme';
import { corner, space, touch } from '../theme/tokens';
import { FieldFrame } from './FieldFrame';

interface MomentFieldProps {
  readonly label: string;
  /** `2026-05-04T08:00`, or empty; a day alone `2026-05-04`. */
  readonly value: string;
  readonly onChange: (local: string) => void;
  readonly problem?: string | undefined;
  readonly readBack?: string | undefined;
  /** Without a time of it. */
  readonly onlyDay?: boolean;
}

/** A day and a time of it. The device's own picker sets it: it fits a glove, and follows the person's habits of writing dates. */
export function MomentField({
  label,
  value,
  onChange,
  problem,
  readBack,
  onlyDay = false,
}: MomentFieldProps) {
  const colours = useColours();
  const problemId = useId();
  return (
    <FieldFrame label={label} problem={problem} readBack={readBack} problemId={problemId}>
      <input
        type={onlyDay ? 'date' : 'datetime-local'}
        step={onlyDay ? 1 : 300}
        aria-label={label}
        aria-invalid={problem !== undefined}
        aria-describedby={problemId}
        value={value}
        onChange={(event) => onChange(event.target.value)}
        style={{
          minHeight: touch.table,
          minWidth: 0,
          maxWidth: '100%',
          boxSizing: 'border-box',
          padding: `0 ${space.medium}px`,
          border: `1px solid ${problem === undefined ? colours.edge : colours.stop}`,
          borderRadius: corner,
          backgroundColor: colours.sheet,
          color: colours.ink,
          colorScheme: useTheme().dark ? 'dark' : 'light',
          fontFamily: font.text,
          fontSize: 17,
        }}
      />
    </FieldFrame>
  );
}
