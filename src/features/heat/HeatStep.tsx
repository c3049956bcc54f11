import { sayJoint } from '../../words/layers';
import { lazy, memo, Suspense, useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { useOpenJob } from '../../data/draft/openJob';
import { useShelf } from '../../data/hooks/queries';
import { InMiddleColumn } from '../../ui/frame/MiddleColumn';
import { Panel } from '../../ui/Panel';
import { FoldPanel } from '../../ui/FoldPanel';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { sayProblem } from '../../words/problems';
import {
  heatIsEstimate,
  sayAdvice,
  sayAssumed,
  sayBucket,
  sayCalibration,
  sayAround,
  sayForm,
  sayMarks,
  sayNoHeat,
  sayBelow,
} from '../../words/heat';
import { useHeat, type HeatState } from '../../workers/useHeat';
import type { HeatRequest } from '../../workers/heatWorker';
import { HeatLayerFigures } from './HeatLayerFigures';
import { HeatSettings } from './HeatSettings';
import { withoutPhotos } from '../../core/plan/withoutPhotos';
import { sayPour } from '../../words/pours';
import { DepthChart, SecondLayerChart } from '../../ui/chart/lazyCharts';

/** Charts, their scales and the slider are fetched when there is something to draw. */
const HeatPicture = lazy(() => import('./HeatPicture'));
const WhatIf = lazy(() => import('./WhatIf'));

/** How hot, how long, how deep: what becomes of the pour in this room. */
export function HeatStep() {
  const { plan, job, pourIndex, outdated } = useOpenJob();
  const shelf = useShelf();
  const request = useMemo(
    (): HeatRequest | undefined =>
      plan === undefined || job === undefined || outdated
        ? undefined
        : { job, plan, pour: pourIndex, shelf: withoutPhotos(shelf) },
    [plan, job, pourIndex, outdated, shelf],
  );
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
  if (problem !== undefined) {
    return (
      <Words colour="stop" role="alert">
        {sayProblem(problem)}
      </Words>
    );
  }
  if (answer === undefined) {
    return (
      <Words colour="inkSoft" role="status">
        {heat.busy ? 'Working out the heat …' : 'Nothing to work out yet.'}
      </Words>
    );
  }
  if (!('view' in answer)) return <Words>{sayNoHeat(answer)}</Words>;
  // Ranges come a moment after the figures.
  const plan = more.plan ?? answer.plan;
  return (
    <View style={styles.stack} testID="heat">
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
      <Suspense fallback={null}>
        <InMiddleColumn>
          <HeatPicture view={answer.view} plan={plan} />
        </InMiddleColumn>
      </Suspense>
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
          <Words>Nothing that is worth a degree.</Words>
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
      <FoldPanel title="Depth for this room" testID="heat-depth">
        <Suspense fallback={null}>
          {more.depths === undefined ? (
            <Words colour="inkSoft">Working it out …</Words>
          ) : (
            <DepthChart depths={more.depths} />
          )}
        </Suspense>
      </FoldPanel>
      {request !== undefined && (
        <FoldPanel title="What if" summary="two settings side by side" testID="what-if">
          <Suspense fallback={null}>
            <WhatIf request={request} planned={answer} />
          </Suspense>
        </FoldPanel>
      )}
    </View>
  );
});

/** When the second layer follows: the plan's own moment, and what label and model say of it. */
function SecondLayer({ request: { plan, pour } }: { readonly request: HeatRequest }) {
  const [first, second] = plan.pours[pour]?.layers ?? [];
  if (first?.cure === undefined || second?.joint === undefined) return null;
  return (
    <Panel title="Second layer" testID="heat-second">
      <Words>{sayJoint(second.joint)}</Words>
      <Suspense fallback={null}>
        <SecondLayerChart joint={second.joint} stickyH={first.cure.stickyH} />
      </Suspense>
    </Panel>
  );
}

const styles = StyleSheet.create({ stack: { gap: space.large } });
