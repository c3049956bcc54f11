import { useCallback, useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { keyOfThing, thingsOf, type PieceThing } from '../../core/plan/piece/things';
import { useOpenJob } from '../../data/draft/openJob';
import { useMeasuredForm } from '../../data/draft/useMeasuredForm';
import { ActionButton } from '../../ui/ActionButton';
import { WhyRow } from '../../ui/figures/WhyRow';
import { Section } from '../../ui/section/Section';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { sayMl } from '../../words/figures';
import { tellThing } from '../../words/piece';
import { useMovableBorders } from './useMovableBorders';
import { AmountsBar } from './AmountsBar';
import { jobSteps, type JobStep } from './steps';

interface JobSectionProps {
  readonly greatestHeight: number;
  /** Whether what stands under it is the main figure of the screen: no step is open beside it. */
  readonly isMain: boolean;
  /** What is selected, by its key: one comes back to it. */
  readonly selected: string | undefined;
  readonly onSelected: (key: string | undefined) => void;
  /** Opens the step in which a thing is set. */
  readonly onStep: (step: JobStep, pour: number) => void;
  /** Takes another pour in hand. */
  readonly onPour: (index: number) => void;
}

/** Where each thing of the piece is set. */
const stepOfThing: Readonly<Record<PieceThing['kind'], JobStep>> = {
  layer: 'layers',
  face: 'place',
  insert: 'measure',
  form: 'measure',
};

/** The Section of the open job, and under it what is selected in it, or what the pour comes to. */
export function JobSection({
  greatestHeight,
  isMain,
  selected,
  onSelected,
  onStep,
  onPour,
}: JobSectionProps) {
  const { plan, job, outdated, pourIndex } = useOpenJob();
  const thing = useMemo(
    () => plan && thingsOf(plan).find((each) => keyOfThing(each) === selected),
    [plan, selected],
  );
  const select = useCallback(
    (next: PieceThing) => {
      const key = keyOfThing(next);
      onSelected(key === selected ? undefined : key);
      if ('pour' in next && next.pour !== pourIndex) onPour(next.pour);
    },
    [onPour, onSelected, selected, pourIndex],
  );
  const borders = useMovableBorders();
  if (plan === undefined) {
    return (
      <View testID={isMain ? 'main-figure' : undefined}>
        <WhatIsMissing />
      </View>
    );
  }
  const told = thing && tellThing(plan, thing, job);
  const step = thing && stepOfThing[thing.kind];
  return (
    <View style={styles.stack}>
      <View style={outdated && styles.outdated}>
        <Section
          plan={plan}
          greatestHeight={greatestHeight}
          selected={selected}
          onSelect={select}
          borders={borders}
        />
      </View>
      <View testID={isMain ? 'main-figure' : undefined} aria-live="polite">
        {told === undefined || thing === undefined || step === undefined ? (
          <AmountsBar />
        ) : (
          <View style={outdated && styles.outdated} testID="selected-thing">
            <View style={styles.head}>
              <Words heading={2} size="large" weight="bold" style={styles.grow}>
                {told.name}
              </Words>
              <Words colour="inkSoft">{told.figure}</Words>
            </View>
            {told.rows.map(([label, value]) => (
              <WhyRow key={label} label={label} value={value} dense />
            ))}
            {told.reason !== undefined && (
              <Words size="small" colour="inkSoft" style={styles.reason}>
                {told.reason}
              </Words>
            )}
            <View style={styles.row}>
              <ActionButton
                kind="bare"
                icon="pencil"
                label={`Change it: ${jobSteps.find(({ value }) => value === step)?.label.toLowerCase() ?? ''}`}
                onPress={() => onStep(step, 'pour' in thing ? thing.pour : pourIndex)}
              />
            </View>
          </View>
        )}
      </View>
    </View>
  );
}

/** What the piece still needs before there is anything to draw. */
function WhatIsMissing() {
  const form = useMeasuredForm();
  return (
    <Words colour="inkSoft">
      {form === undefined
        ? 'Measure a cavity: the Section and the amounts appear.'
        : `${sayMl(form.cavityMl)} to fill. Choose a resin: the Section and the amounts appear.`}
    </Words>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.small },
  outdated: { opacity: 0.5 },
  head: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'baseline', gap: space.small },
  grow: { flexGrow: 1, flexShrink: 1 },
  reason: { paddingTop: space.tight },
  row: { flexDirection: 'row' },
});
