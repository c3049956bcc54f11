import { screen } from '@testing-library/react';
import {
  choose,
  chooseOnLine,
  openLine,
  openStep,
  says,
  textOf,
  type,
} from '../../testing/openStep';
import { LayersStep } from './LayersStep';

const deepTray = {
  room: { temperature: '21 °C' },
  measure: {
    parts: [{ shape: 'box', length: '900 mm', width: '700 mm', depth: '70 mm', count: 1 }],
  },
  container: undefined,
  resin: {
    name: 'Deep and slow',
    family: 'deep-pour-epoxy',
    ratio: { by: 'weight', a: 2, b: 1 },
    densityA: '1.1 g/ml',
    densityB: '0.98 g/ml',
    depth: { greatest: '30 mm', least: '8 mm' },
    times: { recoat: { from: '10 h', to: '24 h', temperature: '21 °C' } },
  },
};

const table = 'layer-table';
const figure = 'main-figure';

test('70 mm of a resin that takes 30 mm: three alike, or full ones and a top-off', async () => {
  const { saved } = await openStep(<LayersStep />, deepTray);
  await says('One pour', figure);
  chooseOnLine('Poured in', /^Equal layers/);
  await says('3 layers', figure);
  expect(textOf(table).match(/Layer \d, 23 mm/g)).toHaveLength(3);
  chooseOnLine('Poured in', /^Full layers, then a top-up/);
  await says('Layer 1, 30 mm', table);
  expect(textOf(table)).toContain('Layer 3, 10 mm');
  await saved(({ layers }) => expect(layers?.style).toBe('full-top-off'));
});

test('half of the depth makes more of them; a figure of one’s own stands over the label', async () => {
  await openStep(<LayersStep />, { ...deepTray, layers: { style: 'equal' } });
  await says('3 layers', figure);
  openLine('Of that depth, use');
  choose('Half');
  await says('5 layers', figure);
  choose('All');
  type('Deepest layer here, if you know better', '40');
  await says('2 layers', figure);
});

test('a thin layer first holds inserts', async () => {
  await openStep(<LayersStep />, { ...deepTray, layers: { style: 'lock-in' } });
  type('First thin layer', '8');
  await says('Layer 1, 8 mm', table);
});

test('heights of one’s own, and how layers join', async () => {
  const { saved } = await openStep(<LayersStep />, deepTray);
  chooseOnLine('Poured in', /^Heights of my own/);
  await says('Layer 2, 35 mm', table);
  type('Layer 1 ends at', '25');
  await says('Layer 1, 25 mm', table);
  expect(textOf(table)).toContain('Layer 2, 45 mm');
  expect(textOf(table)).toContain('Poured on after about');
  chooseOnLine('The next layer is poured', /scuff/i);
  await says('scuffed and wiped', table);
  await saved(({ layers }) => expect(layers).toMatchObject({ heights: ['25 mm'], joint: 'scuff' }));
});

test('heat in a warm room cuts what the label would not; the person may go by the label', async () => {
  const warm = {
    ...deepTray,
    room: { temperature: '28 °C' },
    resin: {
      ...deepTray.resin,
      depth: { greatest: '50 mm' },
      potLife: { time: '8 h', mass: '150 g', temperature: '25 °C' },
    },
    layers: { style: 'equal' },
  };
  const { saved } = await openStep(<LayersStep />, warm);
  await says('2 layers', figure);
  chooseOnLine('Limit each layer’s depth by', /^Whichever is less/);
  await says('what heat allows in this room and form (label 50 mm)', figure);
  chooseOnLine('Limit each layer’s depth by', /^The label/);
  await says("the label's 50 mm", figure);
  chooseOnLine('Limit each layer’s depth by', /^Heat in this room/);
  await saved(({ layers }) => expect(layers?.depthBy).toBe('room'));
});

test('a card without heat has no such choice', async () => {
  await openStep(<LayersStep />, {
    ...deepTray,
    resin: { ...deepTray.resin, family: 'silicone-tin' },
  });
  await says('One pour', figure);
  expect(screen.queryByText('Limit each layer’s depth by')).toBeNull();
});

test('a depth that cannot be split says what would go', async () => {
  await openStep(<LayersStep />, {
    ...deepTray,
    layers: { style: 'equal' },
    resin: { ...deepTray.resin, depth: { greatest: '30 mm', least: '29 mm' } },
  });
  await says('would go');
});
