import { StyleSheet, View } from 'react-native';
import { pigmentKinds } from '../../core/colour/pigmentKinds';
import type { PlannedTint } from '../../core/plan/planTypes';
import { doseRule, lengthRule, massRule } from '../../core/quantity/rules';
import type { TintDraft } from '../../data/draft/jobDraft';
import { useOpenJob } from '../../data/draft/openJob';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { QuantityField } from '../../ui/fields/QuantityField';
import { SwitchField } from '../../ui/fields/SwitchField';
import { TextField } from '../../ui/fields/TextField';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { sayDose, sayG, sayMm, sayPigmentG } from '../../words/figures';
import { pigmentNames } from '../../words/names';
import { sayProblem } from '../../words/problems';
import { DepthSwatches } from './DepthSwatches';
import { SwatchField } from './SwatchField';
import { usePourPart, usePourField } from '../../data/draft/pourInHand';

/** Colour in all of part A at once, so that every layer matches; its mass stays out of the ratio. */
export function TintPanel() {
  const [tint, setTint] = usePourPart('tint');
  return (
    <Panel title="Tint all of A" testID="tint">
      <SwitchField
        label="Colour all of part A at once"
        note="Every layer matches; A is then weighed with its tint."
        value={tint !== undefined}
        onChange={(on) => setTint(on ? { share: '' } : undefined)}
      />
      {tint !== undefined && <TintFields tint={tint} />}
    </Panel>
  );
}

function TintFields({ tint }: { readonly tint: TintDraft }) {
  const [, setTint] = usePourPart('tint');
  const { pour: plan, outdated } = useOpenJob();
  const name = usePourField('tint.name');
  const kind = usePourField('tint.kind');
  const share = usePourField('tint.share');
  const pigment = usePourField('tint.pigment');
  const testDepth = usePourField('tint.testDepth');
  const set = (changed: Partial<TintDraft>): void => setTint({ ...tint, ...changed });
  const byMass = tint.pigment !== undefined;
  return (
    <>
      <TextField label="Name of the tint" {...name} />
      <ChoiceField
        label="It is a"
        value={tint.kind ?? 'powder'}
        choices={pigmentKinds.map((value) => ({ value, label: pigmentNames[value] }))}
        onChange={(value) => set({ kind: value })}
      />
      {kind.problem !== undefined && (
        <Words colour="stop" role="alert">
          {sayProblem(kind.problem)}
        </Words>
      )}
      <ChoiceField
        label="Dosed by"
        value={byMass ? 'mass' : 'share'}
        choices={[
          { value: 'share', label: 'Share of the mix' },
          { value: 'mass', label: 'Weight in all of A' },
        ]}
        onChange={(value) =>
          set(
            value === 'mass'
              ? { pigment: '', share: undefined }
              : { pigment: undefined, share: '' },
          )
        }
      />
      {byMass ? (
        <QuantityField label="Weight of the tint" {...pigment} unit="g" rule={massRule} />
      ) : (
        <QuantityField label="Of the mixed mass" {...share} unit="%" rule={doseRule} />
      )}
      {byMass && share.problem !== undefined && (
        <Words colour="stop" role="alert">
          {sayProblem(share.problem)}
        </Words>
      )}
      <SwitchField
        label="Opaque"
        note="Looks the same at any depth."
        value={tint.opaque === true}
        onChange={(opaque) => set({ opaque: opaque ? true : undefined })}
      />
      {tint.opaque !== true && (
        <QuantityField
          label="Right in a test cup this deep (if you tried it)"
          {...testDepth}
          problem={testDepth.value === '' ? undefined : testDepth.problem}
          unit="mm"
          rule={lengthRule}
        />
      )}
      <SwatchField value={tint.swatch} onChange={(swatch) => set({ swatch })} />
      {plan?.tint !== undefined && !outdated && <TintAmounts tint={plan.tint} />}
    </>
  );
}

function TintAmounts({ tint }: { readonly tint: PlannedTint }) {
  const { g, share, tintedAG, depthMm, testedAtMm, fromTestCup, swatch } = tint;
  return (
    <View role="status" style={styles.stack}>
      <Words weight="semibold">
        {sayPigmentG(g)} in all of A, {sayDose(share)} of the mix: A then weighs {sayG(tintedAG)}.
      </Words>
      {fromTestCup && depthMm !== undefined && testedAtMm !== undefined && (
        <Words size="small">
          Scaled from {sayMm(testedAtMm)} in the test cup to {sayMm(depthMm)} here, so that it looks
          as dark.
        </Words>
      )}
      {swatch !== undefined && testedAtMm !== undefined && depthMm !== undefined && (
        <DepthSwatches swatch={swatch} testedAtMm={testedAtMm} depthMm={depthMm} />
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.small },
});
