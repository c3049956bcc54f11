import harbour from '../../../docs/formats/harbour-shelf.record.json';
import { readRecord } from '../../core/record/recordFile';
import { demoResins } from '../demo/demoResins';
import { checkedDraft } from './checkedDraft';
import { newJobDraft } from './jobDraft';
import { jobAgain, withLesson } from './jobOfRecord';
import { planDraft } from './planDraft';

const shelf = { resins: demoResins, moulds: [] };
const piece = readRecord(harbour);
const own = { ...newJobDraft(demoResins[0]), name: 'Harbour shelf' };

test('a piece is made once more by its own job, in the room that it was poured in', () => {
  const draft = jobAgain({ ...piece, pours: [{ ...piece.pours[0]!, roomC: 14 }] }, own, []);
  expect(draft).toMatchObject({
    name: `${piece.name} (again)`,
    room: { temperature: '14 °C' },
    measure: own.measure,
  });
});

test('without its job it is as much of its resin as was really mixed, and that can be planned', () => {
  const draft = jobAgain(piece, undefined, [])!;
  expect(checkedDraft(draft).problems).toEqual([]);
  const { plan } = planDraft(draft, shelf);
  const mixedG = piece.pours
    .flatMap(({ layers }) => layers.flatMap(({ batches }) => batches))
    .reduce((sum, { aG = 0, bG = 0 }) => sum + aG + bG, 0);
  expect(plan!.together.totalG).toBeCloseTo(mixedG, 0);
});

test('a card on the shelf stands in place of the one that was kept', () => {
  const [card] = demoResins;
  const named = { ...card!, name: piece.pours[0]!.resin };
  expect(jobAgain(piece, undefined, [named])!.pours[0]!.resin).toBe(named);
});

test('nothing is made up where nobody noted what it took', () => {
  expect(jobAgain({ ...piece, pours: [] }, undefined, [])).toBeUndefined();
});

test('what is minded next time stands in the job once, and keeps it whole', () => {
  const minded = withLesson(withLesson(own, 'ratio-off'), 'ratio-off');
  expect(minded.prepare?.lessons).toEqual(['ratio-off']);
  const whole = withLesson(jobAgain(piece, undefined, [])!, 'timber-unsealed');
  expect(checkedDraft(whole).problems).toEqual([]);
});
