/** No scale and no thermometer says more on one line; a longer one is no line of theirs. */
export const longestLine = 120;

/** What has come over a wire so far. */
export interface SplitLines {
  /** Whole lines, without their ends; empty ones left out. */
  readonly lines: readonly string[];
  /** The beginning of the next line. */
  readonly rest: string;
  /** Characters of lines that were too long to be any. */
  readonly dropped: number;
}

/**
 * Splits what comes over a wire into lines, wherever its pieces were cut.
 * @param rest what was left over from before
 */
export function splitLines(rest: string, piece: string): SplitLines {
  const parts = (rest + piece).split(/[\r\n]+/);
  const last = parts.pop() ?? '';
  const lines = parts.filter((line) => line.trim() !== '' && line.length <= longestLine);
  const tooLong = parts
    .filter((line) => line.length > longestLine)
    .reduce((sum, line) => sum + line.length, 0);
  if (last.length <= longestLine) return { lines, rest: last, dropped: tooLong };
  // What follows of it up to its end is read as a line, and is none.
  return { lines, rest: '', dropped: tooLong + last.length };
}
