import { StyleSheet, View } from 'react-native';
import { useAllKept, useAside, useSaveState } from '../../data/hooks/queries';
import { useUnreadable } from '../../data/hooks/useUnreadable';
import { useStartOver } from '../../data/hooks/useStartOver';
import { usePersistence, type Persistence } from '../../data/hooks/usePersistence';
import { useStorageUse } from '../../data/hooks/useStorageUse';
import { sayStorageUse } from '../../words/storage';
import { saveUnreadable } from '../../data/files/saveUnreadable';
import { ActionButton } from '../../ui/ActionButton';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { Screen } from '../../ui/frame/Screen';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { DaysPanel } from './DaysPanel';
import { RemindersPanel } from './RemindersPanel';
import { SafetyCopiesPanel } from './copies/SafetyCopiesPanel';
import { useMakeCopy } from './copies/useSafetyCopies';
import { OfflinePanel } from './offline/OfflinePanel';
import { UnitsPanel } from './UnitsPanel';
import { WorkshopPanel } from './WorkshopPanel';

const persistenceWords: Readonly<Record<Persistence, string>> = {
  kept: 'This browser has promised to keep it, even when the device runs full.',
  'not-promised':
    'This browser has not promised to keep it: it may clear it when the device runs full. Save it as a file now and then.',
  unknown: 'This browser does not say whether it keeps it. Save it as a file now and then.',
};

/** Looking through fewer records is over before it can be told. */
const tellFrom = 500;

const inOneList = new Intl.ListFormat('en-GB');

/** Where the data is, how to get it out, and how to start over. */
export function KeepingScreen() {
  const all = useAllKept();
  const through = useUnreadable(Math.max(...all.map(({ changedAt }) => changedAt)));
  const saveState = useSaveState();
  const aside = useAside();
  const startOver = useStartOver();
  const notice = useNotice();
  const persistence = usePersistence();
  const use = useStorageUse();
  const makeCopy = useMakeCopy();
  const unreadable = [
    ...through.unreadable,
    // Those that had to make room for something that can be read.
    ...(aside.data?.records ?? []).map(({ key, text, reason }) => ({ key, text, reason })),
  ];
  const counts = all.flatMap(({ kind: { counted }, count = 0 }) => {
    return counted === undefined ? [] : [`${count} ${count === 1 ? counted.one : counted.many}`];
  });

  async function loadDemo(): Promise<void> {
    const { added, stayed, undo } = await startOver.withDemo();
    const kept = stayed === 0 ? '' : `, ${stayed} were here already and stay as they are`;
    notice({ text: `The demo is loaded: ${added} added${kept}`, undo });
  }

  async function clear(): Promise<void> {
    await makeCopy('before-start-over');
    const { undo } = await startOver.fromEmpty();
    notice({ text: 'Everything is cleared', undo });
  }

  return (
    <Screen spreads title="Data" subtitle="Everything stays in this browser, on this device.">
      <Panel title="Kept here">
        <Words weight="semibold" testID="main-figure">
          {inOneList.format(counts)}
        </Words>
        {saveState.state === 'failed' && (
          <Words colour="stop" role="alert">
            This device refuses to save ({saveState.reason}). What you see is kept until you close
            the page: save it as a file now.
          </Words>
        )}
        {use !== undefined && sayStorageUse(use) !== '' && (
          <Words testID="storage-use">{sayStorageUse(use)}</Words>
        )}
        {persistence !== undefined && <Words>{persistenceWords[persistence]}</Words>}
        {through.looked < through.of && through.of >= tellFrom && (
          <Words colour="inkSoft">
            Looking whether all of it can be read: {through.looked} of {through.of}
          </Words>
        )}
      </Panel>
      <WorkshopPanel />
      <SafetyCopiesPanel />
      <OfflinePanel />
      {unreadable.length > 0 && (
        <Panel title="Not readable">
          <Words role="alert">
            {unreadable.length === 1 ? 'One record' : `${unreadable.length} records`} cannot be read
            by this version. What is in them is kept as it is; save it as a file to look into it.
          </Words>
          <View style={styles.row}>
            <ActionButton
              icon="download"
              label="Save them as a file"
              onPress={() => saveUnreadable(unreadable)}
            />
          </View>
        </Panel>
      )}
      <UnitsPanel />
      <DaysPanel />
      <RemindersPanel />
      <Panel title="Start over">
        <Words>
          The demo is the refit of Wren’s Rest, a made-up river barge. Loading it adds what of it is
          not here; what you have made or changed stays. Starting from empty clears all jobs, resins
          and moulds. Both can be undone.
        </Words>
        <View style={styles.row}>
          <ActionButton label="Load the demo" onPress={() => void loadDemo()} />
          <ActionButton label="Start from empty" onPress={() => void clear()} />
        </View>
      </Panel>
      <Panel title="What it is built with">
        <Words>Nipperkin is made with the work of many others, under their licences.</Words>
        <View style={styles.row}>
          <ActionButton
            label="Read their notices"
            onPress={() => void window.open('/licences.txt', '_blank', 'noopener')}
          />
        </View>
      </Panel>
    </Screen>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
