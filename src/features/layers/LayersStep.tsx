import { StyleSheet, View } from 'react-native';
import { depthRules, joints, layerStyles, type LayerStyle } from '../../core/layers/layersSchema';
import type { PlannedLayer } from '../../core/plan/planTypes';
import { hasHeat } from '../../core/resin/families';
import { lengthRule } from '../../core/quantity/rules';
import type { LayersDraft } from '../../data/draft/jobDraft';
import { useOpenJob } from '../../data/draft/openJob';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { FieldRow } from '../../ui/fields/FieldRow';
import { QuantityField } from '../../ui/fields/QuantityField';
import { TextField } from '../../ui/fields/TextField';
import { WhyRow } from '../../ui/figures/WhyRow';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { sayG, sayMl, sayMm } from '../../words/figures';
import { depthRuleWords, jointNames, layerStyleNames } from '../../words/names';
import { sayJoint } from '../../words/layers';
import { sayProblem } from '../../words/problems';
import { sayReason } from '../../words/reasons';
import { LayerHeights } from './LayerHeights';
import { usePourPart, usePourField, usePourProblems } from '../../data/draft/pourInHand';

type Way = LayerStyle | 'heights';

const notes: Readonly<Partial<Record<Way, string>>> = {
  equal: 'as few as the resin takes',
  'full-top-off': 'as deep as it takes, the rest on top',
  'lock-in': 'holds inserts in place',
  heights: 'where you say',
};

const wayOf = (layers: LayersDraft | undefined): Way =>
  layers?.style ?? (layers?.heights === undefined ? 'one-pour' : 'heights');

/** How the pour is cut into layers, and how they join. */
export function LayersStep() {
  const { pour: plan } = useOpenJob();
  const [layers, setLayers] = usePourPart('layers');
  const problems = usePourProblems();
  const way = wayOf(layers);
  const choose = (next: Way): void => {
    const { style: _, heights: __, ...kept } = layers ?? {};
    setLayers(next === 'heights' ? { ...kept, heights: [] } : { ...kept, style: next });
  };
  // What is wrong with the split as a whole; what is wrong with a figure stands at its field.
  const problem = problems.find(({ field }) =>
    ['layers.style', 'layers', 'layers.heights', 'allowances.planing'].includes(field),
  );
  return (
    <View style={styles.stack}>
      <ChoiceField
        label="Poured in"
        value={way}
        choices={[
          ...layerStyles.map((value) => ({
            value: value as Way,
            label: layerStyleNames[value],
            ...(notes[value] === undefined ? {} : { note: notes[value] }),
          })),
          { value: 'heights', label: 'Heights of my own', note: notes['heights'] ?? '' },
        ]}
        onChange={choose}
      />
      {problem !== undefined && (
        <Words colour="stop" role="alert">
          {sayProblem(problem)}
        </Words>
      )}
      {way === 'heights' && <LayerHeights />}
      <WhoseDepth />
      {way !== 'heights' && way !== 'one-pour' && <Limits lockIn={way === 'lock-in'} />}
      {way !== 'one-pour' && (
        <ChoiceField
          label="The next layer is poured"
          // Where the person leaves it open, it is as the plan decides.
          value={layers?.joint ?? plan?.layers[1]?.joint?.school ?? 'tacky'}
          choices={joints.map((value) => ({ value, label: jointNames[value] }))}
          onChange={(joint) => setLayers({ ...layers, joint })}
        />
      )}
      <LayerTable />
    </View>
  );
}

/** By whose word a layer may be so deep; nothing to choose where heat has no say. */
function WhoseDepth() {
  const [layers, setLayers] = usePourPart('layers');
  const { pour: plan } = useOpenJob();
  if (plan?.depthMm === undefined || !hasHeat(plan.resin.family)) return null;
  if ((layers?.maxDepth ?? '').trim() !== '') return null;
  return (
    <ChoiceField
      label="How deep one layer may be goes by"
      value={layers?.depthBy ?? 'smaller'}
      choices={depthRules.map((value) => ({ value, ...depthRuleWords[value] }))}
      onChange={(depthBy) => setLayers({ ...layers, depthBy })}
    />
  );
}

/** What one layer may be here: the label's figure with caution, or the person's own. */
function Limits({ lockIn }: { readonly lockIn: boolean }) {
  const maxDepth = usePourField('layers.maxDepth');
  const caution = usePourField('layers.caution');
  const first = usePourField('layers.lockIn');
  return (
    <>
      <ChoiceField
        label="Of that depth, use"
        value={caution.value === '' ? '1' : caution.value}
        choices={[
          { value: '1', label: 'All' },
          { value: '0.75', label: 'Three quarters' },
          { value: '0.5', label: 'Half' },
        ]}
        onChange={caution.onChange}
      />
      <FieldRow>
        <TextField
          label="Caution, as a share of 1"
          numeric
          placeholder="1"
          value={caution.value}
          onChange={caution.onChange}
          problem={caution.problem}
        />
        <QuantityField
          label="Greatest layer here, if you know better"
          {...maxDepth}
          unit="mm"
          rule={lengthRule}
        />
        {lockIn && (
          <QuantityField label="First thin layer" {...first} unit="mm" rule={lengthRule} />
        )}
      </FieldRow>
    </>
  );
}

/** Every layer from the top down, as it lies in the Section. */
function LayerTable() {
  const { pour: plan, outdated } = useOpenJob();
  if (plan === undefined) return null;
  const why = plan.why
    .filter(({ figure }) => figure === 'layers')
    .map(sayReason)
    .join(' ');
  return (
    <View style={outdated && styles.outdated} testID="layer-table">
      <WhyRow
        label={plan.layers.length === 1 ? 'One layer' : `${plan.layers.length} layers`}
        value={plan.depthMm === undefined ? '' : sayMm(plan.depthMm)}
        why={why}
      />
      {plan.layers
        .map((layer, index) => <LayerRow key={index} layer={layer} number={index + 1} />)
        .reverse()}
    </View>
  );
}

function LayerRow({ layer, number }: { readonly layer: PlannedLayer; readonly number: number }) {
  const { fromMm, toMm, ml, g, batches, joint } = layer;
  const thick = fromMm === undefined || toMm === undefined ? '' : `, ${sayMm(toMm - fromMm)}`;
  const cups = batches.length === 1 ? 'one batch' : `${batches.length} batches`;
  return (
    <>
      <WhyRow label={`Layer ${number}${thick}`} value={sayMl(ml)} also={`${sayG(g)} · ${cups}`} />
      {joint !== undefined && (
        <Words size="small" colour="inkSoft" style={styles.joint}>
          {sayJoint(joint)}
        </Words>
      )}
    </>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.large },
  outdated: { opacity: 0.5 },
  joint: { paddingVertical: space.tight },
});
