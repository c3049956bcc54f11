import { View } from 'react-native';
import type { PourPlan } from '../../core/plan/planTypes';
import { CorrectionLine } from '../../ui/figures/CorrectionLine';
import { WarningList } from '../../ui/feedback/WarningList';
import { WhyRow } from '../../ui/figures/WhyRow';
import { sayG, sayMl, sayRatios } from '../../words/figures';

/** What stands behind A and B of a quick mix: the cup, all batches, the ratio both ways. */
export function QuickDetails({ plan }: { readonly plan: PourPlan }) {
  const [batch] = plan.batches;
  if (batch === undefined) return null;
  const [ratio, otherRatio] = sayRatios(plan.resin.ratio);
  return (
    <View>
      <WarningList warnings={plan.warnings} />
      <WhyRow label="Both in the cup" value={sayG(batch.g)} also={sayMl(batch.ml)} />
      {batch.count > 1 && (
        <>
          <WhyRow label="A in all" value={sayG(plan.a.g)} also={sayMl(plan.a.ml)} />
          <WhyRow label="B in all" value={sayG(plan.b.g)} also={sayMl(plan.b.ml)} />
          <WhyRow label="All batches" value={sayG(plan.totalG)} also={sayMl(plan.totalMl)} />
        </>
      )}
      <WhyRow label="Ratio" value={ratio} also={otherRatio} />
      <CorrectionLine plan={plan} batch={batch} />
    </View>
  );
}
