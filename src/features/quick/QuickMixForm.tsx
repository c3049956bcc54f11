import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Problem } from '../../core/problem';
import { amountRule } from '../../core/quantity/rules';
import { withUnit } from '../../core/quantity/withUnit';
import { quickDraft, type QuickMix } from '../../data/draft/quickDraft';
import { usePlannedDraft } from '../../data/draft/usePlannedDraft';
import { useShelf } from '../../data/hooks/queries';
import { useQuickMix } from '../../data/hooks/useQuickMix';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { CountField } from '../../ui/fields/CountField';
import { QuantityField } from '../../ui/fields/QuantityField';
import { Screen } from '../../ui/frame/Screen';
import { space } from '../../ui/theme/tokens';
import { useWide } from '../../ui/theme/useWide';
import { QuickAmounts } from './QuickAmounts';
import { QuickDetails } from './QuickDetails';

const amountUnits = ['g', 'ml', 'kg', 'l', 'US fl oz', 'imp fl oz', 'lb', 'oz weight'] as const;
type AmountUnit = (typeof amountUnits)[number];

function problemAt(problems: readonly Problem[], field: string): Problem | undefined {
  return problems.find((problem) => problem.field === field);
}

/** Amount, resin and batches; A and B stand at the foot of the phone, or beside on a wide screen. */
export function QuickMixForm({ initial }: { readonly initial: QuickMix }) {
  const wide = useWide();
  const shelf = useShelf();
  const { quick, change } = useQuickMix(initial);
  const [lastUnit, setLastUnit] = useState<AmountUnit>('g');
  const unit = amountUnits.find((each) => quick.amount.endsWith(` ${each}`)) ?? lastUnit;
  const resin = shelf.resins.find(({ id }) => id === quick.resinId) ?? shelf.resins[0];
  const draft = useMemo(() => resin && quickDraft(quick, resin), [quick, resin]);
  const planned = usePlannedDraft(draft, shelf, null);
  const { problems, plan, outdated } = planned;
  const pour = plan?.pours[0];
  const amounts = <QuickAmounts plan={pour} outdated={outdated} />;
  const details = pour !== undefined && <QuickDetails plan={pour} />;

  return (
    <Screen title="Quick mix" foot={wide ? undefined : amounts}>
      <View style={wide ? styles.columns : styles.column}>
        <View style={[styles.column, wide && styles.wideColumn]}>
          <QuantityField
            label="Amount in one batch"
            value={quick.amount}
            unit={unit}
            rule={amountRule}
            placeholder={`500 ${unit}`}
            problem={
              quick.amount === '' ? undefined : problemAt(problems, 'measure.parts[0].amount')
            }
            onChange={(amount) => change({ amount })}
          />
          <ChoiceField
            label="Unit"
            labelHidden
            value={unit}
            choices={amountUnits.map((value) => ({ value, label: value }))}
            onChange={(next) => {
              setLastUnit(next);
              change({ amount: withUnit(quick.amount, next) });
            }}
          />
          <ChoiceField
            label="Resin"
            value={resin?.id}
            choices={shelf.resins.map(({ id = '', name }) => ({ value: id, label: name }))}
            onChange={(resinId) => change({ resinId })}
          />
          <CountField
            label="Batches"
            value={quick.batches}
            problem={problemAt(problems, 'pours[0].batches')}
            onChange={(batches) => change({ batches })}
          />
        </View>
        <View style={[styles.column, wide && styles.wideColumn]}>
          {wide && amounts}
          {details}
        </View>
      </View>
    </Screen>
  );
}

const styles = StyleSheet.create({
  columns: { flexDirection: 'row', gap: space.huge },
  column: { gap: space.large },
  wideColumn: { flex: 1 },
});
