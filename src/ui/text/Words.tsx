import type { ReactNode } from 'react';
import { Text, type Role, type StyleProp, type TextStyle } from 'react-native';
import { font } from '../theme/fontNames';
import { useColours } from '../theme/theme';
import type { Colours } from '../theme/tokens';

const sizes = {
  small: { fontSize: 14, lineHeight: 20 },
  body: { fontSize: 16, lineHeight: 23 },
  large: { fontSize: 19, lineHeight: 26 },
  title: { fontSize: 24, lineHeight: 30 },
} as const;

export interface WordsProps {
  readonly size?: keyof typeof sizes;
  readonly weight?: keyof typeof font;
  readonly colour?: Exclude<keyof Colours, 'pours'>;
  /** 1 to 3 makes it a heading of that level. */
  readonly heading?: 1 | 2 | 3;
  readonly role?: Role;
  readonly live?: 'polite' | 'off';
  readonly lines?: number;
  readonly style?: StyleProp<TextStyle>;
  readonly testID?: string;
  readonly children: ReactNode;
}

/** All text of the app: one face, figures of one width. */
export function Words({
  size = 'body',
  weight = 'text',
  colour = 'ink',
  heading,
  role,
  live,
  lines,
  style,
  testID,
  children,
}: WordsProps) {
  const colours = useColours();
  return (
    <Text
      role={heading === undefined ? role : 'heading'}
      aria-level={heading}
      aria-live={live}
      numberOfLines={lines}
      testID={testID}
      style={[
        sizes[size],
        {
          color: colours[colour],
          fontFamily: font[weight],
          fontVariant: ['tabular-nums'],
        },
        style,
      ]}
    >
      {children}
    </Text>
  );
}
