import { demoJobs } from '../../data/demo/demoJobs';
import { readJob } from '../job/readJob';
import { resolveJob } from '../job/resolveJob';
import { personOf } from '../person/person';
import type { PersonTyped } from '../person/personSchema';
import { planResolved } from '../plan/planJob';
import { judgeMoisture } from './moisture';
import { idOfLine, prepareOf, type PrepareLine } from './prepareOf';

function prepared(id: string, change: object = {}, person?: PersonTyped): readonly PrepareLine[] {
  const { id: _, ...file } = demoJobs.find((each) => each.id === id)!;
  const resolved = resolveJob(
    readJob(JSON.parse(JSON.stringify({ ...file, ...change }))),
    undefined,
  );
  return prepareOf(resolved, planResolved(resolved), personOf(person));
}

const idsOf = (lines: readonly PrepareLine[]): readonly string[] => lines.map(idOfLine);
const lineOf = <Code extends PrepareLine['code']>(lines: readonly PrepareLine[], code: Code) =>
  lines.find((line): line is Extract<PrepareLine, { code: Code }> => line.code === code);

test('timber in a form: dry, flat, clean, filled, its form built, sealed, released and braced', () => {
  const lines = prepared('demo-galley-inlay');
  expect(idsOf(lines)).toEqual([
    'dry-stock',
    'flatten',
    'bark',
    'clean-timber',
    'wormholes',
    'seal-faces',
    'build-form',
    'seal-form',
    'release/form',
    'level',
    'hold-down',
    'mask-edges',
    'tools',
    'mark-cups',
    'fan',
    'gear',
    'drips',
    'underside',
  ]);
  // Six batches, of which those of the fill go through a second cup.
  expect(lineOf(lines, 'tools')?.data).toEqual({ batches: 6, cups: 10, sticks: 10 });
  expect(lineOf(lines, 'build-form')?.data.braceEveryMm).toBe(550);
  expect(lineOf(lines, 'seal-form')?.wait).toEqual({ fromMin: 720, toMin: undefined });
  expect(new Set(idsOf(lines)).size).toBe(lines.length);
});

test('a cast in open moulds needs no timber, no form and no fan', () => {
  const ids = idsOf(prepared('demo-drawer-knobs'));
  expect(ids).toEqual([
    'clean-mould',
    'release/mould',
    'level',
    'tools',
    'mark-cups',
    'cover',
    'gear',
  ]);
});

test('a mould and castings from it', () => {
  const ids = idsOf(prepared('demo-cleats'));
  expect(ids.slice(0, 6)).toEqual([
    'build-box',
    'spout-vents',
    'release/master',
    'cut-mould',
    'clean-mould',
    'release/mould',
  ]);
  expect(lineOf(prepared('demo-cleats'), 'gear')?.data.polyurethane).toBe(true);
});

test('a UV resin comes in one bottle: no caps to swap, no sticks', () => {
  const lines = prepared('demo-dial-lenses');
  expect(idsOf(lines)).not.toContain('mark-cups');
  expect(lineOf(lines, 'tools')?.data.sticks).toBe(0);
});

describe('a coat', () => {
  const coat = (prepare: object) => prepared('demo-chart-table', { prepare });

  test('on timber, on metal', () => {
    expect(idsOf(coat({}))).toEqual(
      expect.arrayContaining(['dry-stock', 'mask-edges', 'underside']),
    );
    const metal = idsOf(coat({ surface: 'metal' }));
    expect(metal).toContain('clean-surface');
    expect(metal).not.toContain('dry-stock');
  });

  test('on a picture: paint dry, oil off, a medium and its day', () => {
    const lines = coat({ surface: 'picture', paint: 'acrylic' });
    expect(idsOf(lines).slice(0, 3)).toEqual(['paint-dry', 'wipe-oil', 'sealing-medium']);
    expect(lineOf(lines, 'paint-dry')).toMatchObject({
      data: { paint: 'acrylic', days: 3 },
      wait: { fromMin: 3 * 1440 },
    });
    expect(lineOf(coat({ surface: 'picture' }), 'paint-dry')?.data.days).toBe(10);
    expect(lineOf(lines, 'sealing-medium')?.wait?.fromMin).toBe(1440);
  });
});

describe('the schools of sealing', () => {
  const knot = (prepare: object, person?: PersonTyped) =>
    lineOf(prepared('demo-sill-knot', { prepare }, person), 'seal-edges');

  test('quick epoxy, cured; the same resin for so long and no longer; or bare', () => {
    expect(knot({})).toMatchObject({
      data: { school: 'quick-epoxy', faces: 'edges' },
      wait: { fromMin: 720, toMin: undefined },
    });
    expect(knot({ sealing: 'same-resin' })?.wait).toEqual({ fromMin: 720, toMin: 1440 });
    expect(knot({ sealing: 'bare' })).toBeUndefined();
  });

  test('the job stands over the person', () => {
    const person = { sealing: 'bare', sealedFaces: 'faces' } as PersonTyped;
    expect(knot({}, person)).toBeUndefined();
    expect(knot({ sealing: 'same-resin' }, person)?.data).toMatchObject({ faces: 'faces' });
  });

  test('faces that are sealed with the edges are not sealed twice', () => {
    expect(idsOf(prepared('demo-sill-knot'))).toContain('seal-faces');
    expect(idsOf(prepared('demo-sill-knot', { prepare: { sealedFaces: 'faces' } }))).not.toContain(
      'seal-faces',
    );
  });
});

test('a face that is planed gets a fan, one that is not a cover', () => {
  const ids = (surfaced: string) => idsOf(prepared('demo-drawer-tray', { prepare: { surfaced } }));
  expect(ids('yes')).toContain('fan');
  expect(ids('no')).toContain('cover');
});

describe('moisture', () => {
  test('the middle of thick stock is wetter than a meter reads, and more so in the open air', () => {
    expect(judgeMoisture(0.08, 24, 'kiln')).toMatchObject({ verdict: 'dry', core: 0.08 });
    expect(judgeMoisture(0.09, 50, 'kiln').verdict).toBe('dry');
    expect(judgeMoisture(0.09, 80, 'air')).toMatchObject({ verdict: 'borderline' });
    expect(judgeMoisture(0.13, 25, 'unknown').verdict).toBe('damp');
    expect(judgeMoisture(0.22, 50, 'air').verdict).toBe('wet');
  });

  test('a year for an inch: twenty points', () => {
    expect(judgeMoisture(0.3, 25.4, 'kiln').waitWeeks).toBeGreaterThanOrEqual(52);
    expect(judgeMoisture(0.08, 25.4, 'kiln').waitWeeks).toBeUndefined();
  });
});

test('what earlier pieces taught is read before anything is mixed, each by itself', () => {
  const lessons = ['ratio-off', 'timber-unsealed'];
  const lines = prepared('demo-drawer-tray', { prepare: { lessons } });
  const own = lines.filter(({ code }) => code === 'lesson');
  expect(idsOf(own)).toEqual(['lesson/ratio-off', 'lesson/timber-unsealed']);
  expect(own.every(({ when }) => when === 'on-the-day')).toBe(true);
  expect(() => prepared('demo-drawer-tray', { prepare: { lessons: ['bad-luck'] } })).toThrow(
    expect.objectContaining({ field: 'prepare.lessons[0]' }) as Error,
  );
});
