import type { CopyInfo } from './copyInfo';

const hourMs = 60 * 60 * 1000;
const dayMs = 24 * hourMs;

/** A copy is made by itself where something was changed and the last one is older than this, ms. */
export const betweenCopiesMs = hourMs;

/** Whatever their age, so many of the latest stay. */
const latest = 3;
/** Of each day of the last week one stays, of each week of the last two months one. */
const spans: readonly { readonly withinMs: number; readonly oneOfMs: number }[] = [
  { withinMs: dayMs, oneOfMs: 4 * hourMs },
  { withinMs: 7 * dayMs, oneOfMs: dayMs },
  { withinMs: 60 * dayMs, oneOfMs: 7 * dayMs },
];

/**
 * Which copies stay: the latest ones, and the further back the fewer. Of those that fall into one span the earliest stays, so that
 * a copy grows old and is not replaced by each that follows it. Where they take too much together the oldest go first.
 * @param copies in any order
 * @param now ms since 1970
 * @param mostBytes that they may take together
 */
export function copiesThatStay(
  copies: readonly CopyInfo[],
  now: number,
  mostBytes: number,
): readonly CopyInfo[] {
  const byAge = [...copies].sort((a, b) => b.madeAt - a.madeAt);
  const stay = new Set(byAge.slice(0, latest));
  const taken = new Set<string>();
  for (const copy of [...byAge].reverse()) {
    const age = now - copy.madeAt;
    const span = spans.find(({ withinMs }) => age <= withinMs);
    if (span === undefined) continue;
    const slot = `${span.oneOfMs}/${Math.floor(copy.madeAt / span.oneOfMs)}`;
    if (!taken.has(slot)) stay.add(copy);
    taken.add(slot);
  }
  let bytes = 0;
  return byAge.filter((copy, at) => {
    if (!stay.has(copy)) return false;
    bytes += copy.bytes;
    // The latest one stays, however large: without it there would be none.
    return at === 0 || bytes <= mostBytes;
  });
}

/** Whether a copy is due: something was changed since the last one, and that is a while ago. */
export function isCopyDue(copies: readonly CopyInfo[], writes: number, now: number): boolean {
  const last = copies.reduce<CopyInfo | undefined>(
    (latestOne, copy) => (latestOne && latestOne.madeAt > copy.madeAt ? latestOne : copy),
    undefined,
  );
  if (last === undefined) return writes > 0;
  // A clock that was put back must not end the copies.
  const age = now - last.madeAt;
  return writes !== last.writes && (age >= betweenCopiesMs || age < 0);
}
