import { StyleSheet, View } from 'react-native';
import { useFieldArray } from 'react-hook-form';
import type { JobDraft } from '../../../data/draft/jobDraft';
import { usePourIndex } from '../../../data/draft/openJob';
import { emptyPart } from '../../../data/draft/partDraft';
import { ActionButton } from '../../../ui/ActionButton';
import { space } from '../../../ui/theme/tokens';
import { PartEditor } from '../PartEditor';

/** Parts that one pour measures for itself. */
export function OwnMeasure() {
  const base = `pours.${usePourIndex()}.measure` as const;
  const parts = useFieldArray<JobDraft, `pours.${number}.measure.parts`>({ name: `${base}.parts` });
  return (
    <View style={styles.stack}>
      {parts.fields.map(({ id }, index) => (
        <PartEditor
          key={id}
          kind="part"
          base={base}
          index={index}
          among={parts.fields.length}
          onRemove={parts.fields.length > 1 ? () => parts.remove(index) : undefined}
        />
      ))}
      <View style={styles.row}>
        <ActionButton
          label="Add a part"
          icon="plus"
          onPress={() => parts.append(emptyPart('box'))}
        />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.large },
  row: { flexDirection: 'row' },
});
