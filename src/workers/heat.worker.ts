import { expose, transfer } from 'comlink';
import { resolveJob } from '../core/job/resolveJob';
import { clearingOf } from '../core/plan/clearing';
import { adviseHeat } from '../core/plan/heat/adviseHeat';
import { bucketOf } from '../core/plan/heat/bucketOf';
import { calibrationsOf } from '../core/plan/heat/calibrationOf';
import { followJob, heatCaseOf, heatCaseOfJob } from '../core/plan/heat/heatOfPlan';
import { heatViewOf, type HeatView } from '../core/plan/heat/heatView';
import { roomDepths } from '../core/plan/heat/roomDepth';
import { warmEnough } from '../core/plan/heat/warmEnough';
import { gapOf, staysSoft } from '../core/plan/heat/wholeHeat';
import type { HeatAnswer, HeatWorker } from './heatWorker';
import { told, type Told } from './told';

/** Memory that goes over with the answer instead of being copied. */
const buffersOf = (view: HeatView): ArrayBufferLike[] => [
  view.cut.temperaturesC.buffer,
  view.timesH.buffer,
  view.coreC.buffer,
];

const worker: HeatWorker = {
  follow: async ({ job, plan, pour, shelf }) => {
    const answer = await told(async (): Promise<HeatAnswer> => {
      const given = heatCaseOfJob(job, plan, pour, shelf);
      if (!given.told) return given;
      const followed = followJob(given, { ranges: false });
      return { plan: followed.plan, view: heatViewOf(given, followed) };
    });
    if ('value' in answer && 'view' in answer.value) {
      return transfer(answer, buffersOf(answer.value.view) as Transferable[]) as Told<HeatAnswer>;
    }
    return answer;
  },
  more: ({ job, plan, pour, shelf }, tell) =>
    told(async () => {
      // A known amount has no heat to tell, but it is mixed in a bucket.
      const resolved = resolveJob(job, shelf);
      tell({ bucket: bucketOf(resolved.pours[pour]!, plan.pours[pour]!, shelf.calibrations) });
      const given = heatCaseOf(resolved, plan, pour, shelf);
      if (!given.told) return undefined;
      const followed = followJob(given, { ranges: true });
      tell({ plan: followed.plan });
      const others = shelf.resins.filter(({ id }) => id !== job.pours[pour]?.resin.id);
      tell({ advice: adviseHeat(given, gapOf(followed.plan), others, shelf.calibrations) });
      if (staysSoft(followed.plan)) {
        tell({ warmEnough: warmEnough(given) });
      }
      tell({ depths: roomDepths(given) });
      return undefined;
    }),
  clearing: ({ job, plan, pour, shelf }) =>
    told(async () => clearingOf(resolveJob(job, shelf), plan, pour, shelf)),
  calibrate: async (cards) => cards.map((card) => [...calibrationsOf(card)]),
};

expose(worker);
