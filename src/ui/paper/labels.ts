import { light } from '../theme/tokens';
import { textMark, type Mark, type Measure, type Page } from './page';
import { wrapped } from './wrap';

/** What stands on a label, and where its code leads. */
export interface Label {
  readonly title: string;
  readonly lines: readonly string[];
  readonly address: string;
}

/** A sheet of labels, or a roll of which each is a page of its own. */
interface LabelSize {
  readonly name: string;
  readonly widthMm: number;
  readonly heightMm: number;
  /** On a sheet: how many stand side by side and under one another, and where the first one begins. */
  readonly sheet?: { readonly across: number; readonly down: number; readonly topMm: number };
}

export const labelSizes = {
  '62x29': { name: '62 × 29 mm', widthMm: 62, heightMm: 29 },
  '50x30': { name: '50 × 30 mm', widthMm: 50, heightMm: 30 },
  '89x36': { name: '89 × 36 mm', widthMm: 89, heightMm: 36 },
  a4: {
    name: 'A4, 24 of 70 × 36 mm',
    widthMm: 70,
    heightMm: 36,
    sheet: { across: 3, down: 8, topMm: 4.5 },
  },
} as const satisfies Readonly<Record<string, LabelSize>>;

export type LabelSizeName = keyof typeof labelSizes;

/** The squares of a code: which are dark, row by row. */
export interface CodeSquares {
  readonly size: number;
  readonly get: (row: number, column: number) => unknown;
}

/** Light around a code, in its own squares: readers need four. */
const quiet = 4;
const marginMm = 2;

/** A code as one path; dark squares beside each other are one stroke, so that no reader sees seams. */
export function codePath(code: CodeSquares, x: number, y: number, sideMm: number): string {
  const square = sideMm / (code.size + 2 * quiet);
  const at = (index: number, from: number): string =>
    String(Math.round((from + (index + quiet) * square) * 1000) / 1000);
  const rows: string[] = [];
  for (let row = 0; row < code.size; row += 1) {
    for (let column = 0; column < code.size; column += 1) {
      if (!code.get(row, column)) continue;
      const first = column;
      while (column + 1 < code.size && code.get(row, column + 1)) column += 1;
      rows.push(
        `M${at(first, x)} ${at(row, y)}H${at(column + 1, x)}V${at(row + 1, y)}H${at(first, x)}Z`,
      );
    }
  }
  return rows.join('');
}

function labelMarks(
  { title, lines }: Label,
  code: CodeSquares,
  { widthMm, heightMm }: LabelSize,
  measure: Measure,
): (left: number, top: number) => readonly Mark[] {
  const side = Math.min(heightMm - marginMm, widthMm * 0.42);
  const textMm = widthMm - side - 2 * marginMm;
  const titleSize = heightMm >= 34 ? 4.6 : 3.9;
  const lineSize = heightMm >= 34 ? 3.4 : 2.9;
  const titles = wrapped(title, textMm, { measure, size: titleSize, weight: 'bold' }).slice(0, 3);
  const room = heightMm - 2 * marginMm - titles.length * titleSize * 1.2;
  const small = lines
    .flatMap((line) => wrapped(line, textMm, { measure, size: lineSize }))
    .slice(0, Math.max(0, Math.floor(room / (lineSize * 1.25))));
  return (left, top) => {
    const x = left + side + marginMm;
    const under = top + marginMm + titles.length * titleSize * 1.2;
    return [
      {
        kind: 'path',
        d: codePath(code, left + marginMm / 2, top + (heightMm - side) / 2, side),
        fill: '#000000',
      },
      ...titles.map((line, at) =>
        textMark(line, x, top + marginMm + (at + 0.85) * titleSize * 1.2, {
          size: titleSize,
          weight: 'bold',
        }),
      ),
      ...small.map((line, at) =>
        textMark(line, x, under + (at + 0.9) * lineSize * 1.25, {
          size: lineSize,
          colour: light.ink,
        }),
      ),
    ];
  };
}

const a4 = { widthMm: 210, heightMm: 297 };

/**
 * A label, as often as it is wanted: each a page of its own, or on sheets.
 * @param code of its address
 */
export function labelPages(
  label: Label,
  code: CodeSquares,
  { size: name, count, measure }: { size: LabelSizeName; count: number; measure: Measure },
): readonly Page[] {
  const size: LabelSize = labelSizes[name];
  const { widthMm, heightMm, sheet } = size;
  const draw = labelMarks(label, code, size, measure);
  if (sheet === undefined) {
    return Array.from({ length: count }, () => ({ widthMm, heightMm, marks: draw(0, 0) }));
  }
  const perPage = sheet.across * sheet.down;
  return Array.from({ length: Math.ceil(count / perPage) }, (_, page) => ({
    ...a4,
    marks: Array.from({ length: Math.min(perPage, count - page * perPage) }, (__, at) =>
      draw((at % sheet.across) * widthMm, sheet.topMm + Math.floor(at / sheet.across) * heightMm),
    ).flat(),
  }));
}
