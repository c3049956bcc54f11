import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import exampleFile from '../../../docs/formats/drawer-tray.job.json';
import type { JobDraft } from '../../data/draft/jobDraft';
import { DataProvider } from '../../data/hooks/DataProvider';
import { settingsPatch } from '../../data/records/patchedSettings';
import type { JobRecord } from '../../data/records/jobRecord';
import {
  draftCollection,
  draftRecordOf,
  jobCollection,
  jobRecordOf,
} from '../../data/repositories';
import { twoTabs } from '../../data/store/twoTabs';
import { calibrateHere } from '../../testing/calibrateHere';
import { NoticeProvider } from '../../ui/feedback/NoticeProvider';
import { ThemeProvider } from '../../ui/ThemeProvider';
import { upgradeDraft } from '../../core/upgrades/upgradeJob';
import { JobListScreen } from './JobListScreen';

const example = jobRecordOf(upgradeDraft(exampleFile) as JobDraft);

/** The job of the example under another name, the first one changed last. */
const jobCalled = (name: string, at: number): JobRecord => ({
  ...example,
  id: name.replaceAll(' ', '-'),
  updatedAt: new Date(Date.UTC(2026, 10, 1) - at * 1000).toISOString(),
  draft: { ...example.draft, name },
});

// What jsdom does not have: nothing is laid out in it.
beforeAll(() => {
  Element.prototype.scrollBy = () => undefined;
  globalThis.ResizeObserver = class {
    readonly observe = (): void => undefined;
    readonly unobserve = (): void => undefined;
    readonly disconnect = (): void => undefined;
  };
});

const opened: string[] = [];

/** The list over these jobs; without threads, as where they cannot be started. */
async function openList(names: readonly string[], others: Record<string, string> = {}) {
  const tabs = twoTabs();
  for (const [key, text] of Object.entries(others)) tabs.kept.set(key, text);
  await tabs.first.commit([
    settingsPatch({}),
    ...names.map((name, at) => jobCollection.creation(jobCalled(name, at))),
  ]);
  render(
    <DataProvider store={tabs.first} calibrate={calibrateHere}>
      <ThemeProvider>
        <NoticeProvider>
          <JobListScreen
            tabs={null}
            onOpen={(id) => opened.push(id)}
            onTake={() => undefined}
            onNew={(id) => opened.push(id)}
          />
        </NoticeProvider>
      </ThemeProvider>
    </DataProvider>,
  );
  await screen.findByRole('heading', { name: 'Jobs' });
  return tabs;
}

const rows = (): readonly (string | null)[] =>
  screen.queryAllByRole('listitem').map((row) => row.textContent);
const press = (name: string): void => void fireEvent.click(screen.getByLabelText(name));

test('a list whose figures do not come stands all the same: jobs are opened, copied, deleted and put back', async () => {
  await openList(['Tray', 'Bowl']);
  await waitFor(() => expect(rows()).toHaveLength(2));
  await waitFor(() => expect(rows()[0]).toContain('Its figures do not come just now.'));
  expect(rows()[0]).toContain('Tray');
  press('Open Bowl');
  expect(opened).toEqual(['Bowl']);
  press('More for Bowl');
  press('Duplicate Bowl');
  await waitFor(() => expect(rows()[0]).toContain('Bowl (copy)'));
  press('More for Bowl');
  press('Delete Bowl');
  await waitFor(() => expect(rows()).toHaveLength(2));
  await act(async () => void fireEvent.click(await screen.findByText('Undo')));
  await waitFor(() => expect(rows()).toHaveLength(3));
  expect(screen.queryByLabelText(/^Find among/)).toBeNull();
});

test('one of many jobs is found by its name', async () => {
  await openList(Array.from({ length: 80 }, (_, at) => `Job ${at}`));
  const find = await screen.findByLabelText('Find among 80 jobs');
  fireEvent.change(find, { target: { value: 'JOB 7 ' } });
  await waitFor(() => expect(rows()).toHaveLength(11));
  expect(rows()[0]).toContain('Job 7');
  fireEvent.change(find, { target: { value: 'x' } });
  expect(screen.getByText('No job has “x” in its name.')).toBeTruthy();
});

test('a job that is gone when it is copied says so; what is typed and not saved, and what cannot be read, stands above', async () => {
  const { first, kept } = await openList(['Tray'], { 'job/torn': 'torn' });
  await waitFor(() => expect(rows()).toHaveLength(1));
  expect(screen.getByText(/^One job cannot be read/)).toBeTruthy();
  const typed = { of: 'job/lost', name: 'Lost one', base: null, values: example.draft };
  await act(async () => {
    await first.commit([draftCollection.creation(draftRecordOf(typed))]);
  });
  kept.delete('job/Tray');
  press('More for Tray');
  press('Duplicate Tray');
  expect(await screen.findByText(/not there any more/)).toBeTruthy();
});
