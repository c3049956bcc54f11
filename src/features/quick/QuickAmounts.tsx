import { StyleSheet, View } from 'react-native';
import type { DraftPlan } from '../../data/draft/usePlannedDraft';
import { AmountPair } from '../../ui/figures/AmountPair';
import { Words } from '../../ui/text/Words';
import { sayMl, sayOneDecimal } from '../../words/figures';

/** A and B of one batch, large. */
export function QuickAmounts({ plan, outdated }: DraftPlan) {
  const [batch] = plan?.batches ?? [];
  if (plan === undefined || batch === undefined) {
    return <Words colour="inkSoft">Type an amount: A and B appear here.</Words>;
  }
  const count = plan.batches.length;
  return (
    <View style={styles.amounts}>
      <View role="status" style={styles.head}>
        <Words weight="bold">
          {count === 1 ? plan.resin.name : `Each of ${count} batches of ${plan.resin.name}`}
        </Words>
        {outdated && <Words size="small">last good figures</Words>}
      </View>
      <View style={outdated && styles.outdated}>
        <AmountPair
          onePart={plan.resin.ratio === undefined}
          a={{ figure: sayOneDecimal(batch.a.g), unit: 'g', also: [sayMl(batch.a.ml)] }}
          b={{ figure: sayOneDecimal(batch.b.g), unit: 'g', also: [sayMl(batch.b.ml)] }}
        />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  amounts: { width: '100%' },
  head: { flexDirection: 'row', flexWrap: 'wrap', justifyContent: 'space-between' },
  outdated: { opacity: 0.5 },
});
