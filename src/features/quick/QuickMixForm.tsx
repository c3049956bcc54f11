import { useContext, useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Problem } from '../../core/problem';
import { familyOf } from '../../core/resin/families';
import { amountRule } from '../../core/quantity/rules';
import { withUnit } from '../../core/quantity/withUnit';
import type { planQuick } from '../../data/draft/quickDraft';
import type { PlannedDraft } from '../../data/draft/planDraft';
import {
  firstFigures,
  fromLabel,
  resinOfQuick,
  unreadLabel,
  type LabelRatio,
  type QuickDraft,
  type QuickMix,
} from '../../data/draft/quickMix';
import { usePlannedDraft } from '../../data/draft/usePlannedDraft';
import { useShelf } from '../../data/hooks/queries';
import { useOfferedResins, useResinUsed } from '../../data/hooks/useOfferedResins';
import { useQuickMix } from '../../data/hooks/useQuickMix';
import { ActionButton } from '../../ui/ActionButton';
import { ChoiceLine } from '../../ui/fields/ChoiceLine';
import { CountField } from '../../ui/fields/CountField';
import { OwnUnitsContext } from '../../ui/fields/ownUnits';
import { QuantityField } from '../../ui/fields/QuantityField';
import { SettingLine } from '../../ui/fields/SettingLine';
import { Halves } from '../../ui/frame/Halves';
import { MainFigure } from '../../ui/frame/MainFigure';
import { Screen } from '../../ui/frame/Screen';
import { space } from '../../ui/theme/tokens';
import { useWide } from '../../ui/theme/useWide';
import { LabelFields } from './LabelFields';
import { QuickAmounts } from './QuickAmounts';
import type { QuickDetails } from './QuickDetails';

const amountUnits = ['g', 'ml', 'kg', 'l', 'US fl oz', 'imp fl oz', 'lb', 'oz weight'] as const;
type AmountUnit = (typeof amountUnits)[number];

function problemAt(problems: readonly Problem[], field: string): Problem | undefined {
  return problems.find((problem) => problem.field === field);
}

/** What of a quick mix comes after its first figures. */
export interface WholeQuick {
  readonly planQuick: typeof planQuick;
  readonly QuickDetails: typeof QuickDetails;
}

interface QuickMixFormProps {
  readonly initial: QuickMix;
  /** Undefined until it came: A and B of an amount are there before it. */
  readonly whole: WholeQuick | undefined;
  /** Begins a card with the ratio that was typed. */
  readonly onAddResin: (label: LabelRatio) => void;
}

const notYet = (): PlannedDraft => ({ job: undefined, plan: undefined, problems: [] });

/** A and B first, then what they are of: amount, resin and batches. */
export function QuickMixForm({ initial, whole, onAddResin }: QuickMixFormProps) {
  const wide = useWide();
  const shelf = useShelf();
  const offered = useOfferedResins();
  const resinUsed = useResinUsed();
  const { quick, change } = useQuickMix(initial);
  const [lastUnit, setLastUnit] = useState<AmountUnit>('g');
  const unit = amountUnits.find((each) => quick.amount.endsWith(` ${each}`)) ?? lastUnit;
  const {
    resin,
    isLabel,
    problem: ratioProblem,
  } = useMemo(() => resinOfQuick(quick, offered), [quick, offered]);
  const draft = useMemo(() => ({ quick, resin }), [quick, resin]);
  const { problems, plan, outdated } = usePlannedDraft(
    draft,
    shelf,
    null,
    whole?.planQuick ?? notYet,
  );
  const pour = plan?.pours[0];
  const first = useFirstFigures(draft);
  const { used } = useContext(OwnUnitsContext);
  // Here the unit is chosen on a line of its own: a bare figure is in that one.
  const asChosen = useMemo(() => ({ own: [], used }), [used]);
  const figures =
    pour === undefined
      ? first
      : {
          batch: pour.batches[0],
          count: pour.batches[0]?.count ?? 1,
          resin: pour.resin.name,
          onePart: pour.resin.ratio === undefined,
          outdated,
        };
  const batchesProblem = problemAt(problems, 'pours[0].batches');
  return (
    <Screen title="Quick mix" fills={wide}>
      <Halves>
        <View style={styles.column}>
          <MainFigure>
            <QuickAmounts {...figures} isLabel={isLabel} />
          </MainFigure>
          {isLabel && (
            <LabelFields
              label={quick.label ?? unreadLabel}
              problem={ratioProblem}
              onChange={(label) => change({ label })}
            />
          )}
          <OwnUnitsContext value={asChosen}>
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
          </OwnUnitsContext>
          <View>
            {offered.length > 0 && (
              <ChoiceLine
                label="Resin"
                value={isLabel ? fromLabel : resin?.id}
                choices={[
                  ...offered.map(({ id = '', name, family }) => ({
                    value: id,
                    label: name,
                    note: familyOf(family).name,
                  })),
                  { value: fromLabel, label: 'Not on the shelf', note: 'the ratio off its label' },
                ]}
                onChange={(resinId) => {
                  change({ resinId });
                  if (resinId !== fromLabel) resinUsed(resinId);
                }}
              />
            )}
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
        <View style={styles.column}>
          {pour !== undefined && whole !== undefined && <whole.QuickDetails plan={pour} />}
          {isLabel && resin !== undefined && (
            <View style={styles.row}>
              <ActionButton
                icon="plus"
                label="Put this resin on the shelf"
                onPress={() => onAddResin(quick.label ?? unreadLabel)}
              />
            </View>
          )}
        </View>
      </Halves>
    </Screen>
  );
}

/** A and B before the planner is there; what was right last stands, marked outdated. */
function useFirstFigures(draft: QuickDraft) {
  const first = useMemo(() => {
    const batch = firstFigures(draft);
    return (
      batch && {
        batch: { ...batch, ...onScaleOnly },
        count: 1,
        resin: draft.resin?.name ?? '',
        onePart: batch.b.g === 0,
      }
    );
  }, [draft]);
  const [good, setGood] = useState(first);
  if (first !== undefined && first !== good) setGood(first);
  return { ...(first ?? good ?? nothingYet), outdated: first === undefined };
}

const nothingYet = { batch: undefined, count: 1, resin: '', onePart: false };

const onScaleOnly = { inCup: undefined, strokes: undefined, tintedAG: undefined };

const styles = StyleSheet.create({
  column: { gap: space.large },
  row: { flexDirection: 'row' },
});
