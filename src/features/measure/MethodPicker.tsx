import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import Svg, { Path } from 'react-native-svg';
import type { PartShape } from '../../core/measure/parts/partSchema';
import { SettingLine } from '../../ui/fields/SettingLine';
import { useRadioKeys } from '../../ui/fields/useRadioKeys';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { corner, space, touch } from '../../ui/theme/tokens';
import { shapeNames } from '../../words/names';
import { commonShapes, methodGroups } from './methods';
import { methodSigns } from './methodSigns';

interface MethodPickerProps {
  readonly label: string;
  readonly value: PartShape;
  /** Nothing is measured yet: the common ways stand open. */
  readonly isFresh: boolean;
  readonly onChange: (shape: PartShape) => void;
}

/** How a cavity is measured, by a small drawing of each way: the common ones first, all of them on a tap. */
export const MethodPicker = memo(function MethodPicker({
  label,
  value,
  isFresh,
  onChange,
}: MethodPickerProps) {
  if (isFresh) return <FreshPicker label={label} value={value} onChange={onChange} />;
  return (
    <SettingLine label="Measured as" value={shapeNames[value]} testID="method">
      {(close) => (
        <AllMethods
          value={value}
          onChange={(shape) => {
            onChange(shape);
            close();
          }}
        />
      )}
    </SettingLine>
  );
});

function FreshPicker({ label, value, onChange }: Omit<MethodPickerProps, 'isFresh'>) {
  const inSight = commonShapes.includes(value) ? commonShapes : [value, ...commonShapes];
  return (
    <View testID="method">
      <Tiles label={label} shapes={inSight} value={value} onChange={onChange} />
      <SettingLine label="All ways to measure" value="" isAction>
        {(close) => (
          <AllMethods
            value={value}
            onChange={(shape) => {
              onChange(shape);
              close();
            }}
          />
        )}
      </SettingLine>
    </View>
  );
}

function AllMethods({ value, onChange }: Pick<MethodPickerProps, 'value' | 'onChange'>) {
  return methodGroups.map(({ title, shapes }) => (
    <View key={title} style={styles.group}>
      <Words size="small" weight="semibold" colour="inkSoft">
        {title}
      </Words>
      <Tiles label={title} shapes={shapes} value={value} onChange={onChange} />
    </View>
  ));
}

interface TilesProps {
  readonly label: string;
  readonly shapes: readonly PartShape[];
  readonly value: PartShape;
  readonly onChange: (shape: PartShape) => void;
}

function Tiles({ label, shapes, value, onChange }: TilesProps) {
  const colours = useColours();
  const at = shapes.indexOf(value);
  const { groupKeys, radioKeys } = useRadioKeys(at, (index) => onChange(shapes[index]!));
  return (
    <View {...groupKeys} aria-label={label} style={styles.tiles}>
      {shapes.map((shape, index) => {
        const chosen = index === at;
        const words = chosen ? 'onAction' : 'ink';
        return (
          <TouchableRipple
            key={shape}
            {...radioKeys(index)}
            aria-label={shapeNames[shape]}
            onPress={() => onChange(shape)}
            style={[
              styles.tile,
              { borderColor: chosen ? colours.ink : colours.edge },
              chosen && { backgroundColor: colours.action },
            ]}
          >
            <View style={styles.inside}>
              <Svg width={40} height={28} aria-hidden>
                <Path
                  d={methodSigns[shape]}
                  fill="none"
                  stroke={colours[words]}
                  strokeWidth={1.6}
                  strokeLinecap="round"
                  strokeLinejoin="round"
                />
              </Svg>
              <Words size="small" colour={words} style={styles.name}>
                {shapeNames[shape]}
              </Words>
            </View>
          </TouchableRipple>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.tight },
  tiles: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
  tile: {
    flexGrow: 1,
    flexBasis: 78,
    maxWidth: 160,
    minHeight: touch.bench,
    justifyContent: 'center',
    borderWidth: 1,
    borderRadius: corner,
    padding: space.tight,
  },
  inside: { alignItems: 'center', gap: space.hair },
  name: { textAlign: 'center' },
});
