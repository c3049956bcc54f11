import { StyleSheet, View } from 'react-native';
import { measuredBy } from '../../core/mix/mixingSchema';
import { flowRule, keptBackRule, massRule, timeRule, volumeRule } from '../../core/quantity/rules';
import type { MixingDraft } from '../../data/draft/jobDraft';
import { useOpenJob } from '../../data/draft/openJob';
import { useDraftField, usePourPart, usePourField } from '../../data/draft/pourInHand';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { FieldRow } from '../../ui/fields/FieldRow';
import { QuantityField } from '../../ui/fields/QuantityField';
import { FoldPanel } from '../../ui/FoldPanel';
import { space } from '../../ui/theme/tokens';
import { measuredByNames } from '../../words/names';
import { Containers } from './Containers';
import { CorrectionPanel } from './CorrectionPanel';
import { CupMarksPanel } from './CupMarksPanel';
import { LeftoversPanel } from './LeftoversPanel';

/** What it is mixed in, how it is measured out, and what to do when it goes wrong. */
export function MixStep() {
  const [mixing = {}, setMixing] = usePourPart('mixing');
  const set = (changed: MixingDraft): void => setMixing({ ...mixing, ...changed });
  const { pour: plan } = useOpenJob();
  const by = mixing.by ?? 'weight';
  // One bottle is poured as it is: there is nothing to measure out against anything.
  const onePart = plan !== undefined && plan.resin.ratio === undefined;
  return (
    <View style={styles.stack}>
      <Containers />
      {!onePart && (
        <ChoiceField
          label="Measured out"
          value={by}
          choices={measuredBy.map((value) => ({ value, label: measuredByNames[value] }))}
          onChange={(value) => set({ by: value })}
        />
      )}
      <Steps by={onePart ? 'weight' : by} />
      {!onePart && (
        <FoldPanel title="Order, cups and time" summary={summaryOf(mixing)}>
          <ChoiceField
            label="First into the cup"
            value={mixing.first ?? 'a'}
            choices={[
              { value: 'a', label: 'A (resin)' },
              { value: 'b', label: 'B (hardener)' },
            ]}
            onChange={(first) => set({ first })}
          />
          <ChoiceField
            label="Cups"
            value={mixing.cups ?? 'one'}
            choices={[
              { value: 'one', label: 'One', note: 'the scale runs on' },
              { value: 'own', label: 'One each', note: 'then into a third' },
            ]}
            onChange={(cups) => set({ cups })}
          />
          <Time />
        </FoldPanel>
      )}
      <CorrectionPanel />
      <LeftoversPanel />
      <CupMarksPanel />
    </View>
  );
}

function summaryOf({ first, cups, stir, pourRate }: MixingDraft): string {
  return [
    first === 'b' ? 'B first' : 'A first',
    cups === 'own' ? 'own cups' : 'one cup',
    stir,
    pourRate,
  ]
    .filter((each) => each !== undefined && each !== '')
    .join(', ');
}

/** What the scale, the cup or the pumps can do. */
function Steps({ by }: { readonly by: NonNullable<MixingDraft['by']> }) {
  const scale = useDraftField('scaleStep');
  const cup = usePourField('mixing.cupStep');
  const strokeA = usePourField('mixing.strokeA');
  const strokeB = usePourField('mixing.strokeB');
  return (
    <FieldRow>
      <QuantityField label="Scale shows steps of" {...scale} unit="g" rule={massRule} />
      {by === 'volume' && (
        <QuantityField label="Cup is marked every" {...cup} unit="ml" rule={volumeRule} />
      )}
      {by === 'pump' && (
        <QuantityField label="One stroke of A" {...strokeA} unit="ml" rule={volumeRule} />
      )}
      {by === 'pump' && (
        <QuantityField label="One stroke of B" {...strokeB} unit="ml" rule={volumeRule} />
      )}
    </FieldRow>
  );
}

function Time() {
  const stir = usePourField('mixing.stir');
  const pour = usePourField('mixing.pourRate');
  const keptBack = usePourField('mixing.keptBack');
  return (
    <FieldRow>
      <QuantityField label="Stirring and resting take" {...stir} unit="min" rule={timeRule} />
      <QuantityField label="Poured at" {...pour} unit="ml/min" rule={flowRule} />
      <QuantityField label="Kept back of the pot life" {...keptBack} unit="%" rule={keptBackRule} />
    </FieldRow>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.large },
});
