import { memo, useCallback, useContext, useMemo, useState, type ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { useKeptJob, useOpenJob, usePourIndex } from '../../data/draft/openJob';
import { useJobName } from '../../data/draft/useJobName';
import { ActionButton } from '../../ui/ActionButton';
import { ConflictStrip } from '../../ui/feedback/ConflictStrip';
import { WarningList } from '../../ui/feedback/WarningList';
import { UnderMainFigureContext } from '../../ui/frame/MainFigure';
import { MiddleColumnContext } from '../../ui/frame/MiddleColumn';
import { Screen } from '../../ui/frame/Screen';
import { Section } from '../../ui/section/Section';
import { useColours } from '../../ui/theme/theme';
import { space, touch } from '../../ui/theme/tokens';
import { useWide } from '../../ui/theme/useWide';
import { sayC } from '../../words/figures';
import { sayPour } from '../../words/pours';
import { saySubject } from '../../words/sheet';
import { stepTasks } from '../../words/steps';
import { JobSection } from './JobSection';
import { StepFoot } from './StepFoot';
import { jobSteps, type JobStep } from './steps';
import { useNameByMeasure } from './useNameByMeasure';
import { useWork } from './useWork';
import { isToldAt, nextRow, rowAt, type WorkRow } from './workRows';
import { WorkFiguresContext } from './workFigures';
import { WorkList } from './WorkList';

const saveWords = { saved: 'saved', saving: 'saving', failed: 'not saved' } as const;

interface JobFrameProps {
  /** Undefined on the hub: the piece itself, with the list of the work. */
  readonly step: JobStep | undefined;
  readonly onPour: (index: number) => void;
  /** Opens a step of a pour. */
  readonly onStep: (step: JobStep, pour: number) => void;
  /** To the hub, from a step. */
  readonly onHub: () => void;
  /** Away from the job. */
  readonly onBack: () => void;
  /** The days of the job, under its piece. */
  readonly strip: ReactNode;
  readonly children: ReactNode;
}

/** What is selected in the piece: kept while one goes from step to step. */
interface PieceProps {
  readonly selected: string | undefined;
  readonly onSelected: (key: string | undefined) => void;
}

/** One job: its piece in the middle of everything, the list of its work, and the step that is open. */
export const JobFrame = memo(function JobFrame(props: JobFrameProps) {
  const wide = useWide();
  useNameByMeasure(props.step);
  const [selected, onSelected] = useState<string>();
  const piece = { selected, onSelected };
  if (wide) return <WideJob {...props} {...piece} />;
  return props.step === undefined ? (
    <JobHub {...props} {...piece} />
  ) : (
    <JobStepScreen {...props} step={props.step} />
  );
});

/** What every screen of a job has in its frame. */
function useFrame() {
  const { plan } = useOpenJob();
  return {
    title: useJobName(),
    subtitle: plan && `${saySubject(plan)} · room ${sayC(plan.roomTemperatureC)}`,
    status: saveWord,
    notice: overtaken,
  };
}

function SaveWord() {
  return saveWords[useKeptJob().saveState];
}

/** Another window was first. */
function Overtaken() {
  const { conflict, keepMine, takeTheirs } = useKeptJob();
  if (conflict === undefined) return null;
  return <ConflictStrip conflict={conflict} onKeepMine={keepMine} onTakeOther={takeTheirs} />;
}

function useOpenRow({ onStep }: Pick<JobFrameProps, 'onStep'>) {
  const pourIndex = usePourIndex();
  return useCallback(
    ({ step, pour = pourIndex }: WorkRow): void => onStep(step, pour),
    [pourIndex, onStep],
  );
}

/** The piece, what it comes to, and the work as a list; at the foot what is sensible next. */
function JobHub(props: JobFrameProps & PieceProps) {
  const { selected, onSelected, onStep, onPour, onBack, strip, children } = props;
  const { id, plan, pourIndex, outdated } = useOpenJob();
  const frame = useFrame();
  const rows = useWork();
  const openRow = useOpenRow(props);
  const isPouring = useContext(WorkFiguresContext).pour?.isUnderWay === true;
  const next = nextRow(rows, pourIndex, isPouring);
  return (
    <Screen
      {...frame}
      onBack={onBack}
      rememberedAs={`job/${id}`}
      foot={
        next && (
          <ActionButton
            kind="main"
            label={
              next.state === 'wrong'
                ? `Put right: ${next.label}`
                : isPouring && next.step === 'pour'
                  ? 'Go on pouring'
                  : stepTasks[next.step]
            }
            onPress={() => openRow(next)}
            style={styles.grow}
          />
        )
      }
    >
      <JobSection
        isMain
        greatestHeight={190}
        selected={selected}
        onSelected={onSelected}
        onStep={onStep}
        onPour={onPour}
      />
      {strip}
      <WorkList
        rows={rows}
        plan={plan}
        outdated={outdated}
        pourIndex={pourIndex}
        onRow={openRow}
        onPour={onPour}
      />
      {plan !== undefined && <WarningList warnings={plan.warnings} pours={plan.pours} />}
      {children}
    </Screen>
  );
}

const saveWord = <SaveWord />;
const overtaken = <Overtaken />;

/** One step on a phone: the piece small in its head, its figures first, and the way on at the foot. */
function JobStepScreen(props: JobFrameProps & { readonly step: JobStep }) {
  const { step, onStep, onHub, children } = props;
  const { plan, pour } = useOpenJob();
  const { label, of } = jobSteps.find(({ value }) => value === step)!;
  const several = plan !== undefined && plan.pours.length > 1;
  const named = several && of === 'pour' && pour !== undefined;
  // The same elements for every plan: each part hears of it by itself.
  const parts = useMemo(
    () => ({
      aside: <SmallSection onPress={onHub} />,
      foot: <WaysOn step={step} onStep={onStep} onHub={onHub} />,
      children: (
        <UnderMainFigureContext value={<StepWarnings step={step} />}>
          {children}
        </UnderMainFigureContext>
      ),
    }),
    [step, onStep, onHub, children],
  );
  return (
    <Screen
      title={named ? `${sayPour(pour)}: ${label.toLowerCase()}` : label}
      subtitle={useJobName()}
      status={saveWord}
      notice={overtaken}
      onBack={onHub}
      {...parts}
    />
  );
}

/** What is warned of at the open step. */
function StepWarnings({ step }: { readonly step: JobStep }) {
  const { plan, pourIndex } = useOpenJob();
  const { of } = jobSteps.find(({ value }) => value === step)!;
  const warnings = plan?.warnings.filter((each) =>
    isToldAt(each, step, of === 'pour' ? pourIndex : undefined),
  );
  if (plan === undefined || warnings === undefined || warnings.length === 0) return null;
  return <WarningList warnings={warnings} pours={plan.pours} />;
}

/** The ways before and after the open step. */
function WaysOn(props: Pick<JobFrameProps, 'onStep' | 'onHub'> & { readonly step: JobStep }) {
  const pourIndex = usePourIndex();
  const rows = useWork();
  const openRow = useOpenRow(props);
  const at = rowAt(rows, props.step, pourIndex);
  return (
    <StepFoot before={rows[at - 1]} after={rows[at + 1]} onRow={openRow} onHub={props.onHub} />
  );
}

/** The piece in the head of a step: a tap goes back to it. */
function SmallSection({ onPress }: { readonly onPress: () => void }) {
  const { plan, outdated } = useOpenJob();
  if (plan === undefined) return null;
  return (
    <TouchableRipple
      role="button"
      aria-label="The piece"
      onPress={onPress}
      style={[styles.small, outdated && styles.outdated]}
    >
      <Section plan={plan} greatestHeight={46} small />
    </TouchableRipple>
  );
}

/** The list at the left, the Section in the middle and staying put, the step that is open at the right. */
function WideJob(props: JobFrameProps & PieceProps) {
  const { step, selected, onSelected, onStep, onPour, onHub, onBack, strip, children } = props;
  const { plan, pourIndex, outdated } = useOpenJob();
  const colours = useColours();
  const ruled = { borderColor: colours.line };
  const frame = useFrame();
  const rows = useWork();
  const openRow = useOpenRow(props);
  const [middle, setMiddle] = useState<Element | null>(null);
  const here = step === undefined ? undefined : rows[rowAt(rows, step, pourIndex)];
  return (
    <MiddleColumnContext value={middle}>
      <Screen {...frame} onBack={step === undefined ? onBack : onHub} fills>
        <View style={[styles.columns, ruled]}>
          <ScrollView style={styles.list} contentContainerStyle={styles.content}>
            <WorkList
              rows={rows}
              plan={plan}
              outdated={outdated}
              pourIndex={pourIndex}
              here={here}
              onRow={openRow}
              onPour={onPour}
            />
          </ScrollView>
          <ScrollView style={[styles.section, ruled]} contentContainerStyle={styles.content}>
            {step !== 'heat' && (
              <JobSection
                isMain={step === undefined}
                greatestHeight={380}
                selected={selected}
                onSelected={onSelected}
                onStep={onStep}
                onPour={onPour}
              />
            )}
            {strip}
            {/* A view is an element on the web, which is where this runs. */}
            <View ref={(view) => setMiddle(view as unknown as Element | null)} />
            {plan !== undefined && <WarningList warnings={plan.warnings} pours={plan.pours} />}
          </ScrollView>
          <ScrollView
            style={styles.step}
            contentContainerStyle={styles.content}
            keyboardShouldPersistTaps="handled"
          >
            {children}
          </ScrollView>
        </View>
      </Screen>
    </MiddleColumnContext>
  );
}

const styles = StyleSheet.create({
  columns: { flex: 1, flexDirection: 'row', borderTopWidth: 1, minHeight: 0 },
  list: { width: 320, flexGrow: 0 },
  section: { flex: 1, borderLeftWidth: 1, borderRightWidth: 1 },
  step: { width: 420, flexGrow: 0 },
  content: { padding: space.large, paddingTop: space.small, gap: space.large },
  small: { width: 72, minHeight: touch.table, justifyContent: 'center' },
  grow: { flexGrow: 1 },
  outdated: { opacity: 0.5 },
});
