import * as fc from 'fast-check';
import { colourAtDepth } from './appearance';
import { doseAtDepth, readPigment, refuseSpoilers } from './dose';
import { pigmentKinds, pigmentRules } from './pigmentKinds';
import { sharePortions } from './portions';

test('a test cup 5 mm deep right at 0.20 % is 0.025 % at 40 mm, and back again', () => {
  expect(doseAtDepth(0.002, 5, 40)).toBeCloseTo(0.00025, 15);
  expect(doseAtDepth(doseAtDepth(0.002, 5, 40), 40, 5)).toBeCloseTo(0.002, 15);
});

describe('what a tint looks like', () => {
  test('is itself in the test cup, and black in the end', () => {
    expect(colourAtDepth('#8d8378', 1)).toBe('#8d8378');
    expect(colourAtDepth('#8d8378', 0)).toBe('#ffffff');
    expect(colourAtDepth('#8d8378', 60)).toBe('#000000');
    expect(colourAtDepth('#ffffff', 9)).toBe('#ffffff');
  });

  test('twice the depth squares the light that comes through', () => {
    // 188 of 255 is 0.503 of the light on the screen's curve; its square, 0.253, is 138.
    expect(colourAtDepth('#bcbcbc', 2)).toBe('#8a8a8a');
  });

  test('never gets lighter with depth', () => {
    const channel = (colour: string): number => Number.parseInt(colour.slice(1, 3), 16);
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 255 }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        (grey, a, b) => {
          const hex = grey.toString(16).padStart(2, '0');
          const at = (times: number): number =>
            channel(colourAtDepth(`#${hex}${hex}${hex}`, times));
          expect(at(Math.max(a, b))).toBeLessThanOrEqual(at(Math.min(a, b)));
        },
      ),
    );
  });
});

describe('a dose', () => {
  const dye = { name: ' Dye ', kind: 'dye' } as const;
  test('by share, by drops of a bottle that was weighed, by the pot', () => {
    expect(readPigment({ ...dye, share: '0.4 %' }, 10, 1.1)).toMatchObject({
      name: 'Dye',
      share: 0.004,
    });
    // Five drops of 0.03 g in 110 g.
    const drops = readPigment({ ...dye, drops: 5, twentyDrops: '0.6 g' }, 10, 1.1);
    expect(drops.share).toBeCloseTo(0.15 / 110, 12);
    const pot = readPigment({ ...dye, potBefore: '50.2 g', potAfter: '48.7 g' }, undefined, 1.1);
    expect(pot).toMatchObject({ share: undefined, testedAtMm: undefined });
    expect(pot.g).toBeCloseTo(1.5, 9);
  });

  test('from a test cup is less in the deep; opaque stays, and nothing without a depth is guessed', () => {
    const tried = { ...dye, share: '0.2 %', testDepth: '5 mm' };
    expect(readPigment(tried, 40, 1.1).share).toBeCloseTo(0.00025, 15);
    expect(readPigment({ ...tried, opaque: true }, 40, 1.1).share).toBe(0.002);
    expect(() => readPigment(tried, undefined, 1.1)).toThrow(
      expect.objectContaining({ code: 'test-cup-needs-depth', field: 'testDepth' }) as Error,
    );
  });
});

describe('what spoils a cure', () => {
  const at = 'portions[0].pigments[0]';
  test('every kind suits a family, and none suits where its carrier does harm', () => {
    for (const kind of pigmentKinds) expect(pigmentRules[kind].suits.size).toBeGreaterThan(0);
    for (const kind of ['polyester-paste', 'liquid-acrylic', 'alcohol-ink'] as const) {
      expect(() =>
        refuseSpoilers([{ kind, share: 0.001, at }], 'fast-polyurethane', undefined),
      ).toThrow(
        expect.objectContaining({ code: 'pigment-wrong-family', field: `${at}.kind` }) as Error,
      );
    }
  });

  test('several within their limits can be too much together', () => {
    const doses = [
      { kind: 'powder', share: 0.04, at },
      { kind: 'epoxy-paste', share: 0.04, at: 'portions[0].pigments[1]' },
    ] as const;
    expect(() => refuseSpoilers(doses, 'casting-epoxy', undefined)).toThrow(
      expect.objectContaining({
        code: 'pigment-over-limit',
        field: 'portions[0].pigments[1].share',
      }) as Error,
    );
    expect(() => refuseSpoilers(doses, 'casting-epoxy', 0.1)).not.toThrow();
    expect(() => refuseSpoilers(doses.slice(0, 1), 'casting-epoxy', 0.03)).toThrow(
      expect.objectContaining({ data: expect.objectContaining({ byLabel: true }) }) as Error,
    );
    expect(() => refuseSpoilers([], 'casting-epoxy', 0.03)).not.toThrow();
  });
});

test('portions of any cells add up to them, layer by layer', () => {
  const cells = fc.array(
    fc.array(fc.double({ min: 0.1, max: 900, noNaN: true }), { minLength: 3, maxLength: 3 }),
    {
      minLength: 1,
      maxLength: 5,
    },
  );
  const shares = fc.array(fc.integer({ min: 1, max: 24 }), { maxLength: 4 });
  fc.assert(
    fc.property(cells, shares, fc.boolean(), (volumes, percents, byCavity) => {
      const cavity = byCavity ? { cavity: 2 } : {};
      const portions = [
        ...percents.map((share, at) => ({ name: `C${at}`, share: `${share} %`, ...cavity })),
        { name: 'Rest', rest: true, ...cavity },
      ];
      const { shared, plainMlByLayer } = sharePortions(portions, volumes);
      volumes.forEach((row, layer) => {
        const coloured = shared.reduce((sum, each) => sum + (each.cavityMlByLayer[layer] ?? 0), 0);
        const all = row.reduce((sum, ml) => sum + ml, 0);
        expect((coloured + (plainMlByLayer[layer] ?? 0)) / all).toBeCloseTo(1, 12);
        if (byCavity) expect(coloured / (row[1] ?? NaN)).toBeCloseTo(1, 12);
        else expect(plainMlByLayer[layer]).toBe(0);
      });
    }),
  );
});
