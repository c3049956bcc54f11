import type { CureStage, StagedTime } from '../core/bench/cureStages';
import type { MovedCure } from '../core/cure/movedCure';
import type { Pace } from '../core/cure/pace';
import type { CureState, CureTest } from '../core/record/cureTests';
import { capital, sayDegreesBy } from './figures';
import { sayAhead, sayDayFrom } from './moments';
import { sayRoughly } from './rough';

const msPerMin = 60_000;

/** What a layer comes to, in a list. */
export const stageNames: Readonly<Record<CureStage, string>> = {
  gel: 'Gels',
  peak: 'At its warmest',
  stickyFrom: 'May be poured on',
  stickyTo: 'No longer sticky enough',
  tackFree: 'Tack-free',
  demould: 'Out of the form, may still bend',
  keepsShape: 'Keeps its shape',
  hard: 'Hard',
  plane: 'Ready to plane',
};

/** The same as what comes next. */
const nextWords: Readonly<Record<CureStage, string>> = {
  gel: 'gels',
  peak: 'is at its warmest',
  stickyFrom: 'may be poured on',
  stickyTo: 'stops being sticky enough to pour on',
  tackFree: 'is tack-free',
  demould: 'may leave its form',
  keepsShape: 'keeps its shape',
  hard: 'is hard',
  plane: 'may be planed',
};

interface SayNext {
  readonly stage: CureStage;
  readonly at: number;
  readonly layer: number;
}

/** What comes next of a pour, and when: `Gels about today 16:40`. */
export const sayNextStage = (
  { stage, at, layer }: SayNext,
  several: boolean,
  now: number,
  zone: string,
): string => {
  const words = several ? `layer ${layer + 1} ${nextWords[stage]}` : nextWords[stage];
  return `${capital(words)} about ${sayAhead(roundTo(at / msPerMin, 5), now, zone)}`;
};

/** When a stage comes, with what its label leaves open. */
export function sayStageTime({ at, range }: StagedTime, now: number, zone: string): string {
  if (at === undefined) return 'not within thirty days in this room';
  const min = at / msPerMin;
  const halfMin =
    range?.from === undefined || range.to === undefined
      ? undefined
      : (range.to - range.from) / 2 / msPerMin;
  if (halfMin === undefined || halfMin < leastDoubtMin) return sayAhead(roundTo(min, 5), now, zone);
  // No clock where half a day is open.
  const told =
    halfMin > mostClockedMin
      ? sayDayFrom(min, now, zone)
      : sayAhead(roundTo(min, halfMin > 60 ? 30 : 10), now, zone);
  return `${told} ± ${sayRoughly(halfMin)}`;
}

/** Above this a time of day says nothing, min. */
const mostClockedMin = 8 * 60;

const roundTo = (min: number, step: number): number => Math.round(min / step) * step;

/** A doubt that nobody plans by, min. */
const leastDoubtMin = 10;

const paceNames: Readonly<Record<Pace, string>> = {
  hot: 'Runs hot',
  cool: 'Runs cool',
  ahead: 'Ahead of its plan',
  behind: 'Behind its plan',
  'as-planned': 'As planned',
};

/** Shorter than this nothing is ahead or behind, min. */
const toldFromMin = 10;

/** How it cures beside its plan: `Runs hot: 6 K above, 1½ h ahead`. */
export function sayPace(
  pace: Pace,
  { overK, aheadMin }: Pick<MovedCure, 'overK' | 'aheadMin'>,
): string {
  if ((pace === 'ahead' || pace === 'behind') && aheadMin !== undefined) {
    return `${paceNames[pace]} by ${sayRoughly(Math.abs(aheadMin))}`;
  }
  const more = [
    ...((pace === 'hot' || pace === 'cool') && overK !== undefined
      ? [`${sayDegreesBy(Math.abs(overK))} ${overK > 0 ? 'above' : 'below'}`]
      : []),
    ...(pace !== 'as-planned' &&
    aheadMin !== undefined &&
    Math.abs(aheadMin) >= toldFromMin &&
    // What is hotter than planned and later only goes on longer.
    (pace !== 'hot' || aheadMin > 0)
      ? [`${sayRoughly(Math.abs(aheadMin))} ${aheadMin > 0 ? 'ahead' : 'behind'}`]
      : []),
  ];
  return more.length === 0 ? paceNames[pace] : `${paceNames[pace]}: ${more.join(', ')}`;
}

/**
 * What to do about how it cures, a sentence each.
 * @param hasNext another layer is to go on it
 */
export function sayPaceAdvice(pace: Pace, hasNext: boolean): readonly string[] {
  switch (pace) {
    case 'hot':
      return [
        'More air over it and under it; cool the underside, or the room.',
        'Never water on it. Keep out of its fumes.',
        ...(hasNext ? ['The next layer waits until it has passed its peak.'] : []),
      ];
    case 'cool':
      return [
        'Keep it warm: a heated room or a cover, the same all round.',
        `Every clock is later: do not ${hasNext ? 'pour on it or ' : ''}move it by the old times.`,
      ];
    case 'ahead':
      return [
        hasNext
          ? 'Its clocks are earlier, and so is the window for the next layer.'
          : 'Its clocks are earlier.',
      ];
    case 'behind':
      return [
        `Its clocks are later. Touch it before ${hasNext ? 'the next layer' : 'you move it'}.`,
      ];
    case 'as-planned':
      return [];
  }
}

/** What can be felt, from liquid to hard: each with how it is tried. */
export const feltWays: readonly {
  readonly found: CureState;
  readonly test: CureTest;
  readonly name: string;
  readonly how: string;
}[] = [
  { found: 'liquid', test: 'stick', name: 'Liquid', how: 'it runs off a cocktail stick' },
  { found: 'gelled', test: 'stick', name: 'Gelled', how: 'the stick pulls threads' },
  { found: 'tacky', test: 'glove', name: 'Sticky', how: 'pulls at a glove, leaves nothing on it' },
  { found: 'tack-free', test: 'fingertip', name: 'Dry', how: 'a fingertip does not stick' },
  { found: 'firm', test: 'nail', name: 'Firm', how: 'a nail dents it, hidden' },
  { found: 'hard', test: 'nail', name: 'Hard', how: 'a nail leaves no mark' },
];
