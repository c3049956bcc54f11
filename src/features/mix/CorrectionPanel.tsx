import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { correctBatch, type BatchCorrection } from '../../core/plan/correctBatch';
import type { PourPlan } from '../../core/plan/planTypes';
import { InputError, type Problem } from '../../core/problem';
import { isOnStep } from '../../core/quantity/round';
import { readQuantity } from '../../core/quantity/readQuantity';
import { massRule } from '../../core/quantity/rules';
import { useOpenJob } from '../../data/draft/openJob';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { FieldRow } from '../../ui/fields/FieldRow';
import { QuantityField } from '../../ui/fields/QuantityField';
import { AmountPair } from '../../ui/figures/AmountPair';
import { FoldPanel } from '../../ui/FoldPanel';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { sayCorrection } from '../../words/correction';
import { sayOnScale } from '../../words/figures';
import { sayBatchFor } from '../../words/sheet';

/** What was typed, in g; a problem where it is no mass; nothing while it is empty. */
function massOf(typed: string): number | Problem | undefined {
  if (typed.trim() === '') return undefined;
  try {
    return readQuantity(typed, massRule).value;
  } catch (error) {
    if (error instanceof InputError) return error;
    throw error;
  }
}

const isMass = (read: number | Problem | undefined): read is number | undefined =>
  read === undefined || typeof read === 'number';

/** Poured too much of one part: new figures for the other, nothing is poured back. */
export function CorrectionPanel() {
  const { pour: plan, outdated } = useOpenJob();
  const [typed, setTyped] = useState({ a: '', b: '' });
  const [chosen, setChosen] = useState<string>();
  if (plan?.resin.ratio === undefined || outdated) return null;
  const groups = plan.batches;
  const group = groups.find(({ id }) => id === chosen) ?? groups[0];
  if (group === undefined) return null;
  const a = massOf(typed.a);
  const b = massOf(typed.b);
  const found =
    isMass(a) && isMass(b) && (a !== undefined || b !== undefined)
      ? correctBatch(plan, group.id, { aG: a, bG: b })
      : undefined;
  return (
    <FoldPanel
      title="Poured too much?"
      summary="new figures for the other part"
      testID="correction"
    >
      {groups.length > 1 && (
        <ChoiceField
          label="In the batch for"
          value={group.id}
          choices={groups.map((each) => ({
            value: each.id,
            label: sayBatchFor(plan, each),
          }))}
          onChange={setChosen}
        />
      )}
      <Words size="small" colour="inkSoft">
        Type what the scale says of each part by itself; leave out the one that is still to come. A
        scale that runs on shows both: type 792-610 for B.
      </Words>
      <FieldRow>
        <QuantityField
          label="A in the cup"
          value={typed.a}
          onChange={(text) => setTyped({ ...typed, a: text })}
          problem={isMass(a) ? undefined : a}
          unit="g"
          rule={massRule}
        />
        <QuantityField
          label="B in the cup"
          value={typed.b}
          onChange={(text) => setTyped({ ...typed, b: text })}
          problem={isMass(b) ? undefined : b}
          unit="g"
          rule={massRule}
        />
      </FieldRow>
      {found !== undefined && <Corrected plan={plan} found={found} />}
    </FoldPanel>
  );
}

function Corrected({ plan, found }: { readonly plan: PourPlan; readonly found: BatchCorrection }) {
  const { aG, bG, totalG, stepG } = found.onScale;
  // A figure that was read off a finer scale keeps its decimal.
  const step = [aG, bG, totalG].every((g) => isOnStep(g, stepG)) ? stepG : Math.min(stepG, 0.1);
  const lines = sayCorrection(found, plan);
  return (
    <View style={styles.stack} role="status" testID="corrected">
      <AmountPair
        size="large"
        a={{ figure: sayOnScale(aG, step), unit: 'g', also: [lines.a] }}
        b={{ figure: sayOnScale(bG, step), unit: 'g', also: [lines.b] }}
      />
      <Words weight="semibold">Together {sayOnScale(totalG, step)} g.</Words>
      {lines.more.map((line) => (
        <Words key={line.text} {...(line.stop ? { colour: 'stop' as const } : {})}>
          {line.text}
        </Words>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({ stack: { gap: space.small } });
