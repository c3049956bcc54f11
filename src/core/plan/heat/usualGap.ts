/** Gaps between layers and pours where a card gives no time: a tacky window, and hard enough to scuff, min. */
export const usualGapMin = { tacky: 12 * 60, scuff: 7 * 24 * 60 } as const;
