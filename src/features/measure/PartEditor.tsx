import { useState } from 'react';
import { useController, useFormContext, useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import type { PartShape } from '../../core/measure/parts/partSchema';
import type { JobDraft } from '../../data/draft/jobDraft';
import { quantityKeys, type PartDraft } from '../../data/draft/partDraft';
import { useOpenJob } from '../../data/draft/openJob';
import { useDraftField } from '../../data/draft/pourInHand';
import { ActionButton } from '../../ui/ActionButton';
import { CountField } from '../../ui/fields/CountField';
import { FieldRow } from '../../ui/fields/FieldRow';
import { TextField } from '../../ui/fields/TextField';
import { Panel } from '../../ui/Panel';
import { cavityTestId } from '../../ui/section/cavityTestId';
import { SignButton } from '../../ui/SignButton';
import { Words } from '../../ui/text/Words';
import { sayProblem } from '../../words/problems';
import { beginMethod } from './beginMethod';
import { fieldPath, type DraftPlace, type MeasureBase } from './draftPlace';
import { MethodEditor } from './MethodEditor';
import { MethodPicker } from './MethodPicker';
import { PartQuantity } from './PartQuantity';
import { PartResult } from './PartResult';

/** Whether nothing of its measures has been typed yet. */
const isUnmeasured = (part: PartDraft): boolean =>
  quantityKeys.every((key) => (part[key] ?? '') === '') &&
  [part.stations, part.rectangles, part.outlines, part.path, part.measured, part.mould].every(
    (each) => each === undefined,
  );

interface PartEditorProps {
  /** The job's own measure without it. */
  readonly base?: MeasureBase;
  readonly kind: 'part' | 'insert';
  readonly index: number;
  /** How many of its kind are being typed: a plan with another number is not of these. */
  readonly among: number;
  readonly onRemove: ((part: PartDraft) => void) | undefined;
  /** Makes a mould of the library of it. */
  readonly onKeep?: () => void;
}

/** One cavity or insert: how it is measured, its measures, how many of it, what it comes to. */
export function PartEditor({
  kind,
  base = 'measure',
  index,
  among,
  onRemove,
  onKeep,
}: PartEditorProps) {
  const isInsert = kind === 'insert';
  const place: DraftPlace = isInsert ? `measure.inserts.${index}` : `${base}.parts.${index}`;
  const isOwn = base !== 'measure';
  const part = useWatch<JobDraft, DraftPlace>({ name: place }) as PartDraft;
  const shape = useController<JobDraft>({ name: fieldPath(place, 'shape') });
  const { setValue } = useFormContext<JobDraft>();
  const name = useDraftField(fieldPath(place, 'name'));
  const count = useDraftField(fieldPath(place, 'count'));
  const { plan, pour, outdated, problems } = useOpenJob();
  const called = `${isInsert ? 'insert' : isOwn ? 'part' : 'cavity'} ${index + 1}`;
  const all = isOwn ? pour?.parts : isInsert ? plan?.form?.inserts : plan?.form?.parts;
  const measured = all?.length === among ? all[index] : undefined;
  const whole = problems.find(({ field }) => field === place.replace(/\.(\d+)(?=\.|$)/g, '[$1]'));

  // The ways stand open until one is taken; they do not fold up under the one who types.
  const [isFresh, setFresh] = useState(() => isUnmeasured(part));
  /** What is known already was not measured here. */
  const isOwnMeasure = part.shape !== 'mould' && part.shape !== 'amount';

  function choose(next: PartShape): void {
    for (const [key, value] of Object.entries(beginMethod(next, part))) {
      setValue(fieldPath(place, key as keyof PartDraft), value as never);
    }
    shape.field.onChange(next);
    setFresh(false);
  }

  return (
    <Panel
      testID={
        isInsert ? `insert-${index + 1}` : isOwn ? `own-part-${index + 1}` : cavityTestId(index)
      }
      title={called.replace(/^./, (letter) => letter.toUpperCase())}
      actions={
        onRemove && (
          <SignButton icon="delete" label={`Remove ${called}`} onPress={() => onRemove(part)} />
        )
      }
    >
      <MethodPicker
        label={`Shape of ${called}`}
        value={part.shape}
        isFresh={isFresh}
        onChange={choose}
      />
      <MethodEditor
        place={place}
        shape={part.shape}
        detail={measured !== undefined && 'detail' in measured ? measured.detail : undefined}
      />
      {isInsert && <InsertPlace place={place} isWeighed={part.shape === 'weighed'} />}
      <FieldRow>
        <CountField label="Count" {...count} />
        <TextField label="Name (if you like)" {...name} />
      </FieldRow>
      {whole !== undefined && (
        <View role="alert">
          <Words colour="stop">{sayProblem(whole)}</Words>
        </View>
      )}
      {measured !== undefined && <PartResult {...measured} outdated={outdated} />}
      {measured !== undefined && onKeep !== undefined && !outdated && isOwnMeasure && (
        <View style={styles.row}>
          <ActionButton kind="bare" icon="cup-outline" label="Keep as a mould" onPress={onKeep} />
        </View>
      )}
    </Panel>
  );
}

/** Where an insert stands, and what it is of. */
function InsertPlace({
  place,
  isWeighed,
}: {
  readonly place: DraftPlace;
  readonly isWeighed: boolean;
}) {
  const into = useDraftField(fieldPath(place, 'into'));
  return (
    <FieldRow>
      <PartQuantity place={place} name="height" label="Height of its base above the floor" />
      {!isWeighed && <PartQuantity place={place} name="density" label="Density (if known)" />}
      <TextField label="In cavity" numeric placeholder="1" {...into} />
    </FieldRow>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row' } });
