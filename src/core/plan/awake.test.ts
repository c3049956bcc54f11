import type { LayerJoint } from '../layers/jointOf';
import { isAwakeFor, isNight } from './awake';

const joint = (plannedH: number, closesH?: number): LayerJoint => ({
  school: 'tacky',
  earliestMin: undefined,
  latestMin: undefined,
  earliestInRoomMin: undefined,
  latestInRoomMin: undefined,
  readyMin: plannedH * 60,
  closesMin: closesH === undefined ? undefined : closesH * 60,
  coolMin: undefined,
  plannedMin: plannedH * 60,
});
const at = (hour: number) => hour * 60;

test('people sleep from ten to seven', () => {
  expect([6.9, 7, 21.9, 22, 24 + 3, 24 + 12].map((hour) => isNight(at(hour)))).toEqual([
    true,
    false,
    false,
    true,
    true,
    false,
  ]);
});

test('a window that closes before the morning is one that nobody is awake for', () => {
  // Poured at six in the evening, open from one to five at night, or until noon.
  expect(isAwakeFor([joint(7, 11)], at(18))).toBe(false);
  expect(isAwakeFor([joint(7, 18)], at(18))).toBe(true);
  expect(isAwakeFor([joint(7)], at(18))).toBe(true);
  expect(isAwakeFor([{ ...joint(7, 11), school: 'scuff' }], at(18))).toBe(true);
});

test('where nobody says when, it may begin at the hour that suits', () => {
  expect(isAwakeFor([joint(7, 11)], undefined)).toBe(true);
  expect(isAwakeFor([], undefined)).toBe(true);
  // Two windows of an hour, half a day apart: one of them always falls into the night.
  expect(isAwakeFor([joint(11.5, 12), joint(11.5, 12)], undefined)).toBe(true);
  expect(
    isAwakeFor(
      Array.from({ length: 4 }, () => joint(7, 7.5)),
      undefined,
    ),
  ).toBe(false);
});

test('who waits for the morning pours the next that much later', () => {
  // Seven in the evening and eight hours: three at night, so seven in the morning; the next is due at three in the afternoon.
  expect(isAwakeFor([joint(8, 13), joint(8, 8.5)], at(19))).toBe(true);
});

test('whoever said when they sleep is awake at other hours', () => {
  const late = { fromMin: at(1), toMin: at(9) };
  expect(isNight(at(23), late)).toBe(false);
  expect(isNight(at(2), late)).toBe(true);
  expect(isNight(at(24 + 8.9), late)).toBe(true);
  // Open from one to five at night: somebody who works nights is there for it.
  const nights = { fromMin: at(9), toMin: at(17) };
  expect(isAwakeFor([joint(7, 11)], at(18), nights)).toBe(true);
  expect(isAwakeFor([joint(7, 11)], at(18), late)).toBe(false);
  expect(isAwakeFor([joint(11.5, 12), joint(11.5, 12)], undefined, nights)).toBe(true);
});
