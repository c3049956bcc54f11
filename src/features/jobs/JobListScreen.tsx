import { StyleSheet, View } from 'react-native';
import { newJobDraft } from '../../data/draft/jobDraft';
import { readJobFile } from '../../data/files/jobFile';
import { chooseJsonFile } from '../../data/files/chooseTextFile';
import { useJobs, useShelf } from '../../data/hooks/queries';
import { useAttempt } from '../../data/hooks/useAttempt';
import { useJobActions } from '../../data/hooks/useJobActions';
import { saveRecord, saveUnreadable } from '../../data/files/everything';
import { useStartOver } from '../../data/hooks/useStart';
import { idOfDraft, useUnsaved } from '../../data/drafts/useUnsaved';
import { jobs as jobKind } from '../../data/kinds/kinds';
import type { JobRecord } from '../../data/records/jobRecord';
import { ActionButton } from '../../ui/ActionButton';
import { RowMishap } from '../../ui/feedback/RowMishap';
import { UnreadableNotice } from '../../ui/feedback/UnreadableNotice';
import { UnsavedRows } from '../../ui/feedback/UnsavedRows';
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
  const file = useAttempt();
  const unsaved = useUnsaved(jobKind);

  async function create(): Promise<void> {
    const { id } = await actions.create(newJobDraft(shelf.resins[0]));
    onOpen(id);
  }

  const openFile = (): Promise<void> =>
    file.attempt(async () => {
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
      <UnreadableNotice
        count={jobs.unreadable.length}
        what={jobKind.counted}
        onSave={() => saveUnreadable(jobs.unreadable)}
      />
      <UnsavedRows
        nameless="the job without a name"
        items={unsaved.apart}
        onOpen={(draft) => onOpen(idOfDraft(draft))}
        onDrop={(draft) =>
          void unsaved.drop(draft).then((undo) => notice({ text: 'Thrown away', undo }))
        }
      />
      {jobs.records.length === 0 ? (
        <Panel title="No jobs yet">
          <Words>A job is one piece to pour: measure its cavities, choose a resin, and mix.</Words>
          <ActionButton label="Load the demo" onPress={() => void startOver.withDemo()} />
        </Panel>
      ) : (
        <View role="list" style={styles.list}>
          {jobs.records.map((record) => (
            <RowMishap key={record.id} name={record.draft.name} onSave={() => saveRecord(record)}>
              <JobCard
                record={record}
                shelf={shelf}
                onOpen={() => onOpen(record.id)}
                onDuplicate={() => void actions.duplicate(record)}
                typedOver={unsaved.isTypedOver(record.id)}
                onDelete={() => void remove(record)}
              />
            </RowMishap>
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
