import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Undo } from '../../data/hooks/useCommit';
import { useTakeWorkshop } from '../../data/hooks/useTakeWorkshop';
import { StaleWriteError } from '../../data/store/staleWriteError';
import { byKind, countOf } from '../../data/workshop/byKind';
import type { Held } from '../../data/workshop/heldAgainst';
import type { Kept } from '../../data/workshop/kept';
import { mergingWrites, type Choice } from '../../data/workshop/taking';
import { ActionButton } from '../../ui/ActionButton';
import { SwitchField } from '../../ui/fields/SwitchField';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { sayHere, useNow } from '../../ui/useNow';
import { sayTaking, sayWays } from '../../words/workshop';
import { useMakeCopy } from './copies/useSafetyCopies';
import { Conflicts } from './Conflicts';
import { HeldKind } from './HeldKind';

interface WhatItWouldDoProps {
  readonly held: Held;
  readonly here: Kept;
  readonly onDone: () => void;
}

/** What a file would do, kind by kind, before it does anything; then the two ways to take it. */
export function WhatItWouldDo({ held, here, onDone }: WhatItWouldDoProps) {
  const takeWorkshop = useTakeWorkshop();
  const notice = useNotice();
  const now = useNow();
  const [ofConflicts, setOfConflicts] = useState<ReadonlyMap<string, Choice>>(new Map());
  const { file, madeAt, standings, names, unreadable } = held;
  const makeCopy = useMakeCopy();
  // Where nothing else would come of it, what was deleted is what the file was opened for.
  const [bringBack, setBringBack] = useState(
    () =>
      countOf(held, 'deleted-here') > 0 &&
      countOf(held, 'new', 'newer', 'conflict', 'deleted-there') === 0,
  );
  const writes = mergingWrites(standings, file, here, { ofConflicts, bringBack });
  const deletedHere = countOf(held, 'deleted-here');
  /** Of the conflicts, those that end as the file says; what stays mine is written too, so that it is asked once. */
  const theirs = [...ofConflicts].filter(([, choice]) => choice !== 'keep-here');
  const isInFile = ([key]: readonly [string, Choice]): boolean => file.records.has(key);
  const taken =
    countOf(held, 'new', 'newer') + (bringBack ? deletedHere : 0) + theirs.filter(isInFile).length;
  const removed = countOf(held, 'deleted-there') + theirs.filter((each) => !isInFile(each)).length;
  const others = [...here.records.keys()].filter((key) => !file.records.has(key)).length;
  const conflicts = [...standings].flatMap(([key, each]) => (each === 'conflict' ? [key] : []));
  const isSame = countOf(held, 'same') === here.records.size && others === 0;

  async function take(work: () => Promise<Undo>, text: string): Promise<void> {
    // It can be undone as a whole; the copy is for whoever finds out tomorrow.
    const isCopied = await makeCopy('before-file');
    const said = isCopied ? text : `${text}; there was no room for a safety copy of before`;
    try {
      notice({ text: said, undo: await work() });
    } catch (error) {
      if (!(error instanceof StaleWriteError)) throw error;
      notice({ text: 'Nothing was taken: something was changed meanwhile. Open the file again.' });
    }
    onDone();
  }

  return (
    <Panel title="What this file would do" testID="comparison">
      <Words>
        {file.records.size === 0
          ? 'No record is in it.'
          : `${file.records.size} records${madeAt === undefined ? '' : `, saved ${sayHere(Date.parse(madeAt), now)}`}.`}
        {others > 0 && ` ${others} here ${others === 1 ? 'is' : 'are'} not in the file.`}
      </Words>
      <View>
        {byKind(held).map(({ name, keys }) => (
          <HeldKind key={name ?? ''} name={name} keys={keys} names={names} />
        ))}
      </View>
      {unreadable.length > 0 && (
        <Words size="small" colour="inkSoft">
          {unreadable.length === 1 ? 'One record' : `${unreadable.length} records`} of it cannot be
          read by this version. What is new here is kept as it is; nothing that can be read gives
          way to it.
        </Words>
      )}
      {conflicts.length > 0 && (
        <Conflicts
          keys={conflicts}
          held={held}
          here={here}
          choices={ofConflicts}
          onChoose={setOfConflicts}
        />
      )}
      {deletedHere > 0 && (
        <SwitchField
          label={`Bring back ${deletedHere} deleted here since`}
          value={bringBack}
          onChange={setBringBack}
        />
      )}
      <Words size="small" colour="inkSoft">
        {isSame
          ? 'Everything here is as it is in the file.'
          : sayWays(writes.length > 0 || conflicts.length > 0 || deletedHere > 0)}
      </Words>
      <View style={styles.row}>
        {writes.length > 0 && (
          <ActionButton
            kind="main"
            label={`Merge: ${sayTaking(taken, removed).toLowerCase()}`}
            onPress={() =>
              void take(
                () => takeWorkshop.merge(held, here, { ofConflicts, bringBack }),
                'Merged with the file',
              )
            }
          />
        )}
        {!isSame && (
          <ActionButton
            label="Replace everything"
            onPress={() =>
              void take(() => takeWorkshop.replace(held, here), 'Replaced by the file')
            }
          />
        )}
        <ActionButton kind="bare" label={isSame ? 'Close' : 'Leave it'} onPress={onDone} />
      </View>
    </Panel>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
