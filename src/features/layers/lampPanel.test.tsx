import { screen } from '@testing-library/react';
import { demoResins } from '../../data/demo/demoResins';
import { choose, chooseOnLine, openLine, openStep, says, type } from '../../testing/openStep';
import { LayersStep } from './LayersStep';

const here = 'lamp';
const lens = {
  resin: demoResins.find(({ id }) => id === 'demo-lens-light'),
  layers: { style: 'equal' },
  measure: { parts: [{ shape: 'cylinder', diameter: '50 mm', depth: '3 mm', count: 1 }] },
};

async function underLamp() {
  const step = await openStep(<LayersStep />, lens);
  await screen.findByTestId(here);
  return step;
}

test('a layer is lit as long as the label says, in its steps', async () => {
  await underLamp();
  await says(/about 60 s/, here);
  await says(/by the label’s time/, here);
  await says('Never look into the lamp', here);
});

test('a weaker lamp takes longer, a coloured resin more layers', async () => {
  const { saved } = await underLamp();
  openLine('This lamp', here);
  choose('Its intensity', here);
  type('At the resin', '2.5', here);
  await says(/about 2 min/, here);
  chooseOnLine('Light gets through it as', /^Strong/, here);
  await says('Layer 3 under the lamp', here);
  await saved(({ uv }) => expect(uv).toEqual({ intensity: '2.5 mW/cm2', opacity: 'strong' }));
});

test('what no light gets through is under no lamp', async () => {
  await underLamp();
  chooseOnLine('Light gets through it as', /^Opaque/, here);
  await says(/^(?!.*under the lamp)/s, here);
});
