import { useOpenJob } from '../data/draft/openJob';
import { sayG, sayMl } from '../words/figures';
import { countOf } from '../core/plan/reasons';

/** What the open job comes to, for tests of steps that show none of it themselves. */
export function JobFiguresProbe() {
  const { pour: plan } = useOpenJob();
  const [batch] = plan?.batches ?? [];
  if (plan === undefined || batch === undefined) return <p data-testid="probe">none</p>;
  const { aG, bG } = batch.onScale;
  return (
    <p data-testid="probe">
      {`${countOf(plan.batches)} × ${sayMl(batch.ml)}, A ${aG} g, B ${bG} g; in all ${sayG(plan.totalG)}`}
    </p>
  );
}
