import { useMemo, useState, type ReactNode } from 'react';
import { StyleSheet } from 'react-native';
import { newJobDraft } from '../../data/draft/jobDraft';
import { readJobFile } from '../../data/files/jobFile';
import { chooseJsonFile } from '../../data/files/chooseTextFile';
import { useJobs, useShelf } from '../../data/hooks/queries';
import { useAttempt } from '../../data/hooks/useAttempt';
import { useJobActions } from '../../data/hooks/useJobActions';
import { saveUnreadable } from '../../data/files/saveUnreadable';
import { useRoomOfSeason } from '../../data/hooks/useRoomOfSeason';
import { useOfferedResins } from '../../data/hooks/useOfferedResins';
import { useStartOver } from '../../data/hooks/useStartOver';
import { idOfDraft, useUnsaved } from '../../data/drafts/useUnsaved';
import { jobs as jobKind } from '../../data/kinds/kinds';
import type { JobEntry } from '../../data/records/jobEntry';
import { ActionButton } from '../../ui/ActionButton';
import { ListCount } from '../../ui/list/ListCount';
import { FailedWork } from '../../ui/feedback/FailedWork';
import { ListNotices } from '../../ui/feedback/ListNotices';
import { Beside } from '../../ui/frame/Beside';
import { NothingSelected } from '../../ui/frame/NothingSelected';
import { Screen } from '../../ui/frame/Screen';
import { TextField } from '../../ui/fields/TextField';
import { Panel } from '../../ui/Panel';
import { SignButton } from '../../ui/SignButton';
import { Words } from '../../ui/text/Words';
import { useWide } from '../../ui/theme/useWide';
import { JobPreview } from './JobPreview';
import { JobRows } from './JobRows';

interface JobListScreenProps {
  /** Stands under the title: records beside jobs. */
  readonly tabs: ReactNode;
  readonly onOpen: (id: string) => void;
  /** A new job begins with measuring. */
  readonly onNew: (id: string) => void;
  /** A job comes by link or code. */
  readonly onTake: () => void;
}

/** From so many on one looks for a job by its name. */
const findFrom = 20;

/** Those that have these words in their name. */
function jobsWith(jobs: readonly JobEntry[], sought: string): readonly JobEntry[] {
  const words = sought.trim().toLocaleLowerCase();
  return words === '' ? jobs : jobs.filter(({ name }) => name.toLocaleLowerCase().includes(words));
}

/** All jobs, the one changed last on top. */
export function JobListScreen({ tabs, onOpen, onNew, onTake }: JobListScreenProps) {
  const { data: jobs } = useJobs();
  const shelf = useShelf();
  const offered = useOfferedResins();
  const room = useRoomOfSeason();
  const actions = useJobActions();
  const startOver = useStartOver();
  const file = useAttempt();
  const unsaved = useUnsaved(jobKind);
  const [sought, setSought] = useState('');

  async function create(): Promise<void> {
    const { id } = await actions.create(newJobDraft(offered[0], room));
    onNew(id);
  }

  const openFile = (): Promise<void> =>
    file.attempt(async () => {
      const text = await chooseJsonFile();
      if (text === undefined) return;
      const { id } = await actions.create(readJobFile(text, shelf));
      onOpen(id);
    });

  const all = jobs?.records;
  const found = useMemo(() => jobsWith(all ?? [], sought), [all, sought]);
  const wide = useWide();
  const [selected, setSelected] = useState<string>();
  if (jobs === undefined) return null;
  // Until one is selected it is the one on top.
  const entry = all?.find(({ id }) => id === selected) ?? found[0];
  const list = (
    <Screen
      title="Jobs"
      aside={<ListCount count={jobs.records.length} what={jobKind.counted} />}
      rememberedAs="jobs"
      head={tabs}
      foot={
        <>
          <ActionButton
            kind="main"
            label="New job"
            icon="plus"
            onPress={() => void create()}
            style={styles.main}
          />
          <ActionButton label="Open a file" icon="folder-open" onPress={() => void openFile()} />
          <SignButton icon="camera" label="Take a job over from another device" onPress={onTake} />
        </>
      }
    >
      <ListNotices
        problem={file.problem}
        what={jobKind.counted}
        unreadable={jobs.unreadable.length}
        onSaveUnreadable={() => saveUnreadable(jobs.unreadable)}
        unsaved={unsaved.apart}
        nameless="the job without a name"
        onOpen={(draft) => onOpen(idOfDraft(draft))}
        onDrop={unsaved.drop}
      />
      <FailedWork of="listed" />
      {jobs.records.length >= findFrom && (
        <TextField
          label={`Find among ${jobs.records.length} jobs`}
          value={sought}
          onChange={setSought}
        />
      )}
      {jobs.records.length > 0 && found.length === 0 && (
        <Words role="status">No job has “{sought}” in its name.</Words>
      )}
      {jobs.records.length === 0 ? (
        <Panel title="No jobs yet">
          <Words>A job is one piece to pour: measure its cavities, choose a resin, and mix.</Words>
          <ActionButton label="Load the demo" onPress={() => void startOver.withDemo()} />
        </Panel>
      ) : (
        <JobRows
          jobs={found}
          shelf={shelf}
          isTypedOver={unsaved.isTypedOver}
          // Beside the list a job is looked at first; a second tap opens it.
          onOpen={(id) => (wide && id !== entry?.id ? setSelected(id) : onOpen(id))}
        />
      )}
    </Screen>
  );
  if (!wide) return list;
  return (
    <Beside list={list}>
      {entry === undefined ? (
        <NothingSelected what="a job" />
      ) : (
        <JobPreview key={entry.id} entry={entry} shelf={shelf} onOpen={() => onOpen(entry.id)} />
      )}
    </Beside>
  );
}

const styles = StyleSheet.create({
  main: { flexGrow: 1 },
});
