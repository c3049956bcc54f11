import { getDocumentAsync } from 'expo-document-picker';
import { Image, StyleSheet, View } from 'react-native';
import { cardPhotoPx, reducePhoto } from '../../data/files/reducePhoto';
import { useAttempt } from '../../data/hooks/useAttempt';
import { ActionButton } from '../../ui/ActionButton';
import { FileProblem } from '../../ui/feedback/FileProblem';
import { useColours } from '../../ui/theme/theme';
import { corner, space } from '../../ui/theme/tokens';

interface MouldPhotoProps {
  readonly photo: string | undefined;
  readonly onChange: (photo: string | undefined) => void;
}

/** A photo of the mould, from a file or the camera, made small and kept with its card. */
export function MouldPhoto({ photo, onChange }: MouldPhotoProps) {
  const colours = useColours();
  const taking = useAttempt();

  async function choose(): Promise<void> {
    const chosen = await getDocumentAsync({ type: 'image/*', base64: false });
    const file = chosen.assets?.[0]?.file;
    if (file === undefined) return;
    await taking.attempt(async () => onChange((await reducePhoto(file, cardPhotoPx)).picture));
  }

  return (
    <View style={styles.stack}>
      {photo !== undefined && (
        <Image
          source={{ uri: photo }}
          resizeMode="contain"
          aria-label="Photo of the mould"
          style={[styles.photo, { borderColor: colours.line, backgroundColor: colours.sheet }]}
        />
      )}
      <View style={styles.row}>
        <ActionButton
          icon="camera"
          label={photo === undefined ? 'Add a photo' : 'Other photo'}
          onPress={() => void choose()}
        />
        {photo !== undefined && (
          <ActionButton
            icon="delete"
            label="Remove the photo"
            onPress={() => onChange(undefined)}
          />
        )}
      </View>
      <FileProblem problem={taking.problem} />
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.small },
  photo: { width: '100%', height: 200, borderWidth: 1, borderRadius: corner },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
