import type { FamilyProblems } from '../../core/codes/problems/familyProblems';
import { sayFineMm } from '../figures';
import type { ProblemSentences } from './sentence';

/** What goes wrong with inclusions, lamps, pots, domes. */
export const familyProblems: ProblemSentences<FamilyProblems> = {
  'thicker-than-wide': ({ sizeMm, thicknessMm }) =>
    `A disc ${sayFineMm(thicknessMm)} thick cannot be ${sayFineMm(sizeMm)} across. Check the units: 20 µm is 0.02 mm.`,
};
