import { StyleSheet, View } from 'react-native';
import { useStore } from '../../data/hooks/DataProvider';
import { ActionButton } from '../../ui/ActionButton';
import { Screen } from '../../ui/frame/Screen';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { SaveEverything } from './SaveEverything';

/** The storage was opened, and then some of it could not be read: nothing is written over it. */
export function NotRead({ onTryAgain }: { readonly onTryAgain: () => void }) {
  const store = useStore();
  return (
    <Screen title="Your data cannot be read just now">
      <Words role="alert">
        This browser refused to read some of what is kept here. Nothing of it is changed.
      </Words>
      <View style={styles.row}>
        <ActionButton kind="main" label="Try again" onPress={onTryAgain} />
        <SaveEverything store={store} label="Save what can be read as a file" />
      </View>
    </Screen>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
