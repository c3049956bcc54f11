import type { jsPDF } from 'jspdf';
import svgpath from 'svgpath';
import type { Mark, Page, PaperWeight, PathMark } from './page';

const pointsPerMm = 72 / 25.4;
const family = 'Nipperkin';

/** Fonts as base64 of TrueType files. */
export type PdfFonts = Readonly<Record<PaperWeight, string>>;

type Step = { readonly op: 'm' | 'l' | 'c' | 'h'; readonly c: number[] };

/** A path in the few words that a PDF has. */
function stepsOf(d: string): Step[] {
  const steps: Step[] = [];
  svgpath(d)
    .abs()
    .unshort()
    .unarc()
    .iterate((segment, _index, x, y) => {
      const [name, ...at] = segment as [string, ...number[]];
      switch (name) {
        case 'M':
          steps.push({ op: 'm', c: at });
          break;
        case 'L':
          steps.push({ op: 'l', c: at });
          break;
        case 'H':
          steps.push({ op: 'l', c: [at[0]!, y] });
          break;
        case 'V':
          steps.push({ op: 'l', c: [x, at[0]!] });
          break;
        case 'C':
          steps.push({ op: 'c', c: at });
          break;
        case 'Q': {
          const [qx, qy, ex, ey] = at as [number, number, number, number];
          const third = (from: number, to: number): number => from + (2 / 3) * (to - from);
          steps.push({
            op: 'c',
            c: [third(x, qx), third(y, qy), third(ex, qx), third(ey, qy), ex, ey],
          });
          break;
        }
        case 'Z':
          steps.push({ op: 'h', c: [] });
          break;
      }
    });
  return steps;
}

function drawPath(pdf: jsPDF, { d, fill, stroke, width = 0.3, dash }: PathMark): void {
  if (fill === undefined && stroke === undefined) return;
  if (fill !== undefined) pdf.setFillColor(fill);
  if (stroke !== undefined) {
    pdf.setDrawColor(stroke);
    pdf.setLineWidth(width);
    pdf.setLineDashPattern(dash === undefined ? [] : [...dash], 0);
  }
  pdf.path(stepsOf(d));
  if (fill !== undefined && stroke !== undefined) pdf.fillStrokeEvenOdd();
  else if (fill !== undefined) pdf.fillEvenOdd();
  else pdf.stroke();
}

const aligned = { left: 'left', middle: 'center', right: 'right' } as const;

function draw(pdf: jsPDF, mark: Mark): void {
  if (mark.kind === 'path') return drawPath(pdf, mark);
  const { text, x, y, size, weight, colour, align } = mark;
  if (text === '') return;
  pdf.setFont(family, weight);
  pdf.setFontSize(size * pointsPerMm);
  pdf.setTextColor(colour);
  pdf.text(text, x, y, { align: aligned[align] });
}

/** What jsPDF knows of a face, as far as it is asked here. */
interface Face {
  /** Number of the drawing of a sign (a UTF-16 unit); 0 where the face has none. */
  readonly characterToGlyph: (unit: number) => number;
}

/** The letters of these pages that their faces do not have. */
function lettersWithoutFace(pdf: jsPDF, pages: readonly Page[]): readonly string[] {
  const missing = new Set<string>();
  for (const { marks } of pages) {
    for (const mark of marks) {
      if (mark.kind !== 'text') continue;
      pdf.setFont(family, mark.weight);
      const { metadata } = pdf.getFont() as { readonly metadata: Face };
      for (const letter of mark.text) {
        const isThere = Array.from({ length: letter.length }, (_, at) =>
          letter.charCodeAt(at),
        ).every((unit) => metadata.characterToGlyph(unit) !== 0);
        if (!isThere && letter.trim() !== '') missing.add(letter);
      }
    }
  }
  return [...missing];
}

/** Pages as a file. */
interface PdfFile {
  readonly bytes: Uint8Array<ArrayBuffer>;
  /** Letters that its faces do not have: in their places stand boxes. */
  readonly missing: readonly string[];
}

/**
 * Pages as a PDF with its letters in it. What writes it is fetched when it is wanted.
 * @param title as a reader shows it
 * @param madeAt ms since 1970
 */
export async function pagesPdf(
  pages: readonly Page[],
  fonts: PdfFonts,
  { title, madeAt }: { readonly title: string; readonly madeAt: number },
): Promise<PdfFile> {
  const { jsPDF: Pdf } = await import('jspdf');
  const formatOf = ({ widthMm, heightMm }: Page): [number, number] => [widthMm, heightMm];
  const turned = ({ widthMm, heightMm }: Page): 'landscape' | 'portrait' =>
    widthMm > heightMm ? 'landscape' : 'portrait';
  const [first] = pages;
  if (first === undefined) throw new RangeError('no pages');
  const pdf = new Pdf({
    unit: 'mm',
    format: formatOf(first),
    orientation: turned(first),
    compress: true,
    putOnlyUsedFonts: true,
  });
  pdf.setProperties({ title, creator: 'Nipperkin' });
  pdf.setCreationDate(new Date(madeAt));
  for (const [weight, base64] of Object.entries(fonts)) {
    pdf.addFileToVFS(`${weight}.ttf`, base64);
    pdf.addFont(`${weight}.ttf`, family, weight);
  }
  pages.forEach((page, at) => {
    if (at > 0) pdf.addPage(formatOf(page), turned(page));
    for (const mark of page.marks) draw(pdf, mark);
  });
  const missing = lettersWithoutFace(pdf, pages);
  return { bytes: new Uint8Array(pdf.output('arraybuffer')), missing };
}
