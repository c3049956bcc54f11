import { StyleSheet, View } from 'react-native';
import { useOpenJob } from '../../data/draft/openJob';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { sayG, sayMl } from '../../words/figures';
import { sayPour } from '../../words/pours';

/** What the job comes to, always in sight at the foot of the phone. */
export function AmountsBar() {
  const { plan: whole, pour: plan, outdated } = useOpenJob();
  if (plan === undefined) {
    return (
      <View style={styles.bar} role="status">
        <Words colour="inkSoft">No amounts yet</Words>
      </View>
    );
  }
  const several = (whole?.pours.length ?? 1) > 1;
  const cell = (label: string, figure: string, colour: 'ink' | 'partA' | 'partB') => (
    <View style={styles.cell}>
      <Words size="small" weight="bold" colour={colour}>
        {label}
      </Words>
      <Words size="large" weight="bold">
        {figure}
      </Words>
    </View>
  );
  return (
    <View style={styles.bar} role="status" aria-label="Amounts in all">
      {outdated && (
        <Words size="small" weight="semibold" style={styles.old}>
          Last good figures
        </Words>
      )}
      <View style={[styles.cells, outdated && styles.outdated]}>
        {cell(several ? sayPour(plan) : 'To mix', sayMl(plan.totalMl), 'ink')}
        {plan.resin.ratio === undefined ? (
          cell('Resin', sayG(plan.a.g), 'partA')
        ) : (
          <>
            {cell('A resin', sayG(plan.a.g), 'partA')}
            {cell('B hardener', sayG(plan.b.g), 'partB')}
          </>
        )}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  bar: { flex: 1 },
  cells: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    justifyContent: 'space-between',
    columnGap: space.medium,
  },
  cell: { minWidth: 96 },
  old: { width: '100%' },
  outdated: { opacity: 0.5 },
});
