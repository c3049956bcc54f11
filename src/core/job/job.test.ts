import example from '../../../docs/formats/drawer-tray.job.json';
import { demoMoulds } from '../../data/demo/demoMoulds';
import { demoResins } from '../../data/demo/demoResins';
import { InputError } from '../problem';
import { fieldInJob, jobPour } from './jobPour';
import type { Job } from './jobSchema';
import { asVersion1, checkJob, isVersion1, readJob } from './readJob';
import { ofPour, resolveJob } from './resolveJob';
import { fieldInVersion1, upgradeWithinVersion, upgradeDraft } from '../upgrades/upgradeJob';

const slow = demoResins.find(({ id }) => id === 'demo-slow-clear')!;
const coating = demoResins.find(({ id }) => id === 'demo-table-coat')!;
const silicone = demoResins.find(({ id }) => id === 'demo-mould-silicone')!;

const box = { parts: [{ shape: 'box', length: '100 mm', width: '50 mm', depth: '20 mm' }] };
const coat = { parts: [{ shape: 'coat', length: '1 m', width: '50 cm', thickness: '2 mm' }] };
const jobOf = (more: object): Job =>
  readJob({
    format: 'nipperkin-job',
    version: 2,
    name: 'Piece',
    room: { temperature: '20 °C' },
    measure: box,
    pours: [{ resin: slow }],
    ...more,
  });

describe('a job of version 1', () => {
  const old = {
    ...example,
    resin: slow,
    portions: [{ name: 'Blue', pigments: [{ name: 'Blue', kind: 'dye', share: '1 %' }] }],
    heat: { underside: 'bench' },
  };

  test('is a job of one pour: what is of the job stays, what is of the pour goes there', () => {
    const job = readJob(old);
    expect(isVersion1(old)).toBe(true);
    expect(isVersion1(job)).toBe(false);
    expect(job.version).toBe(2);
    expect(job.heat?.underside).toBe('bench');
    expect(job.pours).toHaveLength(1);
    expect(job.pours[0]).toMatchObject({ overage: example.overage, portions: old.portions });
    expect(job.pours[0]).not.toHaveProperty('heat');
    expect(job).not.toHaveProperty('resin');
  });

  test('what it becomes is written and read without loss', () => {
    const job = readJob(old);
    expect(readJob(JSON.parse(JSON.stringify(job)))).toEqual(job);
  });

  test('a step of the scale in an object of its own is lifted, and a newer one stands over it', () => {
    expect(upgradeWithinVersion({ name: 'A', scale: { step: '0.1 g' } })).toEqual({
      name: 'A',
      scaleStep: '0.1 g',
    });
    expect(upgradeWithinVersion({ scale: { step: '0.1 g' }, scaleStep: '1 g' })).toEqual({
      scaleStep: '1 g',
    });
    expect(upgradeWithinVersion({ scale: 'broken' })).toEqual({});
    expect(upgradeWithinVersion('no job')).toBe('no job');
  });

  test('a draft may hold anything, and is lifted once', () => {
    const draft = { name: 3, resin: slow, measure: 'half typed' };
    const lifted = upgradeDraft(draft);
    expect(lifted).toEqual({
      name: 3,
      measure: 'half typed',
      version: 2,
      pours: [{ resin: slow }],
    });
    expect(upgradeDraft(lifted)).toEqual(lifted);
    expect(upgradeDraft(null)).toBeNull();
  });

  test('problems are told by their place in the file as it came', () => {
    expect(fieldInVersion1('pours[0].layers.heights[1]')).toBe('layers.heights[1]');
    expect(fieldInVersion1('measure.parts[0].depth')).toBe('measure.parts[0].depth');
    expect(fieldInVersion1('pours[0]')).toBe('');
    expect(() =>
      asVersion1(() => {
        throw new InputError('no-name', 1, {}, 'pours[0].resin');
      }),
    ).toThrow(expect.objectContaining({ field: 'resin' }));
    expect(() =>
      asVersion1(() => {
        throw new RangeError('a fault of ours');
      }),
    ).toThrow(RangeError);
  });

  test('an unknown key is refused with its name, in either version', () => {
    const unknown = (field: string, key: string) =>
      expect.objectContaining({
        code: 'unknown-key',
        field,
        data: expect.objectContaining({ unknown: key }),
      });
    expect(() => readJob({ ...old, tempreature: 3 })).toThrow(unknown('', 'tempreature'));
    expect(() => jobOf({ pours: [{ resin: slow, layer: {} }] })).toThrow(
      unknown('pours[0]', 'layer'),
    );
  });

  test('everything that is wrong with what is typed is named at once', () => {
    const { value, problems } = checkJob({
      ...jobOf({}),
      name: '',
      room: { temperature: 'warm' },
      pours: [{ resin: slow, overage: '-5 %' }],
    });
    expect(value).toBeUndefined();
    expect(problems.map(({ field }) => field).toSorted()).toEqual([
      'name',
      'pours[0].overage',
      'room.temperature',
    ]);
  });
});

describe('what a pour takes from its job', () => {
  const job = jobOf({
    container: { capacity: '1 l', fill: '80 %' },
    heat: { underside: 'foam', fan: '2 h' },
    pours: [
      { resin: slow, fills: { to: '10 mm' } },
      {
        resin: coating,
        fills: { from: '10 mm' },
        heat: { fan: '5 h' },
        containers: [{ name: 'Cup', capacity: '250 ml' }],
      },
      { resin: coating, measure: coat, room: { temperature: '25 °C' } },
    ],
  });

  test('all of it where it says nothing', () => {
    expect(jobPour(job, 0)).toMatchObject({
      room: { temperature: '20 °C' },
      heat: { underside: 'foam', fan: '2 h' },
      container: { capacity: '1 l' },
      measure: box,
    });
  });

  test('its own heat as a whole, and cups as one: a set of cups is not beside the job’s bucket', () => {
    const second = jobPour(job, 1);
    expect(second.heat).toMatchObject({ fan: '5 h' });
    expect(second.heat?.underside).toBeUndefined();
    expect(second.container).toBeUndefined();
    expect(second.containers).toHaveLength(1);
  });

  test('its own measure and room', () => {
    expect(jobPour(job, 2).measure).toMatchObject(coat);
    expect(jobPour(job, 2).room.temperature).toBe('25 °C');
  });

  test('a figure is told where it was typed: with the job, or with the pour', () => {
    const [first, second, third] = job.pours;
    expect(fieldInJob(first!, 0, 'room.temperature')).toBe('room.temperature');
    expect(fieldInJob(third!, 2, 'room.temperature')).toBe('pours[2].room.temperature');
    expect(fieldInJob(second!, 1, 'containers[0].capacity')).toBe(
      'pours[1].containers[0].capacity',
    );
    expect(fieldInJob(first!, 0, 'measure.parts[0].depth')).toBe('measure.parts[0].depth');
    expect(fieldInJob(first!, 0, 'scaleStep')).toBe('scaleStep');
    expect(fieldInJob(first!, 0, 'portions[2].share')).toBe('pours[0].portions[2].share');
    expect(fieldInJob(first!, 0, '')).toBe('pours[0]');
  });

  test('a pour that is not there is a fault of ours', () => {
    expect(() => jobPour(job, 3)).toThrow(RangeError);
    expect(() => ofPour(job.pours[0]!, 0, () => jobPour(job, 9))).toThrow(RangeError);
  });
});

describe('cards are found once', () => {
  const shelf = { resins: demoResins, moulds: demoMoulds };

  test('the shelf stands over the copy in the job; a card that is gone leaves the copy, and is told', () => {
    const renamed = { ...slow, name: 'Slow clear, an old copy' };
    const gone = { ...coating, id: 'gone', name: 'Gone' };
    const { pours, missing } = resolveJob(
      jobOf({
        pours: [
          { resin: renamed, fills: { to: '10 mm' } },
          { resin: gone, fills: { from: '10 mm' } },
        ],
      }),
      shelf,
    );
    expect(pours.map(({ card }) => card.name)).toEqual(['Slow clear', 'Gone']);
    expect(missing).toEqual([{ code: 'resin-not-on-shelf', name: 'Gone', pour: 1 }]);
  });

  test('without a shelf a file is taken by its word', () => {
    const { pours, missing } = resolveJob(
      jobOf({ pours: [{ resin: { ...slow, name: 'Mine' } }] }),
      undefined,
    );
    expect(pours[0]!.card.name).toBe('Mine');
    expect(missing).toEqual([]);
  });

  test('a hardener that the card does not have is told at its pour', () => {
    const job = jobOf({
      pours: [
        { resin: slow, fills: { to: '10 mm' } },
        { resin: slow, hardener: 'Arctic', fills: { from: '10 mm' } },
      ],
    });
    expect(() => resolveJob(job, shelf)).toThrow(
      expect.objectContaining({ code: 'no-such-hardener', field: 'pours[1].hardener' }),
    );
  });

  test('a pour stays the same pour by its id; without one it is known by its place', () => {
    const job = jobOf({
      pours: [
        { resin: slow, id: 'fill-a', fills: { to: '10 mm' } },
        { resin: slow, fills: { from: '10 mm' } },
      ],
    });
    expect(resolveJob(job, shelf).pours.map(({ id }) => id)).toEqual(['fill-a', 'pour-2']);
  });

  test.each([
    [[{ resin: slow }], ['fill']],
    [[{ resin: silicone }], ['mould']],
    [[{ resin: coating, measure: coat }], ['coat']],
    [[{ resin: coating, role: 'castings' }], ['castings']],
    [
      [
        { resin: coating, covers: { face: 'sides', thickness: '1 mm' } },
        { resin: slow },
        { resin: coating, covers: { face: 'surface', thickness: '2 mm' } },
      ],
      ['seal', 'fill', 'coat'],
    ],
  ])('what a pour is for follows from what it covers, %#', (pours, roles) => {
    expect(resolveJob(jobOf({ pours }), shelf).pours.map(({ role }) => role)).toEqual(roles);
  });
});
