import { fireEvent, screen } from '@testing-library/react';
import { choose, openStep, press, says, textOf, type } from '../../testing/openStep';
import { ColourStep } from './ColourStep';

test('a pour in two colours: a third of one, the rest of the other', async () => {
  const { saved } = await openStep(<ColourStep />);
  expect(textOf()).toContain('Poured as it is');
  press('Add a colour');
  await screen.findByTestId('portion-1');
  press('Add a colour');
  await screen.findByTestId('portion-2');
  await says('50 %, 1145 g', 'portion-1');
  choose('A share', 'portion-2');
  type('Share', '33.3', 'portion-2');
  await says(/33\.3\s%/, 'portion-2');
  await says(/66\.7\s%/, 'portion-1');
  expect(textOf()).toContain('The colours are mixed');
  await saved(({ portions }) =>
    expect(portions).toMatchObject([
      { name: 'Colour 1', rest: true },
      { name: 'Colour 2', share: '33.3 %' },
    ]),
  );
});

test('a pigment is dosed by the mass of its colour', async () => {
  const { saved } = await openStep(<ColourStep />);
  press('Add a colour');
  await screen.findByTestId('portion-1');
  press('Add a pigment', 'portion-1');
  type('Pigment', 'Copper', 'portion-1');
  type('Of the mixed mass', '1', 'portion-1');
  // One per cent of 2289 g.
  await says(/Copper.*22\.9 g/, 'portion-1');
  await saved(({ portions }) =>
    expect(portions?.[0]?.pigments).toMatchObject([{ name: 'Copper', share: '1 %' }]),
  );
});

test('a colour is removed and its undo brings it back', async () => {
  const { saved } = await openStep(<ColourStep />, {
    portions: [{ name: 'Sea', rest: true, pigments: [] }],
  });
  press('Sea');
  press('Remove colour 1');
  await saved(({ portions }) => expect(portions ?? []).toHaveLength(0));
  fireEvent.click(screen.getByRole('button', { name: 'Undo' }));
  await saved(({ portions }) => expect(portions).toMatchObject([{ name: 'Sea' }]));
});

test('shares that are more than all of it are said at the colours', async () => {
  await openStep(<ColourStep />, {
    portions: [
      { name: 'Sea', share: '70 %', pigments: [] },
      { name: 'Sand', share: '40 %', pigments: [] },
    ],
  });
  await says('110');
});

test('a volume of one colour in one of two cavities', async () => {
  const { saved } = await openStep(<ColourStep />, {
    measure: {
      parts: [
        { shape: 'box', name: 'Left', length: '100 mm', width: '100 mm', depth: '10 mm', count: 1 },
        {
          shape: 'box',
          name: 'Right',
          length: '100 mm',
          width: '100 mm',
          depth: '20 mm',
          count: 1,
        },
      ],
    },
    portions: [{ name: 'Sea', rest: true, pigments: [] }],
  });
  press('Sea');
  choose('Right', 'portion-1');
  // All of the right one, with its overage.
  await says('220 ml, 100 %', 'portion-1');
  choose('A volume', 'portion-1');
  type('Volume of the cavity', '50', 'portion-1');
  await saved(({ portions }) =>
    expect(portions?.[0]).toMatchObject({ cavity: '2', volume: '50 ml' }),
  );
});
