import { font } from '../theme/fontNames';
import type { Mark, Page } from './page';

const escaped = (text: string): string =>
  text
    .replace(/&/g, '&amp;')
    .replace(/</g, '&lt;')
    .replace(/>/g, '&gt;')
    .replace(/"/g, '&quot;')
    // XML has no place for these, however they are written.
    .replace(/[^\P{Cc}\t\n\r]|\p{Cs}|[\ufffe\uffff]/gu, '\ufffd');

const anchors = { left: 'start', middle: 'middle', right: 'end' } as const;
const figure = (value: number): string => String(Math.round(value * 100) / 100);

function markSvg(mark: Mark): string {
  if (mark.kind === 'text') {
    const { text, x, y, size, weight, colour, align } = mark;
    return `<text x="${figure(x)}" y="${figure(y)}" font-size="${figure(size)}" font-family="'${font[weight]}'" fill="${colour}" text-anchor="${anchors[align]}">${escaped(text)}</text>`;
  }
  const { d, fill = 'none', stroke, width = 0.3, dash } = mark;
  const line =
    stroke === undefined
      ? ''
      : ` stroke="${stroke}" stroke-width="${figure(width)}"${dash === undefined ? '' : ` stroke-dasharray="${dash.join(' ')}"`}`;
  return `<path d="${escaped(d)}" fill="${fill}" fill-rule="evenodd"${line}/>`;
}

/** Letters for a drawing that leaves the app, as base64 of a TrueType file by family. */
export type EmbeddedFonts = Readonly<Record<string, string>>;

/** Pages as one drawing, one under the other. */
export function pagesSvg(pages: readonly Page[], fonts: EmbeddedFonts = {}): string {
  const width = Math.max(...pages.map(({ widthMm }) => widthMm));
  let top = 0;
  const groups = pages.map(({ widthMm, heightMm, marks }) => {
    const paper = `<rect width="${widthMm}" height="${heightMm}" fill="#ffffff"/>`;
    const group = `<g transform="translate(0 ${top})">${paper}${marks.map(markSvg).join('')}</g>`;
    top += heightMm;
    return group;
  });
  const faces = Object.entries(fonts).map(
    ([family, base64]) =>
      `@font-face{font-family:'${family}';src:url(data:font/ttf;base64,${base64})}`,
  );
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${top}mm" viewBox="0 0 ${width} ${top}">`,
    `<style>${faces.join('')}text{font-variant-numeric:tabular-nums}</style>`,
    ...groups,
    '</svg>',
    '',
  ].join('\n');
}
