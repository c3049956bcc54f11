import { StyleSheet, View } from 'react-native';
import { ActionButton } from '../ActionButton';
import { Words } from '../text/Words';
import { space } from '../theme/tokens';

interface UnreadableNoticeProps {
  readonly count: number;
  readonly what: { readonly one: string; readonly many: string };
  readonly onSave: () => void;
}

/** Something is missed in this list: it is there, and cannot be read. */
export function UnreadableNotice({ count, what, onSave }: UnreadableNoticeProps) {
  if (count === 0) return null;
  return (
    <View role="alert" style={styles.row}>
      <Words colour="stop" style={styles.words}>
        {count === 1 ? `One ${what.one}` : `${count} ${what.many}`} cannot be read by this version.
        What is in {count === 1 ? 'it' : 'them'} is kept as it is.
      </Words>
      <ActionButton
        icon="download"
        label={count === 1 ? 'Save it as a file' : 'Save them as a file'}
        onPress={onSave}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: space.small },
  words: { flexGrow: 1, flexShrink: 1, flexBasis: 200 },
});
