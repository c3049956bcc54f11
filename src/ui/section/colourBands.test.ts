import { planOne, readOne } from '../../testing/planOne';
import exampleFile from '../../../docs/formats/drawer-tray.job.json';
import { colourBands } from './colourBands';

const bandsOf = (change: object, layer = 0) =>
  colourBands(planOne(readOne({ ...exampleFile, ...change })), 0, layer);

test('plain resin is one band without a colour, a tint one with it', () => {
  expect(bandsOf({})).toEqual([{ colour: undefined, from: 0, to: 1 }]);
  expect(bandsOf({ tint: { share: '0.1 %', swatch: '#8d8378' } })).toEqual([
    { colour: '#8d8378', from: 0, to: 1 },
  ]);
});

test('portions lie side by side by their shares, in the layer that they are of', () => {
  const portions = [
    { name: 'Red', layer: 1, share: '40 %', swatch: '#b3262e' },
    { name: 'Rest', layer: 1, rest: true },
  ];
  const layered = { layers: { heights: ['10 mm'] }, portions };
  expect(bandsOf(layered)).toEqual([
    { colour: '#b3262e', from: 0, to: 0.4 },
    { colour: undefined, from: 0.4, to: 1 },
  ]);
  expect(bandsOf(layered, 1)).toEqual([{ colour: undefined, from: 0, to: 1 }]);
});
