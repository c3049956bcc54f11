import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { heldAgainst } from './heldAgainst';
import { readAnyWorkshop } from './readAny';

/** Files as each version wrote them; they are never made anew. */
const fixtures = join(__dirname, 'fixtures');
const nobody = { records: new Map(), gone: new Map() };

test.each(['workshop-1.zip', 'everything-1.json'])('%s opens for ever', async (name) => {
  const file = await readAnyWorkshop(new Blob([readFileSync(join(fixtures, name))]));
  expect([...file.records.keys()].sort()).toEqual([
    'job/demo-drawer-tray',
    'mould/demo-cleat-mould',
    'mould/torn',
    'photo/demo-sill-photo',
    'piece/demo-record-tray',
    'resin/demo-slow-clear',
  ]);
  const held = heldAgainst(file, file.madeAt, nobody);
  expect(held.unreadable).toEqual(['mould/torn']);
  expect(Object.fromEntries(held.names)).toEqual({
    'job/demo-drawer-tray': 'Drawer tray',
    'mould/demo-cleat-mould': 'Cleats, four in a row',
    'piece/demo-record-tray': 'Tray for the chart drawer',
    'resin/demo-slow-clear': 'Slow clear',
  });
  // The photo is a picture as it was.
  expect(file.records.get('photo/demo-sill-photo')).toContain('data:image/jpeg;base64,/9j/4AAQ');
});

test('the workshop file of version 1 says when it was saved and what was deleted', async () => {
  const file = await readAnyWorkshop(new Blob([readFileSync(join(fixtures, 'workshop-1.zip'))]));
  expect(file.madeAt).toBe('2026-11-30T08:15:00.000Z');
  expect(Object.fromEntries(file.gone)).toEqual({ 'job/gone': { laptop: 7 } });
});
