const inOneList = new Intl.ListFormat('en-GB');
/** More letters than these are not counted out. */
const mostNamed = 6;

/** What a PDF could not say: `The PDF’s letters have no 漆 and 木: boxes stand there. …` Nothing where all is said. */
export function sayMissingLetters(missing: readonly string[]): string | undefined {
  if (missing.length === 0) return undefined;
  const named = missing.slice(0, mostNamed);
  const more = missing.length - named.length;
  const list = inOneList.format(more === 0 ? named : [...named, `${more} more`]);
  return `The PDF’s letters have no ${list}: boxes stand there. Save as SVG, or print from the browser.`;
}
