import type { Plan } from '../../core/plan/planTypes';
import { sayG, sayMl } from '../../words/figures';
import { sayPlace, sayPour } from '../../words/pours';
import { sayResin } from '../../words/sheet';
import { WarningList } from '../feedback/WarningList';
import { Section } from '../section/Section';
import { WhyRow } from './WhyRow';

/** The piece, what each pour of it comes to, and what is to be minded. */
export function PlanInShort({ plan }: { readonly plan: Plan }) {
  return (
    <>
      <Section plan={plan} greatestHeight={260} />
      {plan.pours.map((pour) => (
        <WhyRow
          key={pour.id}
          label={`${sayPour(pour)}, ${sayPlace(pour, plan)}`}
          value={`${sayMl(pour.totalMl)} · ${sayG(pour.totalG)} to mix`}
          also={sayResin(pour)}
        />
      ))}
      <WarningList warnings={plan.warnings} pours={plan.pours} />
    </>
  );
}
