import type { Plan } from '../plan/planTypes';

/** What leaving coats out gives back: resin by name, and time until the piece is done. */
export interface GivenBack {
  readonly resins: readonly { readonly name: string; readonly g: number }[];
  /** Undefined where a card does not say how long it takes. */
  readonly min: number | undefined;
}

/** Less than this of a resin is none, g. */
const leastG = 0.05;

/** What one plan takes more than another. */
export function givenBack(before: Plan, after: Plan): GivenBack {
  const gramsOf = ({ pours }: Plan, name: string): number =>
    pours.reduce((sum, { resin, totalG }) => sum + (resin.name === name ? totalG : 0), 0);
  const names = [...new Set(before.pours.map(({ resin }) => resin.name))];
  const [long, short] = [before.times.doneMin, after.times.doneMin];
  return {
    resins: names
      .map((name) => ({ name, g: gramsOf(before, name) - gramsOf(after, name) }))
      .filter(({ g }) => g > leastG),
    min: long === undefined || short === undefined ? undefined : long - short,
  };
}
