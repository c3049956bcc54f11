import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import exampleFile from '../../../docs/formats/drawer-tray.job.json';
import type { PlainShape } from '../../core/measure/shapes/shapeRules';
import {
  choose as chooseIn,
  chooseOnLine,
  openStep as openAnyStep,
  press as pressIn,
  type as typeIn,
} from '../../testing/openStep';
import { pushedTo, standAt } from '../../testing/router';
import { fieldNames, shapeNames } from '../../words/names';
import { MeasureStep } from './MeasureStep';

beforeEach(() => standAt('/jobs/tray/measure', { id: 'tray', from: '/buying' }));

async function openStep(measure: object = exampleFile.measure): Promise<void> {
  await openAnyStep(<MeasureStep />, { measure });
  await screen.findByTestId('cavity-1');
}

const cavity = (number = 1) => within(screen.getByTestId(`cavity-${number}`));
const here = 'cavity-1';
const choose = (name: string | RegExp): void => chooseIn(name, here);
const press = (name: string | RegExp): void => pressIn(name, here);
const type = (label: string, text: string): void => typeIn(label, text, here);

function chooseMethod(shape: keyof typeof shapeNames): void {
  press(/^(Measured as: .*|All ways to measure)$/);
  choose(shapeNames[shape]);
}

/** What a cavity comes to, with its spaces as people read them. */
const expectMl = (ml: string, number = 1): Promise<void> =>
  waitFor(() =>
    expect(screen.getByTestId(`cavity-${number}`).textContent.replaceAll('\u00a0', ' ')).toContain(
      `${ml} ml`,
    ),
  );

const plainCases: readonly (readonly [PlainShape, Readonly<Record<string, string>>, string])[] = [
  ['box', { length: '100 mm', width: '50 mm', depth: '20 mm' }, '100'],
  [
    'rounded-rectangle',
    { length: '100 mm', width: '50 mm', radius: '10 mm', depth: '20 mm' },
    '98.3',
  ],
  ['cylinder', { diameter: '100 mm', depth: '20 mm' }, '157'],
  ['ring', { outerDiameter: '100 mm', innerDiameter: '60 mm', depth: '20 mm' }, '101'],
  ['frustum', { bottomDiameter: '60 mm', topDiameter: '100 mm', depth: '20 mm' }, '103'],
  [
    'pyramid',
    {
      bottomLength: '60 mm',
      bottomWidth: '40 mm',
      topLength: '90 mm',
      topWidth: '60 mm',
      depth: '20 mm',
    },
    '76.0',
  ],
  ['cone', { diameter: '100 mm', depth: '30 mm' }, '78.5'],
  ['spherical-cap', { diameter: '80 mm', depth: '20 mm' }, '54.5'],
  ['hemisphere', { diameter: '80 mm' }, '134'],
  ['sphere', { diameter: '80 mm' }, '268'],
  ['ellipse', { length: '100 mm', width: '60 mm', depth: '20 mm' }, '94.2'],
  ['polygon', { acrossFlats: '80 mm', depth: '20 mm' }, '111'],
  ['triangle', { sideA: '30 mm', sideB: '40 mm', sideC: '50 mm', depth: '20 mm' }, '12.0'],
];

test('every plain shape is typed and comes to its volume', async () => {
  await openStep();
  for (const [shape, fields, ml] of plainCases) {
    chooseMethod(shape);
    for (const [key, text] of Object.entries(fields)) type(fieldNames[key] ?? key, text);
    await expectMl(ml);
  }
});

test('a hollow tray with a draft: the walls lean in, the shell alone is filled', async () => {
  await openStep();
  press('Draft or hollow');
  type(fieldNames['draft'] ?? '', '45°');
  // 300 × 200 mm at the rim, 31.75 mm less on every side at the floor.
  await expectMl('1444');
  type(fieldNames['draft'] ?? '', '');
  type(fieldNames['wall'] ?? '', '5 mm');
  // 300 × 200 × 31.75 less 290 × 190 × 26.75 mm.
  await expectMl('431');
});

test('a wrong entry is told at its field in its own words, and the last figures stand', async () => {
  await openStep();
  for (const [typed, says] of [
    ['0', /must be more than 0/],
    ['-4 mm', /must be more than 0/],
    ['deep', /is not a length/],
    ['11 m', /10 m at the most/],
    ['NaN', /is not a length/],
    ['3 m2', /That is an area; this wants a length/],
    ['1,200 mm', /could be 1200 or 1\.200/],
    ['3 furlongs', /not a unit Nipperkin knows/],
  ] as const) {
    type('Depth', typed);
    expect(await cavity().findByText(says)).toBeInTheDocument();
    await expectMl('1905');
    type('Depth', '31.75 mm');
    await waitFor(() => expect(cavity().queryByText(says)).toBeNull());
  }
});

test('rectangles laid side by side, one taken out and put back', async () => {
  await openStep();
  chooseMethod('rectangles');
  type('Length 1', '100 mm');
  type('Width 1', '40 mm');
  type('Narrowest 1 (if you like)', '30 mm');
  type('Depth', '10 mm');
  await expectMl('40.0');
  press('Add a rectangle');
  type('Length 2', '50 mm');
  type('Width 2', '20 mm');
  await expectMl('50.0');
  press('Remove rectangle 2');
  await expectMl('40.0');
  fireEvent.click(screen.getByRole('button', { name: 'Undo' }));
  await expectMl('50.0');
});

test('a channel grows station by station, each with its own depth where it differs', async () => {
  await openStep();
  chooseMethod('channel');
  type('Width 1', '80 mm');
  type('Station 2 at', '500 mm');
  type('Width 2', '60 mm');
  type('Depth', '40 mm');
  // 70 mm on average over 500 mm, 40 mm deep.
  await expectMl('1400');
  press('Next station');
  type('Station 3 at', '1000 mm');
  type('Width 3', '80 mm');
  await waitFor(() =>
    expect(screen.getByTestId('cavity-1')).toHaveTextContent(
      /1000\smm long, \S+\smm wide on average/,
    ),
  );
  type('Station 3 at', '400 mm');
  expect(await cavity().findByText(/must lie further along/)).toBeInTheDocument();
});

test('water on a scale; a porous mould refuses it until it is overruled', async () => {
  await openStep();
  chooseMethod('wet-fill');
  type('Mass of the water', '200 g');
  await expectMl('200');
  chooseOnLine('The mould is of', 'Plaster', here);
  expect(await cavity().findByText(/Water soaks into this mould/)).toBeInTheDocument();
  fireEvent.click(cavity().getByRole('checkbox', { name: 'Fill it with water all the same' }));
  await waitFor(() => expect(cavity().queryByText(/Water soaks into/)).toBeNull());
  choose('In a jug');
  type('Water poured in', '1.2 l');
  await expectMl('1200');
});

test('a bulk density is found, kept and offered again', async () => {
  await openStep();
  chooseMethod('dry-fill');
  type('Mass of the grain', '300 g');
  press('Find a bulk density');
  type('Grain in the jug', '400 g');
  type('Fills the jug to', '500 ml');
  type('Name of the grain', 'Millet');
  press('Keep and use 0.8 g/ml');
  await expectMl('375');
  type('Bulk density', '1 g/ml');
  await expectMl('300');
  await waitFor(() => choose(/^Millet/));
  await expectMl('375');
});

test('a master by its weight, a casting in a jug, an amount that is known', async () => {
  await openStep();
  chooseMethod('weighed');
  type('Mass', '412 g');
  type('Density', '1.13 g/ml');
  await expectMl('365');
  chooseMethod('displaced');
  type(fieldNames['before'] ?? '', '300 ml');
  type(fieldNames['after'] ?? '', '290 ml');
  expect(await cavity().findByText(/must rise above/)).toBeInTheDocument();
  type(fieldNames['after'] ?? '', '338 ml');
  await expectMl('38.0');
  chooseMethod('amount');
  type('Amount', '20 ml');
  await expectMl('20.0');
  expect(cavity().queryByRole('button', { name: 'Keep as a mould' })).toBeNull();
});

test('a coat by area, by a round face, with edges', async () => {
  await openStep();
  chooseMethod('coat');
  chooseOnLine('Measured by', 'Area', here);
  type('Area', '1 m2');
  type('Thickness', '2 mm');
  await expectMl('2000');
  chooseOnLine('Measured by', 'Round', here);
  type('Diameter', '200 mm');
  // π 100² × 2 mm.
  await expectMl('62.8');
  fireEvent.click(cavity().getByRole('checkbox', { name: 'Coat the edges too' }));
  type('Height of the edges', '20 mm');
  // And π 200 × 20 × 2 mm.
  await expectMl('88.0');
});

test('a mould of the library, all its cavities or one, by the count', async () => {
  await openStep();
  chooseMethod('mould');
  choose(/^Porthole buttons/);
  await expectMl('33.0');
  choose(/^Small/);
  await expectMl('2.4');
  press('More count');
  await expectMl('4.8');
  choose(/^Cleats, four in a row/);
  // A cavity of the other mould is not one of this.
  await expectMl('162');
});

test('an insert takes its room in the cavity it is said to stand in', async () => {
  await openStep();
  fireEvent.click(screen.getByRole('button', { name: 'Add an insert' }));
  const insert = within(await screen.findByTestId('insert-1'));
  const into = (label: string, text: string): void =>
    void fireEvent.change(insert.getByLabelText(label), { target: { value: text } });
  into('Diameter', '40 mm');
  into('Depth', '20 mm');
  await waitFor(() => expect(screen.getByTestId('insert-1')).toHaveTextContent(/25\.1/));
  into('In cavity', '2');
  expect(await insert.findByText(/There is no such cavity/)).toBeInTheDocument();
});

test('a cavity is removed and put back; it is kept as a mould by a tap', async () => {
  await openStep();
  fireEvent.click(screen.getByRole('button', { name: 'Add a cavity' }));
  await screen.findByTestId('cavity-2');
  fireEvent.click(screen.getByRole('button', { name: 'Remove cavity 1' }));
  await waitFor(() => expect(screen.queryByTestId('cavity-2')).toBeNull());
  await act(async () => void fireEvent.click(screen.getByRole('button', { name: 'Undo' })));
  await screen.findByTestId('cavity-2');
  fireEvent.click(screen.getByRole('button', { name: 'Remove cavity 2' }));
  await expectMl('1905');
  press('Keep as a mould');
  expect(pushedTo()).toContainEqual({
    pathname: '/jobs/[id]/mould',
    params: { id: 'tray', part: 0, from: '/jobs/tray/measure?from=%2Fbuying' },
  });
});
