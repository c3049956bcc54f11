import { memo, useContext, useId, useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { withUnitIfBare } from '../../core/quantity/parseQuantity';
import { isOfCode, type Problem } from '../../core/problem';
import type { Kind } from '../../core/quantity/kinds';
import { ownUnit, unitTyped } from '../../core/quantity/unitFamilies';
import type { QuantityRule } from '../../core/quantity/rules';
import { sayProblem } from '../../words/problems';
import { sayReadBack } from '../../words/readBack';
import { ActionButton } from '../ActionButton';
import { space } from '../theme/tokens';
import { FieldFrame } from './FieldFrame';
import { OwnUnitsContext } from './ownUnits';
import { PlainInput } from './PlainInput';

export interface QuantityFieldProps<K extends Kind> {
  readonly label: string;
  /** The text as it is kept, always with its unit. */
  readonly value: string;
  readonly onChange: (text: string) => void;
  /** Stands behind a bare figure where the person has no unit of their own for its kind. */
  readonly unit: string;
  /** What belongs here; what is typed in another unit is read back in the core's. */
  readonly rule: QuantityRule<K>;
  readonly problem?: Problem | undefined;
  readonly placeholder?: string;
  readonly autoFocus?: boolean;
  /** What Enter does; without it, it goes on to the next field. */
  readonly onEnter?: () => void;
}

type Unclear = Problem<'ambiguous-unit' | 'ambiguous-comma'>;

/** The text with the word that could mean more than one thing replaced by what is meant. */
function resolved(text: string, { data: { unclear } }: Unclear, choice: string): string {
  const at = text.toLowerCase().lastIndexOf(unclear);
  return at < 0 ? text : text.slice(0, at) + choice + text.slice(at + unclear.length);
}

/** A field for a quantity: any unit, fractions and sums; what cannot be read says what would be right. */
function AnyQuantityField<K extends Kind>({
  label,
  value,
  onChange,
  unit: usual,
  rule,
  problem,
  placeholder,
  autoFocus,
  onEnter,
}: QuantityFieldProps<K>) {
  const problemId = useId();
  const { own, used } = useContext(OwnUnitsContext);
  const unit = ownUnit(usual, own);
  /** The unit that stood there before anything was typed. */
  const unitBefore = useRef<string>(undefined);
  // While the field has the focus it shows exactly what is typed; `value` already has the unit.
  const [typing, setTyping] = useState<string>();
  const unclear = isOfCode(problem, 'ambiguous-unit', 'ambiguous-comma') ? problem : undefined;
  return (
    <FieldFrame
      label={label}
      problem={problem && sayProblem(problem)}
      problemId={problemId}
      readBack={sayReadBack(value, rule)}
      help={
        unclear && (
          <View style={styles.choices}>
            {unclear.data.choices.map((choice) => (
              <ActionButton
                key={choice}
                label={choice}
                onPress={() => {
                  setTyping(undefined);
                  onChange(resolved(value, unclear, choice));
                }}
              />
            ))}
          </View>
        )
      }
    >
      <PlainInput
        label={label}
        numeric
        value={typing ?? value}
        placeholder={placeholder ?? unit}
        autoFocus={autoFocus}
        onEnter={onEnter}
        wrong={problem !== undefined}
        describedBy={problemId}
        onFocus={() => {
          setTyping(value);
          unitBefore.current = unitTyped(value);
        }}
        onBlur={() => {
          const typed = unitTyped(typing ?? '');
          if (typed !== undefined && typed !== unitBefore.current && typed !== unit) used(typed);
          setTyping(undefined);
        }}
        onChangeText={(text) => {
          setTyping(text);
          onChange(withUnitIfBare(text, unit));
        }}
      />
    </FieldFrame>
  );
}

/** As a memo it would lose the kind that its rule is of. A problem elsewhere draws no field anew. */
export const QuantityField = memo(AnyQuantityField) as typeof AnyQuantityField;

const styles = StyleSheet.create({
  choices: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
