import { configure, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { benchBatches, plannedSteps } from '../../../core/bench/benchSteps';
import { benchCopyOf, pourOf } from '../../../core/bench/benchCopy';
import { resolveJob } from '../../../core/job/resolveJob';
import { personOf } from '../../../core/person/person';
import { planResolved } from '../../../core/plan/planJob';
import { demoJobs } from '../../../data/demo/demoJobs';
import { checkedDraft } from '../../../data/draft/checkedDraft';
import { DataProvider } from '../../../data/hooks/DataProvider';
import type { JobRecord } from '../../../data/records/jobRecord';
import type { LiveRecord } from '../../../data/records/liveRecord';
import { settingsPatch } from '../../../data/records/patchedSettings';
import {
  copyCollection,
  copyRecordOf,
  jobCollection,
  jobRecordOf,
  liveCollection,
  liveRecordOf,
} from '../../../data/repositories';
import { twoTabs } from '../../../data/store/twoTabs';
import { calibrateHere } from '../../../testing/calibrateHere';
import { NoticeProvider } from '../../../ui/feedback/NoticeProvider';
import { ThemeProvider } from '../../../ui/ThemeProvider';
import { CureScreen } from './CureScreen';

configure({ defaultHidden: true });

const nowhere = (): void => undefined;
const hourMs = 3_600_000;
const { id: _, ...lid } = demoJobs.find(({ id }) => id === 'demo-chart-table')!;

/** The seal coat of a lid, poured half a day ago, on its cure watch. */
async function openWatch() {
  const { first } = twoTabs([1]);
  const job = jobRecordOf(JSON.parse(JSON.stringify(lid)) as JobRecord['draft']);
  const noShelf = { resins: [], moulds: [] };
  const resolved = resolveJob(checkedDraft(job.draft).value!, noShelf);
  const copy = benchCopyOf(resolved, planResolved(resolved, noShelf), 0, personOf(undefined));
  const startedAt = Date.now() - 12 * hourMs;
  const pour = pourOf(copy);
  const steps = benchBatches(pour).flatMap((batch) =>
    plannedSteps(pour, batch).map(({ id, kind }) => ({
      at: startedAt,
      did: 'done' as const,
      step: id,
      ...(kind === 'part-a' ? { g: batch.group.onScale.aG } : {}),
      ...(kind === 'part-b' ? { g: batch.group.onScale.bG } : {}),
    })),
  );
  const live = liveRecordOf({
    job: job.id,
    name: 'Lid',
    pourName: 'Seal coat',
    pour: 0,
    startedAt,
    state: 'over',
    events: [{ at: startedAt, did: 'done', step: 'layer-1:ready' }, ...steps],
  });
  await first.commit([
    settingsPatch({}),
    jobCollection.creation(job),
    liveCollection.creation(live),
    copyCollection.creation(copyRecordOf(live.id, copy)),
  ]);
  render(
    <DataProvider store={first} calibrate={calibrateHere}>
      <ThemeProvider>
        <NoticeProvider>
          <CureScreen id={live.id} onBack={nowhere} onBench={nowhere} />
        </NoticeProvider>
      </ThemeProvider>
    </DataProvider>,
  );
  await screen.findByText('Look before the next coat');
  const stored = async <T,>(prefix: string): Promise<T> =>
    JSON.parse([...(await first.read(prefix)).values()][0]!) as T;
  return {
    pours: async () => (await stored<JobRecord>('job/')).draft.pours,
    events: async () => (await stored<LiveRecord>('live/')).events,
  };
}

const tap = (label: string | RegExp): void => {
  fireEvent.click(screen.getByRole('button', { name: label }));
};

test('even and full: the coat to come is left out of the job, and put back', async () => {
  const { pours, events } = await openWatch();
  tap(/^Even and full/);
  await screen.findByText(/^Leaving it out gives back/);
  expect((await events()).at(-1)).toMatchObject({ did: 'looked', layer: 0, surface: 'full' });
  tap('Leave it out');
  await waitFor(async () => expect(await pours()).toHaveLength(1));
  fireEvent.click(await screen.findByText('Undo'));
  await waitFor(async () => expect(await pours()).toHaveLength(2));
});

test('craters: the next coat waits in the plan until the sealing medium is dry', async () => {
  const { pours } = await openWatch();
  tap(/^Craters/);
  await screen.findByText(/^Not yet another/);
  expect(screen.queryByText('Leave it out')).toBeNull();
  tap('Plan it so');
  await screen.findByText('The next coat waits for that in the plan.');
  const [, flood] = await pours();
  expect(flood).toMatchObject({ joint: 'scuff' });
  // Hard first, and a day on top of that.
  expect(Number(/^(\d+) h$/.exec(flood!.wait!)![1])).toBeGreaterThan(36);
});

test('bubbles ask for another coat: nothing is left out, and one may look again', async () => {
  const { pours } = await openWatch();
  tap(/^Bubbles/);
  await screen.findByText(/^Pour another/);
  expect(screen.queryByText('Leave it out')).toBeNull();
  tap('Look again');
  await screen.findByText('Look before the next coat');
  expect(await pours()).toHaveLength(2);
});
