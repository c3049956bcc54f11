import { StyleSheet } from 'react-native';
import { Words } from '../text/Words';

interface ListCountProps {
  readonly count: number;
  readonly what: { readonly one: string; readonly many: string };
}

/** How many there are: the figure of a list, beside its title. */
export function ListCount({ count, what }: ListCountProps) {
  return (
    <Words weight="semibold" testID="main-figure" style={styles.count}>
      {count} {count === 1 ? what.one : what.many}
    </Words>
  );
}

const styles = StyleSheet.create({ count: { alignSelf: 'center' } });
