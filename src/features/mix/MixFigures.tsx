import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { countOf } from '../../core/plan/reasons';
import type { PlannedBatch, PourPlan, Reason } from '../../core/plan/planTypes';
import { AmountPair } from '../../ui/figures/AmountPair';
import { WhyRow } from '../../ui/figures/WhyRow';
import { MainFigure } from '../../ui/frame/MainFigure';
import { Swatch } from '../../ui/Swatch';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { space, touch } from '../../ui/theme/tokens';
import { sayFluidOunces, sayG, sayMl, sayRatios } from '../../words/figures';
import { sayReason } from '../../words/reasons';
import { sayRoughly } from '../../words/rough';
import {
  sayBatchFor,
  sayGoingIn,
  sayLayer,
  sayPouredShort,
  sayReadings,
  sayTint,
} from '../../words/sheet';
import { sayPoured } from '../../words/poured';

interface MixFiguresProps {
  readonly plan: PourPlan;
  readonly outdated: boolean;
  /** The batches whose figures stand large. */
  readonly batch: PlannedBatch;
  readonly onBatch: (id: string) => void;
}

/** What is weighed: A and B of the batch in hand, how, the other batches in a row each, and all together with reasons. */
export function MixFigures({ plan, outdated, batch, onBatch }: MixFiguresProps) {
  const others = plan.batches.filter(({ id }) => id !== batch.id);
  const faint = outdated && styles.outdated;
  return (
    <>
      <MainFigure>
        {outdated && (
          <Words size="small" weight="semibold" role="status">
            Last good figures: something in the job is not right yet.
          </Words>
        )}
        <View style={[styles.tight, faint]}>
          <BatchHead plan={plan} batch={batch} />
          <AmountPair onePart={plan.resin.ratio === undefined} {...sayPoured(batch)} />
        </View>
      </MainFigure>
      <View style={[styles.stack, faint]} testID="figures">
        <View style={styles.tight}>
          <Words>
            {sayReadings(plan, batch)}
            {batch.container?.name === undefined ? '' : ` In ${batch.container.name}.`}
          </Words>
          {sayGoingIn(plan, batch).map((line) => (
            <Words key={line}>{line}</Words>
          ))}
        </View>
        <View>
          {others.map((other) => (
            <OtherBatch
              key={other.id}
              plan={plan}
              batch={other}
              onPress={() => onBatch(other.id)}
            />
          ))}
          <Totals plan={plan} />
        </View>
      </View>
    </>
  );
}

const sayCount = (count: number): string =>
  count === 1 ? 'one batch' : `each of ${count} equal batches`;

/** What the batch in hand is for, and how much of it there is. */
function BatchHead({ plan, batch }: { readonly plan: PourPlan; readonly batch: PlannedBatch }) {
  const forWhat = sayBatchFor(plan, batch);
  const said = [forWhat, sayCount(batch.count)].filter(Boolean).join(' · ');
  return (
    <View style={styles.head}>
      {batch.swatch !== undefined && <Swatch colour={batch.swatch} />}
      <Words heading={2} weight="bold" style={styles.grow}>
        {said.charAt(0).toUpperCase() + said.slice(1)}
      </Words>
      <Words colour="inkSoft">
        {sayMl(batch.ml)} · {sayG(batch.g)}
      </Words>
    </View>
  );
}

/** Batches that are not in hand: a tap takes them. */
function OtherBatch({
  plan,
  batch,
  onPress,
}: {
  readonly plan: PourPlan;
  readonly batch: PlannedBatch;
  readonly onPress: () => void;
}) {
  const colours = useColours();
  const { a, b, unit } = sayPouredShort(batch);
  const forWhat = sayBatchFor(plan, batch);
  return (
    <TouchableRipple
      role="button"
      testID="other-batch"
      onPress={onPress}
      style={[styles.other, { borderBottomColor: colours.line }]}
    >
      <View style={styles.head}>
        {batch.swatch !== undefined && <Swatch colour={batch.swatch} />}
        <Words style={styles.grow}>
          {forWhat}
          {batch.count > 1 ? `, each of ${batch.count}` : ''}
        </Words>
        <Words weight="semibold">
          <Words weight="semibold" colour="partA">
            {a}
          </Words>
          {b === undefined ? '' : ' + '}
          {b !== undefined && (
            <Words weight="semibold" colour="partB">
              {b}
            </Words>
          )}
          {`\u00a0${unit}`}
        </Words>
      </View>
    </TouchableRipple>
  );
}

/** What it comes to in all, each with its reason on a tap. */
function Totals({ plan }: { readonly plan: PourPlan }) {
  const why = (figure: Reason['figure']): string =>
    plan.why
      .filter((reason) => reason.figure === figure)
      .map(sayReason)
      .join(' ');
  const [first, second] = sayRatios(plan.resin.ratio, plan.resin.statedBy);
  const tint = plan.tint === undefined ? undefined : sayTint(plan.tint);
  return (
    <>
      {plan.working.potLifeMin !== undefined && (
        <WhyRow
          label="Pot life here"
          value={`about ${sayRoughly(plan.working.potLifeMin)}`}
          also={`${sayRoughly(plan.working.longestMin)} to mix and pour`}
          why={why('potLife')}
        />
      )}
      <WhyRow
        label="To mix in all"
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
      {tint !== undefined && <WhyRow label={tint.name} value={tint.amount} also={tint.then} />}
      <WhyRow
        label="Batches"
        value={String(countOf(plan.batches))}
        why={`${why('batches')} ${why('scale')}`}
      />
      <WhyRow label="Ratio" value={first} also={second} why={why('ratio')} />
      <WhyRow
        label="Cavities"
        value={sayMl(plan.cavityMl)}
        also={sayFluidOunces(plan.cavityUsFlOz, plan.cavityImperialFlOz)}
        why={why('cavityMl')}
      />
      {plan.layers.length > 1 && (
        <>
          {plan.layers.map((layer, index) => (
            <WhyRow
              key={index}
              label={`In ${sayLayer(plan, index).replace(/^L/, 'l')}`}
              value={sayMl(layer.cavityMl)}
            />
          ))}
          <WhyRow label="Layers" value={String(plan.layers.length)} why={why('layers')} />
        </>
      )}
    </>
  );
}

/** Which batches stand large: the ones that were tapped, or the first. */
export function useBatchInHand(plan: PourPlan | undefined) {
  const [chosen, choose] = useState<string>();
  const batch = plan?.batches.find(({ id }) => id === chosen) ?? plan?.batches[0];
  return { batch, choose };
}

const styles = StyleSheet.create({
  stack: { gap: space.medium },
  tight: { gap: space.tight },
  outdated: { opacity: 0.5 },
  head: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', columnGap: space.small },
  grow: { flexGrow: 1, flexShrink: 1 },
  other: { minHeight: touch.table, justifyContent: 'center', borderBottomWidth: 1 },
});
