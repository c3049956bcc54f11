import { screen, waitFor } from '@testing-library/react';
import { demoResins } from '../../data/demo/demoResins';
import {
  choose,
  chooseOnLine,
  openLine,
  openStep,
  press,
  says,
  textOf,
  turn,
  undo,
  withWords,
} from '../../testing/openStep';
import { ResinStep } from './ResinStep';

const added: string[] = [];
const step = (
  <ResinStep onAddResin={() => added.push('add')} onCompare={() => added.push('compare')} />
);
const { id: _, ...slow } = demoResins[0]!;
const onShelf = { resin: { ...slow, id: 'demo-slow-clear' } };

const namesInOrder = (): readonly string[] =>
  screen
    .getAllByRole('radio')
    .map((each) => each.getAttribute('aria-label') ?? '')
    .filter((label) => label.includes('. '));

test('every card is held against the job: what is good comes first, what is not says why', async () => {
  await openStep(step, onShelf);
  await waitFor(() => expect(namesInOrder().length).toBeGreaterThan(5));
  const suits = namesInOrder().map((label) =>
    ['Good', 'Possible', 'No'].findIndex((each) => label.endsWith(`. ${each}`)),
  );
  expect(suits).toEqual([...suits].sort());
  expect(suits[0]).toBe(0);
  expect(suits.at(-1)).toBe(2);
  expect(textOf()).toContain('Silicone is for moulds.');
});

test('a resin is chosen with a hardener, and another order puts another first', async () => {
  const { saved } = await openStep(step, onShelf);
  await waitFor(() => expect(namesInOrder().length).toBeGreaterThan(5));
  choose(/^Slow clear, Medium/);
  await saved(({ hardener }) => expect(hardener).toBe('Medium'));
  const soonest = namesInOrder()[0];
  chooseOnLine('Sort by', /^Clearest/);
  await waitFor(() => expect(namesInOrder()[0]).not.toBe(soonest));
});

test('another resin cuts the layers anew, and says so where they were cut by hand', async () => {
  const typed = { style: 'equal', maxDepth: '12 mm', joint: 'scuff' };
  const { saved } = await openStep(step, { ...onShelf, layers: typed });
  await waitFor(() => expect(namesInOrder().length).toBeGreaterThan(5));
  choose(/^Table coat/);
  await saved(({ layers }) => expect(layers).toEqual({ style: 'equal', joint: 'scuff' }));
  undo();
  await saved(({ layers }) => expect(layers).toEqual(typed));
});

test('fine detail and glitter rule out what is too thick or too thin', async () => {
  const { saved } = await openStep(step, onShelf);
  await waitFor(() => expect(namesInOrder().length).toBeGreaterThan(5));
  openLine('It must also be good for');
  turn(/glitter/i);
  await says('Too thin for glitter');
  await saved(({ wants }) => expect(wants).toEqual(['glitter']));
  turn(/glitter/i);
  await saved(({ wants }) => expect(wants).toBeUndefined());
});

test('a resin that came with the job is put on the shelf', async () => {
  const { saved } = await openStep(step);
  await says('Slow clear came with this job');
  press('Put it on the shelf');
  await saved(({ resin }) => expect(resin?.id).toBeDefined());
  await waitFor(() => expect(textOf()).not.toContain('came with this job'));
});

test('a table to compare, and a way to another card', async () => {
  await openStep(step, onShelf);
  await waitFor(() => expect(withWords('button', 'Compare in a table')).toBeTruthy());
  press('Compare in a table');
  press('Add a resin to the shelf');
  expect(added).toEqual(['compare', 'add']);
});
