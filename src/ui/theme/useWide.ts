import { useWindowDimensions } from 'react-native';
import { wideFrom } from './tokens';

/** Whether the screen has room for three columns. */
export function useWide(): boolean {
  return useWindowDimensions().width >= wideFrom;
}
