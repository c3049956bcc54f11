import type { Locator, Page } from '@playwright/test';
import { expect, test } from './app';
import {
  beginBench,
  benchHead,
  benchMain,
  keyIn,
  liveRecords,
  onHeading,
  readJobFile,
} from './bench';

/** What is done to the simulated scale. */
const panel = (page: Page): Locator => page.getByTestId('simulated-panel');

async function simulated(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'More', exact: true }).tap();
  await page.getByRole('button', { name: /^Scale, thermometer, sound/ }).tap();
  await page.getByRole('button', { name: 'Scale: Simulated' }).tap();
  await expect(page.getByText('it tells')).toBeVisible();
  await page.getByRole('button', { name: 'Back to the pour' }).tap();
}

async function steer(page: Page, button: string): Promise<void> {
  await panel(page).getByRole('button', { name: 'More of the simulated scale' }).tap();
  await page.getByRole('button', { name: button, exact: true }).tap();
}

/** Somebody with a steady hand pours. */
async function exactHand(page: Page): Promise<void> {
  await steer(page, 'Hand: To the drop');
  await page.getByRole('button', { name: 'Back to the pour' }).tap();
}

/** A cup is put on and tared; one as heavy as the cup before stands on a scale that is tared for it. */
async function cupOn(page: Page, isFirst = true): Promise<void> {
  await onHeading(page, 'Take a cup');
  await benchMain(page).tap();
  const cup = panel(page).getByRole('button', { name: 'Cup on' });
  if (isFirst) await cup.tap();
  await expect(page.getByText(/tare the scale/)).toBeVisible();
  await (isFirst ? panel(page).getByRole('button', { name: 'Tare', exact: true }) : cup).tap();
  await expect(page.getByTestId('to-pour')).toBeVisible();
}

/** Pours so many grams; without a figure, what is still to pour. */
async function pour(page: Page, grams?: string): Promise<void> {
  if (grams === undefined) {
    await panel(page)
      .getByRole('button', { name: /^Pour [1-9]/ })
      .tap();
    return;
  }
  await panel(page).getByRole('button', { name: 'More of the simulated scale' }).tap();
  await page.getByLabel('Pour so many grams').fill(grams);
  await page.getByRole('button', { name: 'Pour that' }).tap();
}

/** Both passes over the bubbles, each when it is due. */
async function bubblePasses(page: Page): Promise<void> {
  for (const more of ['00:11:00', '00:20:00']) {
    // What is told has to be taken before the clock goes on: the next pass has the same heading.
    await onHeading(page, 'Next: bubbles');
    await page.clock.fastForward(more);
    await onHeading(page, 'Bubbles: heat gun');
    await benchMain(page).tap();
  }
}

/** From stirring into the mould. */
async function intoMould(page: Page): Promise<void> {
  await onHeading(page, 'Stir');
  await benchMain(page).tap();
  await onHeading(page, 'Second cup');
  await benchMain(page).tap();
  await onHeading(page, 'Let bubbles out');
  await benchMain(page).tap();
  await onHeading(page, 'Pour 500');
  await benchMain(page).tap();
}

test('two layers of two batches by the simulated scale: an over-pour put right, a night between, and the record of it', async ({
  page,
}) => {
  test.setTimeout(240_000);
  await page.clock.install({ time: new Date('2026-10-06T09:00:00') });
  await readJobFile(page, 'two-batches.job.json');
  await beginBench(page);
  await onHeading(page, 'Ready for layer 1');
  await simulated(page);
  await benchMain(page).tap();
  await exactHand(page);

  // 438 g of A for 420: B follows, and then B is over too.
  await cupOn(page);
  await pour(page, '438');
  await expect(page.getByTestId('over-poured')).toContainText('Pour nothing back');
  await onHeading(page, 'B hardener into the same cup');
  await expect(page.getByText('146.0 g · scale will read 584.0 g')).toBeVisible();
  await pour(page, '150.5');
  await onHeading(page, 'A: 13.5 g more');
  await expect(page.getByText('scale will read 602.0 g')).toBeVisible();
  await expect(page.getByTestId('pot-life')).toContainText('left');
  await pour(page);
  await intoMould(page);

  await cupOn(page, false);
  await pour(page);
  await onHeading(page, 'B hardener into the same cup');
  await expect(page.getByText('140.0 g · scale will read 560.0 g')).toBeVisible();
  await pour(page);
  await intoMould(page);

  await bubblePasses(page);
  await onHeading(page, 'Ready for layer 2');
  await expect(page.getByRole('alert')).toContainText('Too early');

  // The night: the page is gone, and comes back in the morning.
  const address = page.url();
  await page.goto('about:blank');
  await page.clock.setSystemTime(new Date('2026-10-06T22:30:00'));
  await page.goto(address);
  await onHeading(page, 'Ready for layer 2');
  await expect(page.getByText(/The window is open until/)).toBeVisible();
  await benchMain(page).tap();
  await exactHand(page);
  for (let batch = 0; batch < 2; batch += 1) {
    await cupOn(page, batch === 0);
    await pour(page);
    await onHeading(page, 'B hardener into the same cup');
    await pour(page);
    await intoMould(page);
  }
  await bubblePasses(page);
  await onHeading(page, 'Bench tray: poured');
  const first = page.getByTestId('result-layer-1/1');
  await expect(first).toContainText(/451\.\d\sg \+ 150\.\d\sg, planned 420\.0\sg \+ 140\.0\sg/);
  await expect(first).toContainText(/A was 18\.\d\sg over 420\.0\sg/);
  await expect(first).toContainText(/B was 4\.\d\sg over 14\d\.\d\sg/);
  await expect(page.getByTestId('result-layer-2/2')).toContainText(/420\.\d\sg \+ 140\.\d\sg/);
  await expect(page.getByText('1 batch was over-poured.')).toBeVisible();

  const [live] = await liveRecords(page);
  const weighed = live!.events.filter(({ step = '' }) => /:(part|more)-/.test(step));
  expect(weighed).toHaveLength(9);
  for (const { raw, by, byItself } of weighed) {
    expect(raw).toMatch(/^ST,GS,\+ +\d+\.\d g$/);
    expect([by, byItself]).toEqual(['simulated', true]);
  }
  expect(live!.events.filter(({ did }) => did === 'met')).toHaveLength(4);
  expect(live!.state).toBe('over');

  // The days hear of it.
  await page.getByRole('button', { name: 'To the job' }).tap();
  await expect(page.getByTestId('step-pour')).toContainText('poured');

  // And what was weighed is its record.
  await page.goto('/records');
  await page.getByLabel('Open the record of Bench tray').tap();
  await expect(page.getByTestId('record-layer-1/1')).toContainText(/A 451\.\d\sg \(\+7\.[45]\s%\)/);
  await expect(page.getByTestId('record-layer-2/2')).toContainText(/A 420\.\d\sg/);
});

test('by hand: a tap a step, however a knuckle bounces, and what the scale reads by large keys', async ({
  page,
}) => {
  await readJobFile(page, 'two-batches.job.json');
  await beginBench(page);
  await benchMain(page).tap();
  await onHeading(page, 'Take a cup');
  await expect(benchMain(page)).toBeEnabled();
  const box = (await benchMain(page).boundingBox())!;
  for (let tap = 0; tap < 5; tap += 1) {
    await page.touchscreen.tap(box.x + box.width / 2, box.y + box.height / 2);
  }
  await onHeading(page, 'A resin into the cup');
  const [begun] = await liveRecords(page);
  expect(begun!.events.map(({ step }) => step)).toEqual(['layer-1:ready', 'layer-1/1:cup']);
  await expect(page.getByTestId('to-read')).toContainText(/420\.0/);
  await page.getByRole('button', { name: 'It reads something else' }).tap();
  await keyIn(page, '438');
  await onHeading(page, 'B hardener into the same cup');
  await expect(page.getByTestId('to-read')).toContainText(/584\.0/);
  await page.getByRole('button', { name: 'It reads something else' }).tap();
  // Together with A: 438 and 150.5.
  await keyIn(page, '588.5');
  await onHeading(page, 'A: 13.5 g more');
  await expect(page.getByTestId('to-read')).toContainText(/602\.0/);
  await benchMain(page).tap();
  await onHeading(page, 'Stir');
  // Nothing on the guide is smaller than a glove wants it.
  const small = await page
    .getByRole('button')
    .evaluateAll((buttons) =>
      buttons
        .map((button) => button.getBoundingClientRect())
        .filter(({ width, height }) => width > 0 && (width < 63.5 || height < 63.5)),
    );
  expect(small).toEqual([]);
  const [live] = await liveRecords(page);
  const grams = live!.events
    .filter(({ g }) => g !== undefined)
    .map(({ step, g, by }) => [step, g, by]);
  expect(grams).toEqual([
    ['layer-1/1:part-a', 438, 'hand'],
    ['layer-1/1:part-b', 150.5, 'hand'],
    ['layer-1/1:more-a', 451.5, 'hand'],
  ]);
});

test('back, skip with a reason, another way, pause, a note, and a pour that is ended', async ({
  page,
}) => {
  await readJobFile(page, 'two-batches.job.json');
  await beginBench(page);
  const more = async (button: string | RegExp): Promise<void> => {
    await page.getByRole('button', { name: 'More', exact: true }).tap();
    await page.getByRole('button', { name: button }).tap();
  };
  await more('Skip this step');
  await page.getByRole('button', { name: 'Done before' }).tap();
  await onHeading(page, 'Take a cup');
  await benchMain(page).tap();
  await benchMain(page).tap();
  await onHeading(page, 'B hardener');
  await more(/^Go back: A resin/);
  await onHeading(page, 'A resin into the cup');
  await more('Skip this step');
  await expect(page.getByText('Without this part nothing cures.', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: 'Back to the pour' }).tap();
  await more('We did it another way');
  await page.getByRole('button', { name: /^A: / }).tap();
  await keyIn(page, '400');
  await page.getByLabel('What was done').fill('poured from the tin');
  await page.getByRole('button', { name: 'That is how it was' }).tap();
  await onHeading(page, 'B hardener');
  await expect(page.getByText('140.0 g · scale will read 540.0 g')).toBeVisible();
  await more(/^Pause/);
  await onHeading(page, 'Paused');
  await expect(page.getByRole('button', { name: 'It is heating' })).toBeVisible();
  await page.reload();
  await onHeading(page, 'Paused');
  await page.getByRole('button', { name: 'Go on' }).tap();
  await more('Write a note');
  await page.getByLabel('Note').fill('the tin is nearly empty');
  await page.getByRole('button', { name: 'Write it down' }).tap();
  await more(/^End this pour here/);
  await onHeading(page, 'Bench tray: poured');
  await page.getByRole('button', { name: 'Go on with it' }).tap();
  await onHeading(page, 'B hardener');
  const [live] = await liveRecords(page);
  expect(live!.events.map(({ did }) => did)).toEqual([
    'skipped',
    'done',
    'done',
    'reopened',
    'done',
    'paused',
    'resumed',
    'noted',
    'ended',
    'reopened',
  ]);
  expect(live!.events[4]).toMatchObject({ aG: 400, text: 'poured from the tin' });
});

test('it is heating: what to do now, all of it in sight, and its time is noted', async ({
  page,
}) => {
  await readJobFile(page, 'two-batches.job.json');
  await beginBench(page);
  for (let tap = 0; tap < 4; tap += 1) {
    const before = await benchHead(page).innerText();
    await benchMain(page).tap();
    await expect(benchHead(page)).not.toHaveText(before);
  }
  await onHeading(page, 'Stir');
  await page.getByRole('button', { name: 'It is heating' }).tap();
  await expect(page.getByRole('alert')).toHaveText('Do not pour it into the mould.');
  await expect(page.getByText('Keep out of the fumes.')).toBeInViewport({ ratio: 1 });
  await expect(page.getByRole('heading', { level: 1 }).first()).toContainText(/noted \d{1,2}:\d\d/);
  const box = await page.getByRole('button', { name: 'Back to the pour' }).boundingBox();
  expect(box!.height).toBeGreaterThanOrEqual(64);
  const [live] = await liveRecords(page);
  expect(live!.events.at(-1)).toMatchObject({ did: 'heating', lane: 'layer-1/1' });
});

test('two batches at once, each with its clock; a temperature moves the pot life', async ({
  page,
}) => {
  await readJobFile(page, 'two-batches.job.json');
  await beginBench(page);
  for (const heading of ['Take a cup', 'A resin', 'B hardener', 'Stir']) {
    await benchMain(page).tap();
    await onHeading(page, heading);
  }
  await expect(page.getByTestId('pot-life')).toContainText('left');
  await page.getByRole('button', { name: /^Batch 2 of 2|Layer 1 · batch 2 of 2/ }).tap();
  await onHeading(page, 'Take a cup');
  await benchMain(page).tap();
  await onHeading(page, 'A resin');
  const other = page.getByRole('button', { name: /batch 1 of 2/i });
  await expect(other).toContainText(/\d:\d\d/);
  await other.tap();
  await onHeading(page, 'Stir');
  const left = await page.getByTestId('pot-life').innerText();
  await page.getByRole('button', { name: 'More', exact: true }).tap();
  await page.getByRole('button', { name: 'Read a temperature' }).tap();
  await page.getByRole('button', { name: /^In the cup/ }).tap();
  await keyIn(page, '900');
  await expect(page.getByRole('alert')).toContainText('A bench is between');
  for (let at = 0; at < 3; at += 1) {
    await page.getByRole('button', { name: 'Delete the last figure' }).tap();
  }
  await keyIn(page, '34');
  await expect(page.getByTestId('readings')).toContainText('measured 34');
  await page.getByRole('button', { name: 'Back to the pour' }).tap();
  await expect(page.getByTestId('pot-life')).toContainText('Corrected by what you measured.');
  expect(await page.getByTestId('pot-life').innerText()).not.toBe(left);
});

test('the job changes while it is poured: what was begun stays, the rest is offered', async ({
  page,
}) => {
  await readJobFile(page, 'two-batches.job.json');
  await beginBench(page);
  for (const heading of ['Take a cup', 'A resin']) {
    await benchMain(page).tap();
    await onHeading(page, heading);
  }
  const bench = page.url();
  const job = (await liveRecords(page))[0]!.job;
  await page.goto(`/jobs/${job}/measure`);
  await page.getByLabel('Depth', { exact: true }).fill('50 mm');
  await expect(page.getByTestId('save-state')).toHaveText('saved');
  await page.goto(bench);
  await onHeading(page, 'A resin');
  await expect(page.getByTestId('to-read')).toContainText('420.0');
  const changed = page.getByRole('alert').filter({ hasText: 'The job has changed since.' });
  await expect(changed).toContainText('Layer 2: 3 ×');
  await changed.getByRole('button', { name: 'Take it for what is not begun' }).tap();
  await expect(changed).toHaveCount(0);
  await expect(page.getByTestId('to-read')).toContainText('420.0');
  const [live] = await liveRecords(page);
  expect(live!.events.at(-1)?.did).toBe('replanned');
});

test('practice: time goes faster, nothing is kept, and it says what came of it', async ({
  page,
}) => {
  await page.goto('/jobs');
  await expect(page.getByRole('link', { name: 'Open Drawer tray' })).toBeVisible();
  await page.goto('/jobs/demo-drawer-tray/pour');
  await page.getByRole('button', { name: 'Practise' }).tap();
  await expect(page.getByText('Practice: nothing is kept')).toBeVisible();
  await page.getByRole('button', { name: /^Time goes 10 times/ }).tap();
  await benchMain(page).tap();
  await cupOn(page);
  await exactHand(page);
  await pour(page, '650');
  await onHeading(page, 'B hardener');
  await pour(page);
  await onHeading(page, 'Stir');
  await expect(page.getByText('Scrape the bottom and the corner.')).toBeVisible();
  await benchMain(page).tap();
  await page.getByRole('button', { name: 'More', exact: true }).tap();
  await page.getByRole('button', { name: /^End the practice/ }).tap();
  await onHeading(page, 'Practice is over');
  await expect(page.getByText('1 batch was over-poured.')).toBeVisible();
  await expect(page.getByText(/It would have cost £\s?\d/)).toBeVisible();
  expect(await liveRecords(page)).toEqual([]);
  await page.getByRole('button', { name: 'Again' }).tap();
  await onHeading(page, 'Ready check');
});
