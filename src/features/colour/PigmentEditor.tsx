import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { pigmentKinds } from '../../core/colour/pigmentKinds';
import { doseRule, lengthRule, massRule } from '../../core/quantity/rules';
import type { PigmentDraft } from '../../data/draft/jobDraft';
import { usePourField, usePourPart } from '../../data/draft/pourInHand';
import { ActionButton } from '../../ui/ActionButton';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { FieldRow } from '../../ui/fields/FieldRow';
import { QuantityField } from '../../ui/fields/QuantityField';
import { SwitchField } from '../../ui/fields/SwitchField';
import { TextField } from '../../ui/fields/TextField';
import { FoldPanel } from '../../ui/FoldPanel';
import { Words } from '../../ui/text/Words';
import { pigmentNames } from '../../words/names';
import { sayProblem } from '../../words/problems';

interface PigmentEditorProps {
  readonly portion: number;
  readonly index: number;
  readonly onRemove: () => void;
}

type Dose = 'share' | 'drops' | 'pot';

const doseOf = ({ drops, potBefore }: PigmentDraft): Dose =>
  drops !== undefined ? 'drops' : potBefore !== undefined ? 'pot' : 'share';

const begin: Readonly<Record<Dose, Partial<PigmentDraft>>> = {
  share: { share: '' },
  drops: { drops: '', twentyDrops: '' },
  pot: { potBefore: '', potAfter: '' },
};

/** `Dye, 0.3 %`: what it is and how much of it, while it is closed. */
function summaryOf({ kind, share, drops, potBefore }: PigmentDraft): string {
  const dose =
    drops !== undefined ? `${drops} drops` : potBefore !== undefined ? 'pot weighed' : share;
  return [pigmentNames[kind], dose].filter((each) => each !== undefined && each !== '').join(', ');
}

/** A pigment and its dose: by share, by drops, or by the pot that was weighed before and after. */
export function PigmentEditor({ portion, index, onRemove }: PigmentEditorProps) {
  const path = `portions.${portion}.pigments.${index}` as const;
  const [pigment, setPigment] = usePourPart(path);
  const name = usePourField(`${path}.name`);
  const kind = usePourField(`${path}.kind`);
  const share = usePourField(`${path}.share`);
  // One that has just been added has no dose yet: it stays open while that is typed.
  const [isNew] = useState(pigment?.share === '');
  if (pigment === undefined) return null;
  const dose = doseOf(pigment);
  const choose = (next: Dose): void => {
    const { name: called, kind: kept, opaque } = pigment;
    setPigment({ name: called, kind: kept, opaque, ...begin[next] });
  };
  return (
    <FoldPanel
      title={pigment.name || `Pigment ${index + 1}`}
      summary={summaryOf(pigment)}
      open={isNew || kind.problem !== undefined || share.problem !== undefined}
      testID={`pigment-${portion + 1}-${index + 1}`}
    >
      <TextField label="Pigment" {...name} />
      <ChoiceField
        label="It is a"
        value={pigment.kind}
        choices={pigmentKinds.map((value) => ({ value, label: pigmentNames[value] }))}
        onChange={(value) => setPigment({ ...pigment, kind: value })}
      />
      {kind.problem !== undefined && (
        <Words colour="stop" role="alert">
          {sayProblem(kind.problem)}
        </Words>
      )}
      <ChoiceField
        label="Dosed by"
        value={dose}
        choices={[
          { value: 'share', label: 'Share of the mix' },
          { value: 'drops', label: 'Drops' },
          { value: 'pot', label: 'Pot weighed' },
        ]}
        onChange={choose}
      />
      {dose === 'share' && (
        <QuantityField label="Of the mixed mass" {...share} unit="%" rule={doseRule} />
      )}
      {dose === 'drops' && <Drops path={path} />}
      {dose === 'pot' && <Pot path={path} />}
      {/* A dose over the limit is told where the dose is, however it is given. */}
      {dose !== 'share' && share.problem !== undefined && (
        <Words colour="stop" role="alert">
          {sayProblem(share.problem)}
        </Words>
      )}
      {dose !== 'pot' && <TestCup path={path} pigment={pigment} />}
      <View style={styles.row}>
        <ActionButton icon="delete" label="Remove this pigment" onPress={onRemove} />
      </View>
    </FoldPanel>
  );
}

type PigmentPath = `portions.${number}.pigments.${number}`;

function Drops({ path }: { readonly path: PigmentPath }) {
  const drops = usePourField(`${path}.drops`);
  const twenty = usePourField(`${path}.twentyDrops`);
  return (
    <FieldRow>
      <TextField label="Drops in 100 ml" numeric {...drops} />
      <QuantityField label="Twenty drops weigh" {...twenty} unit="g" rule={massRule} />
    </FieldRow>
  );
}

function Pot({ path }: { readonly path: PigmentPath }) {
  const before = usePourField(`${path}.potBefore`);
  const after = usePourField(`${path}.potAfter`);
  return (
    <FieldRow>
      <QuantityField label="Pot before" {...before} unit="g" rule={massRule} />
      <QuantityField label="Pot after" {...after} unit="g" rule={massRule} />
    </FieldRow>
  );
}

/** A transparent dose that was right in a test cup is less in a deeper pour. */
function TestCup({
  path,
  pigment,
}: {
  readonly path: PigmentPath;
  readonly pigment: PigmentDraft;
}) {
  const [, setPigment] = usePourPart(path);
  const depth = usePourField(`${path}.testDepth`);
  return (
    <>
      <SwitchField
        label="Opaque"
        note="Looks the same at any depth."
        value={pigment.opaque === true}
        onChange={(opaque) =>
          setPigment({
            ...pigment,
            opaque: opaque ? true : undefined,
            testDepth: opaque ? undefined : pigment.testDepth,
          })
        }
      />
      {pigment.opaque !== true && (
        <QuantityField
          label="Right in a test cup this deep (if you tried it)"
          {...depth}
          problem={depth.value === '' ? undefined : depth.problem}
          unit="mm"
          rule={lengthRule}
        />
      )}
    </>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row' } });
