import { StyleSheet, View } from 'react-native';
import { ActionButton } from '../ActionButton';
import { Words } from '../text/Words';
import { space } from '../theme/tokens';

interface CardNoticesProps {
  /** Something typed is not saved on the card; what drops it. */
  readonly onStartAfresh: (() => void) | undefined;
  /** It was typed at an earlier time. */
  readonly resumed: boolean;
  /** Whether there is a card already. */
  readonly isNew: boolean;
  /** Entries that are not right, once the person has asked to save. */
  readonly wrong: number;
}

/** Why a card is not saved yet, and what becomes of what is typed. */
export function CardNotices({ onStartAfresh, resumed, isNew, wrong }: CardNoticesProps) {
  return (
    <>
      {resumed && onStartAfresh !== undefined && (
        <View style={styles.row} role="status">
          <Words size="small" colour="inkSoft" style={styles.words}>
            {isNew
              ? 'You began this earlier and did not save it. It goes on where you stopped.'
              : 'You changed this earlier and did not save it. What you typed is here again.'}
          </Words>
          <ActionButton
            label={isNew ? 'Start afresh' : 'Back to what is saved'}
            onPress={onStartAfresh}
          />
        </View>
      )}
      {wrong > 0 && (
        <Words colour="stop" role="alert">
          Not saved yet: {wrong === 1 ? 'one entry is' : `${wrong} entries are`} not right.
        </Words>
      )}
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: space.small },
  words: { flexGrow: 1, flexShrink: 1, flexBasis: 200 },
});
