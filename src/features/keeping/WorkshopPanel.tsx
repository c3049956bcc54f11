import { StyleSheet, View } from 'react-native';
import { chooseFile } from '../../data/files/chooseTextFile';
import { useStore } from '../../data/hooks/DataProvider';
import { ActionButton } from '../../ui/ActionButton';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { sayUnsaved } from '../../words/workshop';
import { KeptFileLines } from './copies/KeptFileLines';
import { useSaved } from './copies/useSaved';
import { OpeningLines } from './OpeningLines';
import { SaveEverything } from './SaveEverything';
import { useOpening } from './useOpening';

/** Everything as one file: out, and in again. */
export function WorkshopPanel() {
  const store = useStore();
  const { unsaved, wasSaved } = useSaved();
  const opening = useOpening();
  async function choose(): Promise<void> {
    const file = await chooseFile('application/zip', '.zip', 'application/json', '.json');
    if (file !== undefined) await opening.open(file);
  }
  return (
    <Panel title="Workshop file">
      <Words>
        Everything in one file, photos too: jobs, resins, moulds, records, settings. It opens in
        another browser, merges with what is there, or takes its place.
      </Words>
      {unsaved !== undefined && sayUnsaved(unsaved.changes, unsaved.days) !== '' && (
        <Words size="small" colour="inkSoft" testID="unsaved">
          {sayUnsaved(unsaved.changes, unsaved.days)}
        </Words>
      )}
      <View style={styles.row}>
        <SaveEverything
          store={store}
          label="Save a workshop file"
          onSaved={(writes) => void wasSaved(writes)}
        />
        {!opening.isReading && (
          <ActionButton
            icon="folder-open"
            label="Open a workshop file"
            onPress={() => void choose()}
          />
        )}
      </View>
      <OpeningLines {...opening} />
      <KeptFileLines />
    </Panel>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: space.small },
});
