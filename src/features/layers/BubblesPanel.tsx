import type { PourPlan } from '../../core/plan/planTypes';
import { useOpenJob } from '../../data/draft/openJob';
import { usePlannedRequest } from '../../data/draft/usePlannedRequest';
import { FoldPanel } from '../../ui/FoldPanel';
import { Words } from '../../ui/text/Words';
import { sayClearing } from '../../words/clearing';
import { sayFineMm } from '../../words/figures';
import { sayBubbles, sayFlowBy } from '../../words/inclusions';
import { WorkProblem } from '../../ui/feedback/WorkProblem';
import type { HeatRequest } from '../../workers/heatWorker';
import { useClearing } from '../../workers/useClearing';

/** Which bubbles rise out of the pour before it gels, and what would clear more of them. */
export function BubblesPanel() {
  const { pour } = useOpenJob();
  const request = usePlannedRequest();
  const layer = worstLayer(pour);
  if (layer === undefined || pour?.flow === undefined) return null;
  return (
    <FoldPanel
      title="Bubbles"
      summary={`smaller than ${sayFineMm(layer.smallestBubbleMm)} stay`}
      testID="bubbles"
    >
      <Words>{sayBubbles(layer)}.</Words>
      {request !== undefined && <Ways request={request} />}
      <Words size="small" colour="inkSoft">
        {sayFlowBy(pour.flow)} Stokes with a rigid skin, half-way down.
      </Words>
    </FoldPanel>
  );
}

type Flow = NonNullable<PourPlan['flow']>;

/** The layer that keeps the largest bubbles. */
const worstLayer = (pour: PourPlan | undefined): Flow['layers'][number] | undefined =>
  pour?.flow?.layers.reduce<Flow['layers'][number] | undefined>(
    (worst, each) =>
      worst === undefined || each.smallestBubbleMm > worst.smallestBubbleMm ? each : worst,
    undefined,
  );

function Ways({ request }: { readonly request: HeatRequest }) {
  const { value: ways, problem, again } = useClearing(request);
  if (problem !== undefined) return <WorkProblem problem={problem} onAgain={again} />;
  if (ways === undefined) return <Words colour="inkSoft">Working out what would change it …</Words>;
  return (
    <>
      {ways.map((way) => {
        const [title, effect] = sayClearing(way);
        return (
          <Words key={way.code}>
            <Words weight="semibold">{title}: </Words>
            {effect}.
          </Words>
        );
      })}
    </>
  );
}
