import { getDocumentAsync } from 'expo-document-picker';
import { StyleSheet, View } from 'react-native';
import { ProgressBar } from 'react-native-paper';
import type { FileWork } from '../../workers/useFiles';
import { ActionButton } from '../../ui/ActionButton';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { space } from '../../ui/theme/tokens';
import { sayProblem } from '../../words/problems';

interface FileButtonProps {
  readonly label: string;
  readonly work: FileWork;
  readonly onFile: (file: File) => void;
}

/** Lets the person choose a file; shows how far the reading is and stops it; says what is wrong with it. */
export function FileButton({ label, work, onFile }: FileButtonProps) {
  const colours = useColours();
  const choose = async (): Promise<void> => {
    const chosen = await getDocumentAsync({ type: '*/*', base64: false });
    const file = chosen.assets?.[0]?.file;
    if (file !== undefined) onFile(file);
  };
  return (
    <View style={styles.stack}>
      {work.progress === undefined ? (
        <View style={styles.row}>
          <ActionButton icon="folder-open" label={label} onPress={() => void choose()} />
        </View>
      ) : (
        <View style={styles.row} role="status" aria-label="Reading the file">
          <View style={styles.bar}>
            <ProgressBar progress={work.progress} color={colours.resinDeep} />
          </View>
          <ActionButton icon="close" label="Stop" onPress={work.stop} />
        </View>
      )}
      {work.problem !== undefined && (
        <View role="alert">
          <Words colour="stop">{sayProblem(work.problem)}</Words>
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.small },
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: space.medium },
  bar: { flexGrow: 1, minWidth: 120 },
});
