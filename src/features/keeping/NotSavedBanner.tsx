import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { everythingText } from '../../data/files/everything';
import { download } from '../../data/files/download';
import { useStore } from '../../data/hooks/DataProvider';
import { useSaveState } from '../../data/hooks/queries';
import { useStorageState } from '../../data/hooks/storageState';
import { ActionButton } from '../../ui/ActionButton';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { space } from '../../ui/theme/tokens';

/** Stands over every screen while the device refuses to save, or its storage does not answer at all. */
export function NotSavedBanner() {
  const colours = useColours();
  const store = useStore();
  const saveState = useSaveState();
  const { because, tryAgain } = useStorageState();
  const [asked, setAsked] = useState<'asking' | 'in vain'>();
  if (saveState.state !== 'failed' && because === undefined) return null;
  async function askAgain(): Promise<void> {
    setAsked('asking');
    if (!(await tryAgain())) setAsked('in vain');
  }
  return (
    <View role="alert" style={[styles.banner, { backgroundColor: colours.warnSheet }]}>
      <Words size="small" style={styles.words}>
        {because === undefined
          ? 'Not saved: this device refuses to keep data. It is tried again by itself; until then it is here until you close the page.'
          : `${
              because === 'no-answer'
                ? 'Your data does not come: the storage of this browser does not answer.'
                : 'Your data cannot be read: the storage of this browser refuses.'
            } Nothing of it is changed. What you make now is here until you close the page.`}
        {asked === 'in vain' && ' It still does not answer.'}
      </Words>
      {because !== undefined && (
        <ActionButton
          kind="main"
          label={asked === 'asking' ? 'Trying' : 'Try again'}
          onPress={() => void askAgain()}
        />
      )}
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
