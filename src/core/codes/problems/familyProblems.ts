/** What goes wrong with inclusions, lamps, pots, domes; mm. */
export interface FamilyProblems {
  'thicker-than-wide': { readonly sizeMm: number; readonly thicknessMm: number };
}
