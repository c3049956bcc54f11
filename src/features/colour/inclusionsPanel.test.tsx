import { screen } from '@testing-library/react';
import { chooseOnLine, openStep, press, says, type, undo } from '../../testing/openStep';
import { ColourStep } from './ColourStep';

const here = 'inclusions';

async function withFlake() {
  const step = await openStep(<ColourStep />);
  await screen.findByTestId(here);
  press('Glitter, flakes, stones in it');
  press('Add glitter, flakes or stones', here);
  return step;
}

test('a flake sinks to the floor of a slow pour, and is told when to put it in', async () => {
  const { saved } = await withFlake();
  await says(/It sinks to the floor/, here);
  await says(/put in about \d+½? h after the pour/, here);
  await says(/size, thickness, density assumed/, here);
  await saved(({ inclusions }) => expect(inclusions).toEqual([{ kind: 'flake' }]));
});

test('what is as heavy as the resin stays, what is lighter rises', async () => {
  const { saved } = await withFlake();
  chooseOnLine('It is', 'Hollow beads', here);
  await says(/It rises to the surface/, here);
  type('Density', '1.09', here);
  type('May move by', '30 mm', here);
  await says(/It stays within 30 mm/, here);
  await says('Stir it into the mix.', here);
  await saved(({ inclusions }) =>
    expect(inclusions).toEqual([{ kind: 'hollow-beads', density: '1.09 g/ml', within: '30 mm' }]),
  );
});

test('one that is taken out comes back by undo', async () => {
  const { saved } = await withFlake();
  press('Remove Flake', here);
  await saved(({ inclusions }) => expect(inclusions).toBeUndefined());
  undo();
  await saved(({ inclusions }) => expect(inclusions).toHaveLength(1));
});

test('a disc that is thicker than wide is told, and what was typed stays', async () => {
  const { saved } = await withFlake();
  type('Across', '0.01', here);
  await saved(({ inclusions }) => expect(inclusions?.[0]?.size).toBe('0.01 mm'));
});
