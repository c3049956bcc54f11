import { StyleSheet, View } from 'react-native';
import { ActionButton } from '../ActionButton';
import { Words } from '../text/Words';
import { useColours } from '../theme/theme';
import { space } from '../theme/tokens';

interface ConflictStripProps {
  readonly conflict: 'changed' | 'deleted';
  readonly onKeepMine: () => void;
  readonly onTakeOther: () => void;
}

/** Another window changed or deleted what is open here: the person chooses, and nothing is lost unasked. */
export function ConflictStrip({ conflict, onKeepMine, onTakeOther }: ConflictStripProps) {
  const colours = useColours();
  const deleted = conflict === 'deleted';
  return (
    <View role="alert" style={[styles.strip, { backgroundColor: colours.warnSheet }]}>
      <Words size="small" style={styles.words}>
        {deleted
          ? 'Deleted in another window. What stands here is not saved.'
          : 'Changed in another window. What you typed here is not saved.'}
      </Words>
      <View style={styles.row}>
        <ActionButton kind="main" label="Keep mine" onPress={onKeepMine} />
        {!deleted && <ActionButton label="Take the other" onPress={onTakeOther} />}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  strip: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: space.small,
    padding: space.small,
    paddingHorizontal: space.large,
  },
  words: { flexGrow: 1, flexShrink: 1, flexBasis: 200 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
