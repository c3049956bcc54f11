import { StyleSheet, View, type StyleProp, type ViewStyle } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { Icon, type IconName } from '../../ui/icons/Icon';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { corner, space, touch } from '../../ui/theme/tokens';

interface BigButtonProps {
  readonly label: string;
  readonly onPress: () => void;
  /** `main` is filled and stands once on a screen; `stop` is framed in red. */
  readonly kind?: 'main' | 'plain' | 'stop';
  /** A smaller line under the label. */
  readonly also?: string | undefined;
  readonly icon?: IconName;
  readonly spoken?: string | undefined;
  readonly disabled?: boolean;
  /** It is one of a few, and whether it is the one. */
  readonly chosen?: boolean;
  /** Takes no tap for a moment, and looks as ever: a knuckle that bounces must not do what comes next. */
  readonly rests?: boolean;
  readonly style?: StyleProp<ViewStyle>;
  readonly testID?: string;
}

/** Something to do with the side of a knuckle. */
export function BigButton({
  label,
  onPress,
  kind = 'plain',
  also,
  icon,
  spoken,
  disabled = false,
  chosen,
  rests = false,
  style,
  testID,
}: BigButtonProps) {
  const colours = useColours();
  const words = kind === 'main' ? 'onAction' : kind === 'stop' ? 'stop' : 'ink';
  const frame = { main: colours.action, plain: colours.edge, stop: colours.stop }[kind];
  return (
    <TouchableRipple
      role="button"
      aria-label={spoken}
      aria-disabled={disabled || rests}
      aria-pressed={chosen}
      disabled={disabled || rests}
      testID={testID}
      onPress={onPress}
      style={[
        styles.button,
        { borderColor: frame },
        kind === 'main' && { backgroundColor: colours.action },
        chosen === true && styles.chosen,
        disabled && styles.faint,
        style,
      ]}
    >
      <View style={styles.inside}>
        {icon !== undefined && <Icon name={icon} colour={colours[words]} size={26} />}
        <View style={styles.words}>
          <Words size="large" weight="bold" colour={words} style={styles.centre}>
            {label}
          </Words>
          {also !== undefined && (
            <Words size="small" colour={words} style={styles.centre}>
              {also}
            </Words>
          )}
        </View>
      </View>
    </TouchableRipple>
  );
}

const styles = StyleSheet.create({
  button: {
    minHeight: touch.bench,
    minWidth: touch.bench,
    maxWidth: '100%',
    justifyContent: 'center',
    borderWidth: 1.5,
    borderRadius: corner,
    paddingHorizontal: space.medium,
    paddingVertical: space.small,
  },
  chosen: { borderWidth: 4 },
  faint: { opacity: 0.5 },
  inside: {
    flexDirection: 'row',
    alignItems: 'center',
    justifyContent: 'center',
    gap: space.small,
  },
  words: { flexShrink: 1 },
  centre: { textAlign: 'center' },
});
