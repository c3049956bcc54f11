import { demoMoulds } from '../../data/demo/demoMoulds';
import { demoResins } from '../../data/demo/demoResins';
import { openLine, openStep, press, says, type } from '../../testing/openStep';
import { RunStep } from './RunStep';

const cast = {
  resin: demoResins.find(({ id }) => id === 'demo-quick-white'),
  measure: { parts: [{ shape: 'mould', mould: demoMoulds[0], count: 1 }] },
  room: { temperature: '23 °C' },
};

test('pieces, moulds and times make an order, its time and what would shorten it', async () => {
  const { saved } = await openStep(<RunStep />, cast);
  press('Make it a run');
  await says('24 castings for 24 good ones: 6 mixes, each fills one mould.');
  openLine('Weighing and stirring a mix');
  type('Weighing and stirring a mix', '1 min');
  openLine('Filling one mould');
  type('Filling one mould', '2 min');
  openLine('Until it may come out');
  type('Until it may come out', '35 min');
  await says('4 h 18 min');
  await says('Moulds hold it up');
  await says('One more mould (2)', 'run-ways');
  await saved(({ run }) =>
    expect(run).toMatchObject({ pieces: '24', mix: '1 min', pour: '2 min', demould: '35 min' }),
  );
});

test('a mould that takes longer to fill than the resin lasts is told, and what was typed stays', async () => {
  const { saved } = await openStep(<RunStep />, { ...cast, run: { pieces: 24 } });
  await says(/castings for 24 good ones/);
  openLine('Filling one mould');
  type('Filling one mould', '20 min');
  await saved(({ run }) => expect(run?.pour).toBe('20 min'));
});

test('two kinds of mould in one pour are no run: it is told, with what to do', async () => {
  const part = { shape: 'mould', mould: demoMoulds[0], count: 1 };
  await openStep(<RunStep />, { ...cast, measure: { parts: [part, part] } });
  press('Make it a run');
  await says('Give each its own pour.');
});
