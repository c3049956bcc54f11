import { StyleSheet, View } from 'react-native';
import type { PourPlan } from '../../core/plan/planTypes';
import { AmountPair } from '../../ui/figures/AmountPair';
import { Words } from '../../ui/text/Words';
import { sayPoured } from '../../words/sheet';

/** A and B of one batch, large. */
export function QuickAmounts({
  plan,
  outdated,
}: {
  readonly plan: PourPlan | undefined;
  readonly outdated: boolean;
}) {
  const [batch] = plan?.batches ?? [];
  if (plan === undefined || batch === undefined) {
    return <Words colour="inkSoft">Type an amount: A and B appear here.</Words>;
  }
  const { count } = batch;
  return (
    <View style={styles.amounts}>
      <View role="status" style={styles.head}>
        <Words weight="bold">
          {count === 1 ? plan.resin.name : `Each of ${count} batches of ${plan.resin.name}`}
        </Words>
        {outdated && <Words size="small">last good figures</Words>}
      </View>
      <View style={outdated && styles.outdated}>
        <AmountPair onePart={plan.resin.ratio === undefined} {...sayPoured(batch)} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  amounts: { width: '100%' },
  head: { flexDirection: 'row', flexWrap: 'wrap', justifyContent: 'space-between' },
  outdated: { opacity: 0.5 },
});
