import type { Mark, Page } from './page';

/** Something that stays together on one page. */
export interface Block {
  readonly heightMm: number;
  /** @param topMm where it begins on its page */
  readonly draw: (topMm: number) => readonly Mark[];
  /** It says what follows: alone at the foot of a page it would say nothing. */
  readonly leads?: boolean;
}

interface Sheet {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly marginMm: number;
  readonly gapMm: number;
  /** What stands at the foot of each page. */
  readonly foot: (page: number, of: number) => readonly Mark[];
}

/** Puts blocks one under the other, on as many pages as they need; one that is taller than a page has one of its own. */
export function paginated(blocks: readonly Block[], sheet: Sheet): readonly Page[] {
  const { widthMm, heightMm, marginMm, gapMm, foot } = sheet;
  const bottom = heightMm - marginMm;
  const pages: Mark[][] = [[]];
  let top = marginMm;
  blocks.forEach((block, at) => {
    const next = block.leads === true ? (blocks[at + 1]?.heightMm ?? 0) + gapMm : 0;
    const isFresh = top === marginMm;
    if (!isFresh && top + block.heightMm + next > bottom) {
      pages.push([]);
      top = marginMm;
    }
    pages.at(-1)!.push(...block.draw(top));
    top += block.heightMm + gapMm;
  });
  return pages.map((marks, at) => ({
    widthMm,
    heightMm,
    marks: [...marks, ...foot(at + 1, pages.length)],
  }));
}
