import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { mouldInJob, mouldSchema, type Mould } from '../../core/measure/mould/mouldSchema';
import type { MeasuredMould } from '../../core/plan/mouldOfJob';
import { CardDraftProvider, useCardDraft } from '../../data/draft/cardDraft';
import { newJobDraft } from '../../data/draft/jobDraft';
import { download, fileNameOf } from '../../data/files/download';
import { mouldFileText } from '../../data/files/mouldFile';
import { useShelf } from '../../data/hooks/queries';
import { useCardSaving } from '../../data/hooks/useCardSaving';
import { useMouldActions } from '../../data/hooks/useCardActions';
import { useJobActions } from '../../data/hooks/useJobActions';
import type { MouldRecord } from '../../data/records/mouldRecord';
import { ActionButton } from '../../ui/ActionButton';
import { CardNotices } from '../../ui/feedback/CardNotices';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { Screen } from '../../ui/frame/Screen';
import { space } from '../../ui/theme/tokens';
import { mouldDraft, typedMould } from './mouldDraft';
import { MouldFields } from './MouldFields';

interface MouldScreenProps {
  /** The mould to change; left out for a new one. */
  readonly record?: MouldRecord;
  /** What a new one begins as: a measurement. */
  readonly measured?: MeasuredMould;
  readonly onDone: () => void;
  readonly onOpenJob: (id: string) => void;
}

/** One mould of the library: its cavities, what it stands, how often it was used. */
export function MouldScreen({ record, measured, onDone, onOpenJob }: MouldScreenProps) {
  const actions = useMouldActions();
  const jobActions = useJobActions();
  const { resins } = useShelf();
  const notice = useNotice();
  const [opened] = useState(record);
  const typing = useCardDraft(() => mouldDraft(record?.mould ?? measured), mouldSchema, typedMould);
  const { draft, card: mould, problems, asked } = typing;
  const saving = useCardSaving((card: Mould) => actions.save(card, opened));

  async function save(): Promise<Mould | undefined> {
    typing.ask();
    if (mould === undefined) return undefined;
    return (await saving.save(mould))?.mould;
  }

  async function saveAndGo(): Promise<void> {
    const saved = await save();
    if (saved === undefined) return;
    if (record === undefined) notice({ text: `${saved.name} is in the mould library` });
    onDone();
  }

  async function pourInNewJob(): Promise<void> {
    const saved = await save();
    if (saved === undefined) return;
    const job = newJobDraft(resins[0]);
    const part = { shape: 'mould', mould: mouldInJob(saved), count: '1' } as const;
    const { id } = await jobActions.create({
      ...job,
      name: saved.name,
      measure: { parts: [part] },
    });
    onOpenJob(id);
  }

  return (
    <Screen
      title={record === undefined ? 'New mould' : draft.name || 'Mould'}
      onBack={onDone}
      foot={
        <ActionButton
          kind="main"
          label={record === undefined ? 'Keep the mould' : 'Save the mould'}
          onPress={() => void saveAndGo()}
          style={styles.grow}
        />
      }
    >
      <CardNotices what="mould" stale={saving.stale} wrong={asked ? problems.length : 0} />
      <CardDraftProvider of={typing}>
        <MouldFields />
      </CardDraftProvider>
      {record !== undefined && (
        <View style={styles.row}>
          <ActionButton
            icon="jobs"
            label="Pour it in a new job"
            onPress={() => void pourInNewJob()}
          />
          {mould !== undefined && (
            <ActionButton
              icon="download"
              label="Save as a file"
              onPress={() => download(fileNameOf(mould.name, '.mould.json'), mouldFileText(mould))}
            />
          )}
        </View>
      )}
    </Screen>
  );
}

const styles = StyleSheet.create({
  grow: { flexGrow: 1 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
