import { render, screen, waitFor } from '@testing-library/react';
import type { CardCalibration } from '../../../core/plan/heat/calibrationOf';
import type { Resin } from '../../../core/resin/resinSchema';
import { demoResins } from '../../../data/demo/demoResins';
import { settingsPatch } from '../../../data/records/patchedSettings';
import { DataProvider } from '../../../data/hooks/DataProvider';
import { useResins } from '../../../data/hooks/queries';
import { resinCollection, resinRecordOf } from '../../../data/repositories';
import type { ResinRecord } from '../../../data/records/resinRecord';
import { twoTabs } from '../../../data/store/twoTabs';
import { choose, openLine, press, says, textOf, type } from '../../../testing/openStep';
import { NoticeProvider } from '../../../ui/feedback/NoticeProvider';
import { ThemeProvider } from '../../../ui/ThemeProvider';
import { ResinCardScreen } from './ResinCardScreen';

/** There are no threads here, and the model is slow in jsdom: what a thread would answer for each pot life. */
const answers: Readonly<Record<string, Partial<CardCalibration>>> = {
  '8 h': {
    calibration: {
      rateScale: 0.8,
      kappa: 0.3,
      heatJPerKg: 270_000,
      members: [],
      verdict: { code: 'agrees' },
      assumed: {},
    },
  },
  '2 h': {
    calibration: {
      rateScale: 1,
      kappa: 0.25,
      heatJPerKg: 220_000,
      members: [],
      verdict: { code: 'depth-too-large', labelMm: 50, peakC: 91, plannedMm: 38.9 },
      assumed: { massG: 150, temperatureC: 23 },
    },
  },
  '3 s': {
    problem: {
      code: 'pot-life-out-of-model',
      field: '',
      value: 0.05,
      data: { potLifeMin: 0.05, massG: 150, temperatureC: 23 },
    },
  },
};
const calibrate = async ([card]: readonly Resin[]): Promise<CardCalibration[][]> => [
  ['Slow', 'Medium'].map((hardenerName) => ({
    hardenerName,
    key: hardenerName,
    calibration: undefined,
    problem: undefined,
    ...answers[card?.potLife?.time ?? ''],
  })),
];

function OverStored({ id, onDone }: { readonly id: string; readonly onDone: () => void }) {
  const { data } = useResins();
  const record = data?.records.find((each) => each.id === id);
  if (data === undefined) return null;
  return (
    <div data-testid="step">
      {record === undefined ? (
        <ResinCardScreen of="resin/" onDone={onDone} />
      ) : (
        <ResinCardScreen of={`resin/${record.id}`} record={record} onDone={onDone} />
      )}
    </div>
  );
}

async function openCard(id: string): Promise<{
  readonly kept: () => Promise<readonly ResinRecord[]>;
  readonly done: () => number;
}> {
  const { first } = twoTabs();
  await first.commit([
    settingsPatch({}),
    ...demoResins.map((resin) =>
      resinCollection.creation({ ...resinRecordOf(resin, undefined), id: resin.id, resin }),
    ),
  ]);
  let times = 0;
  render(
    <DataProvider store={first} calibrate={calibrate}>
      <ThemeProvider>
        <NoticeProvider>
          <OverStored id={id} onDone={() => (times += 1)} />
        </NoticeProvider>
      </ThemeProvider>
    </DataProvider>,
  );
  await screen.findByTestId('step');
  return {
    kept: async () => (await resinCollection.read(first)).records,
    done: () => times,
  };
}

test('what the label comes to, with each hardener, while it is typed', async () => {
  await openCard('demo-slow-clear');
  await says('Slow: Fitted to the label', 'label-heat');
  expect(textOf('label-heat')).toContain('Medium: Fitted to the label');
  press('Pot life');
  type('Pot life', '2 h');
  await says('should overheat at 50 mm', 'label-heat');
  expect(textOf('label-heat')).toContain('Planning with 38 mm for a wide pour');
  expect(textOf('label-heat')).toContain('150 g in the cup and 23 °C assumed');
});

test('a pot life that no resin of the family has says what to check', async () => {
  await openCard('demo-slow-clear');
  press('Pot life');
  type('Pot life', '3 s');
  await says('Check the time, its unit and the family', 'label-heat');
});

test('a silicone has no heat to tell of', async () => {
  await openCard('demo-slow-clear');
  await screen.findByTestId('label-heat');
  openLine('Family');
  type('Search family', 'tin');
  choose('Silicone, tin cure');
  await waitFor(() => expect(screen.queryByTestId('label-heat')).toBeNull());
});

test('a card is saved with its calibrations', async () => {
  const card = await openCard('demo-slow-clear');
  type('Name', 'Slow clear, new tin');
  press('Save the card');
  await waitFor(() => expect(card.done()).toBe(1));
  const saved = (await card.kept()).find(({ id }) => id === 'demo-slow-clear');
  expect(saved?.resin.name).toBe('Slow clear, new tin');
  expect(saved?.calibrations?.map(({ key }) => key)).toEqual(['Slow', 'Medium']);
});

test('a new card that is not whole is not kept, and says so', async () => {
  const card = await openCard('no-such-card');
  type('Name', 'New one');
  press('Put it on the shelf');
  await says('Not saved yet: 2 entries are not right.');
  expect(card.done()).toBe(0);
  expect(await card.kept()).toHaveLength(demoResins.length);
});
