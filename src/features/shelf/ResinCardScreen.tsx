import { useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { StyleSheet } from 'react-native';
import type { Problem } from '../../core/problem';
import { resinFamilies } from '../../core/resin/families';
import { readResin } from '../../core/resin/readResin';
import { resinSchema, type Resin } from '../../core/resin/resinSchema';
import { check } from '../../core/schema/check';
import { densityRule, lengthRule } from '../../core/quantity/rules';
import { useResinActions } from '../../data/hooks/useCardActions';
import type { ResinRecord } from '../../data/records/resinRecord';
import { StaleWriteError } from '../../data/store/staleWriteError';
import { ActionButton } from '../../ui/ActionButton';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { FieldRow } from '../../ui/fields/FieldRow';
import { QuantityField } from '../../ui/fields/QuantityField';
import { TextField } from '../../ui/fields/TextField';
import { Screen } from '../../ui/frame/Screen';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/text/Words';
import { formatPlain } from '../../core/quantity/format';
import { sayRatio } from '../../words/figures';
import { familyNames } from '../../words/names';
import { resinDraft, type ResinDraft } from './resinDraft';

interface ResinCardScreenProps {
  /** The card to change; left out for a new one. */
  readonly record?: ResinRecord;
  readonly onDone: () => void;
}

/** One resin card: what the label and the data sheet say, both ratios worked out as it is typed. */
export function ResinCardScreen({ record, onDone }: ResinCardScreenProps) {
  const actions = useResinActions();
  const [opened] = useState(record);
  const form = useForm<ResinDraft>({ defaultValues: resinDraft(record?.resin) });
  const draft = useWatch({ control: form.control }) as ResinDraft;
  const [asked, setAsked] = useState(false);
  const [staleText, setStaleText] = useState<string>();
  const { value: card, problems } = check(resinSchema, draft, { strip: true });
  // A new card is empty: what is missing is only told once the person wants to save it.
  const problemAt = (field: string, typed: string): Problem | undefined =>
    asked || typed !== '' ? problems.find((problem) => problem.field === field) : undefined;

  async function save(): Promise<void> {
    setAsked(true);
    if (card === undefined) return;
    try {
      await actions.save(card, opened);
      onDone();
    } catch (error) {
      if (!(error instanceof StaleWriteError)) throw error;
      setStaleText(
        'This card was changed in another window. Go back and open it again; what you typed here is still on this screen.',
      );
    }
  }

  const set = (name: Parameters<typeof form.setValue>[0]) => (text: string) =>
    form.setValue(name, text, { shouldDirty: true });

  return (
    <Screen
      title={record === undefined ? 'New resin' : draft.name || 'Resin'}
      onBack={onDone}
      foot={
        <ActionButton
          kind="main"
          label={record === undefined ? 'Put it on the shelf' : 'Save the card'}
          onPress={() => void save()}
          style={styles.grow}
        />
      }
    >
      {staleText !== undefined && (
        <Words colour="stop" role="alert">
          {staleText}
        </Words>
      )}
      {asked && problems.length > 0 && (
        <Words colour="stop" role="alert">
          Not saved yet: {problems.length === 1 ? 'one entry is' : `${problems.length} entries are`}{' '}
          not right.
        </Words>
      )}
      <TextField
        label="Name"
        value={draft.name}
        onChange={set('name')}
        problem={problemAt('name', draft.name)}
      />
      <ChoiceField
        label="Family"
        value={draft.family}
        choices={resinFamilies.map((value) => ({ value, label: familyNames[value] }))}
        onChange={set('family')}
      />
      <Panel title="Mixing ratio, from the label">
        <ChoiceField
          label="The maker states it by"
          value={draft.ratio.by}
          choices={[
            { value: 'volume', label: 'Volume' },
            { value: 'weight', label: 'Weight' },
          ]}
          onChange={set('ratio.by')}
        />
        <FieldRow>
          <TextField
            label="Parts of A (resin)"
            numeric
            value={draft.ratio.a}
            onChange={set('ratio.a')}
            problem={problemAt('ratio.a', draft.ratio.a)}
          />
          <TextField
            label="Parts of B (hardener)"
            numeric
            value={draft.ratio.b}
            onChange={set('ratio.b')}
            problem={problemAt('ratio.b', draft.ratio.b)}
          />
        </FieldRow>
      </Panel>
      <Panel title="Densities, from the data sheet">
        <FieldRow>
          <QuantityField
            label="Density of A"
            value={draft.densityA}
            unit="g/ml"
            onChange={set('densityA')}
            problem={problemAt('densityA', draft.densityA)}
            rule={densityRule}
          />
          <QuantityField
            label="Density of B"
            value={draft.densityB}
            unit="g/ml"
            onChange={set('densityB')}
            problem={problemAt('densityB', draft.densityB)}
            rule={densityRule}
          />
        </FieldRow>
        {card !== undefined && <BothRatios card={card} />}
      </Panel>
      <QuantityField
        label="Greatest depth of one pour (if the label gives it)"
        value={draft.greatestDepth}
        unit="mm"
        onChange={set('greatestDepth')}
        problem={problemAt('greatestDepth', draft.greatestDepth)}
        rule={lengthRule}
      />
      <TextField
        label="Notes"
        multiline
        value={draft.notes}
        onChange={set('notes')}
        problem={problemAt('notes', draft.notes)}
      />
    </Screen>
  );
}

function BothRatios({ card }: { readonly card: Resin }) {
  const { ratio } = readResin(card);
  const said = sayRatio(ratio);
  return (
    <Words role="status">
      {said.byVolume} by volume · {said.byWeight} by weight ·{' '}
      {formatPlain(ratio.mixedDensityGPerMl, 3)} g/ml mixed
    </Words>
  );
}

const styles = StyleSheet.create({
  grow: { flexGrow: 1 },
});
