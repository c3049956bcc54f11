import { memo, useCallback, useState, type ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { newJobName } from '../../data/draft/jobDraft';
import { useOpenJob } from '../../data/draft/openJob';
import { ConflictStrip } from '../../ui/feedback/ConflictStrip';
import { WarningList } from '../../ui/feedback/WarningList';
import { focusFirstField } from '../../ui/fields/focusFirstField';
import { MiddleColumnContext } from '../../ui/frame/MiddleColumn';
import { Screen } from '../../ui/frame/Screen';
import { Tabs } from '../../ui/frame/Tabs';
import { cavityTestId } from '../../ui/section/cavityTestId';
import { Section } from '../../ui/section/Section';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { space } from '../../ui/theme/tokens';
import { useWide } from '../../ui/theme/useWide';
import { sayC } from '../../words/figures';
import { saySubject } from '../../words/sheet';
import { AmountsBar } from './AmountsBar';
import { JobFigures } from './JobFigures';
import { PourList } from './PourList';
import { jobSteps, type JobStep } from './steps';

const saveWords = { saved: 'saved', saving: 'saving', failed: 'not saved' } as const;

interface JobFrameProps {
  readonly step: JobStep | undefined;
  readonly onPour: (index: number) => void;
  readonly onStep: (step: JobStep) => void;
  readonly onBack: () => void;
  readonly onSheet: () => void;
  readonly children: ReactNode;
}

/** One job: its steps, its Section and its figures, which follow every keystroke. */
export function JobFrame({ step, onStep, onPour, onBack, onSheet, children }: JobFrameProps) {
  const wide = useWide();
  const { record, plan, conflict, saveState, keepMine, takeTheirs } = useOpenJob();
  const isOfPour = jobSteps.some(({ value, of }) => value === step && of === 'pour');
  const pours = <PourList onPour={onPour} choosing={isOfPour} />;
  /** A cavity that is tapped opens where it is measured. */
  const openPart = useCallback(
    (index: number): void => {
      if (step === 'measure') focusFirstField(cavityTestId(index));
      else onStep('measure');
    },
    [step, onStep],
  );
  const tabs = <Tabs label="Steps" tabs={jobSteps} value={step} onChange={onStep} />;
  const title = record.draft.name.trim() || newJobName;
  const common = {
    title,
    subtitle: plan && `${saySubject(plan)} · room ${sayC(plan.roomTemperatureC)}`,
    status: saveWords[saveState],
    notice: conflict && (
      <ConflictStrip conflict={conflict} onKeepMine={keepMine} onTakeOther={takeTheirs} />
    ),
    onBack,
  };
  if (wide) {
    return (
      <Screen {...common} fills>
        <WideColumns tabs={tabs} pours={pours} onSheet={onSheet} onPressPart={openPart}>
          {children}
        </WideColumns>
      </Screen>
    );
  }
  return (
    <Screen {...common} head={tabs} foot={<AmountsBar />}>
      <JobSection greatestHeight={150} onPressPart={openPart} />
      {pours}
      {children}
      {step === 'mix' && <JobFigures onSheet={onSheet} />}
    </Screen>
  );
}

/** Steps at the left, the Section in the middle and staying put, figures at the right. */
function WideColumns({
  tabs,
  pours,
  onSheet,
  onPressPart,
  children,
}: {
  readonly tabs: ReactNode;
  readonly pours: ReactNode;
  readonly onSheet: () => void;
  readonly onPressPart: (index: number) => void;
  readonly children: ReactNode;
}) {
  const colours = useColours();
  const ruled = { borderColor: colours.line };
  const [middle, setMiddle] = useState<Element | null>(null);
  return (
    <MiddleColumnContext value={middle}>
      <View style={[styles.columns, ruled]}>
        <View style={styles.steps}>
          {tabs}
          <ScrollView contentContainerStyle={styles.content} keyboardShouldPersistTaps="handled">
            {children}
          </ScrollView>
        </View>
        <ScrollView style={[styles.section, ruled]} contentContainerStyle={styles.content}>
          <JobSection greatestHeight={380} onPressPart={onPressPart} />
          {pours}
          {/* A view is an element on the web, which is where this runs. */}
          <View ref={(view) => setMiddle(view as unknown as Element | null)} />
        </ScrollView>
        <ScrollView style={styles.figures} contentContainerStyle={styles.content}>
          <JobFigures onSheet={onSheet} />
        </ScrollView>
      </View>
    </MiddleColumnContext>
  );
}

/** A save draws neither of them anew. */
const PlannedSection = memo(Section);
const PlannedWarnings = memo(WarningList);

function JobSection({
  greatestHeight,
  onPressPart,
}: {
  readonly greatestHeight: number;
  readonly onPressPart: (index: number) => void;
}) {
  const { plan, outdated } = useOpenJob();
  if (plan === undefined) {
    return (
      <Words colour="inkSoft">
        Measure a cavity: the Section and the amounts appear as you type.
      </Words>
    );
  }
  return (
    <View style={[styles.stack, outdated && styles.outdated]}>
      <PlannedSection plan={plan} greatestHeight={greatestHeight} onPressPart={onPressPart} />
      <PlannedWarnings warnings={plan.warnings} pours={plan.pours} />
    </View>
  );
}

const styles = StyleSheet.create({
  columns: { flex: 1, flexDirection: 'row', borderTopWidth: 1, minHeight: 0 },
  steps: { width: 400 },
  section: { flex: 1, borderLeftWidth: 1, borderRightWidth: 1 },
  figures: { width: 340, flexGrow: 0 },
  content: { padding: space.large, gap: space.large },
  stack: { gap: space.medium },
  outdated: { opacity: 0.5 },
});
