/** Something that is printed: pages in millimetres, from their top left corner, that become an SVG or a PDF alike. */
export type PaperWeight = 'text' | 'semibold' | 'bold';

export interface TextMark {
  readonly kind: 'text';
  readonly text: string;
  readonly x: number;
  /** Of the line that letters stand on. */
  readonly y: number;
  /** Height of the letters with their room, mm. */
  readonly size: number;
  readonly weight: PaperWeight;
  readonly colour: string;
  readonly align: 'left' | 'middle' | 'right';
}

export interface PathMark {
  readonly kind: 'path';
  /** In the words of SVG; what lies in an odd number of its rings is inside. */
  readonly d: string;
  readonly fill?: string;
  readonly stroke?: string;
  readonly width?: number;
  readonly dash?: readonly [number, number];
}

export type Mark = TextMark | PathMark;

export interface Page {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly marks: readonly Mark[];
}

/** How wide a text is, mm. @param size of its letters, mm */
export type Measure = (text: string, size: number, weight: PaperWeight) => number;

/** A text with what it usually has. */
export const textMark = (
  text: string,
  x: number,
  y: number,
  more: Partial<Omit<TextMark, 'kind' | 'text' | 'x' | 'y'>> = {},
): TextMark => ({
  kind: 'text',
  size: 3.8,
  weight: 'text',
  colour: '#1f292d',
  align: 'left',
  ...more,
  text,
  x,
  y,
});
