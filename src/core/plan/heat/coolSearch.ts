/** Nobody waits longer for something to cool, min: ten days. */
export const longestMin = 240 * 60;
/**
 * Waits of the model are told on a grid of a hundredth: many alike layers come to wait alike, and what was followed for one of them
 * serves for all.
 */
const gridStep = Math.log(1.01);
const gridUp = (min: number): number => Math.ceil(Math.log(min) / gridStep - 1e-9);
const gridMin = (step: number): number => Math.exp(step * gridStep);
/** First reach of a search, and how near it comes: half as long again, and a fiftieth. */
const [reachSteps, nearSteps] = [40, 2];
/** A search does not begin before this, min. */
const leastMin = 10;

/** A time as waits are told: no sooner than it. @param min above 0 */
export const onWaitGrid = (min: number | undefined): number | undefined =>
  min === undefined ? undefined : gridMin(gridUp(min));

/**
 * The first wait that is cool: the longer the wait, the cooler.
 * @param fromMin known not to be
 * @param toMin the last that may be
 * @returns min; undefined where not even the last is
 */
export function firstCool(
  fromMin: number,
  toMin: number,
  isCool: (min: number) => boolean,
): number | undefined {
  const lastMin = Math.min(toMin, longestMin);
  const last = Math.floor(Math.log(lastMin) / gridStep);
  if (lastMin <= fromMin || !isCool(gridMin(last))) return undefined;
  let low = gridUp(Math.max(leastMin, fromMin));
  let high = Math.min(last, low + reachSteps);
  while (high < last && !isCool(gridMin(high))) {
    low = high;
    high = Math.min(last, high + reachSteps);
  }
  while (high - low > nearSteps) {
    const middle = Math.floor((low + high) / 2);
    if (isCool(gridMin(middle))) high = middle;
    else low = middle;
  }
  return gridMin(high);
}
