/** Ties a cavity of the Section to its editor: how that is found on the screen, by its place in the job. */
export const cavityTestId = (index: number): string => `cavity-${index + 1}`;
