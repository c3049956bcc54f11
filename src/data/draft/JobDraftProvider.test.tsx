import { act, render, screen, waitFor } from '@testing-library/react';
import { useEffect } from 'react';
import { calibrateHere } from '../../testing/calibrateHere';
import { DataProvider } from '../hooks/DataProvider';
import { isNotOpen, useOpenJobRecord } from '../hooks/useOpenRecord';
import { demoJobs } from '../demo/demoJobs';
import type { JobRecord } from '../records/jobRecord';
import { jobCollection, jobRecordOf } from '../repositories';
import type { RecordStore } from '../store/recordStore';
import { twoTabs } from '../store/twoTabs';
import type { JobDraft } from './jobDraft';
import { JobDraftProvider } from './JobDraftProvider';
import { useKeptJob, useOpenJob, type KeptJob, type OpenJob } from './openJob';
import type { FormField } from './formField';
import { useDraftField } from './pourInHand';

const { id: _, ...tray } = demoJobs[0] as (typeof demoJobs)[number];
const stored: JobRecord = { ...jobRecordOf(tray as unknown as JobDraft), id: 'tray' };

interface Seen {
  open: OpenJob & KeptJob;
  depth: FormField;
}

/** Tells the test what a screen would be given. */
function Probe({ report }: { readonly report: (seen: Seen) => void }) {
  const open = { ...useOpenJob(), ...useKeptJob() };
  const depth = useDraftField('measure.parts.0.depth');
  useEffect(() => report({ open, depth }));
  return <p>{open.conflict ?? 'no conflict'}</p>;
}

function OpenTray({ report }: { readonly report: (seen: Seen) => void }) {
  const open = useOpenJobRecord('tray');
  if (isNotOpen(open)) return <p>{typeof open === 'string' ? open : 'not readable'}</p>;
  return (
    <JobDraftProvider {...open}>
      <Probe report={report} />
    </JobDraftProvider>
  );
}

async function openIn(store: RecordStore) {
  let latest: Seen | undefined;
  const report = (seen: Seen): void => {
    latest = seen;
  };
  render(
    <DataProvider store={store} calibrate={calibrateHere}>
      <OpenTray report={report} />
    </DataProvider>,
  );
  await waitFor(() => expect(latest).toBeDefined());
  return {
    now: (): Seen => {
      if (latest === undefined) throw new Error('the job is not open');
      return latest;
    },
    type: (text: string) => act(async () => latest?.depth.onChange(text)),
  };
}

const storedTray = async (store: RecordStore): Promise<JobRecord> =>
  JSON.parse((await store.read('job/')).get(jobCollection.key('tray')) ?? 'null') as JobRecord;

const withOverage = (overage: string): JobDraft => ({
  ...stored.draft,
  pours: stored.draft.pours.map((pour) => ({ ...pour, overage })),
});

const depthOf = ({ draft }: JobRecord): string | undefined => draft.measure.parts[0]?.depth;

test('typing plans and saves; a slip keeps the last good plan and what was typed', async () => {
  const { first } = twoTabs();
  await first.commit([jobCollection.creation(stored)]);
  const tab = await openIn(first);
  expect(tab.now().open.pour?.totalMl).toBeCloseTo(2095.5, 6);

  await tab.type('10 mm');
  expect(tab.now().open.pour?.totalMl).toBeCloseTo(660, 6);
  await waitFor(async () => expect(depthOf(await storedTray(first))).toBe('10 mm'));

  await tab.type('deep');
  expect(tab.now().open.outdated).toBe(true);
  expect(tab.now().open.pour?.totalMl).toBeCloseTo(660, 6);
  expect(tab.now().depth.problem?.code).toBe('unreadable');
  await waitFor(async () => expect(depthOf(await storedTray(first))).toBe('deep'));
  const record = await storedTray(first);
  expect(record.lastGood?.measure?.parts[0]).toMatchObject({ depth: '10 mm' });
  expect(record.revision).toBe(3);
});

test('what another tab writes shows here', async () => {
  const { first, second } = twoTabs();
  await first.commit([jobCollection.creation(stored)]);
  const tab = await openIn(first);
  const theirs = jobRecordOf(withOverage('0 %'), stored);
  await act(() => second.commit([jobCollection.change(theirs, stored)]));
  await waitFor(() => expect(tab.now().open.pour?.totalMl).toBeCloseTo(1905, 6));
});

/** Two tabs that have both changed the job, the other one first. */
async function conflict() {
  const { first, second } = twoTabs();
  await first.commit([jobCollection.creation(stored)]);
  const tab = await openIn(first);
  const theirs = jobRecordOf(withOverage('0 %'), stored);
  await Promise.all([second.commit([jobCollection.change(theirs, stored)]), tab.type('10 mm')]);
  await screen.findByText('changed');
  expect((await storedTray(first)).draft.pours[0]?.overage).toBe('0 %');
  return { tab, store: first };
}

test('both changed it: mine can be kept', async () => {
  const { tab, store } = await conflict();
  await act(async () => tab.now().open.keepMine());
  await screen.findByText('no conflict');
  await waitFor(async () => expect(depthOf(await storedTray(store))).toBe('10 mm'));
  expect((await storedTray(store)).draft.pours[0]?.overage).toBe('10 %');
});

test('both changed it: theirs can be taken', async () => {
  const { tab, store } = await conflict();
  await act(async () => tab.now().open.takeTheirs());
  await screen.findByText('no conflict');
  expect(tab.now().depth.value).toBe('1-1/4 in');
  expect(tab.now().open.pour?.totalMl).toBeCloseTo(1905, 6);
  expect(depthOf(await storedTray(store))).toBe('1-1/4 in');
});

test('deleted elsewhere: it can be kept', async () => {
  const { first, second } = twoTabs();
  await first.commit([jobCollection.creation(stored)]);
  const tab = await openIn(first);
  await act(() => second.commit([jobCollection.removal(stored)]));
  await screen.findByText('deleted');
  await act(async () => tab.now().open.keepMine());
  await screen.findByText('no conflict');
  expect(depthOf(await storedTray(second))).toBe('1-1/4 in');
});
