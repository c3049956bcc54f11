import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Comparison, Standing } from '../../data/files/comparison';
import { useAttempt } from '../../data/hooks/useAttempt';
import type { Undo } from '../../data/hooks/useCommit';
import { useEverything } from '../../data/hooks/useEverything';
import { StaleWriteError } from '../../data/store/staleWriteError';
import { ActionButton } from '../../ui/ActionButton';
import { FileProblem } from '../../ui/feedback/FileProblem';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';

const standingWords: Readonly<Record<Standing, string>> = {
  new: 'new here',
  newer: 'newer than what is here',
  same: 'the same as here',
  older: 'older than what is here',
  conflict: 'changed here and in the file',
};
const inOneList = new Intl.ListFormat('en-GB');

/** A file of everything comes in again: told first what it would do, then added or put in place, undone as a whole. */
export function OpenEverything() {
  const everything = useEverything();
  const reading = useAttempt();
  const notice = useNotice();
  const [comparison, setComparison] = useState<Comparison>();

  const choose = (): Promise<void> =>
    reading.attempt(async () => setComparison(await everything.choose()));

  async function take(way: 'add' | 'replace', of: Comparison): Promise<void> {
    let undo: Undo;
    try {
      undo = await everything[way](of);
    } catch (error) {
      if (!(error instanceof StaleWriteError)) throw error;
      setComparison(undefined);
      notice({ text: 'Nothing was taken: something was changed meanwhile. Open the file again.' });
      return;
    }
    setComparison(undefined);
    notice({ text: way === 'add' ? 'Added from the file' : 'Replaced by the file', undo });
  }

  return (
    <>
      <View style={styles.row}>
        <ActionButton
          icon="folder-open"
          label="Open a file of everything"
          onPress={() => void choose()}
        />
      </View>
      <FileProblem problem={reading.problem} />
      {comparison !== undefined && (
        <Panel title="What this file would do" testID="comparison">
          <Words>{sayComparison(comparison)}</Words>
          <Words size="small" colour="inkSoft">
            Adding takes what is new and newer and leaves the rest. Replacing makes everything here
            as it is in the file, and takes away what is not in it. Either can be undone.
          </Words>
          <View style={styles.row}>
            <ActionButton
              kind="main"
              label="Add what is new and newer"
              onPress={() => void take('add', comparison)}
            />
            <ActionButton
              label="Replace everything"
              onPress={() => void take('replace', comparison)}
            />
            <ActionButton kind="bare" label="Leave it" onPress={() => setComparison(undefined)} />
          </View>
        </Panel>
      )}
    </>
  );
}

/** `28 records: 3 new here, 1 newer than what is here and 24 the same as here. 2 here are not in the file.` */
function sayComparison({ standings, stored }: Comparison): string {
  const all = [...standings.values()];
  const counts = (Object.keys(standingWords) as Standing[]).flatMap((standing) => {
    const count = all.filter((each) => each === standing).length;
    return count === 0 ? [] : [`${count} ${standingWords[standing]}`];
  });
  const others = [...stored.keys()].filter((key) => !standings.has(key)).length;
  const rest =
    others === 0 ? '' : ` ${others} here ${others === 1 ? 'is' : 'are'} not in the file.`;
  const said =
    all.length === 0 ? 'No record is in it' : `${all.length} records: ${inOneList.format(counts)}`;
  return `${said}.${rest}`;
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
