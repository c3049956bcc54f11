import type { Page } from '@playwright/test';

/** What the browser keeps for the app, as another program would see and change it: by key, as text. */
export async function storedTexts(page: Page): Promise<Record<string, string>> {
  return page.evaluate(
    () =>
      new Promise<Record<string, string>>((resolve, reject) => {
        const opening = indexedDB.open('nipperkin');
        opening.onerror = () => reject(new Error('not opened'));
        opening.onsuccess = () => {
          const found: Record<string, string> = {};
          const walk = opening.result.transaction('entries').objectStore('entries').openCursor();
          walk.onerror = () => reject(new Error('not read'));
          walk.onsuccess = () => {
            const cursor = walk.result;
            if (cursor === null) {
              opening.result.close();
              resolve(found);
              return;
            }
            if (cursor.value !== '') found[String(cursor.key)] = String(cursor.value);
            cursor.continue();
          };
        };
      }),
  );
}

/** Puts a text under a key, whatever the app thinks of it. */
export async function putText(page: Page, key: string, text: string): Promise<void> {
  await page.evaluate(
    ([at, value]) =>
      new Promise<void>((resolve, reject) => {
        const opening = indexedDB.open('nipperkin');
        opening.onerror = () => reject(new Error('not opened'));
        opening.onsuccess = () => {
          const writing = opening.result.transaction('entries', 'readwrite');
          writing.objectStore('entries').put(value, at);
          writing.onerror = () => reject(new Error('not written'));
          writing.oncomplete = () => {
            opening.result.close();
            resolve();
          };
        };
      }),
    [key, text] as const,
  );
}
