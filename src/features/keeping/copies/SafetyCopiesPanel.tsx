import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { CopyInfo } from '../../../data/copies/copyInfo';
import { download } from '../../../data/files/download';
import { useAttempt } from '../../../data/hooks/useAttempt';
import { ActionButton } from '../../../ui/ActionButton';
import { FileProblem } from '../../../ui/feedback/FileProblem';
import { useNotice } from '../../../ui/feedback/NoticeProvider';
import { Panel } from '../../../ui/Panel';
import { Words } from '../../../ui/text/Words';
import { useColours } from '../../../ui/theme/theme';
import { space } from '../../../ui/theme/tokens';
import { sayHere, useNow } from '../../../ui/useNow';
import { sayBytes } from '../../../words/storage';
import { capital } from '../../../words/figures';
import { sayAge, sayCopy } from '../../../words/workshop';
import { packWorkshop, unpackWorkshop } from '../../../workers/workshopThread';
import { OpeningLines } from '../OpeningLines';
import { useOpening } from '../useOpening';
import { safetyCopies } from './safetyCopies';
import { useCopyList, useMakeCopy } from './useSafetyCopies';

/** The latest ones stand in sight; more on a tap. */
const inSight = 3;

/** The copies that are made by themselves, each with its age and size, and the way back to it. */
export function SafetyCopiesPanel() {
  const opening = useOpening();
  const copies = useCopyList();
  const makeCopy = useMakeCopy();
  const notice = useNotice();
  const { problem, attempt } = useAttempt();
  const [isLong, setLong] = useState(false);

  async function makeOne(): Promise<void> {
    const isMade = await makeCopy('by-hand');
    notice({
      text: isMade ? 'A copy is kept' : 'This device has no room for a copy: save a file instead.',
    });
  }
  const open = ({ id }: CopyInfo): Promise<void> =>
    attempt(async () => {
      const { archive, photos } = await safetyCopies.read(id);
      await opening.open(new Blob([archive]), photos);
    });
  const save = ({ id, madeAt }: CopyInfo): Promise<void> =>
    attempt(async () => {
      const { archive, photos } = await safetyCopies.read(id);
      const at = new Date(madeAt).toISOString();
      const { records, gone } = await unpackWorkshop(new Blob([archive]));
      const whole = { records: new Map([...records, ...photos]), gone };
      const name = `nipperkin-workshop-${at.slice(0, 16).replace(/[T:]/g, '-')}.zip`;
      download(name, await packWorkshop(whole, at), 'application/zip');
    });

  const all = copies ?? [];
  const bytes = all.reduce((sum, copy) => sum + copy.bytes, 0);
  return (
    <Panel title="Safety copies" testID="safety-copies">
      <Words>
        {all.length === 0
          ? 'Copies are made here by themselves, about once an hour while you change things, and before a file is opened. The first one comes soon.'
          : `${all.length} ${all.length === 1 ? 'copy' : 'copies'} in this browser, ${sayBytes(bytes)} together. They are made by themselves; older ones grow fewer. They are gone where the browser is cleared: a file is safer.`}
      </Words>
      <View>
        {(isLong ? all : all.slice(0, inSight)).map((copy) => (
          <CopyRow
            key={copy.id}
            copy={copy}
            onOpen={() => void open(copy)}
            onSave={() => void save(copy)}
          />
        ))}
      </View>
      <FileProblem problem={problem} />
      <OpeningLines {...opening} />
      <View style={styles.row}>
        <ActionButton icon="plus" label="Make a copy now" onPress={() => void makeOne()} />
        {all.length > inSight && (
          <ActionButton
            kind="bare"
            label={isLong ? 'Fewer' : `All ${all.length}`}
            onPress={() => setLong(!isLong)}
          />
        )}
      </View>
    </Panel>
  );
}

interface CopyRowProps {
  readonly copy: CopyInfo;
  readonly onOpen: () => void;
  readonly onSave: () => void;
}

function CopyRow({ copy, onOpen, onSave }: CopyRowProps) {
  const colours = useColours();
  const now = useNow();
  const { madeAt, records, bytes, why } = copy;
  const said = capital(sayHere(madeAt, now));
  return (
    <View style={[styles.copy, { borderBottomColor: colours.line }]} testID="safety-copy">
      <View style={styles.words}>
        <Words weight="semibold">
          {said} · {sayAge(now * 60_000 - madeAt)}
        </Words>
        <Words size="small" colour="inkSoft">
          {sayCopy(records, bytes, why)}
        </Words>
      </View>
      <View style={styles.row}>
        <ActionButton label="Go back to it" spoken={`Go back to ${said}`} onPress={onOpen} />
        <ActionButton
          kind="bare"
          icon="download"
          label="Save"
          spoken={`Save the copy of ${said}`}
          onPress={onSave}
        />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', flexShrink: 1, gap: space.small },
  copy: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: space.small,
    paddingVertical: space.small,
    borderBottomWidth: 1,
  },
  words: { flexGrow: 1, flexShrink: 1, flexBasis: 180 },
});
