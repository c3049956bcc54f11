import { StyleSheet, View } from 'react-native';
import { everythingText } from '../../data/files/everything';
import { download } from '../../data/files/download';
import { useStore } from '../../data/hooks/DataProvider';
import { useSaveState } from '../../data/hooks/queries';
import { ActionButton } from '../../ui/ActionButton';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { space } from '../../ui/theme/tokens';

/** Stands over every screen while the device refuses to save. */
export function NotSavedBanner() {
  const colours = useColours();
  const store = useStore();
  const saveState = useSaveState();
  if (saveState.state !== 'failed') return null;
  return (
    <View role="alert" style={[styles.banner, { backgroundColor: colours.warnSheet }]}>
      <Words size="small" style={styles.words}>
        Not saved: this device refuses to keep data. It is here until you close the page.
      </Words>
      <ActionButton
        label="Save as a file"
        onPress={() =>
          void (async () => download('nipperkin-data.json', await everythingText(store)))()
        }
      />
    </View>
  );
}

const styles = StyleSheet.create({
  banner: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: space.small,
    padding: space.small,
    paddingHorizontal: space.large,
  },
  words: { flexGrow: 1, flexShrink: 1, flexBasis: 200 },
});
