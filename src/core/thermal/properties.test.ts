import * as fc from 'fast-check';
import { calibrate, curingOf } from './calibrate';
import { constantRoom } from './climate';
import { followCore, noEvents } from './followCore';
import { heatFamilies, heatConstantsOf } from '../resin/families';
import { quickGrid, type HeatShape, type PourSetting } from './pourSetting';
import { runPour } from './runPour';
import { usualSetting } from './usualSetting';
import { runs } from '../../testing/campaign';

/** Of the degree of cure, where steps are taken to half a kelvin. */
const alphaSlack = 0.005;

const family = fc.constantFrom(...heatFamilies);
const depthM = fc.double({ min: 0.002, max: 0.12, noNaN: true });
const roomC = fc.double({ min: 8, max: 34, noNaN: true });

function followed(setting: PourSetting, curing: Parameters<typeof runPour>[1]) {
  const events = noEvents(setting.resinC);
  const untilS = 200 * 3600;
  const end = runPour(
    setting,
    curing,
    { grid: quickGrid, toleranceK: 0.05, untilS },
    ({ resinCells }) => followCore(events, resinCells, curing.gelAlpha),
  );
  return { ...events, end };
}

/** Of two runs' errors, which grow with what they run through; steps are taken to 0.05 K. */
const slackK = 0.5;
/**
 * In a runaway a front runs through the resin, and how high it goes depends on where it started more than on the room: a fan
 * can raise it. What is told there is "runaway, above about 120 °C", so that is what is compared.
 */
const told = (peakC: number): number => Math.min(peakC, 120);

test('a warmer room never lowers the peak and never lengthens the gel', () => {
  fc.assert(
    fc.property(family, depthM, roomC, (name, deep, room) => {
      const { curing } = heatConstantsOf(name);
      const cool = followed(usualSetting(deep, room), curing);
      const warm = followed(usualSetting(deep, room + 2), curing);
      expect(told(warm.peakC)).toBeGreaterThan(told(cool.peakC) - slackK);
      expect(warm.gelS ?? Infinity).toBeLessThan((cool.gelS ?? Infinity) * 1.002);
    }),
    { numRuns: runs(30, 600) },
  );
});

test('a fan never raises the peak, and more depth never cools the core', () => {
  fc.assert(
    fc.property(family, depthM, roomC, (name, deep, room) => {
      const { curing } = heatConstantsOf(name);
      const still = usualSetting(deep, room);
      const { peakC } = followed(still, curing);
      const blown = { ...still, fan: { ...still.fan, untilS: Infinity } };
      expect(told(followed(blown, curing).peakC)).toBeLessThan(told(peakC) + slackK);
      expect(told(followed(usualSetting(deep * 1.1, room), curing).peakC)).toBeGreaterThan(
        told(peakC) - slackK,
      );
    }),
    { numRuns: runs(30, 600) },
  );
});

const side = { solid: 'timber', thicknessM: 0.04, filmU: 8 } as const;
const shape: fc.Arbitrary<HeatShape> = fc.oneof(
  fc.constant({ kind: 'slab' } as const),
  fc.record({
    kind: fc.constant('channel' as const),
    widthM: fc.double({ min: 0.02, max: 0.5, noNaN: true }),
    side: fc.constant(side),
  }),
  fc.record({
    kind: fc.constant('cup' as const),
    radiusM: fc.double({ min: 0.01, max: 0.3, noNaN: true }),
    side: fc.constant({ solid: undefined, thicknessM: 0, filmU: 9 }),
  }),
);

test('α never falls, and nothing is no number', () => {
  fc.assert(
    fc.property(
      family,
      shape,
      depthM,
      roomC,
      fc.double({ min: 10, max: 40, noNaN: true }),
      fc.double({ min: 0, max: 8, noNaN: true }),
      (name, form, deep, room, resinC, swingC) => {
        const { curing } = heatConstantsOf(name);
        const setting: PourSetting = {
          ...usualSetting(deep, room),
          shape: form,
          room: { ...constantRoom(room), swingC, warmestS: 5 * 3600 },
          resinC,
          fan: { untilS: 6 * 3600, topU: 25, undersideU: 25 },
          layers: [
            { depthM: deep / 2, pouredS: 0 },
            { depthM: deep / 2, pouredS: 12 * 3600 },
          ],
        };
        const events = noEvents(resinC);
        let fell = 0;
        const grid = { cells: 12, columns: 6, wallCells: 4 };
        const { end } = {
          end: runPour(
            setting,
            curing,
            { grid, toleranceK: 0.5, untilS: 48 * 3600 },
            ({ resinCells }) => {
              const follow = followCore(events, resinCells, curing.gelAlpha);
              return (before, after) => {
                // Compared by hand: an expectation for each of a million cells takes a minute.
                for (const cell of resinCells) {
                  fell = Math.max(fell, before.alphas[cell]! - after.alphas[cell]!);
                }
                return follow(before, after);
              };
            },
          ),
        };
        expect(fell).toBeLessThanOrEqual(alphaSlack);
        expect(Number.isFinite(events.peakC)).toBe(true);
        expect(end.temperaturesC.every(Number.isFinite)).toBe(true);
        expect(end.alphas.every((alpha) => alpha >= -alphaSlack && alpha <= 1 + alphaSlack)).toBe(
          true,
        );
      },
    ),
    { numRuns: runs(40, 800) },
  );
});

test('whatever the label and its pour: a peak that is a number, or an error that says so', () => {
  const untilS = 72 * 3600;
  fc.assert(
    fc.property(
      family,
      fc.double({ min: 0.02, max: 50, noNaN: true }),
      fc.double({ min: 0.02, max: 0.6, noNaN: true }),
      fc.double({ min: 0.0005, max: 0.3, noNaN: true }),
      fc.double({ min: -10, max: 50, noNaN: true }),
      (name, rateScale, kappa, deep, room) => {
        const { heatJPerKg } = heatConstantsOf(name).curing;
        const curing = curingOf(name, { rateScale, kappa, heatJPerKg });
        const events = noEvents(room);
        const end = runPour(
          usualSetting(deep, room),
          curing,
          { grid: { cells: 5, columns: 4, wallCells: 2 }, toleranceK: 0.5, untilS },
          ({ resinCells }) => followCore(events, resinCells, curing.gelAlpha),
        );
        expect(events.peakC).toBeGreaterThanOrEqual(room - 0.01);
        expect(Number.isFinite(events.peakC)).toBe(true);
        expect(end.alphas.every((alpha) => alpha >= -alphaSlack && alpha <= 1 + alphaSlack)).toBe(
          true,
        );
      },
    ),
    { numRuns: runs(600, 10000) },
  );
});

test('labels of every kind are calibrated or refused by name', () => {
  fc.assert(
    fc.property(
      family,
      fc.double({ min: 0.5, max: 3000, noNaN: true }),
      fc.option(fc.double({ min: 1, max: 200, noNaN: true }), { nil: undefined }),
      fc.double({ min: 20, max: 5000, noNaN: true }),
      (name, potLifeMin, depthMm, massG) => {
        try {
          const found = calibrate(name, { potLifeMin, depthMm, massG, temperatureC: 23 });
          expect(found.rateScale).toBeGreaterThan(Math.exp(-4.01));
          expect(found.rateScale).toBeLessThan(Math.exp(4.01));
          expect(found.kappa).toBeGreaterThan(0.0199);
          expect(found.kappa).toBeLessThan(0.6001);
        } catch (error) {
          expect(error).toMatchObject({ code: 'pot-life-out-of-model' });
        }
      },
    ),
    { numRuns: runs(30, 600) },
  );
});
