import { useColorScheme } from 'react-native';
import { configureFonts, DefaultTheme, useTheme } from 'react-native-paper';
import type { MD3Theme } from 'react-native-paper';
import { font } from './fontNames';
import { dark, light, paperRoundness, type Colours } from './tokens';

export type NipperkinTheme = MD3Theme & { readonly colours: Colours };

const fonts = configureFonts({ config: { fontFamily: font.text } });

/**
 * Paper's theme in Nipperkin's colours. Both start from Paper's default one, since naming its dark theme
 * would bring all of Paper into the first load.
 */
function themeOf(colours: Colours, isDark: boolean): NipperkinTheme {
  const base: MD3Theme = DefaultTheme;
  const { paper, sheet, ink, inkSoft, line, edge, action, onAction, partA, partB, stop } = colours;
  return {
    ...base,
    dark: isDark,
    colours,
    roundness: paperRoundness,
    fonts,
    colors: {
      ...base.colors,
      primary: action,
      onPrimary: onAction,
      primaryContainer: sheet,
      onPrimaryContainer: ink,
      secondary: partA,
      secondaryContainer: sheet,
      onSecondaryContainer: ink,
      tertiary: partB,
      background: paper,
      onBackground: ink,
      surface: paper,
      surfaceVariant: sheet,
      onSurface: ink,
      onSurfaceVariant: inkSoft,
      outline: edge,
      outlineVariant: line,
      error: stop,
      onError: paper,
      onTertiary: paper,
      onSecondary: paper,
      surfaceDisabled: line,
      onSurfaceDisabled: edge,
      inverseSurface: ink,
      inverseOnSurface: paper,
      inversePrimary: paper,
      elevation: {
        level0: 'transparent',
        level1: sheet,
        level2: sheet,
        level3: sheet,
        level4: sheet,
        level5: sheet,
      },
    },
  };
}

export const lightTheme = themeOf(light, false);
const darkTheme = themeOf(dark, true);

/** The theme that the device asks for. */
export function useDeviceTheme(): NipperkinTheme {
  return useColorScheme() === 'dark' ? darkTheme : lightTheme;
}

/** The colours of the theme in force. */
export function useColours(): Colours {
  return useTheme<NipperkinTheme>().colours;
}
