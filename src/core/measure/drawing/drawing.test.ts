import { evenOddArea } from '../outline/evenOdd';
import * as made from '../testShapes/drawings';
import type { Drawing } from './drawing';
import { readDxf } from './dxf';
import { readSvg } from './svg';

const areaOf = ({ outlines }: Drawing): number =>
  evenOddArea(outlines.map(({ points }) => points)).area;
const { svg, dxf } = made;

describe('SVG', () => {
  test.each([
    ['a rectangle', '<rect x="10" y="20" width="80" height="40"/>', 3200],
    ['a rounded rectangle', '<rect width="80" height="40" rx="10"/>', 3200 - (4 - Math.PI) * 100],
    ['a circle', '<circle cx="50" cy="50" r="40"/>', Math.PI * 1600],
    ['an oval', '<ellipse cx="50" cy="50" rx="40" ry="20"/>', Math.PI * 800],
    ['a polygon', '<polygon points="0,0 80,0 80,40"/>', 1600],
    ['a closed polyline', '<polyline points="0,0 80,0 80,40 0,0"/>', 1600],
    [
      'lines that meet',
      '<line x1="0" y1="0" x2="80" y2="0"/><line x1="80" y1="40" x2="80" y2="0"/><line x1="80" y1="40" x2="0" y2="0"/>',
      1600,
    ],
    [
      'all straight commands',
      '<path d="M10 10 h80 v40 H10 V10 z m5 5 l10 0 l0 10 L15 25 Z"/>',
      3200 - 100,
    ],
    ['a cubic curve', '<path d="M0 0 C0 40 80 40 80 0 Z"/>', 0.6 * 80 * 40],
    ['a smooth cubic one', '<path d="M0 0 C0 40 40 40 40 0 S80 -40 80 0 V-60 H0 Z"/>', 80 * 60],
    ['a quadratic curve', '<path d="M0 0 Q40 60 80 0 Z"/>', (2 / 3) * 80 * 30],
    ['a smooth quadratic one', '<path d="M0 0 Q20 30 40 0 T80 0 V-60 H0 Z"/>', 80 * 60],
    ['an arc the small way', '<path d="M0 0 A50 50 0 0 1 50 -50 L0 -50 Z"/>', 2500 - Math.PI * 625],
    [
      'an arc the large way',
      '<path d="M0 0 A50 50 0 1 1 50 -50 Z"/>',
      0.75 * Math.PI * 2500 + 1250,
    ],
    ['an arc scaled up to reach', '<path d="M0 0 A1 1 0 0 1 80 0 Z"/>', Math.PI * 800],
    [
      'a turned arc',
      '<path d="M-40 0 A40 20 90 0 0 40 0 Z" transform="rotate(30)"/>',
      // Its radius across is 20, scaled up to 40 to reach: half of an oval of 80 by 40.
      Math.PI * 1600,
    ],
    [
      'transforms, nested',
      '<g transform="translate(5 5) scale(2)"><rect width="10" height="10" transform="rotate(45) skewX(20)"/></g>',
      400,
    ],
    ['a matrix', '<rect width="10" height="10" transform="matrix(2 1 -1 3 7 7)"/>', 700],
    ['a drawing in a drawing', '<svg x="10" y="10"><rect width="10" height="10"/></svg>', 100],
    [
      'what is hidden is left out',
      '<rect width="10" height="10"/><rect style="display:none" width="90" height="90"/><g display="none"><circle r="5"/></g><defs><rect width="99" height="99"/></defs>',
      100,
    ],
  ])('%s', (_, content, area) => {
    const found = areaOf(readSvg(svg(content)));
    // Curves are drawn with chords, which loses up to five parts in a hundred thousand of the arc.
    expect(Math.abs(found / area - 1)).toBeLessThan(5e-5);
  });

  test.each([
    ['mm for mm', 'width="200mm" height="100mm" viewBox="0 0 200 100"', 1],
    ['a viewBox of another size', 'width="10cm" height="5cm" viewBox="0 0 1000 500"', 0.1],
    ['inches', 'width="2in" height="1in" viewBox="0 0 2 1"', 25.4],
    ['points', 'width="72pt" height="72pt" viewBox="0 0 1 1"', 25.4],
    ['a size without a viewBox counts px', 'width="100mm" height="100mm"', 25.4 / 96],
    ['px say nothing', 'width="200" height="100" viewBox="0 0 200 100"', undefined],
    ['a viewBox alone says nothing', 'viewBox="0 0 200 100"', undefined],
  ])('unit: %s', (_, head, mm) => {
    const { mmPerUnit } = readSvg(svg('<rect width="10" height="10"/>', head));
    if (mm === undefined) expect(mmPerUnit).toBeUndefined();
    else expect(mmPerUnit).toBeCloseTo(mm, 12);
  });

  test('scripts, links and pictures are passed over and told', () => {
    const { outlines, ignored } = readSvg(
      svg(
        '<script>alert(1)</script><image href="http://example.invalid/a.png"/><text>x</text><rect onclick="x()" width="9" height="9"/>',
      ),
    );
    expect(outlines).toHaveLength(1);
    expect([...ignored].sort()).toEqual(['external', 'image', 'script', 'text']);
  });

  test('layers are told by their group', () => {
    const { outlines } = readSvg(
      svg('<g id="cut"><rect width="9" height="9"/></g><circle r="3"/>'),
    );
    expect(outlines.map(({ layer }) => layer)).toEqual(['cut', '']);
  });

  test.each([
    ['no drawing', '<html/>', 'not-svg'],
    ['no XML', 'hello', 'not-xml'],
    ['cut off', svg('<rect width="10"').slice(0, 90), 'not-xml'],
    ['entities', '<!DOCTYPE svg [<!ENTITY a "b">]><svg>&a;</svg>', 'xml-entities'],
    ['an entity of its own', '<svg>&boom;</svg>', 'not-xml'],
    ['a broken path', svg('<path d="M0 0 L10"/>'), 'svg-bad-path'],
    ['percent', svg('<circle r="10%"/>'), 'svg-bad-value'],
    ['open lines only', svg('<path d="M0 0 L10 10 L20 0"/>'), 'no-outlines'],
    ['nothing', svg(''), 'no-outlines'],
    ['places without end', svg('<rect width="1e999" height="5"/>'), 'svg-bad-path'],
  ])('%s', (_, text, code) => {
    expect(() => readSvg(text)).toThrow(expect.objectContaining({ code }));
  });
});

describe('DXF', () => {
  const quarter = Math.tan(Math.PI / 8);
  test.each([
    [
      'a light polyline, vertex identifiers and all',
      made.lightPolyline([
        [0, 0],
        [80, 0],
        [80, 40],
        [0, 40],
      ]),
      3200,
    ],
    [
      'bulges: a slot',
      made.lightPolyline([
        [0, 0],
        [60, 0, 1],
        [60, 40],
        [0, 40, 1],
      ]),
      2400 + Math.PI * 400,
    ],
    [
      'a bulge the other way bites in',
      made.lightPolyline([
        [0, 0],
        [60, 0, -1],
        [60, 40],
        [0, 40],
      ]),
      2400 - Math.PI * 200,
    ],
    [
      'bulges of a quarter turn',
      made.lightPolyline([
        [10, 0, quarter],
        [0, 10, quarter],
        [-10, 0, quarter],
        [0, -10, quarter],
      ]),
      Math.PI * 100,
    ],
    [
      'a bulge of more than half a turn',
      made.lightPolyline([
        [0, 0, Math.tan((3 * Math.PI) / 8)],
        [10, 0],
      ]),
      0.75 * Math.PI * 50 + 25,
    ],
    [
      'a polyline',
      made.polyline([
        [0, 0],
        [60, 0, 1],
        [60, 40],
        [0, 40],
      ]),
      2400 + Math.PI * 200,
    ],
    [
      'lines that meet, in any order',
      made.line(80, 40, 0, 40) +
        made.line(0, 0, 80, 0) +
        made.line(0, 40, 0, 0) +
        made.line(80, 0, 80, 40),
      3200,
    ],
    ['a circle', made.circle(10, 10, 40), Math.PI * 1600],
    [
      'arcs and lines',
      made.arc(60, 20, 20, 270, 90) +
        made.line(60, 0, 0, 0) +
        made.line(0, 0, 0, 40) +
        made.line(0, 40, 60, 40),
      2400 + Math.PI * 200,
    ],
    ['an ellipse', made.ellipse(0, 0, 30, 40, 0.5), Math.PI * 50 * 25],
    ['a rational spline', made.splineCircle(50), Math.PI * 2500],
    ['an island', made.circle(0, 0, 40) + made.circle(0, 0, 10), Math.PI * 1500],
  ])('%s', (_, entities, area) => {
    expect(Math.abs(areaOf(readDxf(dxf(entities))) / area - 1)).toBeLessThan(1e-4);
  });

  test('blocks are drawn where they are inserted', () => {
    const text = dxf(
      made.insert('hole', 0, 0, 2, 45) + made.insert('hole', 100, 0, 1, 0),
      4,
      made.blocks(
        'hole',
        made.lightPolyline([
          [0, 0],
          [10, 0],
          [10, 10],
          [0, 10],
        ]),
      ),
    );
    expect(areaOf(readDxf(text))).toBeCloseTo(500, 9);
  });

  test('what is on a frozen layer is left out', () => {
    const text = dxf(
      made.circle(0, 0, 5) + made.circle(50, 0, 9, 'notes'),
      4,
      made.layers('0', 'notes'),
    );
    expect(readDxf(text).outlines).toHaveLength(1);
  });

  test.each([
    [1, 25.4],
    [2, 304.8],
    [4, 1],
    [5, 10],
    [6, 1000],
    [0, undefined],
    [9, undefined],
  ])('unit %d', (code, mm) => {
    expect(readDxf(dxf(made.circle(0, 0, 5), code)).mmPerUnit).toBe(mm);
  });

  test.each([
    ['no drawing', 'hello', 'dxf-broken'],
    ['nothing', '', 'dxf-broken'],
    ['a table cut off', dxf('', 4, made.layers('0')).replace('ENDTAB', 'NDTAB'), 'dxf-broken'],
    ['no entities', '0\nEOF\n', 'not-dxf'],
    ['open lines only', dxf(made.line(0, 0, 9, 9)), 'no-outlines'],
    [
      'a spline without its knots',
      dxf(made.splineCircle(5).replaceAll(/^40\n.*\n/gm, '')),
      'spline-broken',
    ],
    ['a circle without a radius', dxf('0\nCIRCLE\n8\n0\n10\n5\n20\n5\n'), 'drawing-not-finite'],
    [
      'a block within itself',
      dxf(made.insert('a', 0, 0, 1, 0), 4, made.blocks('a', made.insert('a', 1, 1, 1, 0))),
      'drawing-too-large',
    ],
  ])('%s', (_, text, code) => {
    expect(() => readDxf(text)).toThrow(expect.objectContaining({ code }));
  });
});
