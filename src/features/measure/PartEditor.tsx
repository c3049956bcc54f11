import { memo, useCallback, useState } from 'react';
import { useController, useFormContext } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import type { PartShape } from '../../core/measure/parts/partSchema';
import type { JobDraft } from '../../data/draft/jobDraft';
import { quantityKeys, type PartDraft } from '../../data/draft/partDraft';
import { useProblems } from '../../data/draft/formField';
import { useOpenJob } from '../../data/draft/openJob';
import { useMeasuredForm } from '../../data/draft/useMeasuredForm';
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
  readonly onRemove: ((index: number, part: PartDraft) => void) | undefined;
  /** Makes a mould of the library of it. */
  readonly onKeep?: (index: number) => void;
}

type PartOfPlan = Pick<PartEditorProps, 'kind' | 'base' | 'index' | 'among'>;

/** What a part is measured as in the plan, where the plan is of these parts. */
function useMeasured({ kind, base = 'measure', index, among }: PartOfPlan) {
  const { plan, pour, outdated } = useOpenJob();
  const form = useMeasuredForm();
  const { parts, inserts } = (base === 'measure' ? form : pour) ?? {};
  const all = kind === 'insert' ? inserts : parts;
  const isLastGood = plan !== undefined && outdated;
  return { measured: all?.length === among ? all[index] : undefined, outdated: isLastGood };
}

/** One cavity or insert: how it is measured, its measures, how many of it, what it comes to. */
export const PartEditor = memo(function PartEditor(props: PartEditorProps) {
  const { kind, base = 'measure', index, onRemove, onKeep } = props;
  const isInsert = kind === 'insert';
  const place: DraftPlace = isInsert ? `measure.inserts.${index}` : `${base}.parts.${index}`;
  const isOwn = base !== 'measure';
  const {
    field: { value, onChange: changeShape },
  } = useController<JobDraft>({ name: fieldPath(place, 'shape') });
  const shape = value as PartShape;
  const { getValues, setValue } = useFormContext<JobDraft>();
  const part = useCallback(() => getValues(place) as PartDraft, [getValues, place]);
  const called = `${isInsert ? 'insert' : isOwn ? 'part' : 'cavity'} ${index + 1}`;

  // The ways stand open until one is taken; they do not fold up under the one who types.
  const [isFresh, setFresh] = useState(() => isUnmeasured(part()));
  /** What is known already was not measured here. */
  const isOwnMeasure = shape !== 'mould' && shape !== 'amount';

  const choose = useCallback(
    (next: PartShape): void => {
      for (const [key, begun] of Object.entries(beginMethod(next, part()))) {
        setValue(fieldPath(place, key as keyof PartDraft), begun as never);
      }
      changeShape(next);
      setFresh(false);
    },
    [place, part, setValue, changeShape],
  );

  return (
    <Panel
      testID={
        isInsert ? `insert-${index + 1}` : isOwn ? `own-part-${index + 1}` : cavityTestId(index)
      }
      title={called.replace(/^./, (letter) => letter.toUpperCase())}
      actions={
        onRemove && (
          <SignButton
            icon="delete"
            label={`Remove ${called}`}
            onPress={() => onRemove(index, part())}
          />
        )
      }
    >
      <MethodPicker
        label={`Shape of ${called}`}
        value={shape}
        isFresh={isFresh}
        onChange={choose}
      />
      <Method {...props} place={place} shape={shape} />
      {isInsert && <InsertPlace place={place} isWeighed={shape === 'weighed'} />}
      <FieldRow>
        <PartCount place={place} />
        <PartName place={place} />
      </FieldRow>
      <WholeProblem place={place} />
      <Outcome {...props} onKeep={isOwnMeasure ? onKeep : undefined} />
    </Panel>
  );
});

/** What a method asks for, beside what it has come to. */
function Method({
  place,
  shape,
  ...part
}: PartOfPlan & { readonly place: DraftPlace; readonly shape: PartShape }) {
  const { measured } = useMeasured(part);
  return (
    <MethodEditor
      place={place}
      shape={shape}
      detail={measured !== undefined && 'detail' in measured ? measured.detail : undefined}
    />
  );
}

const PartCount = memo(function PartCount({ place }: { readonly place: DraftPlace }) {
  return <CountField label="Count" {...useDraftField(fieldPath(place, 'count'))} />;
});

const PartName = memo(function PartName({ place }: { readonly place: DraftPlace }) {
  return <TextField label="Name (if you like)" {...useDraftField(fieldPath(place, 'name'))} />;
});

/** What is wrong with the part as a whole: what belongs to no field of it. */
function WholeProblem({ place }: { readonly place: DraftPlace }) {
  const field = place.replace(/\.(\d+)(?=\.|$)/g, '[$1]');
  const problem = useProblems().find((each) => each.field === field);
  if (problem === undefined) return null;
  return (
    <View role="alert">
      <Words colour="stop">{sayProblem(problem)}</Words>
    </View>
  );
}

/** What a part comes to, and the way to keep it. */
function Outcome({ onKeep, ...part }: PartOfPlan & Pick<PartEditorProps, 'onKeep'>) {
  const { measured, outdated } = useMeasured(part);
  const isPlanned = !useOpenJob().outdated;
  if (measured === undefined) return null;
  return (
    <>
      <PartResult {...measured} outdated={outdated} />
      {onKeep !== undefined && isPlanned && <KeepAsMould index={part.index} onKeep={onKeep} />}
    </>
  );
}

const KeepAsMould = memo(function KeepAsMould({
  index,
  onKeep,
}: {
  readonly index: number;
  readonly onKeep: (index: number) => void;
}) {
  return (
    <View style={styles.row}>
      <ActionButton
        kind="bare"
        icon="cup-outline"
        label="Keep as a mould"
        onPress={() => onKeep(index)}
      />
    </View>
  );
});

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
