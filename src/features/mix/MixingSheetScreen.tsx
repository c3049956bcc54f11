import { StyleSheet, View } from 'react-native';
import { copyText } from '../../ui/copyText';
import type { PourPlan } from '../../core/plan/planTypes';
import { useOpenJob } from '../../data/draft/openJob';
import { ActionButton } from '../../ui/ActionButton';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { WarningList } from '../../ui/feedback/WarningList';
import { AmountPair } from '../../ui/figures/AmountPair';
import { WhyRow } from '../../ui/figures/WhyRow';
import { Screen } from '../../ui/frame/Screen';
import { Section } from '../../ui/section/Section';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { space } from '../../ui/theme/tokens';
import { sayC, sayG, sayMl, sayRatios } from '../../words/figures';
import {
  sayBatchFor,
  sayGoingIn,
  sayReadings,
  sayResin,
  saySubject,
  sayTint,
  sheetText,
} from '../../words/sheet';
import { SaveSheet } from './SaveSheet';
import { sayPoured } from '../../words/poured';
import { sayPlace, sayPour } from '../../words/pours';

interface MixingSheetScreenProps {
  /** When what is done, a line each; nothing where the job has no date. */
  readonly days: readonly string[];
  readonly onBack: () => void;
}

/** The job on one sheet, for the wall over the bench: printed, saved, or copied as text. */
export function MixingSheetScreen({ days, onBack }: MixingSheetScreenProps) {
  const { plan, outdated } = useOpenJob();
  const notice = useNotice();
  if (plan === undefined) {
    return (
      <Screen title="Mixing sheet" onBack={onBack}>
        <Words>The job has no amounts yet. Measure a cavity and choose a resin first.</Words>
      </Screen>
    );
  }
  const copy = async (): Promise<void> => {
    const copied = await copyText(sheetText(plan));
    notice({
      text: copied
        ? 'Copied the mixing sheet'
        : 'The browser did not allow copying. Print it instead.',
    });
  };
  return (
    <Screen
      title={plan.name}
      subtitle={`Mixing sheet · ${saySubject(plan)} · room ${sayC(plan.roomTemperatureC)}`}
      onBack={onBack}
      foot={
        <>
          <ActionButton
            kind="main"
            icon="printer"
            label="Print"
            onPress={() => window.print()}
            style={styles.grow}
          />
          <ActionButton
            icon="content-copy"
            label="Copy as text"
            onPress={() => void copy()}
            style={styles.grow}
          />
        </>
      }
    >
      {outdated && (
        <Words weight="semibold" colour="stop" role="alert">
          The job has an entry that is not right; this sheet shows the last good figures.
        </Words>
      )}
      <Section plan={plan} greatestHeight={150} />
      {plan.pours.map((pour) => (
        <View key={pour.id} style={styles.pour}>
          {plan.pours.length > 1 && (
            <Words heading={2} weight="bold" size="large">
              {pour.index + 1} {sayPour(pour)}, {sayPlace(pour, plan)}: {sayResin(pour)}
            </Words>
          )}
          <Batches plan={pour} />
          <Totals plan={pour} />
        </View>
      ))}
      {days.length > 0 && (
        <View testID="keep-together">
          <Words heading={2} weight="bold">
            Days
          </Words>
          {days.map((line) => (
            <Words key={line} size="small">
              {line}
            </Words>
          ))}
        </View>
      )}
      <WarningList warnings={plan.warnings} />
      <SaveSheet plan={plan} days={days} />
      <Words size="small" colour="inkSoft">
        Gloves, eyes, fresh air. Estimates: the label and the safety data sheet of the resin decide.
      </Words>
    </Screen>
  );
}

function Batches({ plan }: { readonly plan: PourPlan }) {
  return plan.batches.map((batch, index) => {
    const { id, count } = batch;
    const isFirst = index === 0 && plan.index === 0;
    const title = [sayBatchFor(plan, batch), count === 1 ? 'one batch' : `${count} equal batches`]
      .filter((text) => text !== '')
      .join(': ');
    return (
      <View key={id} style={styles.batch} testID="keep-together">
        <Words heading={2} weight="bold">
          {title.charAt(0).toUpperCase() + title.slice(1)} of {sayMl(batch.ml)}
        </Words>
        <View testID={isFirst ? 'main-figure' : undefined}>
          <AmountPair onePart={plan.resin.ratio === undefined} {...sayPoured(batch)} />
        </View>
        <Words size="small">{sayReadings(plan, batch)}</Words>
        {sayGoingIn(plan, batch).map((line) => (
          <Words key={line} size="small">
            {line}
          </Words>
        ))}
        <TickBoxes count={count} />
      </View>
    );
  });
}

/** A box on paper for each batch poured. */
function TickBoxes({ count }: { readonly count: number }) {
  const colours = useColours();
  if (count > 40) return null;
  return (
    <View style={styles.boxes} aria-hidden>
      {Array.from({ length: count }, (_, index) => (
        <View key={index} style={styles.box}>
          <View style={[styles.tick, { borderColor: colours.ink }]} />
          <Words size="small" colour="inkSoft">
            {index + 1}
          </Words>
        </View>
      ))}
    </View>
  );
}

function Totals({ plan }: { readonly plan: PourPlan }) {
  const [ratio, otherRatio] = sayRatios(plan.resin.ratio);
  return (
    <View testID="keep-together">
      <WhyRow label="Cavities" value={sayMl(plan.cavityMl)} />
      <WhyRow label="To mix" value={sayMl(plan.totalMl)} also={sayG(plan.totalG)} />
      {plan.resin.ratio !== undefined && (
        <>
          <WhyRow label="A in all" value={sayG(plan.a.g)} also={sayMl(plan.a.ml)} />
          <WhyRow label="B in all" value={sayG(plan.b.g)} also={sayMl(plan.b.ml)} />
        </>
      )}
      {plan.tint !== undefined && (
        <WhyRow
          label={sayTint(plan.tint).name}
          value={sayTint(plan.tint).amount}
          also={sayTint(plan.tint).then}
        />
      )}
      <WhyRow label="Ratio" value={ratio} also={otherRatio} />
    </View>
  );
}

const styles = StyleSheet.create({
  grow: { flexGrow: 1 },
  pour: { gap: space.large },
  batch: { gap: space.small },
  boxes: { flexDirection: 'row', flexWrap: 'wrap', gap: space.medium },
  box: { flexDirection: 'row', alignItems: 'center', gap: space.tight },
  tick: { width: 20, height: 20, borderWidth: 1.5 },
});
