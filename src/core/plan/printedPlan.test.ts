import { demoJobs } from '../../data/demo/demoJobs';
import { readJob } from '../job/readJob';
import { planJob } from './planJob';
import { printedPlan } from './printedPlan';

type Printed = Readonly<Record<string, unknown>>;

const printedOf = (id: string, more?: readonly object[]): Printed => {
  const { id: _, ...job } = demoJobs.find((each) => each.id === id)!;
  return JSON.parse(
    JSON.stringify(printedPlan(planJob(readJob(JSON.parse(JSON.stringify(job)))), more)),
  ) as Printed;
};
const poursOf = (printed: Printed) => printed['pours'] as readonly Printed[];

/** What version 1 printed beside the figures of the one pour; the order is part of it. */
const keysOfOne = ['leftovers', 'buying', 'times', 'why', 'warnings', 'heightCurve', 'weight'];

describe('a job of one pour', () => {
  const printed = printedOf('demo-drawer-tray');

  test('has the keys of that pour, in the order they always had', () => {
    const keys = Object.keys(printed);
    expect(keys.slice(0, 5)).toEqual(['name', 'roomTemperatureC', 'parts', 'inserts', 'depthMm']);
    const last = keys.filter((key) => keysOfOne.includes(key));
    expect(last).toEqual(keysOfOne);
    expect(keys.at(-1)).toBe('pours');
  });

  test('says the same of its pour in the list', () => {
    const [pour, ...others] = poursOf(printed);
    expect(others).toEqual([]);
    for (const key of ['cavityMl', 'totalMl', 'a', 'b', 'layers', 'batches', 'why', 'times']) {
      expect(pour![key]).toEqual(printed[key]);
    }
    expect(pour).not.toHaveProperty('heightCurve');
  });

  test('has each batch by itself, without what binds equal ones together', () => {
    const batches = printed['batches'] as readonly Printed[];
    expect(batches).toHaveLength(3);
    for (const batch of batches) {
      expect(batch).not.toHaveProperty('count');
      expect(batch).not.toHaveProperty('id');
    }
  });
});

describe('a job of several', () => {
  const printed = printedOf('demo-galley-inlay', [{ peak: 1 }, { peak: 2 }, { peak: 3 }]);
  const pours = poursOf(printed);

  test('its pours say who they are, what they cover and when they begin', () => {
    expect(pours.map(({ name, role, kind }) => [name, role, kind])).toEqual([
      ['Seal the edges', 'seal', 'covers'],
      ['Fill', 'fill', 'fills'],
      ['Flood coat', 'coat', 'covers'],
    ]);
    expect(pours[0]!['face']).toMatchObject({ name: 'sides' });
    expect(pours[0]!['startsMin']).toBe(0);
    expect(Number(pours[1]!['startsMin'])).toBeGreaterThan(0);
  });

  test('what is told besides is told pour by pour', () => {
    expect(pours.map(({ peak }) => peak)).toEqual([1, 2, 3]);
  });

  test('buying is by resin, with the pours that it is for, and adds up', () => {
    const buying = printed['buying'] as readonly Printed[];
    expect(buying.map(({ resin, pours: of }) => [resin, of])).toEqual([
      ['Table coat', ['Seal the edges', 'Flood coat']],
      ['Slow clear', ['Fill']],
    ]);
    const needMl = buying.reduce((sum, each) => sum + Number(each['needMl']), 0);
    expect(needMl).toBeCloseTo(Number(printed['totalMl']), 6);
  });

  test('the form is told once, and warnings name their pour', () => {
    expect(printed['formMl']).toBeGreaterThan(4000);
    expect((printed['heightCurve'] as unknown[]).length).toBeGreaterThan(2);
    for (const warning of printed['warnings'] as readonly Printed[]) {
      expect(['Seal the edges', 'Fill', 'Flood coat', undefined]).toContain(warning['pour']);
    }
  });
});

test.each(demoJobs.map(({ id }) => id))('%s: nothing printed is not a figure', (id) => {
  const { id: _, ...job } = demoJobs.find((each) => each.id === id)!;
  const seen: string[] = [];
  const walk = (value: unknown, path: string): void => {
    if (typeof value === 'number' && !Number.isFinite(value)) seen.push(path);
    if (typeof value === 'object' && value !== null) {
      for (const [key, each] of Object.entries(value)) walk(each, `${path}.${key}`);
    }
  };
  walk(printedPlan(planJob(readJob(JSON.parse(JSON.stringify(job))))), '');
  expect(seen).toEqual([]);
});
