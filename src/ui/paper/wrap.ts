import type { Measure, PaperWeight } from './page';

/** A word that is longer than a line, in pieces that fit; at least one sign each. */
function pieces(word: string, fits: (text: string) => boolean): string[] {
  const cut: string[] = [];
  let piece = '';
  for (const sign of word) {
    if (piece !== '' && !fits(piece + sign)) {
      cut.push(piece);
      piece = '';
    }
    piece += sign;
  }
  return [...cut, piece];
}

/**
 * A text in lines that are no wider than there is room; spaces that do not break stay whole.
 * @param room mm
 */
export function wrapped(
  text: string,
  room: number,
  { measure, size, weight = 'text' }: { measure: Measure; size: number; weight?: PaperWeight },
): readonly string[] {
  const fits = (line: string): boolean => measure(line, size, weight) <= room;
  const lines: string[] = [];
  let line = '';
  for (const word of text.split(/[ \n\t]+/).filter((each) => each !== '')) {
    const longer = line === '' ? word : `${line} ${word}`;
    if (fits(longer)) {
      line = longer;
      continue;
    }
    if (line !== '') lines.push(line);
    const cut = pieces(word, fits);
    lines.push(...cut.slice(0, -1));
    line = cut.at(-1) ?? '';
  }
  return line === '' ? lines : [...lines, line];
}
