// Hands out everything that is kept in this browser, with nothing of the app: for when that does not start.

const said = document.getElementById('said');

/** Opens what the app keeps; rejects where it keeps nothing here. */
const opened = () =>
  new Promise((resolve, reject) => {
    const opening = indexedDB.open('nipperkin');
    // Only what is there is opened: a new one would look like a first start.
    opening.onupgradeneeded = () => opening.transaction.abort();
    opening.onerror = () =>
      reject(new Error('Nothing is kept in this browser under this address.'));
    opening.onsuccess = () => resolve(opening.result);
  });

/** All records as texts, as they are. What was deleted is empty, and lists are made of the records. */
const recordsOf = (database) =>
  new Promise((resolve, reject) => {
    const records = [];
    const walk = database.transaction('entries').objectStore('entries').openCursor();
    walk.onerror = () => reject(new Error('This browser does not give out what it keeps.'));
    walk.onsuccess = () => {
      const cursor = walk.result;
      if (cursor === null) {
        database.close();
        return resolve(records);
      }
      const key = String(cursor.key);
      if (typeof cursor.value === 'string' && cursor.value !== '' && !key.startsWith('#')) {
        records.push({ key, text: cursor.value });
      }
      return cursor.continue();
    };
  });

async function save() {
  said.textContent = 'Reading …';
  try {
    const records = await recordsOf(await opened());
    const file = { format: 'nipperkin-data', version: 1, records };
    const link = document.createElement('a');
    link.href = URL.createObjectURL(
      new Blob([`${JSON.stringify(file, null, 2)}\n`], { type: 'application/json' }),
    );
    link.download = 'nipperkin-data.json';
    link.click();
    said.textContent = `Saved ${records.length} records.`;
  } catch (error) {
    said.textContent = error.message;
  }
}

document.getElementById('save').addEventListener('click', save);
