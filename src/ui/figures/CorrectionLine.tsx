import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { correctBatch, type BatchCorrection } from '../../core/plan/correctBatch';
import type { PlannedBatch, PourPlan } from '../../core/plan/planTypes';
import { InputError, type Problem } from '../../core/problem';
import { isOnStep } from '../../core/quantity/round';
import { readQuantity } from '../../core/quantity/readQuantity';
import { massRule } from '../../core/quantity/rules';
import { FieldRow } from '../fields/FieldRow';
import { QuantityField } from '../fields/QuantityField';
import { SettingLine } from '../fields/SettingLine';
import { AmountPair } from './AmountPair';
import { Words } from '../text/Words';
import { space } from '../theme/tokens';
import { sayCorrection } from '../../words/correction';
import { sayOnScale } from '../../words/figures';

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

interface CorrectionLineProps {
  readonly plan: PourPlan;
  /** The batches that it went wrong with. */
  readonly batch: PlannedBatch;
}

/** Poured too much of one part: new figures for the other, nothing is poured back. */
export function CorrectionLine({ plan, batch }: CorrectionLineProps) {
  const [typed, setTyped] = useState({ a: '', b: '' });
  if (plan.resin.ratio === undefined) return null;
  const a = massOf(typed.a);
  const b = massOf(typed.b);
  const found =
    isMass(a) && isMass(b) && (a !== undefined || b !== undefined)
      ? correctBatch(plan, batch.id, { aG: a, bG: b })
      : undefined;
  return (
    <SettingLine
      label="Poured too much?"
      value="new figures for the other part"
      isAction
      testID="correction"
    >
      <FieldRow>
        <QuantityField
          label="A in the cup"
          value={typed.a}
          onChange={(text) => setTyped({ ...typed, a: text })}
          problem={isMass(a) ? undefined : a}
          unit="g"
          rule={massRule}
          autoFocus
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
      <Words size="small" colour="inkSoft">
        Enter each part’s own weight; leave blank the one not poured yet. If the scale shows a
        running total, type 792-610 for B.
      </Words>
    </SettingLine>
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
