import { StyleSheet, View } from 'react-native';
import type { Problem } from '../../core/problem';
import type { LabelRatio } from '../../data/draft/quickMix';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { TextField } from '../../ui/fields/TextField';
import { space } from '../../ui/theme/tokens';

interface LabelFieldsProps {
  readonly label: LabelRatio;
  readonly problem: Problem | undefined;
  readonly onChange: (label: LabelRatio) => void;
}

/** The beginning of a ratio: no mistake yet. */
const begun = /^\s*\d+(?:[.,]\d*)?\s*(?::|\/|to?)?\s*$/i;

/** The ratio of a resin that is not on the shelf, as its label has it. */
export function LabelFields({ label, problem, onChange }: LabelFieldsProps) {
  return (
    <View style={styles.fields}>
      <View style={styles.ratio}>
        <TextField
          label="Ratio on the label, A : B"
          numeric
          placeholder="2 : 1"
          value={label.ratio}
          problem={begun.test(label.ratio) ? undefined : problem}
          onChange={(ratio) => onChange({ ...label, ratio })}
        />
      </View>
      <ChoiceField
        label="by"
        value={label.by}
        choices={[
          { value: 'volume', label: 'Volume' },
          { value: 'weight', label: 'Weight' },
        ]}
        onChange={(by) => onChange({ ...label, by })}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  fields: { flexDirection: 'row', flexWrap: 'wrap', gap: space.medium },
  ratio: { flexGrow: 1, flexShrink: 1, flexBasis: 140 },
});
