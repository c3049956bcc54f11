import type { Colours } from '../theme/tokens';

/** Each pour of a job has its colour, the same in the Section and beside its name; after the last it begins anew. */
export const colourOfPour = ({ pours }: Colours, index: number): string =>
  pours[index % pours.length]!;
