import { StyleSheet, View } from 'react-native';
import { useOpenJob } from '../../data/draft/openJob';
import { ActionButton } from '../../ui/ActionButton';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';

/** Another tab changed this job first: the person chooses, and nothing is lost unasked. */
export function ConflictNotice() {
  const { conflict, keepMine, takeTheirs } = useOpenJob();
  if (conflict === undefined) return null;
  const deleted = conflict === 'deleted';
  return (
    <Panel title={deleted ? 'Deleted in another window' : 'Changed in another window'}>
      <Words role="alert">
        {deleted
          ? 'What you typed here is not saved. Keep it to bring the job back.'
          : 'What you typed here is not saved yet. Keep yours, or take the other version.'}
      </Words>
      <View style={styles.row}>
        <ActionButton kind="main" label="Keep mine" onPress={keepMine} />
        {!deleted && <ActionButton label="Take the other" onPress={takeTheirs} />}
      </View>
    </Panel>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
