import { StyleSheet, View } from 'react-native';
import type { PourPlan, Reason } from '../../core/plan/planTypes';
import { jobFileText } from '../../data/files/jobFile';
import { download, fileNameOf } from '../../data/files/download';
import { useOpenJob } from '../../data/draft/openJob';
import { useShelf } from '../../data/hooks/queries';
import { ActionButton } from '../../ui/ActionButton';
import { AmountPair } from '../../ui/figures/AmountPair';
import { WhyRow } from '../../ui/figures/WhyRow';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { sayFluidOunces, sayG, sayMl, sayRatios } from '../../words/figures';
import { sayRoughly } from '../../words/rough';
import { sayReason } from '../../words/reasons';
import { Swatch } from '../../ui/Swatch';
import {
  sayBatchFor,
  sayLayer,
  sayGoingIn,
  sayPoured,
  sayReadings,
  sayTint,
} from '../../words/sheet';
import { countOf } from '../../core/plan/reasons';

/** All figures of the job, each with its reason on a tap. */
export function JobFigures({ onSheet }: { readonly onSheet: () => void }) {
  const { pour: plan, job, outdated } = useOpenJob();
  const shelf = useShelf();
  if (plan === undefined || job === undefined) return null;
  return (
    <View style={styles.stack}>
      {outdated && (
        <Words weight="semibold" role="status">
          Last good figures: something in the job is not right yet.
        </Words>
      )}
      <View style={[styles.stack, outdated && styles.outdated]} testID="figures">
        <Batches plan={plan} />
        <Totals plan={plan} />
      </View>
      <View style={styles.actions}>
        <ActionButton kind="main" label="Mixing sheet" icon="printer" onPress={onSheet} />
        <ActionButton
          label="Save as a file"
          icon="download"
          onPress={() => download(fileNameOf(job.name, '.job.json'), jobFileText(job, shelf))}
        />
      </View>
      <Words size="small" colour="inkSoft">
        Estimates: the label and the safety data sheet of the resin decide.
      </Words>
    </View>
  );
}

function Batches({ plan }: { readonly plan: PourPlan }) {
  return plan.batches.map((batch) => {
    const { id, count } = batch;
    const forWhat = sayBatchFor(plan, batch);
    return (
      <View key={id}>
        {forWhat !== '' && (
          <View style={styles.forWhat}>
            {batch.swatch !== undefined && <Swatch colour={batch.swatch} />}
            <Words weight="bold">{forWhat}</Words>
          </View>
        )}
        <Words heading={2} weight="semibold">
          {count === 1 ? 'One batch' : `Each of ${count} equal batches`}: {sayMl(batch.ml)}
        </Words>
        <AmountPair
          onePart={plan.resin.ratio === undefined}
          size={plan.layers.length > 1 || plan.portions.length > 0 ? 'large' : 'huge'}
          {...sayPoured(batch)}
        />
        <Words size="small" colour="inkSoft">
          {sayReadings(plan, batch)}
          {batch.container?.name === undefined ? '' : ` In ${batch.container.name}.`}
        </Words>
        {sayGoingIn(plan, batch).map((line) => (
          <Words key={line} size="small">
            {line}
          </Words>
        ))}
      </View>
    );
  });
}

function Totals({ plan }: { readonly plan: PourPlan }) {
  const why = (figure: Reason['figure']): string =>
    plan.why
      .filter((reason) => reason.figure === figure)
      .map(sayReason)
      .join(' ');
  const [first, second] = sayRatios(plan.resin.ratio, plan.resin.statedBy);
  return (
    <View>
      <WhyRow
        label="Cavities"
        value={sayMl(plan.cavityMl)}
        also={sayFluidOunces(plan.cavityUsFlOz, plan.cavityImperialFlOz)}
        why={why('cavityMl')}
      />
      {plan.layers.length > 1 &&
        plan.layers.map((layer, index) => (
          <WhyRow
            key={index}
            label={`In ${sayLayer(plan, index).replace(/^L/, 'l')}`}
            value={sayMl(layer.cavityMl)}
          />
        ))}
      <WhyRow
        label="To mix"
        value={sayMl(plan.totalMl)}
        also={sayG(plan.totalG)}
        why={why('totalMl')}
      />
      {plan.resin.ratio !== undefined && (
        <>
          <WhyRow label="A in all" value={sayG(plan.a.g)} also={sayMl(plan.a.ml)} />
          <WhyRow label="B in all" value={sayG(plan.b.g)} also={sayMl(plan.b.ml)} />
        </>
      )}
      {plan.tint !== undefined && (
        <WhyRow
          label={sayTint(plan.tint).name}
          value={sayTint(plan.tint).amount}
          also={sayTint(plan.tint).then}
        />
      )}
      {plan.layers.length > 1 && (
        <WhyRow label="Layers" value={String(plan.layers.length)} why={why('layers')} />
      )}
      {plan.working.potLifeMin !== undefined && (
        <WhyRow
          label="Pot life here"
          value={`about ${sayRoughly(plan.working.potLifeMin)}`}
          also={`${sayRoughly(plan.working.longestMin)} to mix and pour`}
          why={why('potLife')}
        />
      )}
      <WhyRow
        label="Batches"
        value={String(countOf(plan.batches))}
        why={`${why('batches')} ${why('scale')}`}
      />
      <WhyRow label="Ratio" value={first} also={second} why={why('ratio')} />
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.large },
  outdated: { opacity: 0.5 },
  forWhat: { flexDirection: 'row', alignItems: 'center', gap: space.small },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
