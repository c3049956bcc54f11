import { readFile } from 'node:fs/promises';
import { demoJobs } from '../src/data/demo/demoJobs';
import { readEverythingJson } from '../src/data/workshop/everythingJson';
import {
  chooseOn,
  expect,
  figure,
  fromMenu,
  part,
  saved,
  test,
  toPiece,
  typeKeys,
  typeOn,
} from './app';
import { putText, storedTexts } from './storage';

const piece = '/jobs/demo-drawer-tray';
const tray = `${piece}/measure`;
const conflict = 'Changed in another window';

test.describe('no blind write', () => {
  test('a container whose name is too long is not kept with the settings, and says why', async ({
    page,
  }) => {
    await page.goto('/jobs/demo-drawer-tray/mix');
    await chooseOn(page, 'Mixed in', 'The best of several');
    await typeKeys(page.getByLabel('Name of container 1'), 'A bucket '.repeat(6));
    const before = (await storedTexts(page))['settings/person'];
    await page.getByRole('button', { name: 'Keep these as mine' }).tap();
    await expect(page.getByText('40 characters at most').first()).toBeVisible();
    await expect(page.getByText('Other jobs can be mixed in these too')).toHaveCount(0);
    expect((await storedTexts(page))['settings/person']).toBe(before);
  });

  for (const [what, text] of [
    ['damaged', '{"id":"person","sch'],
    ['of a newer version', '{"id":"person","schema":99,"revision":3,"currency":"€"}'],
  ] as const) {
    test(`settings that are ${what}: set aside, nothing of the person written over`, async ({
      page,
    }) => {
      await page.goto(piece);
      await typeOn(page, 'Name', 'My own tray');
      await expect(saved(page)).toBeVisible();
      await putText(page, 'settings/person', text);
      await page.goto('/jobs');
      await expect(page.getByText('Some settings could not be read')).toBeVisible();
      await expect(page.getByRole('link', { name: 'Open My own tray' })).toBeVisible();
      await expect(page.getByRole('link', { name: 'Open Drawer tray' })).toHaveCount(0);
      const stored = await storedTexts(page);
      const aside = Object.entries(stored).filter(([key]) => key.startsWith('aside/'));
      expect(aside.map(([, each]) => (JSON.parse(each) as { text: string }).text)).toEqual([text]);
    });
  }

  for (const failing of ['open', 'getAllKeys'] as const) {
    test(`one failed read at a start (${failing}) is no empty storage`, async ({ page }) => {
      await page.goto(piece);
      await typeOn(page, 'Name', 'My own tray');
      await expect(saved(page)).toBeVisible();
      await page.addInitScript((which) => {
        let isFirst = true;
        const fail = (): never => {
          throw new DOMException('Internal error.', 'UnknownError');
        };
        if (which === 'open') {
          const open = IDBFactory.prototype.open;
          IDBFactory.prototype.open = function (...asked) {
            if (isFirst) {
              isFirst = false;
              fail();
            }
            return open.apply(this, asked);
          };
        } else {
          const getAllKeys = IDBObjectStore.prototype.getAllKeys;
          IDBObjectStore.prototype.getAllKeys = function (...asked) {
            if (isFirst) {
              isFirst = false;
              fail();
            }
            return getAllKeys.apply(this, asked);
          };
        }
      }, failing);
      await page.goto('/jobs');
      await expect(page.getByRole('link', { name: 'Open My own tray' })).toBeVisible();
      await expect(page.getByRole('link', { name: 'Open Drawer tray' })).toHaveCount(0);
    });
  }

  test('the demo is loaded beside what a person made of it', async ({ page }) => {
    await page.goto(piece);
    await typeOn(page, 'Name', 'My own tray');
    await expect(saved(page)).toBeVisible();
    await page.goto('/jobs');
    await fromMenu(page, 'Delete', 'Galley bowl');
    await expect(page.getByRole('link', { name: 'Open Galley bowl' })).toHaveCount(0);
    await page.goto('/data');
    await page.getByRole('button', { name: 'Load the demo' }).tap();
    await expect(page.getByText('1 added')).toBeVisible();
    await page.getByRole('link', { name: 'Jobs' }).tap();
    await expect(page.getByRole('link', { name: 'Open Galley bowl' })).toBeVisible();
    await expect(page.getByRole('link', { name: 'Open My own tray' })).toBeVisible();
    await expect(page.getByRole('listitem')).toHaveCount(demoJobs.length);
  });

  test('an undo does not write over what another window keeps', async ({ page, context }) => {
    await page.goto(tray);
    const other = await context.newPage();
    await other.goto('/jobs');
    await fromMenu(other, 'Delete', 'Drawer tray');
    await page.getByRole('button', { name: 'Keep mine' }).tap();
    await typeKeys(page.getByLabel('Depth'), '10 mm');
    await expect(saved(page)).toBeVisible();
    await other.getByRole('button', { name: 'Undo' }).tap();
    await expect(other.getByText('Not taken back')).toBeVisible();
    expect((await storedTexts(page))['job/demo-drawer-tray']).toContain('"depth":"10 mm"');
  });
});

test.describe('“saved” means that the screen is what is stored', () => {
  test('typing and leaving at once keeps the last key', async ({ page, context }) => {
    for (const leave of ['reload', 'close', 'address'] as const) {
      const window = await context.newPage();
      await window.goto(tray);
      await expect(saved(window)).toBeVisible();
      const depth = `${(['reload', 'close', 'address'] as const).indexOf(leave) + 11} mm`;
      await window.getByLabel('Depth').fill(depth);
      if (leave === 'reload') await window.reload();
      else if (leave === 'address') await window.goto('/data');
      await window.close({ runBeforeUnload: leave === 'close' });
      await page.goto(tray);
      await expect(page.getByLabel('Depth')).toHaveValue(depth);
    }
  });

  test('both windows changed it: neither says saved where it is not, and what was typed outlives the screen', async ({
    page,
    context,
  }) => {
    await page.goto(tray);
    await expect(saved(page)).toBeVisible();
    const other = await context.newPage();
    // The second does not hear of the first, as when it was asleep.
    await other.addInitScript(() => {
      BroadcastChannel.prototype.addEventListener = () => undefined;
    });
    await other.goto(tray);
    await expect(saved(other)).toBeVisible();
    await typeKeys(page.getByLabel('Depth'), '10 mm');
    await expect(saved(page)).toBeVisible();
    await typeKeys(other.getByLabel('Depth'), '12 mm');
    await expect(other.getByRole('alert').filter({ hasText: conflict })).toBeInViewport();
    await expect(other.getByTestId('save-state')).toHaveText('not saved');
    await expect
      .poll(async () => Object.keys(await storedTexts(page)).filter((key) => /^draft/.test(key)))
      .toHaveLength(1);
    await other.close();

    await page.goto('/jobs');
    await expect(page.getByText('Two versions: open it to choose')).toBeVisible();
    await page.getByRole('link', { name: 'Open Drawer tray' }).tap();
    await expect(page.getByRole('alert').filter({ hasText: conflict })).toBeInViewport();
    await page.getByTestId('step-measure').tap();
    await expect(page.getByLabel('Depth')).toHaveValue('12 mm');
    await page.getByRole('button', { name: 'Take the other' }).tap();
    await expect(page.getByLabel('Depth')).toHaveValue('10 mm');
    await expect(saved(page)).toBeVisible();
    await expect
      .poll(async () => Object.keys(await storedTexts(page)).filter((key) => /^draft/.test(key)))
      .toHaveLength(0);
  });

  test('a card that is left half typed is there again, in the list and on the card', async ({
    page,
  }) => {
    await page.goto('/shelf');
    await page.getByRole('button', { name: 'Add a resin' }).tap();
    await typeKeys(page.getByLabel('Name', { exact: true }), 'Half typed');
    await page.getByRole('button', { name: 'Back' }).tap();
    await page.getByRole('button', { name: 'Go on with Half typed' }).tap();
    await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Half typed');
    await page.getByRole('button', { name: 'Start afresh' }).tap();
    await expect(page.getByLabel('Name', { exact: true })).toHaveValue('');
    await page.getByRole('button', { name: 'Back' }).tap();
    await expect(page.getByText('Typed and not saved')).toHaveCount(0);

    await page.getByRole('link', { name: 'Open Slow clear' }).tap();
    await typeKeys(page.getByLabel('Name', { exact: true }), 'Slow and clear');
    await page.reload();
    await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Slow and clear');
    await page.getByRole('button', { name: 'Save the card' }).tap();
    await expect(page.getByRole('link', { name: 'Open Slow and clear' })).toBeVisible();
    await expect(page.getByText('Changed and not saved')).toHaveCount(0);
  });

  test('a card that is deleted in another window keeps what is typed here', async ({
    page,
    context,
  }) => {
    await page.goto('/shelf/demo-slow-clear');
    await typeKeys(page.getByLabel('Name', { exact: true }), 'Mine');
    const other = await context.newPage();
    await other.goto('/shelf');
    await fromMenu(other, 'Delete', 'Slow clear');
    await expect(page.getByText('Deleted in another window')).toBeInViewport();
    await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Mine');
    await page.getByRole('button', { name: 'Keep mine' }).tap();
    await expect(other.getByRole('link', { name: 'Open Mine' })).toBeVisible();
  });

  test('once a full disk has room again it saves by itself', async ({ page }) => {
    await page.goto(tray);
    await expect(saved(page)).toBeVisible();
    await page.evaluate(() => {
      const put = IDBObjectStore.prototype.put;
      IDBObjectStore.prototype.put = () => {
        throw new DOMException('The quota has been exceeded.', 'QuotaExceededError');
      };
      Object.assign(globalThis, { makeRoom: () => (IDBObjectStore.prototype.put = put) });
    });
    await typeKeys(page.getByLabel('Depth'), '10 mm');
    await expect(page.getByTestId('save-state')).toHaveText('not saved');
    await page.evaluate(() => void (globalThis as unknown as { makeRoom(): void }).makeRoom());
    await expect(saved(page)).toBeVisible();
    await page.reload();
    await expect(page.getByLabel('Depth')).toHaveValue('10 mm');
  });
});

test.describe('it always starts, and the data always comes out', () => {
  test('damaged records are told where they are missed, and come out as a file', async ({
    page,
  }) => {
    await page.goto('/jobs');
    await expect(page.getByRole('link', { name: 'Open Galley bowl' })).toBeVisible();
    const whole = (await storedTexts(page))['job/demo-galley-bowl'] ?? '';
    const job = JSON.parse(whole) as { draft: object };
    const damaged = {
      'job/null': 'null',
      'job/list': JSON.stringify({ ...job, draft: { ...job.draft, name: ['a', 'b'] } }),
      'job/key': JSON.stringify({ ...job, draft: { ...job.draft, constructor: 'x' } }),
      'resin/torn': '{"id":"to',
      'mould/null': 'null',
      'photo/torn': 'x',
    };
    for (const [key, text] of Object.entries(damaged)) await putText(page, key, text);
    await page.goto('/jobs');
    await expect(page.getByText('3 jobs cannot be read')).toBeVisible();
    await expect(page.getByRole('link', { name: 'Open Galley bowl' })).toBeVisible();
    await page.goto('/shelf');
    await expect(page.getByText('One resin cannot be read')).toBeVisible();
    await page.goto('/moulds');
    await expect(page.getByText('One mould cannot be read')).toBeVisible();
    await page.goto('/data');
    await expect(page.getByText('6 records cannot be read')).toBeVisible();
    const stored = await storedTexts(page);
    for (const [key, text] of Object.entries(damaged)) expect(stored[key]).toBe(text);
  });

  test('a storage that never answers: said after 4 s, worked on in memory, and carried over', async ({
    page,
  }) => {
    await page.goto('/jobs');
    await expect(page.getByRole('link', { name: 'Open Drawer tray' })).toBeVisible();
    await page.addInitScript(() => {
      // The storage opens, and does not say so before it is told to.
      if (sessionStorage.getItem('answers') !== null) return;
      const open = IDBFactory.prototype.open;
      const held: (() => void)[] = [];
      IDBFactory.prototype.open = function (...asked) {
        const request = open.apply(this, asked);
        const listen = request.addEventListener.bind(request);
        request.addEventListener = (type: string, listener: EventListener) => {
          if (type === 'success') held.push(() => listener.call(request, new Event(type)));
          else listen(type, listener);
        };
        return request;
      };
      const answer = (): void => {
        sessionStorage.setItem('answers', 'yes');
        for (const each of held) each();
      };
      Object.assign(globalThis, { answer });
    });
    await page.goto('/jobs');
    const banner = page.getByRole('alert').filter({ hasText: 'does not answer' });
    await expect(banner).toBeVisible();
    await page.getByRole('button', { name: 'New job' }).tap();
    await toPiece(page);
    await typeOn(page, 'Name', 'Made in memory');
    await toPiece(page);
    await expect(page.getByRole('link', { name: 'Open Made in memory' })).toBeVisible();
    await expect(page.getByRole('link', { name: 'Open Drawer tray' })).toHaveCount(0);
    await page.evaluate(() => (globalThis as unknown as { answer(): void }).answer());
    await page.getByRole('button', { name: 'Try again' }).tap();
    await expect(page.getByRole('link', { name: 'Open Drawer tray' })).toBeVisible();
    await expect(page.getByRole('link', { name: 'Open Made in memory' })).toBeVisible();
    await expect(banner).toHaveCount(0);
  });

  test('without a channel between windows it starts all the same', async ({ page }) => {
    await page.addInitScript(() => {
      Reflect.deleteProperty(globalThis, 'BroadcastChannel');
    });
    await page.goto(tray);
    await expect(saved(page)).toBeVisible();
  });
});

test.describe('without the app', () => {
  test.use({ allowedErrors: [/Failed to load resource|removeChild/] });

  test('where the app itself does not start, what is kept comes out without it', async ({
    page,
  }) => {
    await page.goto('/jobs');
    await expect(page.getByRole('link', { name: 'Open Drawer tray' })).toBeVisible();
    await page.route('**/_expo/**', (route) => route.abort());
    await page.goto('/jobs');
    await expect(page.getByText('It does not start.')).toBeVisible();
    await page.getByRole('link', { name: 'Save it as a file' }).click();
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Save everything as a file' }).tap(),
    ]);
    const text = await readFile(await file.path(), 'utf8');
    const stored = await storedTexts(page);
    expect(Object.fromEntries(readEverythingJson(text).records)).toEqual(stored);
    await page.unroute('**/_expo/**');
    await page.getByRole('link', { name: 'Open Nipperkin' }).click();
    await expect(page.getByRole('main')).toBeVisible();
    // Something broke so that nothing of the app is left.
    await page.evaluate(() => document.getElementById('root')?.replaceChildren());
    await expect(page.getByRole('alert').filter({ hasText: 'Something broke.' })).toBeVisible();
  });
});

test.describe('parts that cannot be fetched', () => {
  test.use({ allowedErrors: [/Failed to load resource|chunk|load/i] });
  test('it says so, keeps what is typed, and goes on once the server is there', async ({
    page,
  }) => {
    await page.route('**/*', (route) =>
      /\/rest-|health/.test(route.request().url()) ? route.abort() : route.continue(),
    );
    await page.goto('/');
    await typeKeys(page.getByLabel('Amount in one batch'), '500 g');
    await expect(part(page, 'A')).toContainText(figure('387.9 g'));
    await page.getByRole('link', { name: 'Jobs' }).tap();
    await expect(page.getByText('This part could not be fetched')).toBeVisible();
    await page.getByRole('button', { name: 'Try again' }).tap();
    await expect(page.getByText('It still does not answer')).toBeVisible();
    await page.unroute('**/*');
    await page.getByRole('button', { name: 'Try again' }).tap();
    await expect(page.getByRole('link', { name: 'Open Drawer tray' })).toBeVisible();
    await page.getByRole('link', { name: 'Quick mix' }).tap();
    await expect(page.getByLabel('Amount in one batch')).toHaveValue('500 g');
  });
});
