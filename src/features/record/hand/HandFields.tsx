import { useFormContext, useWatch, type FieldPath } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import {
  emptyBatch,
  emptyLayer,
  timedRule,
  weighedRule,
  type Hand,
  type HandLayer,
} from '../../../core/record/byHand';
import type { Kind } from '../../../core/quantity/kinds';
import {
  humidityRule,
  lengthRule,
  roomTemperatureRule,
  type QuantityRule,
} from '../../../core/quantity/rules';
import { familyOf, resinFamilies } from '../../../core/resin/families';
import { useFormField, useHasProblem } from '../../../data/draft/formField';
import { useOfferedResins } from '../../../data/hooks/useOfferedResins';
import { useMoulds } from '../../../data/hooks/queries';
import { ActionButton } from '../../../ui/ActionButton';
import { useNotice } from '../../../ui/feedback/NoticeProvider';
import { ChoiceLine } from '../../../ui/fields/ChoiceLine';
import { FieldRow } from '../../../ui/fields/FieldRow';
import { MomentField } from '../../../ui/fields/MomentField';
import { QuantityField } from '../../../ui/fields/QuantityField';
import { TextField } from '../../../ui/fields/TextField';
import { FoldPanel } from '../../../ui/FoldPanel';
import { Panel } from '../../../ui/Panel';
import { SignButton } from '../../../ui/SignButton';
import { Words } from '../../../ui/text/Words';
import { space } from '../../../ui/theme/tokens';

import { sayProblem } from '../../../words/problems';

type Path = FieldPath<Hand>;

interface FigureProps<K extends Kind> {
  readonly path: Path;
  readonly label: string;
  readonly unit: string;
  readonly rule: QuantityRule<K>;
}

function Figure<K extends Kind>({ path, ...field }: FigureProps<K>) {
  return <QuantityField {...field} {...useFormField<Hand>(path)} />;
}

function Text({ path, label, ...more }: { path: Path; label: string; placeholder?: string }) {
  return <TextField label={label} {...more} {...useFormField<Hand>(path)} />;
}

function Moment({ path, label }: { readonly path: Path; readonly label: string }) {
  const { value, onChange, problem } = useFormField<Hand>(path);
  return (
    <MomentField
      label={label}
      value={value}
      onChange={onChange}
      problem={problem && sayProblem(problem)}
    />
  );
}

/** Neither on the shelf nor known before. */
const another = '';

/** What a pour was of: a card of the shelf, or a name. */
function ResinOfHand() {
  const { control, setValue } = useFormContext<Hand>();
  const [resin, family] = useWatch({ control, name: ['resin', 'family'] });
  const shelf = useOfferedResins();
  const isKnown = shelf.some(({ name }) => name === resin);
  return (
    <>
      <ChoiceLine
        label="Resin"
        value={isKnown ? resin : another}
        choices={[
          ...shelf.map(({ name }) => ({ value: name, label: name })),
          { value: another, label: 'another one' },
        ]}
        onChange={(name) => {
          const card = shelf.find((each) => each.name === name);
          setValue('resin', name);
          if (card !== undefined) setValue('family', card.family);
        }}
      />
      {!isKnown && (
        <>
          <Text path="resin" label="What it is called" />
          <ChoiceLine
            label="Its family"
            value={family}
            choices={resinFamilies.map((value) => ({ value, label: familyOf(value).name }))}
            onChange={(value) => setValue('family', value)}
          />
        </>
      )}
    </>
  );
}

/** The mould that a pour went into, and how often it had been cast in. */
function MouldOfHand() {
  const names = (useMoulds().data?.records ?? []).map(({ mould }) => mould.name);
  return (
    <FieldRow>
      <Text
        path="mould"
        label="Mould"
        {...(names[0] === undefined ? {} : { placeholder: names[0] })}
      />
      <Text path="castings" label="Castings before it" />
    </FieldRow>
  );
}

/** Everything of one pour of a piece, as far as somebody knows it. */
export function HandFields() {
  return (
    <>
      <Panel title="What it was">
        <Text path="name" label="What the piece is called" />
        <Moment path="made" label="Poured on" />
        <ResinOfHand />
        <FieldRow>
          <Figure path="room" label="Room" unit="°C" rule={roomTemperatureRule} />
          <Figure path="resinTemperature" label="Resin" unit="°C" rule={roomTemperatureRule} />
          <Figure path="humidity" label="Humidity" unit="%" rule={humidityRule} />
        </FieldRow>
      </Panel>
      <Layers />
      <FoldPanel
        title="Lot, mould, afterwards"
        summary="as far as you know it"
        open={useHasProblem('hardener', 'lot', 'mould', 'castings', 'out', 'machined')}
      >
        <FieldRow>
          <Text path="hardener" label="Hardener" />
          <Text path="lot" label="Lot" />
          <Text path="lotOpened" label="Opened on" placeholder="2026-05-04" />
        </FieldRow>
        <MouldOfHand />
        <Moment path="out" label="Out of its form" />
        <Moment path="machined" label="Planed or sanded" />
      </FoldPanel>
    </>
  );
}

function Layers() {
  const { control, setValue } = useFormContext<Hand>();
  const layers = useWatch({ control, name: 'layers' });
  const notice = useNotice();
  const change = (next: readonly HandLayer[]): void => setValue('layers', [...next]);
  return (
    <>
      {layers.map((layer, at) => (
        <Panel
          key={at}
          title={layers.length > 1 ? `Layer ${at + 1}` : 'The layer'}
          testID={`hand-layer-${at + 1}`}
          actions={
            layers.length > 1 ? (
              <SignButton
                icon="delete"
                label={`Remove layer ${at + 1}`}
                onPress={() => {
                  change(layers.filter((_, place) => place !== at));
                  notice({
                    text: `Removed layer ${at + 1}`,
                    undo: async () => change(layers),
                  });
                }}
              />
            ) : undefined
          }
        >
          <Moment path={`layers.${at}.begun`} label="Begun" />
          <Figure path={`layers.${at}.depth`} label="Depth" unit="mm" rule={lengthRule} />
          <Batches
            layer={at}
            batches={layer.batches}
            onChange={(batches) =>
              change(layers.map((each, place) => (place === at ? { ...each, batches } : each)))
            }
          />
        </Panel>
      ))}
      <View style={styles.row}>
        <ActionButton
          icon="plus"
          label="Add a layer"
          onPress={() => change([...layers, emptyLayer])}
        />
      </View>
    </>
  );
}

interface BatchesProps {
  readonly layer: number;
  readonly batches: HandLayer['batches'];
  readonly onChange: (batches: HandLayer['batches']) => void;
}

function Batches({ layer, batches, onChange }: BatchesProps) {
  return (
    <>
      {batches.map((_, at) => {
        const path = `layers.${layer}.batches.${at}` as const;
        return (
          <View key={at} style={styles.batch} testID={`hand-batch-${layer + 1}-${at + 1}`}>
            <View style={styles.head}>
              <Words weight="semibold">Batch {at + 1}</Words>
              {batches.length > 1 && (
                <SignButton
                  icon="delete"
                  label={`Remove batch ${at + 1} of layer ${layer + 1}`}
                  onPress={() => onChange(batches.filter((__, place) => place !== at))}
                />
              )}
            </View>
            <FieldRow>
              <Figure path={`${path}.a`} label="A weighed" unit="g" rule={weighedRule} />
              <Figure path={`${path}.b`} label="B weighed" unit="g" rule={weighedRule} />
              <Figure path={`${path}.left`} label="Left in the cup" unit="g" rule={weighedRule} />
            </FieldRow>
            <FieldRow>
              <Figure path={`${path}.stirred`} label="Stirred for" unit="min" rule={timedRule} />
              <Figure path={`${path}.inCup`} label="Time in the cup" unit="min" rule={timedRule} />
            </FieldRow>
          </View>
        );
      })}
      <View style={styles.row}>
        <ActionButton
          icon="plus"
          label="Add a batch"
          onPress={() => onChange([...batches, emptyBatch])}
        />
      </View>
    </>
  );
}

const styles = StyleSheet.create({
  batch: { gap: space.small },
  head: { flexDirection: 'row', alignItems: 'center', justifyContent: 'space-between' },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
