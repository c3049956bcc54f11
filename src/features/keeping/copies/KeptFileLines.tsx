import { StyleSheet, View } from 'react-native';
import { ActionButton } from '../../../ui/ActionButton';
import { Words } from '../../../ui/text/Words';
import { space } from '../../../ui/theme/tokens';
import { useKeptFile } from './useKeptFile';

/** One file of the person's disk that is kept up to date, where the browser has such a thing. */
export function KeptFileLines() {
  const { canKeep, file, mishap, choose, allow, forget } = useKeptFile();
  if (!canKeep) {
    return (
      <Words size="small" colour="inkSoft">
        This browser cannot keep one file up to date by itself: save a new one now and then.
      </Words>
    );
  }
  if (file === undefined) {
    return (
      <View style={styles.row}>
        <ActionButton
          label="Keep one file up to date"
          onPress={() => void choose('nipperkin-workshop.zip')}
        />
      </View>
    );
  }
  return (
    <View style={styles.stack} testID="kept-file">
      <Words>
        {file.isAllowed
          ? `${file.name} is kept up to date: it is written a moment after each change.`
          : `${file.name} was kept up to date. The browser wants to be asked again before it goes on.`}
      </Words>
      {mishap !== undefined && (
        <Words colour="stop" role="alert">
          {file.name} could not be written: {mishap} Choose another file, or go on.
        </Words>
      )}
      <View style={styles.row}>
        {(!file.isAllowed || mishap !== undefined) && (
          <ActionButton kind="main" label="Go on" onPress={() => void allow()} />
        )}
        <ActionButton kind="bare" label="Stop keeping it" onPress={() => void forget()} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.small },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
