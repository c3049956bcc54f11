import { StyleSheet, View } from 'react-native';
import { lengthRule } from '../../core/quantity/rules';
import { ActionButton } from '../../ui/ActionButton';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { QuantityField } from '../../ui/fields/QuantityField';
import { SignButton } from '../../ui/SignButton';
import { space } from '../../ui/theme/tokens';
import { usePourPart, usePourField } from '../../data/draft/pourInHand';

/** Where the pour is cut into layers: the height of each layer's top but the last. */
export function LayerHeights() {
  const notice = useNotice();
  // Watched, not controlled: a controller of the list does not hear of what is typed into one of its heights.
  const [layers, setLayers] = usePourPart('layers');
  const heights = layers?.heights ?? [];
  const change = (next: string[]): void =>
    setLayers({ ...layers, style: undefined, heights: next });
  const remove = (index: number): void => {
    change(heights.filter((_, each) => each !== index));
    notice({ text: `Removed the end of layer ${index + 1}`, undo: async () => change(heights) });
  };
  return (
    <View style={styles.stack}>
      {heights.map((_, index) => (
        <LayerHeight key={index} index={index} onRemove={() => remove(index)} />
      ))}
      <View style={styles.row}>
        <ActionButton
          icon="plus"
          label={heights.length === 0 ? 'Cut at a height' : 'Cut once more'}
          onPress={() => change([...heights, ''])}
        />
      </View>
    </View>
  );
}

function LayerHeight({
  index,
  onRemove,
}: {
  readonly index: number;
  readonly onRemove: () => void;
}) {
  const field = usePourField(`layers.heights.${index}`);
  return (
    <View style={styles.height}>
      <View style={styles.field}>
        <QuantityField
          label={`Layer ${index + 1} ends at`}
          {...field}
          // A height that has just been added is not a mistake yet.
          problem={field.value === '' ? undefined : field.problem}
          unit="mm"
          rule={lengthRule}
        />
      </View>
      <SignButton icon="delete" label={`Remove the end of layer ${index + 1}`} onPress={onRemove} />
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.small },
  row: { flexDirection: 'row' },
  field: { flex: 1 },
  height: { flexDirection: 'row', alignItems: 'center', gap: space.small },
});
