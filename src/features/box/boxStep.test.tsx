import { demoResins } from '../../data/demo/demoResins';
import { choose, openLine, openStep, press, says, type, undo } from '../../testing/openStep';
import { BoxStep } from './BoxStep';

const silicone = demoResins.find(({ id }) => id === 'demo-mould-silicone');
const ball = { parts: [{ shape: 'sphere', diameter: '50 mm', count: 1 }] };
const mould = { resin: silicone, measure: ball, role: 'mould', room: { temperature: '23 °C' } };

test('a box goes round what is measured: boards first, a tube once there is one', async () => {
  const { saved } = await openStep(<BoxStep />, mould);
  press('Build a box round it');
  // 74³ less the ball of 65.4 ml.
  await says('340 ml');
  await says('Nothing leads in yet', 'openings');
  openLine('Spout, across');
  type('Spout, across', '10 mm');
  await says(/A spout 10\s?mm across/, 'openings');
  openLine('Tubes at hand, inside');
  type('Tubes at hand, inside', '63, 75, 110 mm');
  await says(/Box 75\s?mm across, 74\s?mm high inside/);
  await says(/more/);
  await saved(({ mouldBox }) =>
    expect(mouldBox).toMatchObject({ spout: '10 mm', tubes: '63, 75, 110 mm' }),
  );
});

test('what is wrong with a box is told at its place, and nothing typed is lost', async () => {
  const { saved } = await openStep(<BoxStep />, { ...mould, mouldBox: { spout: '8 mm' } });
  openLine('Beside the piece');
  type('Beside the piece', '4 mm');
  await says(/Walls of 4\s?mm tear/);
  await saved(({ mouldBox }) => expect(mouldBox?.wall).toBe('4 mm'));
});

test('two halves part where it is said, and platinum asks what it lies on', async () => {
  const { saved } = await openStep(<BoxStep />, { ...mould, mouldBox: { spout: '8 mm' } });
  choose('Two halves');
  await says(/Parts 25\s?mm up the piece/, 'halves');
  await says('Say what the piece is of', 'cure-checks');
  await says('Say what the clay bed is of', 'cure-checks');
  type('Parts this far up', '20 mm');
  await says(/Parts 20\s?mm up the piece/, 'halves');
  await saved(({ mouldBox }) =>
    expect(mouldBox).toMatchObject({ halves: 'two', parting: '20 mm' }),
  );
});

test('of a piece that only its volume is known of, its sides are asked', async () => {
  await openStep(<BoxStep />, {
    ...mould,
    measure: { parts: [{ shape: 'displaced', before: '300 ml', after: '418 ml', count: 1 }] },
    mouldBox: {},
  });
  await says(/Only the volume of the piece is known/);
});

test('a box that is taken out comes back with all that was said of it', async () => {
  const { saved } = await openStep(<BoxStep />, {
    ...mould,
    mouldBox: { spout: '8 mm', tubes: '80 mm', wall: '13 mm' },
  });
  await says(/80\s?mm across/);
  press('No box');
  await saved(({ mouldBox }) => expect(mouldBox).toBeUndefined());
  undo();
  await saved(({ mouldBox }) =>
    expect(mouldBox).toMatchObject({ spout: '8 mm', tubes: '80 mm', wall: '13 mm' }),
  );
});
