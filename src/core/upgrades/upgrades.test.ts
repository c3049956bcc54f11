import exampleFile from '../../../docs/formats/drawer-tray.job.json';
import galleyStep from '../../../docs/formats/galley-step.job.json';
import { readJob } from '../job/readJob';
import { readResins, readSharedResin } from '../resin/resinFile';
import { cardsOfRows } from '../resin/resinRows';
import { readOne } from '../../testing/planOne';
import { upgradeCard } from './upgradeCard';
import { upgradeDraft, upgradeWithinVersion } from './upgradeJob';

/** A card as it was written before a depth had two ends and polyurethanes were two families. */
const oldCard = {
  name: 'Old tin',
  family: 'polyurethane',
  ratioByVolume: { a: 1, b: 1 },
  potLife: { time: '3 min' },
  greatestDepth: '50 mm',
};
const today = { family: 'fast-polyurethane', depth: { greatest: '50 mm' } };

describe('an old card is read as cards are today', () => {
  test('in a file of cards', () => {
    const file = { format: 'nipperkin-resins', version: 1, resins: [oldCard] };
    expect(readResins(file)[0]).toMatchObject(today);
  });

  test('out of a link', () => expect(readSharedResin(oldCard)).toMatchObject(today));

  test('out of a table', () => {
    const row = {
      name: 'Old tin',
      family: 'polyurethane',
      'ratioByVolume.a': '1',
      'ratioByVolume.b': '1',
      'potLife.time': '3 min',
      greatestDepth: '50 mm',
    };
    expect(cardsOfRows([row])[0]).toMatchObject(today);
  });

  test('in a job of either version', () => {
    expect(readJob({ ...exampleFile, resin: oldCard }).pours[0]?.resin).toMatchObject(today);
    const [seal, ...pours] = galleyStep.pours;
    const job = {
      ...galleyStep,
      pours: [{ ...seal, resin: oldCard, hardener: undefined }, ...pours],
    };
    expect(readJob(job).pours[0]?.resin).toMatchObject(today);
  });

  test('in a draft, whatever else is in it', () => {
    const lifted = upgradeDraft({ resin: oldCard, measure: 'half typed' });
    expect(lifted).toMatchObject({ measure: 'half typed', pours: [{ resin: today }] });
    expect(upgradeDraft(lifted)).toEqual(lifted);
  });
});

test('which polyurethane it is, its pot life tells; what cannot be read is fast, and told by the schema', () => {
  const familyFor = (potLife?: object): unknown =>
    (upgradeCard({ ...oldCard, potLife }) as { readonly family: unknown }).family;
  expect(familyFor({ time: '5.9 min' })).toBe('fast-polyurethane');
  expect(familyFor({ time: '6 min' })).toBe('slow-polyurethane');
  expect(familyFor({ time: 'soon' })).toBe('fast-polyurethane');
  expect(familyFor()).toBe('fast-polyurethane');
});

test('a depth that was emptied is none, and another end is kept', () => {
  expect(upgradeCard({ greatestDepth: '' })).toEqual({});
  expect(upgradeCard({ greatestDepth: '5 cm', depth: { least: '1 cm' } })).toEqual({
    depth: { least: '1 cm', greatest: '5 cm' },
  });
});

test.each([null, 'no card', 7, undefined, []])('%p comes back as it is', (value) => {
  expect(upgradeCard(value)).toBe(value);
  expect(upgradeWithinVersion(value)).toBe(value);
});

test('the step of the scale had an object of its own', () => {
  const old = { ...exampleFile, scale: { step: '0.1 g' } };
  expect(readOne(old)).toMatchObject({ scaleStep: '0.1 g' });
  expect(readOne(old)).not.toHaveProperty('scale');
});

test('what is of today goes through unchanged', () => {
  expect(upgradeWithinVersion(galleyStep)).toEqual(galleyStep);
  expect(upgradeWithinVersion(exampleFile)).toEqual(exampleFile);
});
