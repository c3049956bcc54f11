import { StyleSheet, View } from 'react-native';
import { measureMouldPart } from '../../core/measure/parts/measureMouldPart';
import { mouldInJob } from '../../core/measure/mould/mouldInJob';
import { mouldSchema, type Mould } from '../../core/measure/mould/mouldSchema';
import type { MeasuredMould } from '../../core/plan/mouldOfJob';
import { CardDraftProvider, useCardDraft } from '../../data/draft/cardDraft';
import { idOfKey } from '../../data/store/versions';
import { useStoredCard } from '../../data/draft/useStoredCard';
import { useTypedDraft } from '../../data/drafts/useTypedDraft';
import { newJobDraft } from '../../data/draft/jobDraft';
import { download, fileNameOf } from '../../data/files/download';
import { mouldFileText } from '../../data/files/mouldFile';
import { useMouldActions } from '../../data/hooks/useCardActions';
import { useJobActions } from '../../data/hooks/useJobActions';
import { useRoomOfSeason } from '../../data/hooks/useRoomOfSeason';
import { useOfferedResins } from '../../data/hooks/useOfferedResins';
import type { MouldRecord } from '../../data/records/mouldRecord';
import { ActionButton } from '../../ui/ActionButton';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { LabelFold } from '../../ui/paper/LabelFold';
import { MainFigure } from '../../ui/frame/MainFigure';
import { CardFrame } from '../../ui/frame/CardFrame';
import { Words } from '../../ui/text/Words';
import { sayMould } from '../../words/moulds';
import { space } from '../../ui/theme/tokens';
import { mouldDraft, typedMould, type MouldDraft } from './mouldDraft';
import { MouldFields } from './MouldFields';

interface MouldScreenProps {
  /** The mould to change; left out for a new one, or where it is gone and only what was typed is left. */
  readonly record?: MouldRecord | undefined;
  /** It was deleted in another window. */
  readonly gone?: boolean;
  /** The key of the mould; of a new one, without an id. */
  readonly of: string;
  /** What a new one begins as: a measurement. */
  readonly measured?: MeasuredMould;
  readonly onDone: () => void;
  readonly onOpenJob: (id: string) => void;
}

const draftOf = (record: MouldRecord | undefined): MouldDraft => mouldDraft(record?.mould);

/** One mould of the library: its cavities, what it stands, how often it was used. */
export function MouldScreen({
  record,
  gone = false,
  of,
  measured,
  onDone,
  onOpenJob,
}: MouldScreenProps) {
  const actions = useMouldActions();
  const jobActions = useJobActions();
  const offered = useOfferedResins();
  const room = useRoomOfSeason();
  const notice = useNotice();
  const beside = useTypedDraft(of, measured === undefined);
  const typing = useCardDraft(
    () => ({ ...mouldDraft(record?.mould ?? measured), ...beside.found?.values }),
    mouldSchema,
    typedMould,
  );
  const { form, draft, card: mould, problems, asked } = typing;
  const stored = useStoredCard<MouldDraft, Mould, MouldRecord>({
    form,
    id: idOfKey(of),
    beside,
    record,
    gone,
    actions,
    draftOf,
  });
  const isNew = record === undefined && !gone;

  async function save(): Promise<Mould | undefined> {
    typing.ask();
    if (mould === undefined) return undefined;
    return (await stored.save(mould))?.mould;
  }

  async function saveAndGo(): Promise<void> {
    const saved = await save();
    if (saved === undefined) return;
    if (isNew) notice({ text: `${saved.name} is in the mould library` });
    onDone();
  }

  async function pourInNewJob(): Promise<void> {
    const saved = await save();
    if (saved === undefined) return;
    const job = newJobDraft(offered[0], room);
    const part = { shape: 'mould', mould: mouldInJob(saved), count: '1' } as const;
    const { id } = await jobActions.create({
      ...job,
      name: saved.name,
      measure: { parts: [part] },
    });
    onOpenJob(id);
  }

  return (
    <CardFrame
      title={isNew ? 'New mould' : draft.name || 'Mould'}
      isNew={isNew}
      isTyped={stored.isTyped}
      conflict={stored.conflict}
      resumed={beside.found !== undefined}
      wrong={asked ? problems.length : 0}
      saveLabel={isNew ? 'Keep the mould' : 'Save the mould'}
      onSave={() => void saveAndGo()}
      onKeepMine={() => {
        stored.keepMine();
        void saveAndGo();
      }}
      onStartAfresh={() => void stored.startAfresh()}
      onBack={onDone}
    >
      <MainFigure>
        {mould === undefined ? (
          <Words colour="inkSoft">What one casting takes stands here as you type.</Words>
        ) : (
          <Words weight="semibold" role="status">
            {sayMould(mould, measureMouldPart({ mould }).solid).holds}
          </Words>
        )}
      </MainFigure>
      <CardDraftProvider of={typing}>
        <MouldFields />
      </CardDraftProvider>
      {!isNew && (
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
      {mould !== undefined && record !== undefined && (
        <LabelFold
          label={{
            title: mould.name,
            lines: [sayMould(mould, measureMouldPart({ mould }).solid).holds],
            address: `${window.location.origin}/moulds/${record.id}`,
          }}
          fileName={fileNameOf(mould.name, '')}
          onSave={download}
        />
      )}
    </CardFrame>
  );
}

const styles = StyleSheet.create({
  grow: { flexGrow: 1 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
