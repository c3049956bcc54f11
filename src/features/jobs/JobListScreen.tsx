import { StyleSheet, View } from 'react-native';
import { newJobDraft } from '../../data/draft/jobDraft';
import { readJobFile } from '../../data/files/jobFile';
import { chooseJsonFile } from '../../data/files/chooseTextFile';
import { useJobs, useShelf } from '../../data/hooks/queries';
import { useFileReading } from '../../data/hooks/useFileReading';
import { useJobActions } from '../../data/hooks/useJobActions';
import { useStartOver } from '../../data/hooks/useStart';
import type { JobRecord } from '../../data/records/jobRecord';
import { ActionButton } from '../../ui/ActionButton';
import { FileProblem } from '../../ui/feedback/FileProblem';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { Screen } from '../../ui/frame/Screen';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { JobCard } from './JobCard';

interface JobListScreenProps {
  readonly onOpen: (id: string) => void;
}

/** All jobs, the one changed last on top. */
export function JobListScreen({ onOpen }: JobListScreenProps) {
  const { data: jobs } = useJobs();
  const shelf = useShelf();
  const actions = useJobActions();
  const startOver = useStartOver();
  const notice = useNotice();
  const file = useFileReading();

  async function create(): Promise<void> {
    const { id } = await actions.create(newJobDraft(shelf.resins[0]));
    onOpen(id);
  }

  const openFile = (): Promise<void> =>
    file.read(async () => {
      const text = await chooseJsonFile();
      if (text === undefined) return;
      const { id } = await actions.create(readJobFile(text, shelf));
      onOpen(id);
    });

  async function remove(record: JobRecord): Promise<void> {
    const undo = await actions.remove(record);
    notice({ text: `Deleted ${record.draft.name || 'the job without a name'}`, undo });
  }

  if (jobs === undefined) return null;
  return (
    <Screen
      title="Jobs"
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
        </>
      }
    >
      <FileProblem problem={file.problem} />
      {jobs.records.length === 0 ? (
        <Panel title="No jobs yet">
          <Words>A job is one piece to pour: measure its cavities, choose a resin, and mix.</Words>
          <ActionButton label="Load the demo" onPress={() => void startOver('demo')} />
        </Panel>
      ) : (
        <View role="list" style={styles.list}>
          {jobs.records.map((record) => (
            <JobCard
              key={record.id}
              record={record}
              shelf={shelf}
              onOpen={() => onOpen(record.id)}
              onDuplicate={() => void actions.duplicate(record)}
              onDelete={() => void remove(record)}
            />
          ))}
        </View>
      )}
    </Screen>
  );
}

const styles = StyleSheet.create({
  list: { gap: space.medium },
  main: { flexGrow: 1 },
});
