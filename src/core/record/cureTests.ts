/** How somebody tried how far it had cured. */
export const cureTests = ['stick', 'glove', 'fingertip', 'nail'] as const;
export type CureTest = (typeof cureTests)[number];

/** What it told, from liquid to hard. */
export const cureStates = ['liquid', 'gelled', 'tacky', 'tack-free', 'firm', 'hard'] as const;
export type CureState = (typeof cureStates)[number];
