/** Letters that the name of a job, and of any card, may have at the most. */
export const longestJobName = 80;
export const longestCardName = 60;

/** A name and what is added to it, of which the name gives way where both are too long; by whole signs, for half of one is refused. */
export const nameWith = (name: string, addition: string, longest: number): string => {
  const begun = name.slice(0, longest - addition.length).replace(/[\ud800-\udbff]$/, '');
  return begun.trimEnd() + addition;
};
