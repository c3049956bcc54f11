import { useWindowDimensions } from 'react-native';

/**
 * On a screen lower than this, a phone on its side or at 200 %, title and foot scroll with the rest:
 * standing still they would leave no room for it.
 */
const lowScreen = 560;

export const useIsLow = (): boolean => useWindowDimensions().height < lowScreen;
