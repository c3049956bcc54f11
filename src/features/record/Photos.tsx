import { getDocumentAsync } from 'expo-document-picker';
import { useState } from 'react';
import { Image, StyleSheet, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { bytesOfPicture, piecePhotoPx, reducePhoto } from '../../data/files/reducePhoto';
import { useAttempt } from '../../data/hooks/useAttempt';
import { useKeepPhoto, usePhotos } from '../../data/hooks/usePhoto';
import { ActionButton } from '../../ui/ActionButton';
import { FileProblem } from '../../ui/feedback/FileProblem';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { corner, space } from '../../ui/theme/tokens';
import { sayPhotos } from '../../words/record';

/** As many as a record holds. */
const mostPhotos = 40;

interface PhotosProps {
  readonly ids: readonly string[];
  readonly onAdd: (id: string) => Promise<void>;
  /** Takes one away, with a way back. */
  readonly onRemove: (id: string) => void;
}

/** Photos of a piece: made small as they come, without what the camera wrote into them. */
export function Photos({ ids, onAdd, onRemove }: PhotosProps) {
  const keep = useKeepPhoto();
  const taking = useAttempt();
  const notice = useNotice();
  const found = usePhotos(ids);
  const [open, setOpen] = useState<string>();
  const [reading, setReading] = useState(0);
  const shown = found.map(({ data }) => data);
  const bytes = shown.reduce((sum, photo) => sum + bytesOfPicture(photo?.picture ?? ''), 0);
  const left = mostPhotos - ids.length;

  async function choose(): Promise<void> {
    const chosen = await getDocumentAsync({ type: 'image/*', base64: false, multiple: true });
    const all = (chosen.assets ?? []).flatMap(({ file }) => file ?? []);
    const files = all.slice(0, left);
    if (files.length === 0) return;
    if (files.length < all.length) {
      notice({
        text: `${files.length} of ${all.length} fit: a record keeps ${mostPhotos} photos.`,
      });
    }
    setReading(files.length);
    // Those that were read before one that cannot be are kept.
    await taking.attempt(async () => {
      for (const file of files) {
        await onAdd(await keep(await reducePhoto(file, piecePhotoPx)));
        setReading((count) => count - 1);
      }
    });
    setReading(0);
  }

  return (
    <Panel title="Photos" testID="photos">
      <Words colour="inkSoft" testID="photos-size">
        {ids.length === 0
          ? 'None yet. They are made small, without place and camera, and stay on this device.'
          : sayPhotos(ids.length, bytes)}
      </Words>
      {ids.length > 0 && (
        <View style={styles.row}>
          {ids.map((id, at) => (
            <Thumbnail
              key={id}
              picture={shown[at]?.picture}
              isGone={shown[at] === null}
              label={`Photo ${at + 1} of ${ids.length}`}
              isOpen={open === id}
              onPress={() => setOpen(open === id ? undefined : id)}
            />
          ))}
        </View>
      )}
      {open !== undefined && ids.includes(open) && (
        <LargePhoto
          photo={shown[ids.indexOf(open)] ?? undefined}
          label={`Photo ${ids.indexOf(open) + 1} of ${ids.length}, large`}
          onRemove={() => {
            setOpen(undefined);
            onRemove(open);
          }}
        />
      )}
      {reading > 0 && <Words role="status">{`Making ${reading} of them small …`}</Words>}
      {left > 0 ? (
        <View style={styles.row}>
          <ActionButton
            icon="camera"
            label="Add photos"
            disabled={reading > 0}
            onPress={() => void choose()}
          />
        </View>
      ) : (
        <Words>{`${mostPhotos} are the most that a record keeps.`}</Words>
      )}
      <FileProblem problem={taking.problem} />
    </Panel>
  );
}

interface ThumbnailProps {
  readonly picture: string | undefined;
  readonly isGone: boolean;
  readonly label: string;
  readonly isOpen: boolean;
  readonly onPress: () => void;
}

function Thumbnail({ picture, isGone, label, isOpen, onPress }: ThumbnailProps) {
  const colours = useColours();
  return (
    <TouchableRipple
      role="button"
      onPress={onPress}
      aria-label={label}
      aria-expanded={isOpen}
      style={[styles.small, { borderColor: isOpen ? colours.ink : colours.line }]}
    >
      {picture === undefined ? (
        <Words size="small" colour="inkSoft">
          {isGone ? 'Not here any more' : ''}
        </Words>
      ) : (
        <Image source={{ uri: picture }} resizeMode="cover" style={styles.fill} />
      )}
    </TouchableRipple>
  );
}

interface LargePhotoProps {
  readonly photo:
    { readonly picture: string; readonly widthPx: number; readonly heightPx: number } | undefined;
  readonly label: string;
  readonly onRemove: () => void;
}

function LargePhoto({ photo, label, onRemove }: LargePhotoProps) {
  return (
    <View style={styles.stack}>
      {photo !== undefined && (
        <Image
          source={{ uri: photo.picture }}
          resizeMode="contain"
          aria-label={label}
          style={[styles.large, { aspectRatio: photo.widthPx / photo.heightPx }]}
        />
      )}
      <View style={styles.row}>
        <ActionButton icon="delete" label="Take this photo away" onPress={onRemove} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.small },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
  small: {
    width: 96,
    height: 96,
    borderWidth: 2,
    borderRadius: corner,
    overflow: 'hidden',
    justifyContent: 'center',
  },
  fill: { width: '100%', height: '100%' },
  large: { width: '100%', maxHeight: 640, borderRadius: corner },
});
