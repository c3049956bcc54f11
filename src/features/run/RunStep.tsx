import { StyleSheet, View } from 'react-native';
import type { FieldPath } from 'react-hook-form';
import type { RunSection } from '../../core/production/runSection';
import { overageRule, timeRule } from '../../core/quantity/rules';
import type { PourDraft } from '../../data/draft/jobDraft';
import { useOpenJob } from '../../data/draft/openJob';
import { usePlannedRequest } from '../../data/draft/usePlannedRequest';
import { usePourField, usePourPart, usePourProblems } from '../../data/draft/pourInHand';
import { useCurrency } from '../../data/hooks/useKept';
import { ActionButton } from '../../ui/ActionButton';
import { RunChart } from '../../ui/chart/RunChart';
import { CountField } from '../../ui/fields/CountField';
import { FieldRow } from '../../ui/fields/FieldRow';
import { Lines } from '../../ui/fields/Lines';
import { QuantityLine } from '../../ui/fields/QuantityLine';
import { SettingLine } from '../../ui/fields/SettingLine';
import { TextField } from '../../ui/fields/TextField';
import { WhyRow } from '../../ui/figures/WhyRow';
import { FoldPanel } from '../../ui/FoldPanel';
import { MainFigure } from '../../ui/frame/MainFigure';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { WorkProblem } from '../../ui/feedback/WorkProblem';
import { sayRoughly } from '../../words/rough';
import {
  bottleneckWords,
  sayAct,
  sayCast,
  sayExact,
  sayHoursMinutes,
  sayMixOfRun,
  sayRunCost,
  sayRunTime,
  sayRunWay,
  sayShares,
  sayWear,
} from '../../words/run';
import { useRun } from '../../workers/useRun';
import { CastingLines } from './CastingLines';

/** A run of castings: how long it takes, what holds it up, and what would make it shorter. */
export function RunStep() {
  const { pourIndex, outdated } = useOpenJob();
  const [said, setSaid] = usePourPart('run');
  const planned = usePlannedRequest();
  const request = planned?.job.pours[pourIndex]?.run === undefined ? undefined : planned;
  const order = useRun(request);
  const { value: run } = order;
  // What is wrong with the run as a whole stands at no field of its own.
  const problem = usePourProblems().find(({ field }) => field === 'run') ?? order.problem;
  if (said === undefined) {
    return (
      <View style={styles.stack}>
        <MainFigure>
          <Words size="large" weight="bold">
            Cast one after the other
          </Words>
          <Words colour="inkSoft">
            Say how many pieces are wanted: the order, the time and the price of a piece follow.
          </Words>
        </MainFigure>
        <View style={styles.row}>
          <ActionButton
            kind="main"
            label="Make it a run"
            onPress={() => setSaid({ pieces: '24' })}
          />
        </View>
        <CastingLines />
      </View>
    );
  }
  return (
    <View style={styles.stack} testID="run">
      <MainFigure>
        {problem !== undefined ? (
          <WorkProblem problem={problem} onAgain={order.again} />
        ) : run === undefined ? (
          <Words colour="inkSoft" role="status">
            Putting it in order …
          </Words>
        ) : (
          <View style={outdated && styles.outdated}>
            <Words size="title" weight="bold">
              {sayRunTime(run)}
            </Words>
            <Words colour="inkSoft">{bottleneckWords[run.bottleneck]}</Words>
          </View>
        )}
      </MainFigure>
      {run !== undefined && <RunFigures run={run} />}
      <RunSettings run={run} />
      <CastingLines />
      <View style={styles.row}>
        <ActionButton label="No run" onPress={() => setSaid(undefined)} />
      </View>
    </View>
  );
}

function RunFigures({ run }: { readonly run: RunSection }) {
  const { outdated } = useOpenJob();
  const { currency } = useCurrency();
  return (
    <View style={[styles.stack, outdated && styles.outdated]}>
      <Words>{sayCast(run)}</Words>
      <RunChart
        label={`Moulds over ${sayHoursMinutes(run.makespanMin)}: ${run.acts.length} things to do`}
        acts={run.acts}
        moulds={run.rhythm.moulds}
        untilMin={run.makespanMin}
      />
      <View>
        <WhyRow label="One mix" value={sayMixOfRun(run)} dense />
        <WhyRow
          label="One round"
          value={sayHoursMinutes(run.cycleMin)}
          also={`${run.cycles} of them a mould`}
          dense
        />
        <Words>{sayShares(run)}</Words>
        <Words>{sayRunCost(run, currency)}</Words>
        <Words>{sayWear(run)}</Words>
      </View>
      <Panel title="What would make it shorter" testID="run-ways">
        {run.ways.length === 0 ? (
          <Words>Nothing that is at hand.</Words>
        ) : (
          run.ways.map((way) => {
            const [title, time, saved] = sayRunWay(way);
            return <WhyRow key={title} label={title} value={time} also={saved} />;
          })
        )}
      </Panel>
      <FoldPanel title="Minute by minute" summary={`${run.acts.length} things to do`} testID="acts">
        {run.acts.map((act, at) => (
          <WhyRow
            key={at}
            label={sayAct(act)}
            value={sayHoursMinutes(act.fromMin)}
            dense
            {...(act.does === 'mix'
              ? { also: `out from ${sayHoursMinutes(Math.min(...act.outMin))}` }
              : {})}
          />
        ))}
      </FoldPanel>
      <Words size="small" colour="inkSoft">
        {sayExact(run)} How often a mould is filled, and how many batches are mixed, follow from the
        run. Demoulding goes by the label at the warmth of the room: the mould decides.
      </Words>
    </View>
  );
}

function TimeLine({
  path,
  label,
  usual,
}: {
  readonly path: FieldPath<PourDraft>;
  readonly label: string;
  readonly usual: string;
}) {
  const field = usePourField(path);
  return <QuantityLine label={label} {...field} unit="min" rule={timeRule} usual={usual} />;
}

/** A count on a line. */
function CountLine({
  path,
  label,
  usual,
}: {
  readonly path: FieldPath<PourDraft>;
  readonly label: string;
  readonly usual: string;
}) {
  const field = usePourField(path);
  const isUnset = field.value === '';
  return (
    <SettingLine
      label={label}
      value={isUnset ? usual : field.value}
      assumed={isUnset}
      wrong={field.problem !== undefined}
    >
      <CountField label={label} {...field} />
    </SettingLine>
  );
}

function RunSettings({ run }: { readonly run: RunSection | undefined }) {
  const pieces = usePourField('run.pieces');
  const rejects = usePourField('run.rejects');
  const cost = usePourField('run.mouldCost');
  const roughly = (min: number | undefined): string =>
    min === undefined ? 'as usual' : sayRoughly(min);
  const rhythm = run?.rhythm;
  return (
    <>
      <FieldRow>
        <CountField label="Good pieces wanted" {...pieces} />
      </FieldRow>
      <Lines title="What there is" testID="run-settings">
        <CountLine path="run.moulds" label="Moulds, all alike" usual="1" />
        <CountLine
          path="run.cavities"
          label="Pieces out of one mould"
          usual={run === undefined ? 'by its card' : String(run.cavities)}
        />
        <CountLine
          path="run.perMix"
          label="Moulds filled from one mix"
          usual={
            rhythm === undefined
              ? 'what is quickest'
              : `${rhythm.perMix}, the quickest${run?.mostPerMix === undefined ? '' : ` of ${run.mostPerMix} at the most`}`
          }
        />
        <CountLine path="run.hands" label="People at it" usual="1" />
        <TimeLine path="run.dayHours" label="Hours a day" usual="8 h" />
        <QuantityLine label="Thrown away" {...rejects} unit="%" rule={overageRule} usual="none" />
      </Lines>
      <Lines title="What takes how long">
        <TimeLine
          path="run.mix"
          label="Weighing and stirring a mix"
          usual={roughly(rhythm?.mixMin)}
        />
        <TimeLine path="run.pour" label="Filling one mould" usual={roughly(rhythm?.pourMin)} />
        <TimeLine
          path="run.demould"
          label="Until it may come out"
          usual={roughly(rhythm?.demouldMin)}
        />
        <TimeLine
          path="run.handling"
          label="Emptying one, cleaning, release"
          usual={roughly(rhythm?.handlingMin)}
        />
      </Lines>
      <Lines title="Wear">
        <CountLine path="run.lasts" label="Castings that a mould lasts" usual="not said" />
        <SettingLine
          label="A new mould costs"
          value={cost.value === '' ? 'as its silicone' : cost.value}
          assumed={cost.value === ''}
          wrong={cost.problem !== undefined}
        >
          <TextField label="A new mould costs" numeric {...cost} />
        </SettingLine>
      </Lines>
    </>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.large },
  row: { flexDirection: 'row' },
  outdated: { opacity: 0.5 },
});
