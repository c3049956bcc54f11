import { StyleSheet, View } from 'react-native';
import { volumeRule, waterTemperatureRule } from '../../core/quantity/rules';
import { useOpenJob } from '../../data/draft/openJob';
import { ActionButton } from '../../ui/ActionButton';
import { FieldRow } from '../../ui/fields/FieldRow';
import { QuantityField } from '../../ui/fields/QuantityField';
import { WhyRow } from '../../ui/figures/WhyRow';
import { SettingLine } from '../../ui/fields/SettingLine';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { sayMl, sayWaterG } from '../../words/figures';
import { usePourPart, usePourField } from '../../data/draft/pourInHand';

/** Marks for a plain cup: how much water to weigh in for each. */
export function CupMarksLine() {
  const [typed, setCupMarks] = usePourPart('cupMarks');
  const { pour: plan, outdated } = useOpenJob();
  const marks = typed?.marks ?? [];
  const change = (next: string[]): void =>
    setCupMarks(next.length === 0 ? undefined : { water: typed?.water ?? '20 °C', marks: next });
  return (
    <SettingLine
      label="Mark a plain cup with water"
      value={marks.length === 0 ? 'no marks' : marks.join(', ')}
      assumed={marks.length === 0}
      testID="cup-marks"
    >
      <Words size="small" colour="inkSoft">
        Put the cup on the scale, pour in this much water, draw the mark at its level.
      </Words>
      {typed !== undefined && <Water />}
      {marks.map((_, index) => (
        <Mark key={index} index={index} />
      ))}
      <View style={styles.row}>
        <ActionButton icon="plus" label="Add a mark" onPress={() => change([...marks, ''])} />
        {marks.length > 0 && (
          <ActionButton
            kind="bare"
            label="Remove the last mark"
            onPress={() => change(marks.slice(0, -1))}
          />
        )}
      </View>
      {!outdated &&
        plan?.cupMarks.map(({ ml, waterG }, index) => (
          <WhyRow
            key={index}
            label={`Mark at ${sayMl(ml)}`}
            value={`${sayWaterG(waterG)} of water`}
          />
        ))}
    </SettingLine>
  );
}

function Water() {
  const water = usePourField('cupMarks.water');
  return (
    <FieldRow>
      <QuantityField label="Water is at" {...water} unit="°C" rule={waterTemperatureRule} />
    </FieldRow>
  );
}

function Mark({ index }: { readonly index: number }) {
  const mark = usePourField(`cupMarks.marks.${index}`);
  return (
    <QuantityField
      label={`Mark ${index + 1}`}
      {...mark}
      // A mark that has just been added is not a mistake yet.
      problem={mark.value === '' ? undefined : mark.problem}
      unit="ml"
      rule={volumeRule}
    />
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
