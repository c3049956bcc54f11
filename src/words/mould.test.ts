import { readJob } from '../core/job/readJob';
import { planJob } from '../core/plan/planJob';
import type { MouldSection } from '../core/plan/familySections';
import {
  sayBox,
  sayBoxOption,
  sayCheck,
  sayMouldFigure,
  sayOpenings,
  sayOpens,
  sayParting,
  sayRubberCost,
  saySpoiled,
  sayThinnest,
  sayTop,
  sayZigzag,
} from './mould';

const plain = (text: string | undefined): string => (text ?? '').replaceAll('\u00a0', ' ');

const mouldOf = (
  box: object,
  part: object = { shape: 'sphere', diameter: '50 mm', count: 1 },
  family = 'silicone-tin',
): MouldSection =>
  planJob(
    readJob({
      format: 'nipperkin-job',
      version: 2,
      name: 'Words',
      room: { temperature: '23 °C' },
      measure: { parts: [part] },
      pours: [
        {
          role: 'mould',
          overage: '0 %',
          resin: {
            name: 'Rubber',
            family,
            ratio: { by: 'weight', a: 10, b: 1 },
            densityMixed: '1.18 g/ml',
            times: { demould: { time: '16 h', temperature: '23 °C' } },
            kits: [{ supplier: 'Shop', size: '1 kg', price: 30 }],
          },
          mouldBox: box,
        },
      ],
    }),
  ).pours[0]!.mould!;

const ball = mouldOf({ spout: '10 mm', tubes: '75 mm', lasts: 30, count: 2 });

test('how much rubber, in what box, opened when, for how much', () => {
  expect(plain(sayMouldFigure(ball))).toBe('521 ml · 615 g');
  expect(plain(sayBox(ball))).toBe('2 moulds, each 75 mm across, 74 mm high inside.');
  expect(plain(sayOpens(ball))).toBe('May be opened after 16 h; at 33 °C after 8 h.');
  expect(plain(sayRubberCost(ball, '£'))).toMatch(
    /^£ 9\.\d\d of rubber a mould, £ 0\.31 a casting over 30\.$/,
  );
  expect(plain(sayRubberCost(mouldOf({ spout: '8 mm' }), '£'))).toMatch(/Say how many castings/);
});

test('each box against the best of them, in millilitres and money', () => {
  const [best, boards] = ball.options;
  const said = (option: typeof best): readonly string[] =>
    sayBoxOption(option!, best!, ball.heightMm, '£').map(plain);
  expect(said(best)).toEqual([
    'Tube, 75 mm across, 74 mm high',
    expect.stringMatching(/^261 ml · £ 9\.2\d$/),
    'the least rubber of what is at hand',
  ]);
  expect(said(boards)).toEqual([
    'Boards, 74 × 74 × 74 mm',
    expect.stringMatching(/^339 ml · £ 11\.9\d$/),
    expect.stringMatching(/^78\.3 ml, £ 2\.77 more$/),
  ]);
});

test('walls, ways in and out', () => {
  expect(plain(sayThinnest(ball))).toBe(
    'The usual 12 mm beside it; the thinnest is 13 mm. 12 mm over it, 12 mm under it.',
  );
  expect(plain(sayOpenings(ball))).toMatch(
    /^A spout 10 mm across, 0\.9 ml of scrap a filling, once the mould is turned over\./,
  );
  expect(plain(sayOpenings(mouldOf({})))).toMatch(/^Nothing leads in yet/);
  const block = { shape: 'box', length: '40 mm', width: '30 mm', depth: '20 mm', count: 1 };
  expect(plain(sayOpenings(mouldOf({}, block)))).toMatch(/^Its open face is the way in/);
  expect(plain(sayThinnest(mouldOf({}, block)))).toMatch(/its face lies on the board\.$/);
  expect(sayZigzag(mouldOf({}, block))).toBeUndefined();
  expect(sayZigzag(mouldOf({ spout: '8 mm' }))).toMatch(/^Nothing opens far enough/);
  const top = { x: 12.4, y: 0, z: 20, ofPiece: true, risesMm: 3, holdsMl: 0.25 };
  expect(plain(sayTop(top))).toBe('at 12, 0 mm, 20 mm up: 0.3 ml of air in 3 mm');
});

test('several pieces stand in rows, a turned one says by how much', () => {
  const four = mouldOf({ spout: '8 mm' }, { shape: 'sphere', diameter: '30 mm', count: 4 });
  expect(plain(sayBox(four))).toMatch(/4 pieces in 2 rows of 2\.$/);
});

test('halves: where they part, what each takes, what nobody can tell without a mesh', () => {
  const told = plain(sayParting(mouldOf({ halves: 'two', spout: '8 mm', parting: '20 mm' })));
  expect(told).toMatch(
    /^Parts 20 mm up the piece: \d+ ml below, \d+ ml above\. What holds it fast only a mesh can tell\./,
  );
  expect(told).toMatch(/4 keys of 8 mm\.$/);
  expect(sayParting(ball)).toBeUndefined();
});

test('what a cure lies on: asked, harmless, to be tried, or poison with what to do', () => {
  const check = (material: string | undefined, family = 'silicone-platinum'): string =>
    sayCheck(mouldOf({ spout: '8 mm', material }, undefined, family).checks[0]!);
  expect(check(undefined)).toMatch(/^Say what the piece is of/);
  expect(check(undefined, 'silicone-tin')).toMatch(/^A tin cure minds next to nothing/);
  expect(check('metal')).toBe('Rubber cures on metal.');
  expect(check('epoxy')).toMatch(
    /may stay sticky on cast epoxy: try it first\. Let it cure and air out/,
  );
  expect(check('sulphur-clay')).toMatch(
    /stays sticky on modelling clay with sulphur\. Take a clay/,
  );
  expect(check('plaster', 'silicone-tin')).toMatch(/holds on to the pores of plaster/);
  expect(saySpoiled({ on: 'clay', material: 'latex', remedy: 'lacquer', isSure: true })).toMatch(
    /^Latex or rubber poisons a platinum cure.*or take a tin cure\.$/,
  );
});
