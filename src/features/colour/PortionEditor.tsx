import { StyleSheet, View } from 'react-native';
import type { PlannedPortion } from '../../core/plan/planTypes';
import { fillRule, volumeRule } from '../../core/quantity/rules';
import type { PortionDraft } from '../../data/draft/jobDraft';
import { useOpenJob } from '../../data/draft/openJob';
import { ActionButton } from '../../ui/ActionButton';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { QuantityField } from '../../ui/fields/QuantityField';
import { TextField } from '../../ui/fields/TextField';
import { FoldPanel } from '../../ui/FoldPanel';
import { Words } from '../../ui/text/Words';
import { sayG, sayMl, sayPercent } from '../../words/figures';
import { shapeNames } from '../../words/names';
import { sayPigments } from '../../words/sheet';
import { DepthSwatches } from './DepthSwatches';
import { FillersPanel } from './FillersPanel';
import { PigmentEditor } from './PigmentEditor';
import { RecipeRow } from './RecipeRow';
import { SwatchField } from './SwatchField';
import { usePourField, usePourPart, usePourProblems } from '../../data/draft/pourInHand';

interface PortionEditorProps {
  readonly index: number;
  /** It has just been added, and stands open. */
  readonly isNew: boolean;
  /** Another was added after it, and it folds up. */
  readonly isLeft: boolean;
  readonly onRemove: () => void;
}

type Amount = 'share' | 'volume' | 'rest';

const amountOf = ({ share, volume }: PortionDraft): Amount =>
  share !== undefined ? 'share' : volume !== undefined ? 'volume' : 'rest';

/** What a colour comes to and what is in it, while it is closed. */
function summaryOf({ pigments }: PortionDraft, planned: PlannedPortion | undefined): string {
  const amount = planned === undefined ? [] : [`${sayPercent(planned.share)}, ${sayG(planned.g)}`];
  const names = (pigments ?? []).flatMap(({ name }) => name || []);
  return [...amount, ...names].join(' · ');
}

/** One colour: how much of what, and the pigments in it. */
export function PortionEditor({ index, isNew, isLeft, onRemove }: PortionEditorProps) {
  const [portion, setPortion] = usePourPart(`portions.${index}`);
  const { pour: plan, outdated } = useOpenJob();
  const name = usePourField(`portions.${index}.name`);
  // What is wrong with the portions as a whole is told over all of them.
  const isWrong = usePourProblems().some(({ field }) => field.startsWith(`portions[${index}].`));
  if (portion === undefined) return null;
  const set = (changed: Partial<PortionDraft>): void => setPortion({ ...portion, ...changed });
  const pigments = portion.pigments ?? [];
  const planned = plan?.portions[index];
  return (
    <FoldPanel
      title={portion.name || `Colour ${index + 1}`}
      summary={
        isWrong
          ? 'Something here needs changing'
          : summaryOf(portion, outdated ? undefined : planned)
      }
      open={isNew || isWrong}
      folded={isLeft}
      testID={`portion-${index + 1}`}
    >
      {planned !== undefined && !outdated && <Amounts portion={planned} />}
      <TextField label="Name" {...name} />
      <Where portion={portion} onChange={set} />
      <HowMuch index={index} amount={amountOf(portion)} onChange={set} />
      {pigments.map((_, at) => (
        <PigmentEditor
          key={at}
          portion={index}
          index={at}
          onRemove={() => set({ pigments: pigments.filter((__, each) => each !== at) })}
        />
      ))}
      <View style={styles.row}>
        <ActionButton
          icon="plus"
          label="Add a pigment"
          onPress={() =>
            set({ pigments: [...pigments, { name: 'Pigment', kind: 'powder', share: '' }] })
          }
        />
      </View>
      <FillersPanel path={`portions.${index}.fillers`} />
      <SwatchField value={portion.swatch} onChange={(swatch) => set({ swatch })} />
      <RecipeRow portion={portion} onUse={set} />
      <View style={styles.row}>
        <ActionButton
          kind="bare"
          icon="delete"
          label={`Remove colour ${index + 1}`}
          onPress={onRemove}
        />
      </View>
    </FoldPanel>
  );
}

/** Which cavity or layer it is a part of, where there are several. */
function Where({
  portion,
  onChange,
}: {
  readonly portion: PortionDraft;
  readonly onChange: (changed: Partial<PortionDraft>) => void;
}) {
  const { pour: plan } = useOpenJob();
  const parts = plan?.parts ?? [];
  const layers = plan?.layers ?? [];
  const all = { value: '', label: 'All' };
  return (
    <>
      {parts.length > 1 && (
        <ChoiceField
          label="In cavity"
          value={String(portion.cavity ?? '')}
          choices={[
            all,
            ...parts.map(({ name, shape }, at) => ({
              value: String(at + 1),
              label: name ?? `${shapeNames[shape]} ${at + 1}`,
            })),
          ]}
          onChange={(cavity) => onChange({ cavity: cavity === '' ? undefined : cavity })}
        />
      )}
      {layers.length > 1 && (
        <ChoiceField
          label="In layer"
          value={String(portion.layer ?? '')}
          choices={[
            all,
            ...layers.map((_, at) => ({ value: String(at + 1), label: `Layer ${at + 1}` })),
          ]}
          onChange={(layer) => onChange({ layer: layer === '' ? undefined : layer })}
        />
      )}
    </>
  );
}

function HowMuch({
  index,
  amount,
  onChange,
}: {
  readonly index: number;
  readonly amount: Amount;
  readonly onChange: (changed: Partial<PortionDraft>) => void;
}) {
  const share = usePourField(`portions.${index}.share`);
  const volume = usePourField(`portions.${index}.volume`);
  const choose = (next: Amount): void =>
    onChange({
      share: next === 'share' ? '' : undefined,
      volume: next === 'volume' ? '' : undefined,
      rest: next === 'rest' ? true : undefined,
    });
  return (
    <>
      <ChoiceField
        label="How much of it"
        value={amount}
        choices={[
          { value: 'share', label: 'A share' },
          { value: 'volume', label: 'A volume' },
          { value: 'rest', label: 'The rest' },
        ]}
        onChange={choose}
      />
      {amount === 'share' && <QuantityField label="Share" {...share} unit="%" rule={fillRule} />}
      {amount === 'volume' && (
        <QuantityField label="Volume of the cavity" {...volume} unit="ml" rule={volumeRule} />
      )}
      {amount === 'rest' && share.problem !== undefined && (
        <QuantityField label="Share" {...share} unit="%" rule={fillRule} />
      )}
    </>
  );
}

function Amounts({ portion }: { readonly portion: PlannedPortion }) {
  const { ml, a, b, share, pigments, swatch, depthMm } = portion;
  const testedAtMm = pigments.find((dose) => dose.testedAtMm !== undefined)?.testedAtMm;
  return (
    <View role="status">
      <Words weight="semibold">
        {sayMl(ml)}, {sayPercent(share)}: A {sayG(a.g)}, B {sayG(b.g)}
      </Words>
      {sayPigments(pigments).map((line) => (
        <Words key={line} size="small">
          {line}
        </Words>
      ))}
      {swatch !== undefined && testedAtMm !== undefined && depthMm !== undefined && (
        <DepthSwatches swatch={swatch} testedAtMm={testedAtMm} depthMm={depthMm} />
      )}
    </View>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row' } });
