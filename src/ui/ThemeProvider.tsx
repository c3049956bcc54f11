import type { ReactNode } from 'react';
import { PaperProvider } from 'react-native-paper';
import { PaperIcon } from './icons/Icon';
import { lightTheme, useDeviceTheme } from './theme/theme';

interface ThemeProviderProps {
  /** What is below is a sheet of paper: light, whatever the device asks for, so that it prints. */
  readonly asPaper?: boolean;
  readonly children: ReactNode;
}

/** Colours and icons for everything below. */
export function ThemeProvider({ asPaper = false, children }: ThemeProviderProps) {
  const deviceTheme = useDeviceTheme();
  const theme = asPaper ? lightTheme : deviceTheme;
  return (
    <PaperProvider theme={theme} settings={{ icon: PaperIcon }}>
      {children}
    </PaperProvider>
  );
}
