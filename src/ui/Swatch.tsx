import { StyleSheet, View } from 'react-native';
import { useColours } from './theme/theme';

/** A square of a colour; what it is called always stands beside it. */
export function Swatch({ colour, size = 22 }: { readonly colour: string; readonly size?: number }) {
  const colours = useColours();
  return (
    <View
      aria-hidden
      style={[
        styles.swatch,
        { width: size, height: size, backgroundColor: colour, borderColor: colours.edge },
      ]}
    />
  );
}

const styles = StyleSheet.create({ swatch: { borderWidth: 1 } });
