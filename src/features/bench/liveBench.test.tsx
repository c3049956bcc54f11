import { configure, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { copyOf } from '../../core/bench/testBench';
import { DataProvider } from '../../data/hooks/DataProvider';
import { settingsPatch } from '../../data/records/patchedSettings';
import type { LiveRecord } from '../../data/records/liveRecord';
import {
  copyCollection,
  copyRecordOf,
  liveCollection,
  liveRecordOf,
} from '../../data/repositories';
import { twoTabs } from '../../data/store/twoTabs';
import { calibrateHere } from '../../testing/calibrateHere';
import { NoticeProvider } from '../../ui/feedback/NoticeProvider';
import { ThemeProvider } from '../../ui/ThemeProvider';
import { LiveBench } from './LiveBench';

configure({ defaultHidden: true });

const nowhere = (): void => undefined;

/** A pour of two layers of two batches at the bench, over a device that can be told to refuse. */
async function openBench() {
  const { first, device } = twoTabs([1]);
  const live = liveRecordOf({
    job: 'tray',
    name: 'Bench tray',
    pourName: '',
    pour: 0,
    startedAt: Date.now(),
    state: 'under-way',
    events: [],
  });
  await first.commit([
    settingsPatch({}),
    liveCollection.creation(live),
    copyCollection.creation(copyRecordOf(live.id, copyOf())),
  ]);
  render(
    <DataProvider store={first} calibrate={calibrateHere}>
      <ThemeProvider>
        <NoticeProvider>
          <LiveBench
            id={live.id}
            onLeave={nowhere}
            onJob={nowhere}
            onRecord={nowhere}
            onCure={nowhere}
            onPour={nowhere}
          />
        </NoticeProvider>
      </ThemeProvider>
    </DataProvider>,
  );
  await heading('Ready for layer 1');
  const stored = async (): Promise<LiveRecord> =>
    JSON.parse((await first.read('live/')).get(liveCollection.key(live.id)) ?? '') as LiveRecord;
  return { device, stored };
}

const heading = (words: string | RegExp): Promise<HTMLElement> =>
  screen.findByRole('heading', { level: 1, name: words });
const text = (element: HTMLElement): string => element.textContent.replaceAll('\u00a0', ' ');

/** Does what the step asks for, once its button takes taps again. */
async function main(): Promise<void> {
  await waitFor(() =>
    expect(screen.getByTestId('main-action')).not.toHaveAttribute('aria-disabled', 'true'),
  );
  // What a press does is set an instant after the button is drawn; a finger has the focus first, and that waits for it.
  fireEvent.focus(screen.getByTestId('main-action'));
  fireEvent.click(screen.getByTestId('main-action'));
}

test('what the storage gives no answer to is told, waits, and is kept once when it is tried again', async () => {
  const { device, stored } = await openBench();
  device.cannotRead = true;
  await main();
  await screen.findByText(/what was done last is not kept/);
  await heading('Ready for layer 1');

  device.cannotRead = false;
  expect((await stored()).events).toEqual([]);
  fireEvent.click(screen.getByText('Keep it again'));
  await heading('Take a cup');
  expect(screen.queryByText(/is not kept/)).toBeNull();
  expect((await stored()).events.map(({ step }) => step)).toEqual(['layer-1:ready']);
});

test('a batch by hand is a tap a step, each with the figure the scale reads', async () => {
  const { stored } = await openBench();
  await main();
  await heading('Take a cup');
  await main();
  await heading(/^A resin into the cup/);
  expect(text(screen.getByTestId('to-read'))).toContain('420.0');
  await main();
  await heading(/^B hardener into the same cup/);
  expect(text(screen.getByTestId('to-read'))).toContain('560.0');
  await main();
  await heading('Stir');
  expect(within(screen.getByTestId('pot-life')).getByText(/left/)).toBeVisible();
  const { events } = await stored();
  expect(events.map(({ did, step, g }) => [did, step, g])).toEqual([
    ['done', 'layer-1:ready', undefined],
    ['done', 'layer-1/1:cup', undefined],
    ['done', 'layer-1/1:part-a', 420],
    ['done', 'layer-1/1:part-b', 140],
  ]);
});
