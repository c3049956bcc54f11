import { configure, fireEvent, render, screen, waitFor } from '@testing-library/react';
import harbour from '../../../docs/formats/harbour-shelf.record.json';
import { readRecord } from '../../core/record/recordFile';
import type { PourRecord } from '../../core/record/recordSchema';
import { demoMoulds } from '../../data/demo/demoMoulds';
import { DataProvider } from '../../data/hooks/DataProvider';
import { useOne } from '../../data/hooks/queries';
import { pieces } from '../../data/kinds/kinds';
import type { MouldRecord } from '../../data/records/mouldRecord';
import type { KeptPiece } from '../../data/records/pieceRecord';
import { settingsPatch } from '../../data/records/patchedSettings';
import {
  keptPieceOf,
  mouldCollection,
  mouldRecordOf,
  pieceCollection,
} from '../../data/repositories';
import { twoTabs } from '../../data/store/twoTabs';
import { calibrateHere } from '../../testing/calibrateHere';
import { NoticeProvider } from '../../ui/feedback/NoticeProvider';
import { ThemeProvider } from '../../ui/ThemeProvider';
import { RecordScreen } from './RecordScreen';

configure({ defaultHidden: true });

const piece = readRecord(harbour);
const byHand: number[] = [];

function Opened({ id }: { readonly id: string }) {
  const record = useOne(pieces, id).data?.record;
  return record === undefined ? null : (
    <RecordScreen
      record={record}
      job={undefined}
      onBack={() => undefined}
      onJob={() => undefined}
      onByHand={(pour) => byHand.push(pour)}
    />
  );
}

async function openRecord(change: Partial<PourRecord>) {
  const { first } = twoTabs([1]);
  const mould = mouldRecordOf({ ...demoMoulds[0]!, castings: 11 }, undefined, 'tray-mould');
  const kept = keptPieceOf({ ...piece, pours: [{ ...piece.pours[0]!, ...change }] });
  await first.commit([
    settingsPatch({ set: { currency: '£' } }),
    mouldCollection.creation(mould),
    pieceCollection.creation(kept),
  ]);
  render(
    <DataProvider store={first} calibrate={calibrateHere}>
      <ThemeProvider>
        <NoticeProvider>
          <Opened id={kept.id} />
        </NoticeProvider>
      </ThemeProvider>
    </DataProvider>,
  );
  await screen.findByRole('heading', { level: 1, name: piece.name });
  const stored = async <T,>(key: string): Promise<T> =>
    JSON.parse((await first.contents([key])).get(key)!) as T;
  return {
    mould: async () => (await stored<MouldRecord>('mould/tray-mould')).mould,
    pour: async () => (await stored<KeptPiece>(`piece/${kept.id}`)).piece.pours[0]!,
  };
}

const text = (id: string): string => screen.getByTestId(id).textContent.replaceAll('\u00a0', ' ');

test('which bottles and which mould it came out of, what it cost, how its coat looked', async () => {
  await openRecord({
    cost: 12.4,
    lostCost: 0.8,
    lots: [{ name: 'K 412', part: 'both', opened: '2026-05-04', usedG: 612 }],
    mould: { id: 'tray-mould', name: 'Tray mould', castingsBefore: 9 },
    looks: [{ at: piece.madeAt, layer: 0, surface: 'craters' }],
  });
  expect(text('record-lot')).toBe('Lot K 412, opened 2026-05-04: 612 g');
  expect(text('record-mould')).toBe('In Tray mould, casting 10 of it');
  expect(screen.getByText(/of resin, .*0\.80 of it over or lost/)).toBeTruthy();
  expect(screen.getByText(/^Coat 1 looked at .*: craters$/)).toBeTruthy();
});

test('wear of a mould is noted on its card, and more than a card holds is not', async () => {
  const { mould } = await openRecord({
    mould: { id: 'tray-mould', name: 'Tray mould', castingsBefore: 9 },
  });
  fireEvent.click(
    await screen.findByRole('button', { name: /^Wear of the mould: none noted after 11/ }),
  );
  const field = screen.getByLabelText('What it shows');
  fireEvent.change(field, { target: { value: 'x'.repeat(201) } });
  expect(screen.getByText(/200/)).toBeTruthy();
  const note = screen.getByRole('button', { name: 'Note it on the mould' });
  expect(note).toHaveAttribute('aria-disabled', 'true');
  fireEvent.change(field, { target: { value: 'cloudy at the rim' } });
  fireEvent.click(screen.getByRole('button', { name: 'Note it on the mould' }));
  await waitFor(async () => expect((await mould()).lastFault).toBe('cloudy at the rim'));
});

test('what a person says of how it was made ready is theirs from then on', async () => {
  const { pour } = await openRecord({ timberSealed: true });
  fireEvent.click(screen.getByRole('button', { name: 'What was made ready' }));
  fireEvent.click(screen.getByRole('button', { name: /^Timber sealed: yes/ }));
  fireEvent.click(screen.getByRole('radio', { name: 'no' }));
  await waitFor(async () => expect((await pour()).timberSealed).toBe(false));
  expect((await pour()).said).toEqual(['timberSealed']);
  fireEvent.click(screen.getByRole('button', { name: 'Put it right by hand' }));
  expect(byHand).toEqual([0]);
});
