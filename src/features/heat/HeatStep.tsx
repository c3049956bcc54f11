import { sayJoint } from '../../words/layers';
import { memo, useContext } from 'react';
import type { Plan } from '../../core/plan/planTypes';
import { StyleSheet, View } from 'react-native';
import { usePlannedRequest } from '../../data/draft/usePlannedRequest';
import { InMiddleColumn, MiddleColumnContext } from '../../ui/frame/MiddleColumn';
import { Section } from '../../ui/section/Section';
import { MainFigure } from '../../ui/frame/MainFigure';
import { Panel } from '../../ui/Panel';
import { FoldPanel } from '../../ui/FoldPanel';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import {
  heatIsEstimate,
  bandNames,
  hottestLayer,
  sayAdvice,
  sayBand,
  sayAssumed,
  sayBucket,
  sayCalibration,
  sayAround,
  sayForm,
  sayMarks,
  sayPeak,
  sayNoHeat,
  sayBelow,
} from '../../words/heat';
import { sayDegrees } from '../../words/figures';
import type { HeatPlan } from '../../core/plan/heat/heatOfPlan';
import { useHeat, type HeatState } from '../../workers/useHeat';
import type { HeatRequest } from '../../workers/heatWorker';
import { HeatLayerFigures } from './HeatLayerFigures';
import { HeatSettings } from './HeatSettings';
import { sayPour } from '../../words/pours';
import { WorkProblem } from '../../ui/feedback/WorkProblem';
import { DepthChart } from '../../ui/chart/DepthChart';
import { SecondLayerChart } from '../../ui/chart/SecondLayerChart';
import { HeatPicture } from './HeatPicture';
import { WhatIf } from './WhatIf';

/** Charts, their scales and the slider are fetched when there is something to draw. */

/** How hot, how long, how deep: what becomes of the pour in this room. */
export function HeatStep() {
  const request = usePlannedRequest();
  const heat = useHeat(request);
  return (
    <View style={styles.stack}>
      <HeatFindings heat={heat} request={request} />
      <HeatSettings />
      <Words size="small" colour="inkSoft">
        {heatIsEstimate}
      </Words>
    </View>
  );
}

/** Hears only of what was worked out: a save or a keystroke elsewhere does not draw it anew. */
const HeatFindings = memo(function Findings({
  heat,
  request,
}: {
  readonly heat: HeatState;
  readonly request: HeatRequest | undefined;
}) {
  const { answer, more, problem } = heat;
  const unpainted = request && <UnpaintedSection plan={request.plan} />;
  if (problem !== undefined) {
    return (
      <>
        <MainFigure>
          <WorkProblem problem={problem} onAgain={heat.again} />
        </MainFigure>
        {unpainted}
      </>
    );
  }
  if (answer === undefined) {
    return (
      <>
        <MainFigure>
          <Words colour="inkSoft" role="status">
            {heat.busy ? 'Working out the heat …' : 'Nothing to work out yet.'}
          </Words>
        </MainFigure>
        {unpainted}
      </>
    );
  }
  if (!('view' in answer)) {
    return (
      <>
        <MainFigure>
          <Words>{sayNoHeat(answer)}</Words>
        </MainFigure>
        {unpainted}
      </>
    );
  }
  // Ranges come a moment after the figures.
  const plan = more.plan ?? answer.plan;
  return (
    <View style={styles.stack} testID="heat">
      <HottestLayer plan={plan} ranged={more.plan !== undefined} />
      <InMiddleColumn>
        {request !== undefined && (
          <HeatPicture
            view={answer.view}
            plan={plan}
            jobPlan={request.plan}
            pourIndex={request.pour}
          />
        )}
      </InMiddleColumn>
      {plan.layers.map((layer, at) => (
        <HeatLayerFigures
          key={at}
          family={plan.family}
          layer={layer}
          number={plan.layers.length > 1 ? at + 1 : undefined}
          ranged={more.plan !== undefined}
          warmEnough={more.warmEnough}
        />
      ))}
      <Words size="small" colour="inkSoft">
        {[
          sayForm(plan.form),
          sayAround(plan),
          sayBelow(plan, (index) => {
            const below = request?.plan.pours[index];
            return below === undefined ? 'what is under it' : sayPour(below);
          }),
          sayAssumed(plan),
          sayCalibration(plan.calibration),
          sayMarks(plan.marks),
        ].join(' ')}
      </Words>
      <Panel title="What would cool it" testID="heat-advice">
        {more.advice === undefined ? (
          <Words colour="inkSoft">Working it out …</Words>
        ) : more.advice.length === 0 ? (
          <Words>Nothing here would make a degree of difference.</Words>
        ) : (
          more.advice.map((each) => <Words key={each.code}>{sayAdvice(each, plan.family)}</Words>)
        )}
      </Panel>
      {request !== undefined && <SecondLayer request={request} />}
      {more.bucket !== undefined && (
        <Panel title="In the bucket" testID="heat-bucket">
          {sayBucket(more.bucket).map((line) => (
            <Words key={line}>{line}</Words>
          ))}
        </Panel>
      )}
      <FoldPanel title="How deep in this room?" testID="heat-depth">
        {more.depths === undefined ? (
          <Words colour="inkSoft">Working it out …</Words>
        ) : (
          <DepthChart depths={more.depths} />
        )}
      </FoldPanel>
      {request !== undefined && (
        <FoldPanel title="What if" summary="two settings side by side" testID="what-if">
          <WhatIf request={request} planned={answer} />
        </FoldPanel>
      )}
    </View>
  );
});

/** In the middle of a wide screen the piece stands while there is nothing to paint into it; a phone has it in its head. */
function UnpaintedSection({ plan }: { readonly plan: Plan }) {
  return useContext(MiddleColumnContext) === null ? null : (
    <InMiddleColumn>
      <Section plan={plan} greatestHeight={380} />
    </InMiddleColumn>
  );
}

/** The hottest of the layers: what one wants to know first. */
function HottestLayer({ plan, ranged }: { readonly plan: HeatPlan; readonly ranged: boolean }) {
  const { family, layers } = plan;
  const hottest = hottestLayer(plan);
  return (
    <MainFigure>
      <View style={styles.peak}>
        <Words size="title" weight="bold">
          {ranged ? sayPeak(family, hottest) : `about ${sayDegrees(hottest.peakC.mid)}`}
        </Words>
        <Words weight="bold" colour={hottest.band === 'runaway' ? 'stop' : 'ink'}>
          {bandNames[hottest.band]}
        </Words>
      </View>
      <Words colour="inkSoft">
        {layers.length > 1 ? `Layer ${layers.indexOf(hottest) + 1} gets the hottest. ` : ''}
        {sayBand(hottest)}
      </Words>
    </MainFigure>
  );
}

/** When the second layer follows: the plan's own moment, and what label and model say of it. */
function SecondLayer({ request: { plan, pour } }: { readonly request: HeatRequest }) {
  const [first, second] = plan.pours[pour]?.layers ?? [];
  if (first?.cure === undefined || second?.joint === undefined) return null;
  return (
    <Panel title="Pour again when?" testID="heat-second">
      <Words>{sayJoint(second.joint)}</Words>
      <SecondLayerChart joint={second.joint} stickyH={first.cure.stickyH} />
    </Panel>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.large },
  peak: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'baseline',
    justifyContent: 'space-between',
    columnGap: space.medium,
  },
});
