import { type OneJob, planOne, readOne } from '../../testing/planOne';
import { act, render, screen } from '@testing-library/react';
import exampleFile from '../../../docs/formats/drawer-tray.job.json';
import { ThemeProvider } from '../ThemeProvider';
import { SectionDrawing } from './Section';

const tray = readOne(exampleFile);
const bowl: OneJob['measure']['parts'][number] = {
  shape: 'frustum',
  name: 'Bowl',
  bottomDiameter: '120 mm',
  topDiameter: '200 mm',
  depth: '80 mm',
  count: 2,
};

async function draw(job: OneJob, width = 358) {
  const { container } = render(
    <ThemeProvider>
      <SectionDrawing plan={planOne(job).whole} greatestHeight={150} width={width} />
    </ThemeProvider>,
  );
  await act(async () => undefined);
  return container;
}

const text = (container: HTMLElement): string =>
  (container.textContent ?? '').replaceAll('\u00a0', ' ');

test('is told in words to those who do not see it', async () => {
  await draw(tray);
  expect(screen.getByRole('img').getAttribute('aria-label')?.replaceAll('\u00a0', ' ')).toBe(
    'Section: Box, 32 mm deep, 1905 ml',
  );
});

test('one cavity has a rule with the heights of its layers', async () => {
  const job = { ...tray, measure: { parts: [bowl] }, layers: { heights: ['40 mm'] } };
  const container = await draw(job);
  expect([...container.querySelectorAll('svg text')].map((each) => each.textContent)).toEqual([
    '0',
    '40',
    '80',
  ]);
  expect(text(container)).toContain('Section, to scale · heights in mm');
  // Two bowls: the lower layer of both together.
  expect(text(container)).toContain('1240 ml');
});

test('several cavities carry their names, counts and volumes', async () => {
  const container = await draw({ ...tray, measure: { parts: [...tray.measure.parts, bowl] } });
  expect(text(container)).toContain('Bowl × 2');
  expect(text(container)).toContain('3284 ml');
});

test('a mesh is drawn as its true cut, and what is poured ends there', async () => {
  const leaning = [[-50, 0, 50, 0, 50, 40]];
  const { whole } = planOne({ ...tray, measure: { parts: [bowl] } });
  const [part] = whole.form!.parts;
  const plan = { ...whole, form: { ...whole.form!, parts: [{ ...part!, cut: leaning }] } };
  const { container } = render(
    <ThemeProvider>
      <SectionDrawing plan={plan} greatestHeight={150} width={358} />
    </ThemeProvider>,
  );
  await act(async () => undefined);
  const clip = container.querySelector('clipPath path')!;
  expect(clip.getAttribute('d')).toMatch(/^M[\d.]+ [\d.]+L[\d.]+ [\d.]+L[\d.]+ [\d.]+Z$/);
  expect(container.querySelector('g[clip-path]')).not.toBeNull();
});

test('a thin coat says how much deeper it is drawn', async () => {
  const coat = {
    shape: 'coat',
    length: '1 m',
    width: '50 cm',
    thickness: '3 mm',
    count: 1,
  } as const;
  expect(text(await draw({ ...tray, measure: { parts: [coat] } }))).toMatch(
    /Section; depth of Coat drawn × \d+/,
  );
});

test('what finds no room is counted, not dropped silently', async () => {
  const parts = Array.from({ length: 20 }, () => bowl);
  expect(text(await draw({ ...tray, measure: { parts } }))).toContain('14 more not drawn');
});

test('a known amount says that it has no form', async () => {
  const amount = { shape: 'amount', amount: '1 l', count: 1 } as const;
  expect(text(await draw({ ...tray, measure: { parts: [amount] } }))).toContain('no form to draw');
});
