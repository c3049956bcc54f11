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
            // Lists are derived from the records.
            const isRecord = cursor.value !== '' && !String(cursor.key).startsWith('#');
            if (isRecord) found[String(cursor.key)] = String(cursor.value);
            cursor.continue();
          };
        };
      }),
  );
}

/** Puts texts under their keys, whatever the app thinks of them. */
export async function putTexts(page: Page, texts: Record<string, string>): Promise<void> {
  await page.evaluate(
    (all) =>
      new Promise<void>((resolve, reject) => {
        const opening = indexedDB.open('nipperkin');
        opening.onerror = () => reject(new Error('not opened'));
        opening.onsuccess = () => {
          const writing = opening.result.transaction('entries', 'readwrite');
          for (const [key, text] of Object.entries(all)) {
            writing.objectStore('entries').put(text, key);
          }
          writing.onerror = () => reject(new Error('not written'));
          writing.oncomplete = () => {
            opening.result.close();
            resolve();
          };
        };
      }),
    texts,
  );
}

/** Puts a text under a key, whatever the app thinks of it. */
export const putText = (page: Page, key: string, text: string): Promise<void> =>
  putTexts(page, { [key]: text });
