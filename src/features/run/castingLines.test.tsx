import { demoResins } from '../../data/demo/demoResins';
import { choose, openLine, openStep, says, turn, type } from '../../testing/openStep';
import { CastingLines } from './CastingLines';

const cast = {
  role: 'castings',
  resin: demoResins.find(({ id }) => id === 'demo-quick-white'),
  measure: {
    parts: [{ shape: 'box', length: '100 mm', width: '80 mm', depth: '60 mm', count: 1 }],
  },
  room: { temperature: '23 °C' },
};

test('how a casting is filled, what goes between two, and how thin it is decide when it is tried', async () => {
  const { saved } = await openStep(<CastingLines />, cast);
  await says('Half, tilted all round, then full');
  await says(/It may be tried after 20 min\. Hot, then cooling/);
  openLine('Thick, on the whole');
  turn('Say how thick');
  type('Thickness', '2.5 mm');
  await says(/It may be tried after 40 min, 2 times the label/);
  openLine('Between two');
  choose(/^Release/);
  await saved(({ casting }) =>
    expect(casting).toMatchObject({ thickness: '2.5 mm', between: 'release' }),
  );
});
