import { sayNextStage, sayPace, sayPaceAdvice, sayStageTime } from './cure';

const zone = 'Europe/London';
/** Nine in the morning of the 6th of October 2026. */
const now = Date.UTC(2026, 9, 6, 8) / 60_000;
const at = (min: number): number => (now + min) * 60_000;

test('what comes next is told to five minutes, with its layer where there are several', () => {
  expect(sayNextStage({ stage: 'gel', at: at(127), layer: 0 }, true, now, zone)).toBe(
    'Layer 1 gels about today 11:05',
  );
  expect(sayNextStage({ stage: 'hard', at: at(127), layer: 0 }, false, now, zone)).toBe(
    'Is hard about today 11:05',
  );
});

test('a time is told no closer than its label lets it be', () => {
  const told = (min: number, half: number) =>
    sayStageTime(
      { stage: 'gel', at: at(min), range: { from: at(min - half), to: at(min + half) } },
      now,
      zone,
    ).replaceAll('\u00a0', ' ');
  expect(told(123, 4)).toBe('today 11:05');
  expect(told(123, 40)).toBe('today 11:00 ± 40 min');
  expect(told(123, 100)).toBe('today 11:00 ± 1½ h');
  expect(told(2000, 900)).toBe('tomorrow ± 15 h');
  expect(sayStageTime({ stage: 'hard', at: undefined, range: undefined }, now, zone)).toBe(
    'not within thirty days in this room',
  );
});

test('how it cures beside its plan, in a line', () => {
  const told = (...given: Parameters<typeof sayPace>) =>
    sayPace(...given).replaceAll('\u00a0', ' ');
  expect(told('hot', { overK: 6, aheadMin: 90 })).toBe('Runs hot: 6 °C above, 1½ h ahead');
  // What is hotter and later only goes on longer.
  expect(told('hot', { overK: 6, aheadMin: -40 })).toBe('Runs hot: 6 °C above');
  expect(told('cool', { overK: -4, aheadMin: -120 })).toBe('Runs cool: 4 °C below, 2 h behind');
  expect(told('behind', { aheadMin: -45 })).toBe('Behind its plan by 45 min');
  expect(told('as-planned', { overK: 1, aheadMin: 12 })).toBe('As planned');
});

test('nothing is said of a next layer where there is none', () => {
  expect(sayPaceAdvice('hot', true).join(' ')).toContain('next layer');
  for (const pace of ['hot', 'cool', 'ahead', 'behind', 'as-planned'] as const) {
    expect(sayPaceAdvice(pace, false).join(' ')).not.toContain('next layer');
  }
});
