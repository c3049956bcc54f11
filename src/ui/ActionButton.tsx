import { StyleSheet, View, type StyleProp, type ViewStyle } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { Icon, type IconName } from './icons/Icon';
import { Words } from './text/Words';
import { useColours } from './theme/theme';
import { corner, space, touch } from './theme/tokens';

interface ActionButtonProps {
  readonly label: string;
  readonly onPress: () => void;
  /** `main` is filled and stands once on a screen; `plain` is a framed one; `bare` has no frame. */
  readonly kind?: 'main' | 'plain' | 'bare';
  readonly icon?: IconName;
  readonly disabled?: boolean;
  /** Said in place of the label, where that alone does not tell what it is of. */
  readonly spoken?: string;
  readonly style?: StyleProp<ViewStyle>;
}

/** Something to do. Its words say what happens. */
export function ActionButton({
  label,
  onPress,
  kind = 'plain',
  icon,
  disabled = false,
  spoken,
  style,
}: ActionButtonProps) {
  const colours = useColours();
  const words = kind === 'main' ? 'onAction' : 'ink';
  return (
    <TouchableRipple
      role="button"
      aria-label={spoken}
      aria-disabled={disabled}
      disabled={disabled}
      onPress={onPress}
      style={[
        styles.button,
        kind === 'main' && { backgroundColor: colours.action, borderColor: colours.action },
        kind === 'plain' && { borderColor: colours.edge },
        kind === 'bare' && styles.bare,
        disabled && styles.faint,
        style,
      ]}
    >
      <View style={styles.inside}>
        {icon !== undefined && <Icon name={icon} colour={colours[words]} size={22} />}
        <Words weight="semibold" colour={words} style={styles.words}>
          {label}
        </Words>
      </View>
    </TouchableRipple>
  );
}

const styles = StyleSheet.create({
  button: {
    minHeight: touch.table,
    minWidth: touch.table,
    maxWidth: '100%',
    justifyContent: 'center',
    borderWidth: 1,
    borderColor: 'transparent',
    borderRadius: corner,
    paddingHorizontal: space.large,
    paddingVertical: space.small,
  },
  bare: { paddingHorizontal: space.small },
  faint: { opacity: 0.6 },
  inside: {
    flexDirection: 'row',
    alignItems: 'center',
    justifyContent: 'center',
    gap: space.small,
  },
  words: { textAlign: 'center', flexShrink: 1 },
});
