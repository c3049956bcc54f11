import { deepTray as tray, deepTrayJob as jobOf } from '../../../testing/deepTray';
import { heatCaseOfOne, heatOfOne, planOne } from '../../../testing/planOne';
import { dewPointC } from '../../thermal/dewPoint';
import { films, underCoverU } from '../../thermal/solids';
import { adviseHeat } from './adviseHeat';

const at = (temperature: string, heat: object = {}, change: object = {}) =>
  jobOf({ room: { temperature }, heat, ...change });

const planned = (job: ReturnType<typeof at>) => {
  const plan = planOne(job);
  const heat = heatOfOne(job, plan);
  if (!heat.told) throw new Error(heat.code);
  const given = heatCaseOfOne(job, plan);
  if (!given.told) throw new Error(given.code);
  const warning = (code: string) => plan.warnings.find((each) => each.code === code);
  return { plan, heat, given, warning, layer: heat.layers[0]! };
};

describe('what the form bears', () => {
  test('tape and hot melt let go long before the boards do', () => {
    const cool = planned(at('18 °C', { seal: 'tape' }));
    expect(cool.layer.formBearsC).toBeUndefined();
    expect(cool.warning('form-gives-way')).toBeUndefined();
    const warm = planned(at('23 °C', { seal: 'tape' }));
    expect(warm.layer.formBearsC).toBe(60);
    expect(warm.warning('form-gives-way')?.data).toMatchObject({ bearsC: 60 });
    expect(planned(at('23 °C', { seal: 'silicone' })).layer.formBearsC).toBeUndefined();
  });

  test('it is held against the high end of the peak', () => {
    const hdpe = { floor: { material: 'hdpe', thickness: '5 mm' } };
    const pour = planned(at('26 °C', hdpe, { layers: { style: 'one-pour' } }));
    expect(pour.layer.peakC.mid).toBeLessThan(65);
    expect(pour.layer.peakC.high).toBeGreaterThan(75);
    expect(pour.layer.formBearsC).toBe(75);
    const { peakC, highC } = pour.warning('form-gives-way')!.data as Record<string, number>;
    expect(peakC).toBeLessThan(65);
    expect(highC).toBeGreaterThan(75);
  });

  test('of a board that is only assumed nothing is known', () => {
    expect(
      planned(at('28 °C', {}, { layers: { style: 'one-pour' } })).given.formBearsC,
    ).toBeUndefined();
  });
});

describe('under a dust cover', () => {
  const still = at('23 °C', {}, { layers: { style: 'one-pour' } });
  const covered = at('23 °C', { cover: '15 mm' }, { layers: { style: 'one-pour' } });

  test('15 mm of air and the cover let 3.9 W/m²K through', () => {
    expect(underCoverU(0.015, 23, films.topStill)).toBeCloseTo(3.9, 1);
    expect(underCoverU(0.015, 23, films.fan)).toBeGreaterThan(3.9);
    expect(underCoverU(0.002, 23, films.topStill)).toBeGreaterThan(
      underCoverU(0.05, 23, films.topStill),
    );
  });

  test('the label’s pour goes from 62 to about 105 °C, and without it is what would cool it most', () => {
    expect(planned(still).layer.peakC.mid).toBeCloseTo(62, 0);
    const under = planned(covered);
    expect(under.layer.peakC.mid / 105).toBeCloseTo(1, 1.3);
    expect(under.warning('layer-runs-hot')).toBeDefined();
    const [most] = adviseHeat(under.given, 12, []);
    expect(most).toMatchObject({ code: 'uncovered', data: { coverMm: 15 } });
    expect(most!.peakC).toBeCloseTo(62, 0);
    expect(adviseHeat(planned(still).given, 12, []).map(({ code }) => code)).not.toContain(
      'uncovered',
    );
  });

  test('the plan cuts thinner layers for it', () => {
    const cut = (heat: object) =>
      planned(at('23 °C', heat, { layers: { style: 'equal' } })).plan.layers;
    expect(cut({ cover: '15 mm' }).length).toBeGreaterThan(cut({}).length);
  });
});

describe('dew', () => {
  test('22 °C and 65 %: 15.1 °C', () => {
    expect(dewPointC(22, 0.65)).toBeCloseTo(15.1, 1);
    expect(dewPointC(22, 1)).toBeCloseTo(22, 9);
  });

  const damp = (humidity: string, heat: object = {}, change: object = {}) =>
    planned(jobOf({ room: { temperature: '22 °C', humidity }, heat, ...change })).warning(
      'may-blush',
    );

  test('a surface near the dew point before it has gelled blushes', () => {
    expect(damp('65 %')).toBeUndefined();
    expect(damp('90 %')?.data).toMatchObject({ airC: 22, humidity: 0.9 });
    // Cold resin out of a cellar, or a night, though the room itself is dry enough.
    expect(damp('65 %', { resinTemperature: '15 °C' })).toBeDefined();
    const night = { day: { lowest: '14 °C', highest: '30 °C' }, pouredAt: '20:00' };
    const thin = { measure: { parts: [{ ...tray, depth: '5 mm' }] } };
    expect(damp('65 %', night, thin)?.data).toMatchObject({ airC: 22 });
    expect(damp('65 %', {}, thin)).toBeUndefined();
  });

  test('what is no share of a humidity is refused', () => {
    expect(() => jobOf({ room: { temperature: '22 °C', humidity: '165 %' } })).toThrow(
      expect.objectContaining({ field: 'room.humidity', code: 'too-large' }) as Error,
    );
  });
});

test('a channel is judged at its bay, not on average', () => {
  const channel = (widths: readonly number[]) =>
    planned(
      at(
        '23 °C',
        {},
        {
          measure: {
            parts: [
              {
                shape: 'channel',
                stations: widths.map((width, index) => ({
                  at: `${index * 300} mm`,
                  width: `${width} mm`,
                  depth: '50 mm',
                })),
              },
            ],
          },
          layers: { style: 'one-pour' },
        },
      ),
    );
  const bay = channel([60, 60, 300, 60, 60]);
  expect(bay.heat.form.widthMm).toBeGreaterThan(275);
  expect(bay.layer.peakC.mid).toBeGreaterThan(channel([60, 60, 60, 60, 60]).layer.peakC.mid + 15);
});
