import { screen } from '@testing-library/react';
import { openLine, openStep, says, turn, type } from '../../testing/openStep';
import { MixStep } from './MixStep';

async function atPots() {
  const step = await openStep(<MixStep onSheet={() => undefined} />);
  await screen.findByTestId('pots');
  return step;
}

test('a pot: what it does to bubbles, how long it is held, and nothing of it once it is off', async () => {
  const { saved } = await atPots();
  openLine('Pressure pot', 'pots');
  turn('Cast under pressure', 'pressure');
  await says('Bubbles shrink to 64.5 % of their width', 'pressure');
  type('The pot is rated at', '60 psi', 'pressure');
  await says(/66\.7 % of the/, 'pressure');
  await saved(({ pressure }) =>
    expect(pressure).toMatchObject({ gauge: '40 psi', rating: '60 psi' }),
  );
  turn('Cast under pressure', 'pressure');
  await saved(({ pressure }) => expect(pressure).toBeUndefined());
});

test('more than four fifths of its rating is refused where it is typed, and stays there', async () => {
  const { saved } = await atPots();
  openLine('Pressure pot', 'pots');
  turn('Cast under pressure', 'pressure');
  type('On the dial', '55 psi', 'pressure');
  type('The pot is rated at', '60 psi', 'pressure');
  await says(/stay under 3\.31/, 'pressure');
  await saved(({ pressure }) => expect(pressure?.gauge).toBe('55 psi'));
});

test('a vacuum: what is left at this height, how far it rises', async () => {
  const { saved } = await atPots();
  openLine('Vacuum', 'pots');
  turn('Degas it before pouring', 'vacuum');
  await says(/63.mbar are left/, 'vacuum');
  type('Over the sea', '1600 m', 'vacuum');
  await says(/a dial shows less than that/, 'vacuum');
  type('Under the air', '0.8 bar', 'vacuum');
  await says(/35.mbar are left/, 'vacuum');
  await saved(({ vacuum }) =>
    expect(vacuum).toMatchObject({ dial: '0.8 bar', altitude: '1600 m' }),
  );
});
