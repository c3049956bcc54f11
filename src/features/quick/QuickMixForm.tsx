import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Problem } from '../../core/problem';
import { familyOf } from '../../core/resin/families';
import { amountRule } from '../../core/quantity/rules';
import { withUnit } from '../../core/quantity/withUnit';
import { quickDraft, type QuickMix } from '../../data/draft/quickDraft';
import { usePlannedDraft } from '../../data/draft/usePlannedDraft';
import { useShelf } from '../../data/hooks/queries';
import { useQuickMix } from '../../data/hooks/useQuickMix';
import { ChoiceLine } from '../../ui/fields/ChoiceLine';
import { CountField } from '../../ui/fields/CountField';
import { QuantityField } from '../../ui/fields/QuantityField';
import { SettingLine } from '../../ui/fields/SettingLine';
import { Halves } from '../../ui/frame/Halves';
import { MainFigure } from '../../ui/frame/MainFigure';
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

/** A and B first, then what they are of: amount, resin and batches. */
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
  const batchesProblem = problemAt(problems, 'pours[0].batches');
  return (
    <Screen title="Quick mix" fills={wide}>
      <Halves>
        <View style={styles.column}>
          <MainFigure>
            <QuickAmounts plan={pour} outdated={outdated} />
          </MainFigure>
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
          <View>
            <ChoiceLine
              label="Resin"
              value={resin?.id}
              choices={shelf.resins.map(({ id = '', name, family }) => ({
                value: id,
                label: name,
                note: familyOf(family).name,
              }))}
              onChange={(resinId) => change({ resinId })}
            />
            <ChoiceLine
              label="Unit"
              value={unit}
              choices={amountUnits.map((value) => ({ value, label: value }))}
              onChange={(next) => {
                setLastUnit(next);
                change({ amount: withUnit(quick.amount, next) });
              }}
            />
            <SettingLine
              label="Batches"
              value={quick.batches}
              assumed={quick.batches === '1'}
              wrong={batchesProblem !== undefined}
            >
              <CountField
                label="Batches"
                value={quick.batches}
                problem={batchesProblem}
                onChange={(batches) => change({ batches })}
              />
            </SettingLine>
          </View>
        </View>
        <View>{pour !== undefined && <QuickDetails plan={pour} />}</View>
      </Halves>
    </Screen>
  );
}

const styles = StyleSheet.create({ column: { gap: space.large } });
