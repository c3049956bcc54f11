import FlatQueue from 'flatqueue';

/** What a run is made of: minutes, moulds, people. */
export interface Rhythm {
  /** Moulds to be filled in all. */
  readonly fills: number;
  readonly moulds: number;
  /** Moulds that are filled from one mix. */
  readonly perMix: number;
  readonly mixMin: number;
  /** For each mould. */
  readonly pourMin: number;
  readonly demouldMin: number;
  readonly handlingMin: number;
  readonly hands: number;
  /** One pot that all moulds of a mix cure in under pressure: only one mix at a time. */
  readonly inPot: boolean;
}

/** Something that somebody does. */
export interface RunAct {
  readonly does: 'mix' | 'demould';
  readonly fromMin: number;
  readonly toMin: number;
  /** Which of the people, counted from 0. */
  readonly hand: number;
  /** Moulds that it is about, counted from 0: those that are filled, or the one that is emptied. */
  readonly moulds: readonly number[];
  /** When each of them may come out, min. */
  readonly outMin: readonly number[];
}

/** Who does what when, and when the last piece is out. */
export interface RunSchedule {
  readonly acts: readonly RunAct[];
  readonly makespanMin: number;
  /** Nothing is quicker; false where too many ways had to be left untried. */
  readonly exact: boolean;
}

interface State {
  /** When each of the people is free, rising. */
  readonly free: readonly number[];
  /** When each mould that cures may come out, rising. */
  readonly curing: readonly number[];
  /** When each empty mould is ready, rising. */
  readonly ready: readonly number[];
  readonly left: number;
  /** When the pot is open again. */
  readonly potMin: number;
  readonly from: State | undefined;
  readonly act:
    | { readonly does: RunAct['does']; readonly startMin: number; readonly count: number }
    | undefined;
}

/** More states than this are not tried: the best way by rule stands then. */
const mostStates = 60_000;
const hair = 1e-9;

const inserted = (rising: readonly number[], value: number): readonly number[] => {
  const at = rising.findIndex((each) => each > value);
  return at === -1 ? [...rising, value] : [...rising.slice(0, at), value, ...rising.slice(at)];
};

/** Who does it: whoever is free last of those who are free by then, so that the others may do something before; else the first. */
function handFor(free: readonly number[], fromMin: number): number {
  let hand = 0;
  while (hand + 1 < free.length && free[hand + 1]! <= fromMin + hair) hand += 1;
  return hand;
}

/** When somebody is free for it, and the others. */
function taken(free: readonly number[], fromMin: number): readonly [number, readonly number[]] {
  const hand = handFor(free, fromMin);
  return [free[hand]!, free.filter((_, at) => at !== hand)];
}

/** Filling moulds from one mix. */
function mixed(state: State, rhythm: Rhythm): State {
  const { mixMin, pourMin, demouldMin, inPot } = rhythm;
  const count = Math.min(rhythm.perMix, state.left);
  const takesMin = mixMin + count * pourMin;
  const fromMin = Math.max(state.ready[count - 1]!, inPot ? state.potMin - takesMin : 0);
  const [free, others] = taken(state.free, fromMin);
  const startMin = Math.max(free, fromMin);
  const endMin = startMin + takesMin;
  // In a pot all of them begin and end together.
  const outs = Array.from({ length: count }, (_, at) =>
    inPot ? endMin + demouldMin : startMin + mixMin + (at + 1) * pourMin + demouldMin,
  );
  return {
    free: inserted(others, endMin),
    curing: outs.reduce(inserted, state.curing),
    ready: state.ready.slice(count),
    left: state.left - count,
    potMin: inPot ? endMin + demouldMin : state.potMin,
    from: state,
    act: { does: 'mix', startMin, count },
  };
}

/** Taking the first that may come out, and making its mould ready. */
function emptied(state: State, { handlingMin }: Rhythm): State {
  const [out = 0, ...curing] = state.curing;
  const [free, others] = taken(state.free, out);
  const startMin = Math.max(free, out);
  return {
    ...state,
    free: inserted(others, startMin + handlingMin),
    curing,
    ready: inserted(state.ready, startMin + handlingMin),
    from: state,
    act: { does: 'demould', startMin, count: 1 },
  };
}

/** No way goes on from here that ends sooner. */
function soonestMin({ free, curing, left }: State, rhythm: Rhythm): number {
  const { perMix, mixMin, pourMin, demouldMin, handlingMin, hands, moulds } = rhythm;
  const mixes = Math.ceil(left / perMix);
  const work = left * pourMin + mixes * mixMin + (left + curing.length) * handlingMin;
  const byHands = (free.reduce((sum, each) => sum + each, 0) + work) / hands;
  let least = Math.max(byHands, free.at(-1)!);
  // From each that cures on, all after it must still be taken out.
  for (let at = 0; at < curing.length; at += 1) {
    least = Math.max(least, curing[at]! + ((curing.length - at) * handlingMin) / hands);
  }
  if (left > 0) {
    const last = left - (mixes - 1) * perMix;
    const mixing = ((mixes - 1) * (mixMin + perMix * pourMin)) / hands + mixMin + last * pourMin;
    least = Math.max(least, free[0]! + mixing + demouldMin + handlingMin);
    // Each mould goes round: filled, cured, emptied. What is left is shared by all.
    const rounds = Math.ceil(left / moulds);
    least = Math.max(least, free[0]! + rounds * (pourMin + demouldMin + handlingMin) + mixMin);
  }
  return least;
}

const isNoLater = (one: readonly number[], other: readonly number[]): boolean =>
  one.every((each, at) => each <= other[at]! + hair);

/** As good everywhere, or better: what the other can do, this one can do no later. */
const isAsGood = (one: State, other: State): boolean =>
  one.potMin <= other.potMin + hair &&
  isNoLater(one.free, other.free) &&
  isNoLater(one.ready, other.ready) &&
  isNoLater(one.curing, other.curing);

const begin = ({ fills, moulds, hands }: Rhythm): State => ({
  free: Array.from({ length: hands }, () => 0),
  curing: [],
  ready: Array.from({ length: moulds }, () => 0),
  left: fills,
  potMin: 0,
  from: undefined,
  act: undefined,
});

const canMix = ({ ready, left }: State, { perMix }: Rhythm): boolean =>
  left > 0 && ready.length >= Math.min(perMix, left);

const endOf = ({ free }: State): number => free.at(-1)!;

/** The best of a few rules of thumb: fill whenever enough moulds are empty, or empty what waits first. */
function byRule(rhythm: Rhythm): State {
  const walk = (fillsFirst: boolean): State => {
    let state = begin(rhythm);
    while (state.left > 0 || state.curing.length > 0) {
      const waits = (state.curing[0] ?? Infinity) <= state.free[0]! + hair;
      const mixes = canMix(state, rhythm) && (fillsFirst || !waits);
      state = mixes ? mixed(state, rhythm) : emptied(state, rhythm);
    }
    return state;
  };
  const [one, other] = [walk(true), walk(false)];
  return endOf(one) <= endOf(other) ? one : other;
}

/** Best first, with what cannot be better left out (A* with dominance). */
function search(rhythm: Rhythm, known: State): { readonly end: State; readonly exact: boolean } {
  const queue = new FlatQueue<State>();
  const seen = new Map<string, State[]>();
  const start = begin(rhythm);
  let best = known;
  let tried = 0;
  const offer = (state: State): void => {
    const least = soonestMin(state, rhythm);
    if (least >= endOf(best) - hair) return;
    const key = `${state.left}/${state.ready.length}`;
    const others = seen.get(key) ?? [];
    if (others.some((other) => isAsGood(other, state))) return;
    seen.set(key, [...others.filter((other) => !isAsGood(state, other)), state]);
    queue.push(state, least);
  };
  offer(start);
  while (queue.length > 0) {
    const least = queue.peekValue()!;
    if (least >= endOf(best) - hair) break;
    const state = queue.pop()!;
    if (state.left === 0 && state.curing.length === 0) {
      best = state;
      break;
    }
    tried += 1;
    if (tried > mostStates) return { end: best, exact: false };
    if (canMix(state, rhythm)) offer(mixed(state, rhythm));
    if (state.curing.length > 0) offer(emptied(state, rhythm));
  }
  return { end: best, exact: true };
}

/** Who does it and with which moulds: the person who is free first, the moulds that were emptied first. */
function told(
  end: State,
  { moulds, hands, handlingMin, mixMin, pourMin, demouldMin, inPot }: Rhythm,
) {
  const steps: NonNullable<State['act']>[] = [];
  for (let state: State | undefined = end; state?.act !== undefined; state = state.from) {
    steps.push(state.act);
  }
  steps.reverse();
  const freeAt = Array.from({ length: hands }, () => 0);
  const empty = Array.from({ length: moulds }, (_, mould) => ({ mould, readyMin: 0 }));
  /** As `handFor`, by people who have names now. */
  const handAt = (startMin: number): number =>
    freeAt.reduce(
      (best, each, hand) =>
        each <= startMin + hair && (best === -1 || each > freeAt[best]!) ? hand : best,
      -1,
    );
  const curing: { readonly mould: number; readonly outMin: number }[] = [];
  return steps.map(({ does, startMin, count }): RunAct => {
    const hand = handAt(startMin);
    if (does === 'demould') {
      curing.sort((a, b) => a.outMin - b.outMin);
      const { mould, outMin } = curing.shift()!;
      const toMin = startMin + handlingMin;
      freeAt[hand] = toMin;
      empty.push({ mould, readyMin: toMin });
      return { does, fromMin: startMin, toMin, hand, moulds: [mould], outMin: [outMin] };
    }
    const toMin = startMin + mixMin + count * pourMin;
    freeAt[hand] = toMin;
    empty.sort((a, b) => a.readyMin - b.readyMin);
    const filled = empty.splice(0, count).map(({ mould }) => mould);
    const outMin = filled.map((_, at) =>
      inPot ? toMin + demouldMin : startMin + mixMin + (at + 1) * pourMin + demouldMin,
    );
    filled.forEach((mould, at) => curing.push({ mould, outMin: outMin[at]! }));
    return { does, fromMin: startMin, toMin, hand, moulds: filled, outMin };
  });
}

/** How long a run takes by the better of two rules of thumb: at once, and never less than the best. */
export const roughMin = (rhythm: Rhythm): number => endOf(byRule(rhythm));

/** Up to so many moulds every way is tried; with more the best rule stands. */
export const exactMoulds = 12;

/**
 * The order in which a run is soonest done: mixing, filling, waiting, emptying, by so many people with so many moulds that are
 * alike. Each mix fills the same number of moulds, but for the last.
 */
export function runSchedule(rhythm: Rhythm): RunSchedule {
  const rule = byRule(rhythm);
  const { end, exact } =
    rhythm.moulds > exactMoulds ? { end: rule, exact: false } : search(rhythm, rule);
  return { acts: told(end, rhythm), makespanMin: endOf(end), exact };
}
