/** A stretch of time, both ends in it. Moments are minutes since 1970 in UTC, so that no clock change is in the way. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

/** Stretches in order that do not touch. */
export type Spans = readonly Span[];

export const always: Spans = [{ from: -Infinity, to: Infinity }];

export const only = (moment: number): Spans => [{ from: moment, to: moment }];

/** The last span that begins at or before a moment, by its place; -1 where there is none. */
function placeAt(spans: Spans, moment: number): number {
  let low = -1;
  let high = spans.length - 1;
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if (spans[middle]!.from <= moment) low = middle;
    else high = middle - 1;
  }
  return low;
}

/** The span that a moment is in. */
export function spanAt(spans: Spans, moment: number): Span | undefined {
  const span = spans[placeAt(spans, moment)];
  return span !== undefined && moment <= span.to ? span : undefined;
}

/** The first moment in the spans that is not before this one. */
export function firstFrom(spans: Spans, moment: number): number | undefined {
  if (spanAt(spans, moment) !== undefined) return moment;
  return spans[placeAt(spans, moment) + 1]?.from;
}

/** The last moment in the spans that is not after this one. */
export function lastUntil(spans: Spans, moment: number): number | undefined {
  const span = spans[placeAt(spans, moment)];
  return span && Math.min(span.to, moment);
}

/** What two have in common. */
export function both(a: Spans, b: Spans): Spans {
  const common: Span[] = [];
  let [inA, inB] = [0, 0];
  while (inA < a.length && inB < b.length) {
    const [first, second] = [a[inA]!, b[inB]!];
    const from = Math.max(first.from, second.from);
    const to = Math.min(first.to, second.to);
    if (from <= to) common.push({ from, to });
    if (first.to < second.to) inA += 1;
    else inB += 1;
  }
  return common;
}

/** What of the spans is in one stretch: only those near it are looked at. */
export function inside(spans: Spans, { from, to }: Span): Spans {
  const found: Span[] = [];
  for (let at = Math.max(0, placeAt(spans, from)); at < spans.length; at += 1) {
    const span = spans[at]!;
    if (span.from > to) break;
    if (span.to < from) continue;
    found.push({ from: Math.max(span.from, from), to: Math.min(span.to, to) });
  }
  return found;
}

/** In order, and those that meet as one. */
export function merged(spans: Spans): Spans {
  const ordered = [...spans].sort((a, b) => a.from - b.from);
  const whole: Span[] = [];
  for (const span of ordered) {
    const last = whole.at(-1);
    if (last !== undefined && span.from <= last.to) {
      whole[whole.length - 1] = { from: last.from, to: Math.max(last.to, span.to) };
    } else whole.push(span);
  }
  return whole;
}

/**
 * Moments from which one of these can be reached: with m in the spans, all of m − `most` to m − `least`.
 * @param least,most how long it takes to get there; below 0 where it lies before
 */
export const reaching = (spans: Spans, least: number, most: number): Spans =>
  merged(spans.map(({ from, to }) => ({ from: from - most, to: to - least })));

/** Moments that are reached from one of these. */
export const reached = (spans: Spans, least: number, most: number): Spans =>
  merged(spans.map(({ from, to }) => ({ from: from + least, to: to + most })));

/** Moments at which something of this length can begin and be over within one span. */
export const startsIn = (spans: Spans, lengthMin: number): Spans =>
  spans.flatMap(({ from, to }) => (to - from >= lengthMin ? [{ from, to: to - lengthMin }] : []));

/** The spans less what is taken; what is taken may be touched. */
export function without(spans: Spans, taken: Spans): Spans {
  const left: Span[] = [];
  let next = 0;
  for (const span of spans) {
    let { from } = span;
    while (next < taken.length && taken[next]!.to <= from) next += 1;
    for (let at = next; at < taken.length && taken[at]!.from < span.to; at += 1) {
      if (taken[at]!.from >= from) left.push({ from, to: taken[at]!.from });
      from = Math.max(from, taken[at]!.to);
    }
    if (from < span.to || from === span.from) left.push({ from, to: span.to });
  }
  return left.filter(({ from, to }) => from <= to);
}
