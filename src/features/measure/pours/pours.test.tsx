import { screen } from '@testing-library/react';
import { demoResins } from '../../../data/demo/demoResins';
import {
  choose,
  openLine,
  openStep,
  press,
  says,
  turn,
  type,
  undo,
} from '../../../testing/openStep';
import { AddPour } from './AddPour';
import { PlaceStep } from './PlaceStep';

const inHand: number[] = [];
beforeEach(() => void inHand.splice(0));
const onPour = (index: number): void => void inHand.push(index);

const resin = demoResins.find(({ id }) => id === 'demo-slow-clear')!;
const coating = demoResins.find(({ id }) => id === 'demo-table-coat')!;
const editor = 'pour-editor';

/** The tray of the example, 300 × 200 × 31.75 mm, in two fills. */
const twoFills = {
  version: 2,
  pours: [
    { name: 'Foot', overage: '10 %', resin, fills: { to: '10 mm' } },
    { name: 'Rest', overage: '10 %', resin, fills: { from: '10 mm' } },
  ],
};

const openPours = (change: object = twoFills) => openStep(<PlaceStep onPour={onPour} />, change);

test('a coat is added with a resin that coats, and is the one in hand', async () => {
  const { saved } = await openStep(<AddPour onPour={onPour} />);
  await screen.findByTestId('add-pour');
  openLine('Add another pour');
  press('Coat the top', 'add-pour');
  await saved(({ pours }) => {
    expect(pours).toHaveLength(2);
    expect(pours[1]).toMatchObject({
      role: 'coat',
      name: 'Flood coat',
      covers: { face: 'surface', thickness: '3 mm' },
      resin: { id: coating.id },
    });
  });
  expect(inHand).toEqual([1]);
  undo();
  await saved(({ pours }) => expect(pours).toHaveLength(1));
});

test('a pour is named, and filled up to a height', async () => {
  const { saved } = await openPours();
  await screen.findByTestId(editor);
  type('Name of the pour', 'Lower half', editor);
  type('Up to (the rim without it)', '8', editor);
  await saved(({ pours }) =>
    expect(pours[0]).toMatchObject({ name: 'Lower half', fills: { to: '8 mm' } }),
  );
  await says('Pour 1: Lower half', editor);
});

test('what a pour covers is a stretch of the form, a face of it, or a measure of its own', async () => {
  const { saved } = await openPours();
  await screen.findByTestId(editor);
  choose('Onto a face of it', editor);
  await saved(({ pours }) => {
    expect(pours[0]?.covers).toMatchObject({ face: 'surface' });
    expect(pours[0]?.fills).toBeUndefined();
  });
  choose('Sides', editor);
  type('Thickness', '0.5', editor);
  await saved(({ pours }) =>
    expect(pours[0]?.covers).toMatchObject({ face: 'sides', thickness: '0.5 mm' }),
  );
  choose('Elsewhere, measured here', editor);
  await saved(({ pours }) => {
    expect(pours[0]?.measure?.parts).toHaveLength(1);
    expect(pours[0]?.covers).toBeUndefined();
  });
  choose('Into the form', editor);
  await saved(({ pours }) => {
    expect(pours[0]?.measure).toBeUndefined();
    expect(pours[0]?.fills).toEqual({});
  });
});

test('a pour is in another room, and comes back to the job’s', async () => {
  const { saved } = await openPours();
  await screen.findByTestId(editor);
  turn('In another room than the rest', editor);
  // It begins as the room of the job is.
  await saved(({ pours }) => expect(pours[0]?.room).toEqual({ temperature: '21 °C' }));
  type('Room of this pour', '26', editor);
  await saved(({ pours, room }) => {
    expect(pours[0]?.room).toEqual({ temperature: '26 °C' });
    expect(room).toEqual({ temperature: '21 °C' });
  });
  turn('In another room than the rest', editor);
  await saved(({ pours }) => expect(pours[0]?.room).toBeUndefined());
});

test('pours change places', async () => {
  const { saved } = await openPours({
    ...twoFills,
    pours: [
      {
        name: 'Seal',
        overage: '0 %',
        resin: coating,
        covers: { face: 'sides', thickness: '1 mm' },
      },
      { name: 'Fill', overage: '0 %', resin },
    ],
  });
  await screen.findByTestId(editor);
  press('Pour it later', editor);
  await saved(({ pours }) => expect(pours.map(({ name }) => name)).toEqual(['Fill', 'Seal']));
  expect(inHand).toEqual([1]);
});

test('the pour that is left alone fills all of the form, in its own room; undo puts everything back', async () => {
  const change = {
    ...twoFills,
    heat: { day: { lowest: '16 °C', highest: '24 °C' }, fan: '2 h' },
    pours: [twoFills.pours[0], { ...twoFills.pours[1], room: { temperature: '27 °C' } }],
  };
  const { saved } = await openPours(change);
  await screen.findByTestId(editor);
  press('Remove this pour', editor);
  await saved(({ pours, room, heat }) => {
    expect(pours).toHaveLength(1);
    expect(pours[0]).toMatchObject({ name: 'Rest' });
    expect(pours[0]?.fills).toBeUndefined();
    expect(pours[0]?.room).toBeUndefined();
    expect(room).toEqual({ temperature: '27 °C' });
    expect(heat).toEqual({ fan: '2 h' });
  });
  undo();
  await saved(({ pours, room, heat }) => {
    expect(pours.map(({ name }) => name)).toEqual(['Foot', 'Rest']);
    expect(pours[1]?.room).toEqual({ temperature: '27 °C' });
    expect(room).toEqual({ temperature: '21 °C' });
    expect(heat?.day).toEqual({ lowest: '16 °C', highest: '24 °C' });
  });
});
