import { StyleSheet, View } from 'react-native';
import { everythingText } from '../../data/files/everything';
import { download } from '../../data/files/download';
import { useStore } from '../../data/hooks/DataProvider';
import { ActionButton } from '../../ui/ActionButton';
import { Screen } from '../../ui/frame/Screen';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';

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
        <ActionButton
          icon="download"
          label="Save what can be read as a file"
          onPress={() =>
            void (async () => download('nipperkin-data.json', await everythingText(store)))()
          }
        />
      </View>
    </Screen>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
