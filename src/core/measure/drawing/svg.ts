import svgpath from 'svgpath';
import { InputError } from '../../problem';
import { xmlReader, type XmlTag } from '../xml/readXml';
import { cubicPoints, quadraticPoints, svgArcPoints } from './curves';
import { ChainList, drawingOf, refuseMore, type Drawing } from './drawing';

/** Elements whose content is not drawn where it stands. */
const notDrawn = new Set([
  'defs',
  'clipPath',
  'mask',
  'pattern',
  'symbol',
  'marker',
  'metadata',
  'script',
  'style',
  'foreignObject',
]);
const passedOver = new Set(['text', 'image', 'use']);

const mmPerPhysical: Readonly<Record<string, number>> = {
  mm: 1,
  cm: 10,
  in: 25.4,
  pt: 25.4 / 72,
  pc: 25.4 / 6,
  q: 0.25,
};
/** CSS counts 96 px to the inch; a file that says nothing else is asked for its unit. */
const mmPerPx = 25.4 / 96;

type Matrix = readonly [number, number, number, number, number, number];

interface Length {
  readonly value: number;
  readonly unit: string;
}

function lengthOf(text: string | undefined): Length | undefined {
  const found = /^\s*([+-]?(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d+)?)\s*([a-z%]*)\s*$/i.exec(text ?? '');
  return found === null
    ? undefined
    : { value: Number(found[1]), unit: (found[2] ?? '').toLowerCase() };
}

/** A coordinate in user units. */
function userUnits(text: string | undefined, field: string): number {
  if (text === undefined) return 0;
  const length = lengthOf(text);
  const mm = mmPerPhysical[length?.unit ?? ''];
  if (length === undefined || (mm === undefined && length.unit !== '' && length.unit !== 'px')) {
    throw new InputError('svg-bad-value', text.slice(0, 60), { what: field });
  }
  return mm === undefined ? length.value : (length.value * mm) / mmPerPx;
}

/** mm per user unit from the root's size and viewBox, where its size is told in a physical unit. */
function scaleOf({ attributes }: XmlTag): number | undefined {
  const box = attributes['viewBox']
    ?.trim()
    .split(/[\s,]+/)
    .map(Number);
  const sizeMm = [attributes['width'], attributes['height']].map((text) => {
    const length = lengthOf(text);
    const mm = mmPerPhysical[length?.unit ?? ''];
    return length === undefined || mm === undefined ? undefined : length.value * mm;
  });
  const scales = sizeMm.flatMap((mm, index) => {
    if (mm === undefined || !(mm > 0)) return [];
    const units = box?.[2 + index];
    return [units !== undefined && units > 0 ? mm / units : mmPerPx];
  });
  // Where the two differ the drawing is fitted inside, as the format says by default.
  return scales.length === 0 ? undefined : Math.min(...scales);
}

/** The matrix of a transform attribute: where it takes (0, 0), (1, 0) and (0, 1). */
function matrixOf(transform: string): Matrix {
  const places: number[] = [];
  svgpath('M0 0L1 0L0 1')
    .transform(transform)
    .abs()
    .iterate((segment) => void places.push(Number(segment[1]), Number(segment[2])));
  const [ex = 0, ey = 0, ax = 0, ay = 0, bx = 0, by = 0] = places;
  return [ax - ex, ay - ey, bx - ex, by - ey, ex, ey];
}

const times = (m: Matrix, n: Matrix): Matrix => [
  m[0] * n[0] + m[2] * n[1],
  m[1] * n[0] + m[3] * n[1],
  m[0] * n[2] + m[2] * n[3],
  m[1] * n[2] + m[3] * n[3],
  m[0] * n[4] + m[2] * n[5] + m[4],
  m[1] * n[4] + m[3] * n[5] + m[5],
];

/** A basic shape as the path that draws it. */
function pathOf({ name, attributes }: XmlTag): string | undefined {
  const at = (key: string): number => userUnits(attributes[key], key);
  switch (name) {
    case 'path':
      return attributes['d'] ?? '';
    case 'rect': {
      const [x, y, width, height] = [at('x'), at('y'), at('width'), at('height')];
      const rx = Math.min(attributes['rx'] === undefined ? at('ry') : at('rx'), width / 2);
      const ry = Math.min(attributes['ry'] === undefined ? at('rx') : at('ry'), height / 2);
      if (rx <= 0 || ry <= 0) return `M${x} ${y}h${width}v${height}h${-width}Z`;
      const arc = (dx: number, dy: number): string => `a${rx} ${ry} 0 0 1 ${dx} ${dy}`;
      return (
        `M${x + rx} ${y}h${width - 2 * rx}${arc(rx, ry)}v${height - 2 * ry}${arc(-rx, ry)}` +
        `h${2 * rx - width}${arc(-rx, -ry)}v${2 * ry - height}${arc(rx, -ry)}Z`
      );
    }
    case 'circle':
    case 'ellipse': {
      const [cx, cy] = [at('cx'), at('cy')];
      const rx = name === 'circle' ? at('r') : at('rx');
      const ry = name === 'circle' ? at('r') : at('ry');
      const half = (dx: number): string => `a${rx} ${ry} 0 1 1 ${dx} 0`;
      return rx > 0 && ry > 0 ? `M${cx - rx} ${cy}${half(2 * rx)}${half(-2 * rx)}Z` : '';
    }
    case 'polygon':
      return attributes['points']?.trim() ? `M${attributes['points']}Z` : '';
    case 'polyline':
      return attributes['points']?.trim() ? `M${attributes['points']}` : '';
    case 'line':
      return `M${at('x1')} ${at('y1')}L${at('x2')} ${at('y2')}`;
    default:
      return undefined;
  }
}

/** Numbers that a path holds for each point that it draws, at the most: a line has two of them, a cubic six, an arc seven. */
const numbersAPoint = (path: string): number => (/[cCsSqQtTaA]/.test(path) ? 7 : 2);

/** Numbers in a path, counted where each begins: reading it takes far longer. */
function countNumbers(path: string): number {
  let count = 0;
  let inNumber = false;
  for (let at = 0; at < path.length; at += 1) {
    const code = path.charCodeAt(at);
    const isDigit = code >= 48 && code <= 57;
    if (isDigit && !inNumber) count += 1;
    inNumber = isDigit || code === 46;
  }
  return count;
}

/** Numbers that a command takes for each step of its; arcs are left alone, since their flags may touch what follows. */
const numbersOf = { m: 2, l: 2, t: 2, h: 1, v: 1, s: 4, q: 4, c: 6 } as const;
/** Steps in a row without their command's letter from which on the parser, which takes them off one by one, gets slow. */
const longRun = 200;

/** One command with its numbers, its letter said again within a long run of them. */
function withShortRun(letter: string, run: string): string {
  const each = numbersOf[letter.toLowerCase() as keyof typeof numbersOf] as number | undefined;
  if (each === undefined || run.length < longRun * each) return letter + run;
  const numbers = run.match(/[-+]?(?:\d+\.?\d*|\.\d+)(?:e[-+]?\d+)?/gi) ?? [];
  // After a move its further numbers are lines.
  const next = letter === 'M' ? 'L' : letter === 'm' ? 'l' : letter;
  let short = '';
  for (let at = 0; at < numbers.length; at += longRun * each) {
    short += `${at === 0 ? letter : next}${numbers.slice(at, at + longRun * each).join(' ')}`;
  }
  return short;
}

/** The same path without long runs of numbers. */
function withShortRuns(path: string): string {
  // An e belongs to a number.
  const letters = /[a-df-z]/gi;
  let short = '';
  let from = 0;
  for (let found = letters.exec(path); found !== null; found = letters.exec(path)) {
    const at = found.index;
    short += from === 0 ? path.slice(0, at) : withShortRun(path[from - 1]!, path.slice(from, at));
    from = at + 1;
  }
  return from === 0 ? path : short + withShortRun(path[from - 1]!, path.slice(from));
}

/** Draws a path under a matrix into the list. */
function drawPath(path: string, matrix: Matrix, layer: string, list: ChainList): void {
  refuseMore(countNumbers(path) / numbersAPoint(path));
  const read = svgpath(withShortRuns(path));
  // The library keeps what was wrong with a path here; its types leave it out.
  const { err } = read as unknown as { readonly err: string };
  if (err !== '') throw new InputError('svg-bad-path', path.slice(0, 60), {});
  let points: number[] = [];
  const finish = (closed: boolean): void => {
    if (points.length >= 4) list.add({ points, closed, layer });
    points = [];
  };
  read
    .matrix([...matrix])
    .abs()
    .unshort()
    .iterate((segment, _, x, y) => {
      const [command, ...numbers] = segment as readonly [string, ...number[]];
      if (command !== 'M' && points.length === 0) points.push(x, y);
      switch (command) {
        case 'M':
          finish(false);
          points.push(...numbers);
          break;
        case 'L':
          points.push(...numbers);
          break;
        case 'H':
          points.push(numbers[0] ?? x, y);
          break;
        case 'V':
          points.push(x, numbers[0] ?? y);
          break;
        case 'C':
          points.push(...cubicPoints([x, y, ...numbers]));
          break;
        case 'Q':
          points.push(...quadraticPoints([x, y, ...numbers]));
          break;
        case 'A': {
          const [rx = 0, ry = 0, turn = 0, large, sweep, toX = 0, toY = 0] = numbers;
          points.push(...svgArcPoints(x, y, rx, ry, turn, large === 1, sweep === 1, toX, toY));
          break;
        }
        default:
          finish(true);
      }
    });
  finish(false);
}

interface Frame {
  readonly matrix: Matrix;
  readonly layer: string;
  readonly hidden: boolean;
}

const isHidden = ({ attributes }: XmlTag): boolean =>
  attributes['display'] === 'none' ||
  /(^|;)\s*display\s*:\s*none/.test(attributes['style'] ?? '') ||
  attributes['visibility'] === 'hidden';

/** What an element carries that is never followed or run. */
function dangers({ name, attributes }: XmlTag): string[] {
  const found: string[] = [];
  if (name === 'script' || Object.keys(attributes).some((key) => /^on[a-z]+$/i.test(key))) {
    found.push('script');
  }
  const link = attributes['href'];
  if (link !== undefined && !link.startsWith('#')) found.push('external');
  return found;
}

/**
 * Reads the outlines of an SVG drawing. Nothing in it is run, fetched or expanded.
 * @param text the whole file
 * @throws InputError `not-svg`, `svg-bad-path`, `svg-bad-value`, those of `xmlReader` and of `drawingOf`
 */
export function readSvg(text: string): Drawing {
  const frames: Frame[] = [{ matrix: [1, 0, 0, 1, 0, 0], layer: '', hidden: false }];
  const list = new ChainList();
  const ignored: string[] = [];
  let mmPerUnit: number | undefined;
  let seenRoot = false;
  const open = (tag: XmlTag): void => {
    const outer = frames.at(-1)!;
    if (!seenRoot) {
      if (tag.name !== 'svg') throw new InputError('not-svg', tag.name);
      seenRoot = true;
      mmPerUnit = scaleOf(tag);
    }
    ignored.push(...dangers(tag));
    const { transform, id, label } = tag.attributes;
    let matrix = transform === undefined ? outer.matrix : times(outer.matrix, matrixOf(transform));
    if (tag.name === 'svg' && frames.length > 1) {
      const x = userUnits(tag.attributes['x'], 'x');
      const y = userUnits(tag.attributes['y'], 'y');
      matrix = times(matrix, [1, 0, 0, 1, x, y]);
    }
    const hidden = outer.hidden || notDrawn.has(tag.name) || isHidden(tag);
    const layer = tag.name === 'g' ? (label ?? id ?? outer.layer) : outer.layer;
    frames.push({ matrix, layer, hidden });
    if (hidden) return;
    if (passedOver.has(tag.name)) ignored.push(tag.name);
    const path = pathOf(tag);
    if (path !== undefined && path.trim() !== '') drawPath(path, matrix, layer, list);
  };
  const reader = xmlReader({ open, close: () => void frames.pop() });
  reader.push(text);
  reader.end();
  return drawingOf(list.chains, mmPerUnit, ignored);
}
