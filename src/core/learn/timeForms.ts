/** How times are written: as a clock that goes on past midnight, as a day and a time, or counted from the pour. */
export const timeForms = ['clock', 'moment', 'minutes', 'hours', 'seconds'] as const;
export type TimeForm = (typeof timeForms)[number];
