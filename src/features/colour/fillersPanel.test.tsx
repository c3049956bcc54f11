import { screen } from '@testing-library/react';
import { chooseOnLine, openStep, press, says, textOf, type, undo } from '../../testing/openStep';
import { ColourStep } from './ColourStep';

const here = 'fillers';

/** The tray of the example holds 1905 ml; with a tenth more 2096 ml are mixed. */
async function withSand() {
  const step = await openStep(<ColourStep />);
  await screen.findByTestId(here);
  press(/^Sand, chips, beads in the mix/);
  press('Add a filler', here);
  return step;
}

test('sand by its mass: what is weighed of it, and how much resin is left', async () => {
  const { saved } = await withSand();
  type('In all', '500', here);
  // 500 g are 188.68 ml of grain.
  await says('1907 ml of resin in 2096 ml of mix', here);
  await says('Sand 500 g', here);
  await saved(({ fillers }) => expect(fillers).toEqual([{ kind: 'sand', mass: '500 g' }]));
});

test('another way to say how much begins anew, and keeps what it is', async () => {
  const { saved } = await withSand();
  chooseOnLine('It is', 'Stone chips', here);
  type('Name (if you like)', 'Slate', here);
  chooseOnLine('How much of it', 'Parts to one of resin', here);
  await saved(({ fillers }) =>
    expect(fillers).toEqual([{ kind: 'stone-chips', name: 'Slate', perResin: '1' }]),
  );
  chooseOnLine('How much of it', 'Pot before and after', here);
  type('Pot before', '900', here);
  type('Pot after', '400', here);
  await says('Slate 500 g', here);
});

test('a density of one’s own stands over the usual one, and goes with the kind', async () => {
  const { saved } = await withSand();
  type('In all', '500', here);
  type('Of the grain', '2.5', here);
  await says('1896 ml of resin', here);
  chooseOnLine('It is', 'Glass beads', here);
  await saved(({ fillers }) => {
    expect(fillers?.[0]).toMatchObject({ kind: 'glass-beads', mass: '500 g' });
    expect(fillers?.[0]?.grainDensity).toBeUndefined();
  });
});

test('more than a heap packs is told with the most that goes, and kept as typed', async () => {
  const { saved } = await withSand();
  chooseOnLine('How much of it', 'A share of the mix', here);
  type('Of the mixed volume', '70', here);
  await says(/60\.4/, here);
  expect(textOf(here)).not.toContain('ml of resin in');
  await saved(({ fillers }) => expect(fillers?.[0]?.share).toBe('70 %'));
});

test('a pot that is no lighter is told', async () => {
  await withSand();
  chooseOnLine('How much of it', 'Pot before and after', here);
  type('Pot before', '400', here);
  type('Pot after', '500', here);
  await says('lighter', here);
});

test('one is removed, and undo brings it back', async () => {
  const { saved } = await withSand();
  type('In all', '500', here);
  await saved(({ fillers }) => expect(fillers).toHaveLength(1));
  press('Remove Sand', here);
  await saved(({ fillers }) => expect(fillers).toBeUndefined());
  undo();
  await saved(({ fillers }) => expect(fillers).toEqual([{ kind: 'sand', mass: '500 g' }]));
});

test('a colour that is a share of one mix has no sand of its own, and says what to do', async () => {
  await openStep(<ColourStep />, {
    coloursFrom: 'one-batch',
    portions: [
      { name: 'Sea', share: '50 %', pigments: [], fillers: [{ kind: 'sand', share: '5 %' }] },
      { name: 'Sky', rest: true, pigments: [] },
    ],
  });
  await says('Mix each colour by itself', 'portion-1');
});
