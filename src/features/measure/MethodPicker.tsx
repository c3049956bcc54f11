import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { PartShape } from '../../core/measure/parts/partSchema';
import { ActionButton } from '../../ui/ActionButton';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { space } from '../../ui/theme/tokens';
import { shapeNames } from '../../words/names';
import { commonShapes, methodGroups } from './methods';

interface MethodPickerProps {
  readonly label: string;
  readonly value: PartShape;
  readonly onChange: (shape: PartShape) => void;
}

const choicesOf = (shapes: readonly PartShape[]) =>
  shapes.map((value) => ({ value, label: shapeNames[value] }));

/** How a cavity is measured: the common ways in sight, all of them on a tap. */
export function MethodPicker({ label, value, onChange }: MethodPickerProps) {
  const [open, setOpen] = useState(false);
  const inSight = commonShapes.includes(value) ? commonShapes : [value, ...commonShapes];
  const choose = (shape: PartShape): void => {
    setOpen(false);
    onChange(shape);
  };
  return (
    <View style={styles.stack}>
      {open ? (
        methodGroups.map(({ title, shapes }) => (
          <ChoiceField
            key={title}
            label={title}
            value={value}
            choices={choicesOf(shapes)}
            onChange={choose}
          />
        ))
      ) : (
        <ChoiceField
          label={label}
          labelHidden
          value={value}
          choices={choicesOf(inSight)}
          onChange={onChange}
        />
      )}
      <View style={styles.row}>
        <ActionButton
          kind="bare"
          icon={open ? 'chevron-up' : 'chevron-down'}
          label={open ? 'Fewer ways' : 'All ways to measure'}
          onPress={() => setOpen(!open)}
        />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.small },
  row: { flexDirection: 'row' },
});
