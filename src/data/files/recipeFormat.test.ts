import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import Ajv from 'ajv/dist/2019';
import type { Job } from '../../core/job/jobSchema';
import { amountRows } from '../../core/plan/amountRows';
import { planJob } from '../../core/plan/planJob';
import { shoppingOf } from '../../core/plan/shoppingOf';
import { shoppingRows } from '../../core/stock/shoppingRows';
import { demoJobs } from '../demo/demoJobs';
import { demoMoulds } from '../demo/demoMoulds';
import { demoRecipes, demoResins } from '../demo/demoResins';
import { readRecipesFile, recipesText } from './recipeFile';
import { csvOf, rowsOfCsv } from './tables';

const folder = join(__dirname, '../../../docs/formats');
const example = readFileSync(join(folder, 'lantern.recipes.json'), 'utf8');
const schema = JSON.parse(readFileSync(join(folder, 'recipes.schema.json'), 'utf8')) as object;
const shelf = { resins: demoResins, moulds: demoMoulds };

test('recipes come in again as they went out, and the published schema says the same', () => {
  const recipes = readRecipesFile(example);
  expect(recipes.map(({ name }) => name)).toEqual(['Lantern red', 'River green']);
  expect(readRecipesFile(recipesText(recipes))).toEqual(recipes);
  expect(readRecipesFile(recipesText(demoRecipes))).toEqual(demoRecipes);
  const isValid = new Ajv({ strict: false }).compile(schema);
  expect(isValid(JSON.parse(example))).toBe(true);
  expect(isValid({ ...(JSON.parse(example) as object), version: 2 })).toBe(false);
});

test.each([
  ['{"format":"nipperkin-recipes","version":1,"recipes":[]}', 'too-few'],
  ['{"format":"nipperkin-job","version":1,"recipes":[]}', 'not-a-choice'],
  [example.replace('Lantern red', 'Lantern\u202ered'), 'odd-sign'],
  [example.replace('"0.4 %"', '"much"'), 'unreadable'],
  [example.replace('"swatch"', '"colour"'), 'unknown-key'],
])('%.60s is refused', (text, code) => {
  expect(() => readRecipesFile(text)).toThrow(expect.objectContaining({ code }));
});

test('amounts of a job go out as a table, a row a batch, in its own figures', async () => {
  const [job] = demoJobs.filter(({ id }) => id === 'demo-drawer-tray');
  const plan = planJob(job as unknown as Job, shelf);
  const rows = amountRows(plan);
  expect(rows).toEqual([
    expect.objectContaining({
      pour: 'fill',
      resin: 'Slow clear',
      hardener: 'Slow',
      count: 3,
      scaleAG: 592,
      scaleBG: 171,
    }),
  ]);
  const read = await rowsOfCsv(await csvOf(rows.map((row) => ({ ...row }))));
  expect(read[0]).toMatchObject({ resin: 'Slow clear', count: '3', scaleAG: '592' });
});

test('a shopping list goes out as a table: what is taken off the shelf, then what is bought, at what it costs', () => {
  const plans = demoJobs.slice(0, 3).map((job) => planJob(job as unknown as Job, shelf));
  const shopping = shoppingOf(plans, '2026-11-30');
  const rows = shoppingRows(shopping);
  const bought = shopping.flatMap(({ buying }) => buying.kits.filter(({ count }) => count > 0));
  expect(rows.filter(({ from }) => from === 'buy')).toHaveLength(bought.length);
  const cost = rows.reduce((sum, row) => sum + (row.cost ?? 0), 0);
  expect(cost).toBeCloseTo(
    bought.reduce((sum, kit) => sum + kit.cost, 0),
    1,
  );
});
