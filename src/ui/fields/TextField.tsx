import { memo, useId } from 'react';
import type { Problem } from '../../core/problem';
import { sayProblem } from '../../words/problems';
import { FieldFrame } from './FieldFrame';
import { PlainInput } from './PlainInput';

interface TextFieldProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
  readonly problem?: Problem | undefined;
  readonly placeholder?: string;
  readonly multiline?: boolean;
  /** For plain numbers without a unit: counts and parts of a ratio. */
  readonly numeric?: boolean;
  readonly autoFocus?: boolean;
}

/** A field for words, or for a number without a unit. */
export const TextField = memo(function TextField({
  label,
  value,
  onChange,
  problem,
  ...input
}: TextFieldProps) {
  const problemId = useId();
  return (
    <FieldFrame label={label} problem={problem && sayProblem(problem)} problemId={problemId}>
      <PlainInput
        {...input}
        label={label}
        value={value}
        wrong={problem !== undefined}
        describedBy={problemId}
        onChangeText={onChange}
      />
    </FieldFrame>
  );
});
