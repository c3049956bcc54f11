import { demoResins } from '../../data/demo/demoResins';
import { openStep, press, says, textOf } from '../../testing/openStep';
import { BuyStep } from './BuyStep';

const opened: string[] = [];
const step = <BuyStep onCard={(id) => opened.push(id)} onAllJobs={() => opened.push('all')} />;

test('what the shelf gives, what is left to buy, and the least that costs', async () => {
  const { id: _, ...slow } = demoResins[0]!;
  await openStep(step, { resin: { ...slow, id: 'demo-slow-clear' } });
  await says('Needed2096 ml', 'buying');
  // 0.9 l of it is there: 1196 ml are one kit of 1.5 l at 42 and its delivery.
  expect(textOf('buying')).toContain('Still to buy1196 ml');
  expect(textOf('buying')).toContain('1 × 1.5 l, Lock Chandlery');
  expect(textOf('buying')).toMatch(/Total.*51\.50/);
  expect(textOf('buying')).toContain('Left over305 ml');
  press('Kits and lots of this resin');
  press('Buy for all jobs');
  expect(opened).toEqual(['demo-slow-clear', 'all']);
});

test('a card without kits says what is needed, and has no price', async () => {
  await openStep(step);
  await says('Needed2096 ml', 'buying');
  expect(textOf('buying')).toContain('2289 g');
  expect(textOf('buying')).not.toContain('Total');
});

test('a job without amounts has nothing to buy yet', async () => {
  await openStep(step, {
    measure: { parts: [{ shape: 'box', length: '', width: '', depth: '', count: 1 }] },
  });
  await says('The job has no amounts yet');
});
