import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useFormContext, useWatch } from 'react-hook-form';
import type { MeshDetail } from '../../../core/measure/measured';
import { fileUnits, guessUnit, type FileUnit } from '../../../core/measure/mesh/fileUnits';
import { upSides } from '../../../core/measure/mesh/orientation';
import { volumeMlOf, type StlFigures } from '../../../core/measure/mesh/stlStretch';
import { lengthRule, turnRule } from '../../../core/quantity/rules';
import { familyOf, type ResinFamily } from '../../../core/resin/families';
import type { JobDraft } from '../../../data/draft/jobDraft';
import type { PartDraft } from '../../../data/draft/partDraft';
import { useDraftField } from '../../../data/draft/pourInHand';
import { useOfferedResins } from '../../../data/hooks/useOfferedResins';
import { useNotice } from '../../../ui/feedback/NoticeProvider';
import { ActionButton } from '../../../ui/ActionButton';
import { ChoiceField } from '../../../ui/fields/ChoiceField';
import { FieldRow } from '../../../ui/fields/FieldRow';
import { QuantityField } from '../../../ui/fields/QuantityField';
import { Words } from '../../../ui/text/Words';
import { space } from '../../../ui/theme/tokens';
import type { OpenedMesh } from '../../../workers/filesWorker';
import { quickFigures } from '../../../workers/quickFigures';
import { useFiles } from '../../../workers/useFiles';
import { sayArea, sayMl, sayMm } from '../../../words/figures';
import { upSideNames } from '../../../words/names';
import { fieldPath, type DraftPlace } from '../draftPlace';
import { MeshView } from '../drawings/MeshView';
import { FileButton } from '../FileButton';
import { UnitQuestion } from '../UnitQuestion';

interface MeshEditorProps {
  readonly place: DraftPlace;
  readonly detail: MeshDetail | undefined;
}

/** The pour that a part is measured for: its own, or the first where it is of the job. */
function pourOf(place: DraftPlace): number {
  const own = /^pours\.(\d+)\./.exec(place);
  return own === null ? 0 : Number(own[1]);
}

/** Round a master goes a mould of silicone: its pour takes the card that is used most. */
function usePourRound(place: DraftPlace): (on: boolean) => void {
  const resins = useOfferedResins();
  const notice = useNotice();
  const { getValues, setValue } = useFormContext<JobDraft>();
  const pour = `pours.${pourOf(place)}` as const;
  return (on) => {
    const box = getValues(`${pour}.mouldBox`);
    setValue(`${pour}.mouldBox`, on ? (box ?? {}) : undefined);
    if (!on && box !== undefined) {
      notice({
        text: 'Took the mould box out',
        undo: async () => setValue(`${pour}.mouldBox`, box),
      });
    }
    const before = getValues(`${pour}.resin`);
    const silicone = resins.find(({ family }) => isSilicone(family));
    if (!on || silicone === undefined) return;
    if (before === undefined || !isSilicone(before.family)) setValue(`${pour}.resin`, silicone);
  };
}

/** What is poured round a master, or that it should be another. */
function PouredRound({ place }: { readonly place: DraftPlace }) {
  const resin = useWatch<JobDraft>({ name: `pours.${pourOf(place)}.resin` }) as
    JobDraft['pours'][number]['resin'] | undefined;
  return (
    <Words size="small" colour="inkSoft">
      {resin !== undefined && isSilicone(resin.family)
        ? `Poured round it: ${resin.name}. Its box, ways in and halves are at Mould box.`
        : 'Moulds are of silicone: put one on the shelf and choose it at Resin.'}
    </Words>
  );
}

const isSilicone = (family: ResinFamily): boolean => familyOf(family).kind === 'silicone';

/** A mesh: its file, its unit, what it stands for and how it stands when it is poured. */
export function MeshEditor({ place, detail }: MeshEditorProps) {
  const work = useFiles();
  const { setValue, getValues } = useFormContext<JobDraft>();
  const part = useWatch<JobDraft, DraftPlace>({ name: place });
  const [opened, setOpened] = useState<OpenedMesh>();
  const [quick, setQuick] = useState<StlFigures>();
  const pourRound = usePourRound(place);
  const boxed = useWatch<JobDraft>({ name: `pours.${pourOf(place)}.mouldBox` }) !== undefined;
  const change = (values: Partial<PartDraft>): void => {
    for (const [key, value] of Object.entries(values)) {
      setValue(fieldPath(place, key as keyof PartDraft), value as never);
    }
  };

  async function measure(unit: FileUnit, stands: Pick<PartDraft, 'up' | 'turn'>): Promise<void> {
    const measured = await work.run((remote) => remote.measureMesh(unit, stands as never, []));
    if (measured === undefined) return;
    change({ ...stands, unit, measured });
  }

  /** A master is measured as the piece that it is; the mould round it is the pour's. */
  function use(as: NonNullable<PartDraft['as']>): void {
    change({ as: as === 'master' ? 'part' : as });
    pourRound(as === 'master');
  }

  async function open(file: File): Promise<void> {
    setOpened(undefined);
    setQuick(undefined);
    const stopping = new AbortController();
    // What is wrong with the file is told by the reading itself.
    void quickFigures(file, stopping.signal).then(setQuick, () => undefined);
    const found = await work.run((remote, onProgress) => remote.openMesh(file, onProgress));
    stopping.abort();
    if (found === undefined) return;
    setOpened(found);
    setQuick(undefined);
    const { unit, stated, doubtful } = guessUnit(Math.max(...found.size), found.mmPerUnit);
    change({ path: file.name, preview: found.preview, unit: undefined, measured: undefined });
    const before: PartDraft | undefined = getValues(place);
    if (before?.as === undefined) change({ as: 'part' });
    // A unit that the file states and that makes sense is taken, and stays in sight; any other is asked.
    if (stated && !doubtful) await measure(unit, { up: before?.up, turn: before?.turn });
  }

  const stand = (stands: Pick<PartDraft, 'up' | 'turn'>): void => {
    if (part?.unit !== undefined) void measure(part.unit, stands);
  };

  return (
    <View style={styles.stack}>
      <FileButton
        label={part?.path === undefined ? 'Choose a mesh file' : 'Choose another file'}
        work={work}
        onFile={(file) => void open(file)}
      />
      {part?.path === undefined && (
        <Words size="small" colour="inkSoft">
          STL, OBJ or 3MF. It stays on this device; only its curve and a small picture are kept.
        </Words>
      )}
      {quick !== undefined && (
        <Words size="small" colour="inkSoft">
          {sayMl(volumeMlOf(quick, fileUnits.mm))} if it is in mm. Looking for holes and separate
          bodies…
        </Words>
      )}
      {part?.path !== undefined && part.preview !== undefined && (
        <MeshView preview={part.preview} up={part.up} turn={part.turn} name={part.path} />
      )}
      {opened !== undefined && (
        <UnitQuestion
          value={part?.unit}
          onChange={(unit) => void measure(unit, { up: part?.up, turn: part?.turn })}
          size={opened.size}
          stated={opened.mmPerUnit}
        />
      )}
      {opened === undefined && part?.measured !== undefined && (
        <Words size="small" colour="inkSoft">
          {part.path}, read in {part.unit}. Choose the file again to change its unit or turn it.
        </Words>
      )}
      {part?.measured !== undefined && (
        <>
          <MeshUse place={place} as={part.as} isBoxed={boxed} onChange={use} />
          {opened !== undefined && (
            <Standing
              place={place}
              up={part.up ?? '+z'}
              onUp={(up) => stand({ up, turn: part.turn })}
              onTurn={(turn) => stand({ up: part.up, turn })}
            />
          )}
        </>
      )}
      {detail !== undefined && (
        <Words size="small">
          {detail.sizeMm.map((mm) => sayMm(Math.round(mm * 100) / 100)).join(' × ')} · surface{' '}
          {sayArea(detail.surfaceMm2)} · thickest {sayMm(Math.round(detail.thickestMm * 10) / 10)}{' '}
          upright
          {opened !== undefined && ` · ${opened.triangles.toLocaleString('en-GB')} triangles`}
        </Words>
      )}
    </View>
  );
}

/** What the mesh stands for. */
function MeshUse({
  place,
  as,
  isBoxed,
  onChange,
}: {
  readonly place: DraftPlace;
  readonly as: PartDraft['as'];
  /** A mould is poured round it. */
  readonly isBoxed: boolean;
  readonly onChange: (as: NonNullable<PartDraft['as']>) => void;
}) {
  return (
    <>
      <ChoiceField
        label="It is"
        value={isBoxed && as === 'part' ? 'master' : as}
        choices={[
          { value: 'part', label: 'The piece to cast' },
          { value: 'cavity', label: 'The cavity' },
          { value: 'master', label: 'A master in a mould box' },
        ]}
        onChange={onChange}
      />
      {/* Of jobs from before there were mould boxes. */}
      {as === 'master' && (
        <FieldRow>
          {(['length', 'width', 'height'] as const).map((side) => (
            <BoxField key={side} place={place} side={side} />
          ))}
        </FieldRow>
      )}
      {isBoxed && <PouredRound place={place} />}
    </>
  );
}

function BoxField({
  place,
  side,
}: {
  readonly place: DraftPlace;
  readonly side: 'length' | 'width' | 'height';
}) {
  const field = useDraftField(fieldPath(place, `box.${side}`));
  const problem = field.value === '' ? undefined : field.problem;
  return (
    <QuantityField
      label={`Box ${side}, inside`}
      {...field}
      problem={problem}
      unit="mm"
      rule={lengthRule}
    />
  );
}

/** Six sides up, and free turns after that. */
function Standing({
  place,
  up,
  onUp,
  onTurn,
}: {
  readonly place: DraftPlace;
  readonly up: NonNullable<PartDraft['up']>;
  readonly onUp: (up: NonNullable<PartDraft['up']>) => void;
  readonly onTurn: (turn: NonNullable<PartDraft['turn']>) => void;
}) {
  const turn = useWatch<JobDraft, `${DraftPlace}.turn`>({ name: `${place}.turn` });
  const [open, setOpen] = useState(turn !== undefined);
  return (
    <>
      <ChoiceField
        label="Up when it is poured"
        value={up}
        choices={upSides.map((value) => ({ value, label: upSideNames[value] }))}
        onChange={onUp}
      />
      {open ? (
        <FieldRow>
          {(['x', 'y', 'z'] as const).map((axis) => (
            <TurnField key={axis} place={place} axis={axis} />
          ))}
          <ActionButton label="Turn it" onPress={() => onTurn(turn ?? {})} />
        </FieldRow>
      ) : (
        <View style={styles.row}>
          <ActionButton
            kind="bare"
            icon="plus"
            label="Turn it freely"
            onPress={() => setOpen(true)}
          />
        </View>
      )}
    </>
  );
}

function TurnField({
  place,
  axis,
}: {
  readonly place: DraftPlace;
  readonly axis: 'x' | 'y' | 'z';
}) {
  const field = useDraftField(fieldPath(place, `turn.${axis}`));
  return <QuantityField label={`About ${axis}`} {...field} unit="°" rule={turnRule} />;
}

const styles = StyleSheet.create({
  stack: { gap: space.medium },
  row: { flexDirection: 'row' },
});
