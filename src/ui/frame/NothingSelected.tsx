import { StyleSheet, View } from 'react-native';
import { Words } from '../text/Words';
import { space } from '../theme/tokens';

/** At the right of a list in which nothing is selected yet. */
export function NothingSelected({ what }: { readonly what: string }) {
  return (
    <View role="main" style={styles.place}>
      <Words colour="inkSoft">Select {what} in the list: it opens here.</Words>
    </View>
  );
}

const styles = StyleSheet.create({ place: { padding: space.wide } });
