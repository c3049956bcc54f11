import type { Page } from '@playwright/test';

/**
 * Copies what the demo has of a kind in the storage of a browser until there are so many; no list knows of them.
 * @param prefix of their keys: `job/`
 */
export const multiply = (page: Page, prefix: string, count: number): Promise<void> =>
  page.evaluate(
    ([start, wanted]) =>
      new Promise<void>((resolve, reject) => {
        const opening = indexedDB.open('nipperkin');
        opening.onerror = () => reject(new Error('not opened'));
        opening.onsuccess = () => {
          const writing = opening.result.transaction('entries', 'readwrite');
          const entries = writing.objectStore('entries');
          const range = IDBKeyRange.bound(start, `${start}\uffff`);
          const reading = entries.getAll(range);
          reading.onsuccess = () => {
            const all = (reading.result as string[]).map((text) => JSON.parse(text) as object);
            for (let index = all.length; index < wanted; index += 1) {
              const id = `copy-${index}`;
              entries.put(JSON.stringify({ ...all[index % all.length], id }), `${start}${id}`);
            }
          };
          writing.onerror = () => reject(new Error('not written'));
          writing.oncomplete = () => {
            opening.result.close();
            resolve();
          };
        };
      }),
    [prefix, count] as const,
  );

/** Waits until the list of so many of a kind, which is made in the background, is kept. */
export const listKept = (page: Page, prefix: string, count: number): Promise<void> =>
  page.evaluate(
    async ([start, wanted]) => {
      const own = `#index/${start}`;
      // In place: the loader names functions with a helper that a page does not have.
      for (let known = 0; known < wanted;) {
        known = await new Promise<number>((resolve, reject) => {
          const opening = indexedDB.open('nipperkin');
          opening.onerror = () => reject(new Error('not opened'));
          opening.onsuccess = () => {
            const entries = opening.result.transaction('entries').objectStore('entries');
            const reading = entries.getAll(IDBKeyRange.bound(own, `${own}\uffff`));
            reading.onsuccess = () => {
              opening.result.close();
              const texts = reading.result as string[];
              const lists = texts.map((text) => JSON.parse(text) as { entries: unknown[] });
              resolve(lists.reduce((sum, { entries: list }) => sum + list.length, 0));
            };
          };
        });
        await new Promise((next) => requestAnimationFrame(next));
      }
    },
    [prefix, count] as const,
  );

/** Notes in each page when its first row is there: asking from outside would take longer than the page does. */
export const noteFirstRow = (page: Page) =>
  page.addInitScript(() => {
    new MutationObserver((_, observer) => {
      if (document.querySelector('[role=listitem]') === null) return;
      document.documentElement.dataset['firstRow'] = String(performance.now());
      observer.disconnect();
    }).observe(document, { subtree: true, childList: true });
  });

/** Goes to the list: ms until its first row is there. */
export async function loaded(page: Page, address: string): Promise<number> {
  await page.goto(address);
  const html = page.locator('html[data-first-row]');
  await html.waitFor({ timeout: 120_000 });
  return Number(await html.getAttribute('data-first-row'));
}

/** Presses something and waits until something else is there, both by their XPath and within the page: ms. */
export const msFrom = (page: Page, pressed: string, until: string): Promise<number> =>
  page.evaluate(
    async ([press, there]) => {
      const begin = performance.now();
      (document.evaluate(press, document, null, 9).singleNodeValue as HTMLElement).click();
      while (document.evaluate(there, document, null, 9).singleNodeValue === null) {
        await new Promise((next) => requestAnimationFrame(next));
      }
      return performance.now() - begin;
    },
    [pressed, until] as const,
  );

/** Scrolls through the list as a finger does: times between two pictures, ms. */
export const scrolled = (page: Page): Promise<{ longest: number; median: number }> =>
  page.evaluate(async () => {
    const list = document.querySelector('[role=list]');
    let place = list?.parentElement ?? null;
    while (place !== null && place.scrollHeight <= place.clientHeight + 1) {
      place = place.parentElement;
    }
    const times: number[] = [];
    let before = await new Promise<number>((next) => requestAnimationFrame(next));
    while (times.length < 300) {
      if (place !== null) place.scrollTop += 40;
      const now = await new Promise<number>((next) => requestAnimationFrame(next));
      times.push(now - before);
      before = now;
    }
    times.sort((one, other) => one - other);
    return { longest: times.at(-1) ?? 0, median: times[times.length >> 1] ?? 0 };
  });

export async function heapMb(page: Page): Promise<number> {
  const session = await page.context().newCDPSession(page);
  await session.send('Performance.enable');
  await session.send('HeapProfiler.collectGarbage');
  const { metrics } = await session.send('Performance.getMetrics');
  return (metrics.find(({ name }) => name === 'JSHeapUsedSize')?.value ?? 0) / 1e6;
}
