import { act, render, screen, waitFor, within } from '@testing-library/react';
import { useEffect } from 'react';
import { demoJobs } from '../data/demo/demoJobs';
import type { FormField } from '../data/draft/formField';
import type { JobDraft } from '../data/draft/jobDraft';
import { JobDraftProvider } from '../data/draft/JobDraftProvider';
import { useKeptJob, useOpenJob, type KeptJob, type OpenJob } from '../data/draft/openJob';
import { useDraftField } from '../data/draft/pourInHand';
import { DataProvider } from '../data/hooks/DataProvider';
import { useJobs, useSaveState, useSettings } from '../data/hooks/queries';
import type { Undo } from '../data/hooks/useCommit';
import { useJobActions } from '../data/hooks/useJobActions';
import { useCurrency, useKept } from '../data/hooks/useKept';
import { isNotOpen, useOpenJobRecord } from '../data/hooks/useOpenRecord';
import { useFirstStart } from '../data/hooks/useStart';
import { useStartOver } from '../data/hooks/useStartOver';
import { useWholeStart } from '../data/hooks/useWholeStart';
import { jobListing } from '../data/listing';
import { jobEntryOf, type JobEntry } from '../data/records/jobEntry';
import type { JobRecord } from '../data/records/jobRecord';
import type { SettingsRecord } from '../data/records/settingsRecord';
import { jobCollection, jobRecordOf } from '../data/repositories';
import type { RecordStore } from '../data/store/recordStore';
import { twoTabs } from '../data/store/twoTabs';
import { calibrateHere } from '../testing/calibrateHere';
import { chance, report, runs } from '../testing/campaign';

const { id: _, ...tray } = demoJobs[0] as (typeof demoJobs)[number];
const key = jobCollection.key('tray');

/** What a person can do in one window, as its screens would let them. */
interface Hands {
  readonly open: { job: OpenJob & KeptJob; depth: FormField } | undefined;
  readonly record: JobEntry | undefined;
  readonly actions: ReturnType<typeof useJobActions>;
  readonly startOver: ReturnType<typeof useStartOver>;
  readonly money: ReturnType<typeof useCurrency>;
  readonly grains: ReturnType<typeof useKept<'grains'>>;
  readonly isStill: boolean;
}

function Inside({ tell }: { readonly tell: (open: Hands['open']) => void }) {
  const job = { ...useOpenJob(), ...useKeptJob() };
  const depth = useDraftField('measure.parts.0.depth');
  useEffect(() => {
    tell({ job, depth });
    return () => tell(undefined);
  });
  return null;
}

function Window({ tell }: { readonly tell: (seen: Partial<Hands>) => void }) {
  const starts = [useFirstStart().start, useWholeStart().start];
  const record = useJobs().data?.records.find(({ id }) => id === 'tray');
  const open = useOpenJobRecord('tray');
  const saving = useSaveState();
  const { data: settings } = useSettings();
  const seen = {
    record,
    actions: useJobActions(),
    startOver: useStartOver(),
    money: useCurrency(),
    grains: useKept('grains'),
    isStill: saving.state === 'saved' && settings !== undefined,
  };
  useEffect(() => tell(seen));
  if (starts.some((start) => start !== 'ready')) return null;
  if (isNotOpen(open)) return <p>ready</p>;
  return (
    <JobDraftProvider {...open}>
      <p>ready</p>
      <Inside tell={(told) => tell({ open: told })} />
    </JobDraftProvider>
  );
}

async function openWindow(store: RecordStore, name: string): Promise<{ now?: Hands }> {
  const hands: { now?: Hands } = {};
  const tell = (seen: Partial<Hands>): void => {
    hands.now = { ...hands.now, ...seen } as Hands;
  };
  render(
    <div data-testid={name}>
      <DataProvider store={store} calibrate={calibrateHere}>
        <Window tell={tell} />
      </DataProvider>
    </div>,
  );
  await within(screen.getByTestId(name)).findByText('ready');
  return hands;
}

/** Lets everything that is under way come to rest. */
const rest = (): Promise<void> =>
  act(async () => {
    for (let turn = 0; turn < 6; turn += 1) await new Promise((resolve) => setTimeout(resolve, 1));
  });

test('in two windows “saved” is said only of what is stored, and what is typed is kept one way or the other', async () => {
  const count = runs(2, 60);
  let steps = 0;
  let lost = 0;
  let locked = 0;
  for (let run = 0; run < count; run += 1) {
    const draw = chance(run);
    const { first, second, kept } = twoTabs();
    await first.commit([
      { key: 'settings/person', patch: {} },
      jobCollection.creation({ ...jobRecordOf(tray as unknown as JobDraft), id: 'tray' }),
    ]);
    const names = [`${run}-first`, `${run}-second`];
    const windows = [await openWindow(first, names[0]!), await openWindow(second, names[1]!)];
    let undo: Undo | undefined;
    const currencies = new Set<string>();
    const stored = (): JobRecord | undefined => {
      const text = kept.get(key);
      return text === undefined || text === '' ? undefined : (JSON.parse(text) as JobRecord);
    };
    const drafts = (): readonly string[] =>
      [...kept]
        .filter(([at, text]) => at.startsWith('draft/') && text !== '')
        .map(([, text]) => text);

    for (let step = 0; step < 25; step += 1) {
      steps += 1;
      const { now } = draw.oneOf(windows);
      if (now === undefined) throw new Error('the window is not open');
      const other = draw.oneOf(windows).now;
      const typed = `${1 + draw.below(90)}.${step} mm`;
      const what = draw.below(11);
      const doIt = async (): Promise<void> => {
        const { open } = now;
        if (what <= 4) open?.depth.onChange(typed);
        // Both at once: one of them is late.
        if (what === 4) other?.open?.depth.onChange(`${typed} + 1 mm`);
        if (what === 5 && open?.job.conflict !== undefined) open.job.keepMine();
        if (what === 6 && open?.job.conflict === 'changed') open.job.takeTheirs();
        if (what === 7 && now.record !== undefined) undo = await now.actions.remove(now.record);
        if (what === 8 && undo !== undefined) {
          await undo();
          undo = undefined;
        }
        if (what === 9) {
          const over = draw.next() < 0.5 ? 'withDemo' : 'fromEmpty';
          ({ undo } = await now.startOver[over]());
        }
        if (what === 10) {
          currencies.add(`${step}`);
          await now.money.setCurrency(`${step}`);
          await other?.grains.keep({ name: `G${step}`, bulkDensity: '1 g/ml' });
        }
      };
      await act(async () => {
        try {
          await doIt();
        } catch (error) {
          // Somebody else was first: refused, and said.
          if (!(error instanceof Error) || error.name !== 'StaleWriteError') throw error;
        }
      });
      await rest();
      for (const { now: seen } of windows) {
        if (seen?.open === undefined) continue;
        const { job, depth } = seen.open;
        const isStored = stored()?.draft.measure.parts[0]?.depth === depth.value;
        if (job.saveState === 'saved' && !isStored) lost += 1;
        // What is neither stored nor asked about would go with the window.
        const isBeside = drafts().some((text) => text.includes(JSON.stringify(depth.value)));
        if (!isStored && !isBeside && job.conflict === undefined) locked += 1;
      }
      if (what === 10) {
        const settings = JSON.parse(kept.get('settings/person') ?? '{}') as SettingsRecord;
        const isKept = settings.grains?.some(({ name }) => name === `G${step}`) === true;
        if (settings.currency !== `${step}` || !isKept) lost += 1;
      }
    }
    await waitFor(() => expect(windows.every(({ now }) => now?.isStill)).toBe(true));
    // The list of jobs is kept beside them; it says what they say.
    const whole = jobCollection.readAll(await first.read(jobCollection.prefix)).records;
    const listed = (await jobListing.read(second)).records;
    if (JSON.stringify(listed) !== JSON.stringify(whole.map(jobEntryOf))) lost += 1;
  }
  report({ promise: 'two windows', count: steps, lost, locked, longestMs: 0 });
  expect({ lost, locked }).toEqual({ lost: 0, locked: 0 });
}, 600_000);
