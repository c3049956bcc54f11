import {
  asJob,
  type OneJob,
  chooseForOne,
  heatCaseOfOne,
  heatOfOne,
  planOne,
} from '../../../testing/planOne';
import {
  deepPour as deep,
  deepTray as tray,
  deepTrayJob as jobOf,
} from '../../../testing/deepTray';
import { resolveJob } from '../../job/resolveJob';
import type { InputError } from '../../problem';
import { adviseHeat } from './adviseHeat';
import { bucketOf } from './bucketOf';
import { followJob, type HeatCaseOfJob } from './heatOfPlan';
import { heatViewOf } from './heatView';
import { holdLayers } from './holdLayers';
import { roomDepths } from './roomDepth';
import { warmEnough } from './warmEnough';

function caseOf(change: object = {}): HeatCaseOfJob {
  const job = jobOf(change);
  const given = heatCaseOfOne(job, planOne(job));
  if (!given.told) throw new Error(given.code);
  return given;
}

const heatOf = (change: object = {}) => {
  const job = jobOf(change);
  const heat = heatOfOne(job, planOne(job));
  if (!heat.told) throw new Error(heat.code);
  return heat;
};

const within = (figure: number | undefined, expected: number, share = 0.03): void => {
  expect(figure).toBeGreaterThan(expected * (1 - share));
  expect(figure).toBeLessThan(expected * (1 + share));
};

describe('a wide tray of 50 mm at 23 °C', () => {
  const heat = heatOf({ heat: { pouredAt: '18:00' } });
  const [layer] = heat.layers;

  test('peaks at the 62 °C that the label stands for, told as a range', () => {
    within(layer?.peakC.mid, 62);
    expect(layer?.peakC.low).toBeLessThan(layer!.peakC.mid - 10);
    expect(layer?.peakC.high).toBeGreaterThan(layer!.peakC.mid + 15);
    expect(layer).toMatchObject({ band: 'warm', onEdge: true });
  });

  test('at night, when nobody is awake', () => {
    within(layer?.peakH, 10.9);
    expect(layer?.peakAtMin).toBeGreaterThan(4 * 60);
    expect(layer?.peakAtMin).toBeLessThan(6 * 60);
    expect(layer?.asleep).toBe(true);
    expect(heatOf({ heat: { pouredAt: '23:00' } }).layers[0]?.asleep).toBe(false);
  });

  test('events come in their order', () => {
    const { gelH, gelAllH, tackFreeH, demouldH, hardH } = layer!;
    const times = [gelH, gelAllH, tackFreeH, demouldH, hardH].map((each) => each ?? NaN);
    expect(times).toEqual(times.toSorted((one, other) => one - other));
    expect(layer?.recoatH.from).toBeLessThan(layer!.recoatH.to!);
  });

  test('says how it is seen and what it assumes', () => {
    expect(heat.form).toMatchObject({ kind: 'slab', why: 'wide', depthMm: 50 });
    expect(heat.assumed).toEqual(['resin-as-room', 'raised-board', 'board-floor']);
    expect(heat.calibration.verdict.code).toBe('agrees');
  });
});

test.each([
  ['20 °C', {}, 42],
  ['28 °C', {}, 105],
  ['28 °C', { fan: '40 h' }, 58],
  ['23 °C', { floor: { material: 'aluminium', thickness: '3 mm' } }, 44],
  ['23 °C', { floor: { material: 'hdpe', thickness: '5 mm' } }, 45],
  ['23 °C', { underside: 'bench', floor: { material: 'silicone', thickness: '10 mm' } }, 77],
  ['23 °C', { underside: 'foam' }, 99],
])('50 mm at %s with %j: %f °C', (temperature, heat, expected) => {
  // Figures of the family itself; a label without a depth leaves κ alone, and its pot life is the family's.
  const resin = { ...deep, depth: undefined };
  within(heatOf({ room: { temperature }, heat, resin }).layers[0]?.peakC.mid, expected, 0.04);
});

test('two layers of 25 mm: the second when the first is ready by label and model, and cooler than both in one', () => {
  const resin = { ...deep, times: { recoat: { from: '12 h', to: '30 h' } } };
  const { layers } = heatOf({
    resin,
    layers: { style: 'equal', maxDepth: '25 mm' },
    room: { temperature: '23 °C' },
  });
  expect(layers).toHaveLength(2);
  const [first, second] = layers;
  expect(second!.pouredH).toBeGreaterThanOrEqual(Math.max(12, first!.recoatH.from!));
  expect(second!.pouredH).toBeLessThanOrEqual(Math.min(30, first!.recoatH.to!));
  expect(Math.max(...layers.map(({ peakC }) => peakC.mid))).toBeLessThan(45);
});

describe('forms', () => {
  test.each([
    ['coat', { shape: 'coat', length: '1 m', width: '400 mm', thickness: '3 mm' }, 'slab', 'coat'],
    ['deep tray', { ...tray, width: '100 mm' }, 'channel', 'tray'],
    ['cylinder', { shape: 'cylinder', diameter: '120 mm', depth: '90 mm' }, 'cup', 'round'],
    ['thin disc', { shape: 'cylinder', diameter: '300 mm', depth: '20 mm' }, 'slab', 'wide'],
    [
      'ring',
      { shape: 'ring', outerDiameter: '200 mm', innerDiameter: '120 mm', depth: '50 mm' },
      'channel',
      'ring',
    ],
    [
      'hexagon',
      { shape: 'polygon', sides: 6, acrossFlats: '100 mm', depth: '60 mm' },
      'cup',
      'equal-cylinder',
    ],
    [
      'channel',
      {
        shape: 'channel',
        stations: [
          { at: '0 mm', width: '180 mm', depth: '50 mm' },
          { at: '900 mm', width: '220 mm', depth: '50 mm' },
        ],
      },
      'channel',
      'channel',
    ],
  ])('%s', (_, part, kind, why) => {
    expect(heatOf({ measure: { parts: [part] } }).form).toMatchObject({ kind, why });
  });

  test('of several parts the thickest counts', () => {
    const heat = heatOf({
      measure: { parts: [{ ...tray, depth: '10 mm' }, { ...tray, depth: '40 mm' }, tray] },
    });
    expect(heat.part).toBe(2);
  });

  test('narrower is cooler', () => {
    const peaks = ['400 mm', '150 mm', '80 mm', '40 mm'].map(
      (width) => heatOf({ measure: { parts: [{ ...tray, width }] } }).layers[0]!.peakC.mid,
    );
    expect(peaks).toEqual(peaks.toSorted((one, other) => other - one));
  });
});

test.each([
  ['silicone', { ...deep, family: 'silicone-tin', depth: undefined }],
  ['UV resin', { name: 'Light', family: 'uv' }],
  ['polyester', { ...deep, family: 'polyester' }],
])('%s: nothing to tell, and it says so', (_, resin) => {
  const job = jobOf({ resin });
  expect(heatOfOne(job, planOne(job))).toMatchObject({ told: false, code: 'family-without-heat' });
});

test('a known amount has no depth to tell the heat of', () => {
  const job = jobOf({ measure: { parts: [{ shape: 'amount', amount: '1 l' }] } });
  expect(heatOfOne(job, planOne(job))).toMatchObject({ told: false, code: 'no-depth' });
});

test.each<[string, object, string]>([
  ['3 m deep', { measure: { parts: [{ ...tray, depth: '3 m' }] } }, 'too-deep-for-heat'],
  ['a plate without a temperature', { heat: { underside: 'plate' } }, 'missing'],
  [
    'a pot life of no deep pour',
    { resin: { ...deep, potLife: { time: '1 min', mass: '150 g' } }, mixing: { stir: '5 s' } },
    'pot-life-out-of-model',
  ],
])('%s is refused', (_, change, code) => {
  const job = jobOf(change);
  const plan = planOne(job);
  expect(() => heatOfOne(job, plan)).toThrow(expect.objectContaining({ code }) as InputError);
});

test.each([
  ['-20 °C', 'too-small'],
  ['60 °C', 'too-large'],
])('a room of %s is refused', (temperature, code) => {
  expect(() => jobOf({ room: { temperature } })).toThrow(code);
});

test('polyurethane is borne hotter', () => {
  const resin = {
    ...deep,
    family: 'slow-polyurethane',
    depth: undefined,
    potLife: { time: '10 min', mass: '100 g', temperature: '25 °C' },
  };
  const thin = { ...tray, depth: '8 mm' };
  const { layers } = heatOf({ resin, measure: { parts: [thin] }, batches: 60 });
  expect(layers[0]?.peakC.mid).toBeGreaterThan(45);
  expect(layers[0]?.band).toBe('easy');
});

test('slow polyurethane stays in its mould as long as its label says', () => {
  const resin = {
    ...deep,
    family: 'slow-polyurethane',
    potLife: { time: '10 min', mass: '100 g', temperature: '25 °C' },
  };
  const pour = { measure: { parts: [{ ...tray, depth: '20 mm' }] }, batches: 60 };
  const own = heatOf({ ...pour, resin }).layers[0]!;
  const labelled = (time: string) =>
    heatOf({ ...pour, resin: { ...resin, times: { demould: { time } } } }).layers[0]!;
  expect(own.demouldByLabel).toBe(false);
  expect(labelled('30 h')).toMatchObject({ demouldH: 30, demouldByLabel: true });
  // An epoxy's label counts through the degree of cure it stands for.
  const epoxy = heatOf({ resin: { ...deep, times: { demould: { time: '90 days' } } } });
  expect(epoxy.layers[0]?.demouldByLabel).toBe(false);
  expect(epoxy.marks.held).toEqual(['demould']);
});

test('another form is tried whole where its sides count, its floor only where they do not', () => {
  const mould = (change: object) =>
    adviseHeat(caseOf(change), 12, []).find(({ code }) => code === 'mould');
  expect(mould({})?.data).toMatchObject({ whole: false });
  const narrow = {
    measure: { parts: [{ ...tray, width: '120 mm' }] },
    room: { temperature: '28 °C' },
  };
  expect(mould(narrow)?.data).toMatchObject({ whole: true });
  expect(mould(narrow)?.lessK).toBeGreaterThan(2);
});

const film = (temperature: string) =>
  heatOf({ measure: { parts: [{ ...tray, depth: '3 mm' }] }, room: { temperature } }).layers[0]!;

test('3 mm at 12 °C stop near a glass transition of 25 °C, at 18 °C near 33', () => {
  const cold = film('12 °C');
  within(cold.gelH, 85);
  expect(cold.softensNearC).toBeCloseTo(25.4, 0);
  expect(cold.peakH).toBeUndefined();
  const mild = film('18 °C');
  expect(mild.alphaEnd).toBeCloseTo(0.898, 2);
  expect(mild.softensNearC).toBeCloseTo(32.9, 0);
  expect(mild.hardH).toBeDefined();
});

test('there is no cliff: 18.2 and 18.4 °C tell nearly the same', () => {
  const [one, other] = [film('18.2 °C'), film('18.4 °C')];
  within(one.hardH, other.hardH!, 0.02);
  within(one.keepsShapeH, other.keepsShapeH!, 0.02);
  expect(Math.abs(one.softensNearC - other.softensNearC)).toBeLessThan(0.5);
});

test('long steps late in the cure change no time that is told', () => {
  const told = (change: object) => {
    const { tackFreeH, demouldH, hardH } = heatOf(change).layers[0]!;
    return [tackFreeH, demouldH, hardH] as const;
  };
  const steady = told({ room: { temperature: '20 °C' } });
  // A room that moves by a hair is followed in short steps to the end.
  const hair = told({ heat: { day: { lowest: '20 °C', highest: '20.001 °C' } } });
  steady.forEach((hours, at) => within(hours, hair[at]!, 0.005));
});

test('another setting is compared over the layers that are planned', () => {
  const job = jobOf({ layers: { style: 'equal', maxDepth: '20 mm', joint: 'scuff' } });
  const plan = planOne(job);
  expect(plan.layers).toHaveLength(3);
  const held = holdLayers(asJob(job), plan.whole, 0);
  const warm = planOne({ ...held, room: { temperature: '32 °C' } });
  expect(warm.layers.map(({ toMm }) => toMm)).toEqual(plan.layers.map(({ toMm }) => toMm));
  expect(held.pours[0]?.layers?.joint).toBe('scuff');
  const one = jobOf();
  const still = planOne({
    ...holdLayers(asJob(one), planOne(one).whole, 0),
    room: { temperature: '32 °C' },
  });
  expect(still.layers).toHaveLength(1);
});

test('too cold: how warm would do, and there it does', () => {
  const thin = { measure: { parts: [{ ...tray, depth: '3 mm' }] } };
  const { roomC: enoughC = NaN, warmDay } = warmEnough(
    caseOf({ ...thin, room: { temperature: '3 °C' } }),
  );
  expect(enoughC).toBeGreaterThan(4);
  expect(enoughC).toBeLessThan(14);
  expect(warmDay.softensNearC).toBeGreaterThan(30);
  const at = (roomC: number) =>
    heatOf({ ...thin, room: { temperature: `${roomC} °C` } }).layers[0]?.hardH;
  expect(at(enoughC)).toBeDefined();
  expect(at(enoughC - 1)).toBeUndefined();
});

test('a label that wants it 15 K over its room: there is a room that would do, though a hot one would not', () => {
  const resin = { ...deep, times: { fullCure: { time: '14 days', temperature: '23 °C' } } };
  const thin = { resin, measure: { parts: [{ ...tray, depth: '5 mm' }] } };
  const { roomC: enoughC = NaN } = warmEnough(caseOf({ ...thin, room: { temperature: '-5 °C' } }));
  expect(enoughC).toBeLessThan(30);
  const hardH = (roomC: number) =>
    heatOf({ ...thin, room: { temperature: `${roomC} °C` } }).layers[0]?.hardH;
  expect(hardH(enoughC)).toBeDefined();
  expect(hardH(45)).toBeUndefined();
});

test('a day that goes round: warmer afternoons make it hotter than its mean alone', () => {
  const day = { lowest: '17 °C', highest: '29 °C', warmestAt: '15:00' };
  const round = heatOf({ heat: { day, pouredAt: '10:00', resinTemperature: '23 °C' } });
  expect(round.layers[0]?.peakC.mid).toBeGreaterThan(heatOf().layers[0]!.peakC.mid + 5);
});

test('times of the label count before the usual ones, read off a thin film', () => {
  const { marks } = heatOf({
    resin: { ...deep, times: { tackFree: { time: '30 h' }, demould: { time: '72 h' } } },
  });
  expect(marks.fromLabel).toEqual(['tackFree', 'demould']);
  expect(marks.tackFree).toBeGreaterThanOrEqual(0.6);
  expect(marks.demould).toBeLessThanOrEqual(0.9);
});

describe('what would cool it', () => {
  const given = caseOf({ heat: { underside: 'bench' } });
  const mild = {
    ...deep,
    name: 'Slower',
    depth: undefined,
    potLife: { ...deep.potLife, time: '16 h' },
  };
  const advice = adviseHeat(given, 12, [readJobResin(mild)]);

  test('each is a run of its own, the most first', () => {
    expect(advice.map(({ code }) => code)).toEqual(
      expect.arrayContaining(['cooler-room', 'fan', 'blocks', 'one-more-layer', 'resin']),
    );
    const less = advice.map(({ lessK }) => lessK);
    expect(less).toEqual(less.toSorted((one, other) => other - one));
    expect(less.every((each) => each >= 1)).toBe(true);
  });

  test('raised on blocks it is what it is planned as when raised', () => {
    const raised = heatOf().layers[0]!.peakC.mid;
    within(advice.find(({ code }) => code === 'blocks')?.peakC, raised, 0.02);
  });

  test('on blocks another floor helps too', () => {
    const codes = adviseHeat(caseOf(), 12, []).map(({ code }) => code);
    expect(codes).toContain('mould');
    expect(codes).not.toContain('blocks');
  });

  test('nothing is told that is not worth a kelvin', () => {
    const thin = caseOf({ measure: { parts: [{ ...tray, depth: '2 mm' }] } });
    // A cooler room still cools it by as much as it is cooler.
    expect(adviseHeat(thin, 12, []).map(({ code }) => code)).toEqual(['cooler-room']);
  });
});

function readJobResin(resin: object): OneJob['resin'] {
  return jobOf({ resin }).resin;
}

test('depth for this room: the label at 23 °C, less in a warmer one, more with a fan and in a channel', () => {
  const wide = roomDepths(caseOf());
  within(wide.hereMm, 50, 0.02);
  expect(wide.still).toHaveLength(12);
  const millimetres = wide.still.map(({ depthM }) => depthM ?? 0);
  expect(millimetres).toEqual(millimetres.toSorted((one, other) => other - one));
  wide.still.forEach(({ depthM }, at) => expect(wide.fan[at]?.depthM).toBeGreaterThan(depthM!));
  expect(wide.own).toEqual({ roomC: 23, depthMm: 50 });
});

test('the bucket: what fits the label there is the label, a warm bath shortens it, more does too', () => {
  const bucket = (change: object) => {
    const job = jobOf(change);
    const plan = planOne(job);
    const [pour] = resolveJob(asJob(job), undefined).pours;
    return bucketOf(pour!, plan, undefined)!;
  };
  const weighed = (mass: string, temperature: string) => ({
    measure: {
      parts: [
        { shape: 'box', length: '100 mm', width: '100 mm', depth: '5 mm' },
        { shape: 'amount', amount: mass },
      ],
    },
    room: { temperature },
    overage: '0 %',
  });
  const cold = bucket(weighed('95 g', '25 °C'));
  within(cold.pourableMin!, 480, 0.02);
  expect(cold.labelMin).toBe(480);
  const bath = bucket({ ...weighed('95 g', '25 °C'), heat: { bath: '38 °C' } });
  expect(bath.pourableMin).toBeLessThan(cold.pourableMin! * 0.8);
  const large = bucket(weighed('3 kg', '25 °C'));
  expect(large.pourableMin).toBeLessThan(cold.pourableMin! * 0.6);
  expect(large.warmMin).toBeLessThan(large.hotMin!);
});

test('every resin of the shelf with its peak, and days where no label tells them', () => {
  const slow = { ...deep, id: 'slow', name: 'Slower', potLife: { ...deep.potLife, time: '12 h' } };
  const light = { id: 'light', name: 'Light', family: 'uv' };
  const shelf = {
    resins: [{ ...deep, id: 'deep' }, slow, light].map(readJobResin),
    moulds: [],
  };
  const job = jobOf();
  const choices = chooseForOne(job, shelf);
  const of = (id: string) => choices.find(({ resinId }) => resinId === id);
  within(of('deep')?.peakC, 62);
  expect(of('deep')?.doneMin).toBeGreaterThan(24 * 60);
  expect(of('light')?.peakC).toBeUndefined();
});

test('what is drawn is what is told', () => {
  const given = caseOf();
  const followed = followJob(given, { ranges: false });
  const view = heatViewOf(given, followed);
  const [layer] = followed.plan.layers;
  within(Math.max(...view.coreC), layer!.peakC.mid, 0.01);
  expect(view.cut.rows).toBe(view.cut.heightsMm.length);
  const heights = view.cut.heightsMm.slice(view.cut.firstResinRow);
  expect(heights.reduce((sum, each) => sum + each, 0)).toBeCloseTo(50, 9);
  expect(view.cut.temperaturesC).toHaveLength(view.timesH.length * view.cut.rows);
  expect([...view.mostAlpha].every((most, at) => most >= view.leastAlpha[at]!)).toBe(true);
});

test('a layer that is not poured yet is not drawn', () => {
  const given = caseOf({ layers: { style: 'equal', maxDepth: '25 mm' } });
  const view = heatViewOf(given, followJob(given, { ranges: false }));
  expect(view.cut.temperaturesC[view.cut.rows - 1]).toBeNaN();
  expect(view.cut.temperaturesC.at(-1)).not.toBeNaN();
});
