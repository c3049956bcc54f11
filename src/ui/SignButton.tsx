import { StyleSheet } from 'react-native';
import { IconButton } from 'react-native-paper';
import type { IconName } from './icons/Icon';
import { useColours } from './theme/theme';
import { touch } from './theme/tokens';

interface SignButtonProps {
  readonly icon: IconName;
  /** What it does, for those who do not see the sign. */
  readonly label: string;
  /** Of something that it opens: whether that is open. */
  readonly expanded?: boolean;
  readonly onPress: () => void;
  readonly disabled?: boolean;
}

/** A button with a sign instead of words, as large as a button with words. */
export function SignButton({ icon, label, expanded, onPress, disabled = false }: SignButtonProps) {
  const colours = useColours();
  return (
    <IconButton
      icon={icon}
      aria-label={label}
      aria-expanded={expanded}
      disabled={disabled}
      iconColor={colours.ink}
      onPress={onPress}
      style={styles.sign}
    />
  );
}

const styles = StyleSheet.create({ sign: { margin: 0, width: touch.table, height: touch.table } });
