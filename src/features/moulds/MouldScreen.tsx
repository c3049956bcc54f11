import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { mouldMaterials } from '../../core/measure/mould/materials';
import { mouldInJob, mouldSchema, type Mould } from '../../core/measure/mould/mouldSchema';
import type { MeasuredMould } from '../../core/plan/mouldOfJob';
import type { Problem } from '../../core/problem';
import { lengthRule, temperatureLimitRule } from '../../core/quantity/rules';
import { check } from '../../core/schema/check';
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
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { CountField } from '../../ui/fields/CountField';
import { FieldRow } from '../../ui/fields/FieldRow';
import { QuantityField } from '../../ui/fields/QuantityField';
import { TextField } from '../../ui/fields/TextField';
import { Screen } from '../../ui/frame/Screen';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { materialNames } from '../../words/names';
import { CavityFields } from './CavityFields';
import { emptyCavity, mouldDraft, typedMould, type MouldDraft } from './mouldDraft';
import { MouldPhoto } from './MouldPhoto';

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
  const [draft, setDraft] = useState(() => mouldDraft(record?.mould ?? measured));
  const [asked, setAsked] = useState(false);
  const saving = useCardSaving((card: Mould) => actions.save(card, opened));
  const { value: mould, problems } = check(mouldSchema, typedMould(draft), { strip: true });
  // A new card is empty: what is missing is only told once the person wants to save it.
  const problemAt = (field: string, typed: string): Problem | undefined =>
    asked || typed !== '' ? problems.find((problem) => problem.field === field) : undefined;
  const set = (changed: Partial<MouldDraft>): void =>
    setDraft((before) => ({ ...before, ...changed }));
  const text = (
    key: 'name' | 'wall' | 'greatestTemperature' | 'castings' | 'lastFault' | 'notes',
  ) => ({
    value: draft[key],
    onChange: (value: string) => set({ [key]: value }),
    problem: problemAt(key, draft[key]),
  });

  async function save(): Promise<Mould | undefined> {
    setAsked(true);
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

  const removeCavity = (index: number): void => {
    const removed = draft.cavities[index];
    if (removed === undefined) return;
    set({ cavities: draft.cavities.filter((_, at) => at !== index) });
    notice({
      text: `Removed cavity ${index + 1}`,
      // Into what is there then: others may have been typed in meanwhile.
      undo: async () =>
        setDraft((now) => ({ ...now, cavities: now.cavities.toSpliced(index, 0, removed) })),
    });
  };
  const materialProblem = asked && draft.material === undefined;
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
      <TextField label="Name" {...text('name')} />
      <ChoiceField
        label="It is made of"
        value={draft.material}
        choices={mouldMaterials.map((value) => ({ value, label: materialNames[value] }))}
        onChange={(material) => set({ material })}
      />
      {materialProblem && <Words colour="stop">Choose what the mould is made of.</Words>}
      {draft.cavities.map((cavity, index) => (
        <CavityFields
          key={index}
          index={index}
          cavity={cavity}
          problemAt={problemAt}
          onChange={(changed) =>
            set({ cavities: draft.cavities.map((each, at) => (at === index ? changed : each)) })
          }
          onRemove={draft.cavities.length > 1 ? () => removeCavity(index) : undefined}
        />
      ))}
      <View style={styles.row}>
        <ActionButton
          icon="plus"
          label="Add a cavity"
          onPress={() => set({ cavities: [...draft.cavities, emptyCavity()] })}
        />
      </View>
      <FieldRow>
        <QuantityField
          label="Thickness of its walls"
          {...text('wall')}
          unit="mm"
          rule={lengthRule}
        />
        <QuantityField
          label="Greatest temperature it stands"
          {...text('greatestTemperature')}
          unit="°C"
          rule={temperatureLimitRule}
        />
        <CountField label="Castings made" least={0} {...text('castings')} />
      </FieldRow>
      <TextField label="Last fault" placeholder="torn, cloudy, leaks" {...text('lastFault')} />
      <MouldPhoto photo={draft.photo} onChange={(photo) => set({ photo })} />
      <TextField label="Notes" multiline {...text('notes')} />
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
