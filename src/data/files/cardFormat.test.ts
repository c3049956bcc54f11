import Ajv from 'ajv/dist/2019';
import resinsFormat from '../../../docs/formats/resins.schema.json';
import { readResins } from '../../core/resin/resinFile';
import { demoResins } from '../demo/demoResins';
import { cardsJson } from './cardFiles';

const fits = new Ajv({ strictTypes: false }).compile(resinsFormat);

const accepts = (file: unknown): boolean => {
  try {
    readResins(file);
    return true;
  } catch {
    return false;
  }
};

const bare = {
  name: 'Two to one',
  family: 'fast-epoxy',
  ratio: { by: 'weight', a: 2, b: 1 },
};
const fileOf = (...resins: object[]): object => ({
  format: 'nipperkin-resins',
  version: 1,
  resins,
});

describe('the published JSON Schema of resin cards and the core say the same', () => {
  test.each<[string, unknown]>([
    ['the shelf of the demo', JSON.parse(cardsJson(demoResins))],
    ['what a label says at the least', fileOf(bare)],
    [
      'one ratio in its own place',
      fileOf({ ...bare, ratio: undefined, ratioByVolume: { a: 2, b: 1 } }),
    ],
    ['a resin in one bottle', fileOf({ name: 'Lamp', family: 'uv' })],
    ['an older card', fileOf({ ...bare, greatestDepth: '5 cm' })],
  ])('%s is right', (_, file) => {
    const plain = JSON.parse(JSON.stringify(file)) as unknown;
    expect(fits(plain)).toBe(true);
    expect(accepts(plain)).toBe(true);
  });

  test.each<[string, unknown]>([
    ['no ratio', fileOf({ name: 'X', family: 'fast-epoxy' })],
    ['no cards', fileOf()],
    ['a kit without a price', fileOf({ ...bare, kits: [{ size: '1 l' }] })],
    ['a pot life without a time', fileOf({ ...bare, potLife: { mass: '1 kg' } })],
    ['a day in words', fileOf({ ...bare, lots: [{ left: '1 l', opened: 'yesterday' }] })],
    ['an unknown clarity', fileOf({ ...bare, clarity: 'lovely' })],
    ['an unknown key', fileOf({ ...bare, colour: 'red' })],
  ])('%s is wrong', (_, file) => {
    expect(fits(file)).toBe(false);
    expect(accepts(file)).toBe(false);
  });
});
