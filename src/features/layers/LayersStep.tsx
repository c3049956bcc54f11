import { StyleSheet, View } from 'react-native';
import { depthRules, joints, layerStyles, type LayerStyle } from '../../core/layers/layersSchema';
import type { PlannedLayer } from '../../core/plan/planTypes';
import { hasHeat } from '../../core/resin/families';
import { lengthRule } from '../../core/quantity/rules';
import type { LayersDraft } from '../../data/draft/jobDraft';
import { useOpenJob } from '../../data/draft/openJob';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { ChoiceLine } from '../../ui/fields/ChoiceLine';
import { Lines } from '../../ui/fields/Lines';
import { QuantityLine } from '../../ui/fields/QuantityLine';
import { SettingLine } from '../../ui/fields/SettingLine';
import { TextField } from '../../ui/fields/TextField';
import { WhyRow } from '../../ui/figures/WhyRow';
import { MainFigure } from '../../ui/frame/MainFigure';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { sayHolds } from '../../words/domes';
import { sayG, sayMl, sayHeight } from '../../words/figures';
import { depthRuleWords, jointNames, layerStyleNames } from '../../words/names';
import { sayJoint } from '../../words/layers';
import { sayProblem } from '../../words/problems';
import { sayReason } from '../../words/reasons';
import { beginHeights } from './beginHeights';
import { BubblesPanel } from './BubblesPanel';
import { LampPanel } from './LampPanel';
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
    setLayers(
      next === 'heights'
        ? { ...kept, heights: beginHeights(plan?.layers) }
        : { ...kept, style: next },
    );
  };
  // What is wrong with the split as a whole; what is wrong with a figure stands at its field.
  const problem = problems.find(({ field }) =>
    ['layers.style', 'layers', 'layers.heights', 'allowances.planing'].includes(field),
  );
  return (
    <View style={styles.stack}>
      <LayersFigure />
      {problem !== undefined && (
        <Words colour="stop" role="alert">
          {sayProblem(problem)}
        </Words>
      )}
      {way === 'heights' && <LayerHeights />}
      <LayerTable />
      <LampPanel />
      <Domes />
      <BubblesPanel />
      <Lines title="How it is cut">
        <ChoiceLine
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
        <WhoseDepth />
        {way !== 'heights' && way !== 'one-pour' && <Limits lockIn={way === 'lock-in'} />}
        {way !== 'one-pour' && (
          <ChoiceLine
            label="The next layer is poured"
            // Where the person leaves it open, it is as the plan decides.
            value={layers?.joint ?? plan?.layers[1]?.joint?.school ?? 'tacky'}
            assumed={layers?.joint === undefined}
            choices={joints.map((value) => ({ value, label: jointNames[value] }))}
            onChange={(joint) => setLayers({ ...layers, joint })}
          />
        )}
      </Lines>
    </View>
  );
}

/** When the resin of domes is thick enough to stay on its edge. */
function Domes() {
  const { pour } = useOpenJob();
  return (pour?.domes ?? []).map((dome, at) => {
    const holds = sayHolds(dome);
    if (holds === undefined) return null;
    return (
      <Words key={at}>
        <Words weight="semibold">{dome.name ?? 'Dome'}: </Words>
        {holds}
      </Words>
    );
  });
}

/** How many layers, how deep each, and what the resin takes. */
function LayersFigure() {
  const { pour: plan, outdated } = useOpenJob();
  if (plan === undefined) {
    return (
      <MainFigure>
        <Words colour="inkSoft">Nothing to cut yet: measure a cavity first.</Words>
      </MainFigure>
    );
  }
  const why = plan.why
    .filter(({ figure }) => figure === 'layers')
    .map(sayReason)
    .join(' ');
  return (
    <MainFigure>
      <View style={outdated && styles.outdated}>
        <Words size="title" weight="bold">
          {plan.layers.length === 1 ? 'One pour' : `${plan.layers.length} layers`}
          {plan.depthMm === undefined ? '' : `, ${sayHeight(plan.depthMm)} in all`}
        </Words>
        {why !== '' && <Words colour="inkSoft">{why}</Words>}
      </View>
    </MainFigure>
  );
}

/** By whose word a layer may be so deep; nothing to choose where heat has no say. */
function WhoseDepth() {
  const [layers, setLayers] = usePourPart('layers');
  const { pour: plan } = useOpenJob();
  if (plan?.depthMm === undefined || !hasHeat(plan.resin.family)) return null;
  if ((layers?.maxDepth ?? '').trim() !== '') return null;
  return (
    <ChoiceLine
      label="Limit each layer’s depth by"
      value={layers?.depthBy ?? 'smaller'}
      assumed={layers?.depthBy === undefined}
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
      <SettingLine
        label="Of that depth, use"
        value={sayCaution(caution.value)}
        assumed={caution.value === ''}
        wrong={caution.problem !== undefined}
      >
        <ChoiceField
          label="Of that depth, use"
          labelHidden
          value={caution.value === '' ? '1' : caution.value}
          choices={cautions}
          onChange={caution.onChange}
        />
        <TextField
          label="Safety factor, 0 to 1"
          numeric
          placeholder="1"
          value={caution.value}
          onChange={caution.onChange}
          problem={caution.problem}
        />
      </SettingLine>
      <QuantityLine
        label="Deepest layer here, if you know better"
        {...maxDepth}
        unit="mm"
        rule={lengthRule}
        usual="not set"
      />
      {lockIn && (
        <QuantityLine
          label="First thin layer"
          {...first}
          unit="mm"
          rule={lengthRule}
          usual="as usual"
        />
      )}
    </>
  );
}

const cautions = [
  { value: '1', label: 'All' },
  { value: '0.75', label: 'Three quarters' },
  { value: '0.5', label: 'Half' },
];

const sayCaution = (typed: string): string =>
  cautions.find(({ value }) => value === (typed === '' ? '1' : typed))?.label.toLowerCase() ??
  `${typed} of it`;

/** Every layer from the top down, as it lies in the Section. */
function LayerTable() {
  const { pour: plan, outdated } = useOpenJob();
  if (plan === undefined) return null;
  return (
    <View style={outdated && styles.outdated} testID="layer-table">
      {plan.layers
        .map((layer, index) => <LayerRow key={index} layer={layer} number={index + 1} />)
        .reverse()}
    </View>
  );
}

function LayerRow({ layer, number }: { readonly layer: PlannedLayer; readonly number: number }) {
  const { fromMm, toMm, ml, g, batches, joint } = layer;
  const thick = fromMm === undefined || toMm === undefined ? '' : `, ${sayHeight(toMm - fromMm)}`;
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
