import type { ComponentProps, KeyboardEvent } from 'react';
import { TouchableRipple } from 'react-native-paper';

interface PressLinkProps extends Omit<ComponentProps<typeof TouchableRipple>, 'role' | 'onPress'> {
  readonly onPress: () => void;
}

/** What leads elsewhere: a link to readers, opened by a tap or by Enter. */
export function PressLink({ onPress, ...props }: PressLinkProps) {
  // The library leaves a link's Enter to the browser, which knows links by their address alone.
  const keys = {
    onKeyDown: (event: KeyboardEvent): void => {
      if (event.key === 'Enter' && !event.repeat) onPress();
    },
  };
  return <TouchableRipple {...props} {...keys} role="link" onPress={onPress} />;
}
