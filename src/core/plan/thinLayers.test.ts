import { deepPour, deepTray, deepTrayJob } from '../../testing/deepTray';
import { planOne } from '../../testing/planOne';
import { sayWarning } from '../../words/warnings';

const thin = (temperature: string, potLife: object | undefined = deepPour.potLife) =>
  planOne(
    deepTrayJob({
      room: { temperature },
      measure: { parts: [{ ...deepTray, depth: '5 mm' }] },
      resin: { ...deepPour, depth: { least: '10 mm', greatest: '50 mm' }, potLife },
    }),
  );
const warningOf = (plan: ReturnType<typeof thin>) => {
  const found = plan.warnings.find(({ code }) => code === 'thinner-than-least');
  if (found === undefined) throw new Error('it is not warned of');
  return { ...found, text: sayWarning(found) };
};

test('a thin layer that gets hard by the model is slow, and is not told to stay soft beside that', () => {
  const plan = thin('22 °C');
  const { severity, text } = warningOf(plan);
  expect(plan.layers[0]!.cure!.hardH).toBeDefined();
  expect(severity).toBe('tell');
  expect(text).toContain('It cures slowly: hard after about');
  expect(text).not.toContain('stay soft');
});

test('one that never gets hard may stay soft, and both say so', () => {
  const plan = thin('3 °C');
  const { severity, text } = warningOf(plan);
  expect(plan.layers[0]!.cure!.hardH).toBeUndefined();
  expect(severity).toBe('warn');
  expect(text).toContain('It may stay soft');
  expect(plan.warnings.map(({ code }) => code)).toContain('never-hard');
});
