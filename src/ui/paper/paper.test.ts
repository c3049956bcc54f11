import * as fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { create } from 'qrcode';
import { SaxesParser } from 'saxes';
import { inflateSync } from 'node:zlib';
import type { Job } from '../../core/job/jobSchema';
import { planJob } from '../../core/plan/planJob';
import { demoJobs } from '../../data/demo/demoJobs';
import { demoMoulds } from '../../data/demo/demoMoulds';
import { demoResins } from '../../data/demo/demoResins';
import { sayPotLabel } from '../../words/potLabel';
import { paginated, type Block } from './flow';
import { jobSheet } from './jobSheet';
import { codePath, labelPages, labelSizes, type LabelSizeName } from './labels';
import { textMark, type Mark, type Measure, type Page } from './page';
import { pagesPdf } from './pagesPdf';
import { pagesSvg } from './pagesSvg';
import { wrapped } from './wrap';

/** Half as wide as tall: about what letters are. */
const measure: Measure = (text, size) => 0.5 * size * Array.from(text).length;
const shelf = { resins: demoResins, moulds: demoMoulds };
const planOf = (id: string) =>
  planJob(demoJobs.find((job) => job.id === id) as unknown as Job, shelf);
const textsOf = (pages: readonly Page[]): string =>
  pages
    .flatMap(({ marks }) => marks)
    .flatMap((mark) => (mark.kind === 'text' ? mark.text : []))
    .join('\n');
const sheetOf = (id: string, days: readonly string[] = []): readonly Page[] =>
  jobSheet(planOf(id), { measure, days, printed: 'Mon 30 Nov 9:00' });

test('text goes on lines that are no wider than there is room, and none of it is lost', () => {
  fc.assert(
    fc.property(fc.string({ maxLength: 120 }), fc.integer({ min: 4, max: 60 }), (text, room) => {
      const lines = wrapped(text, room, { measure, size: 4 });
      for (const line of lines) {
        expect(measure(line, 4, 'text') <= room || Array.from(line).length === 1).toBe(true);
      }
      expect(lines.join('').replace(/[ \n\t]/g, '')).toBe(text.replace(/[ \n\t]/g, ''));
    }),
  );
});

const block = (heightMm: number, name: string, leads = false): Block => ({
  heightMm,
  leads,
  draw: (top) => [textMark(name, 0, top)],
});

test('blocks stay whole, in their order, and what leads stands with what follows it', () => {
  const sheet = { widthMm: 100, heightMm: 100, marginMm: 10, gapMm: 2, foot: () => [] };
  const pages = paginated(
    [block(40, 'a'), block(25, 'b'), block(5, 'head', true), block(20, 'c'), block(200, 'long')],
    sheet,
  );
  expect(pages.map((page) => textsOf([page]))).toEqual(['a\nb', 'head\nc', 'long']);
});

test.each(demoJobs.map(({ id }) => id))(
  '%s: the sheet says what is weighed, and nothing leaves its page',
  (id) => {
    const plan = planOf(id);
    const pages = sheetOf(id, ['Tuesday 6 October, 9:00: Pour it']);
    const text = textsOf(pages);
    expect(text.replace(/\n/g, ' ')).toContain(plan.name.slice(0, 20));
    for (const pour of plan.pours) {
      const { onScale, inCup, strokes } = pour.batches[0]!;
      if (inCup === undefined && strokes === undefined)
        expect(text).toContain(String(Math.trunc(onScale.aG)));
    }
    expect(text).toContain('Tuesday 6 October, 9:00: Pour it');
    expect(text).toContain(`1 of ${pages.length}`);
    for (const { marks, heightMm } of pages) {
      for (const mark of marks) {
        if (mark.kind !== 'text') continue;
        expect(mark.y).toBeLessThanOrEqual(heightMm);
        const left = { left: 0, middle: 0.5, right: 1 }[mark.align];
        expect(mark.x - left * measure(mark.text, mark.size, mark.weight)).toBeGreaterThan(0);
      }
      expect(marks.filter((mark) => mark.kind === 'path' && /NaN|Infinity/.test(mark.d))).toEqual(
        [],
      );
    }
  },
);

test('the worked figures of the tray stand on its sheet, with the heights to mark', () => {
  const text = textsOf(sheetOf('demo-drawer-tray'));
  expect(text).toContain('3 equal batches of 699');
  expect(text).toMatch(/^592$/m);
  expect(text).toMatch(/^171$/m);
  expect(text).toContain('Marks over the floor: 32');
});

/** Reads a drawing as any program would; throws where it is not well-formed. */
function namesIn(svg: string): readonly string[] {
  const names: string[] = [];
  const parser = new SaxesParser();
  parser.on('opentag', ({ name }) => names.push(name));
  parser.on('error', (error) => {
    throw error;
  });
  parser.write(svg).close();
  return names;
}

test('a name is a text in a drawing, whatever stands in it', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'binary', maxLength: 60 }), (name) => {
      const title = `${name}<script>alert(1)</script>"&]]>`;
      const svg = pagesSvg([{ widthMm: 10, heightMm: 10, marks: [textMark(title, 1, 1)] }]);
      expect(namesIn(svg)).toEqual(['svg', 'style', 'g', 'rect', 'text']);
    }),
  );
});

const fontFile = (weight: string): string =>
  readFileSync(
    require.resolve(`@expo-google-fonts/atkinson-hyperlegible-next/${weight}.ttf`),
    'base64',
  );
const fonts = {
  text: fontFile('400Regular/AtkinsonHyperlegibleNext_400Regular'),
  semibold: fontFile('600SemiBold/AtkinsonHyperlegibleNext_600SemiBold'),
  bold: fontFile('700Bold/AtkinsonHyperlegibleNext_700Bold'),
};

/** What the streams of a PDF say, unpacked. */
function streamsOf(pdf: Uint8Array): string {
  const all = Buffer.from(pdf).toString('latin1');
  return [...all.matchAll(/stream\r?\n([\s\S]*?)\r?\nendstream/g)]
    .map(([, packed = '']) => {
      try {
        return inflateSync(Buffer.from(packed, 'latin1')).toString('latin1');
      } catch {
        return '';
      }
    })
    .join('\n');
}

test('a PDF has every page at its size, its letters in it, and paths with their holes', async () => {
  const pages = sheetOf('demo-galley-inlay');
  const { bytes, missing } = await pagesPdf(pages, fonts, { title: 'Galley step', madeAt: 0 });
  expect(missing).toEqual([]);
  const text = Buffer.from(bytes).toString('latin1');
  expect(text.startsWith('%PDF-')).toBe(true);
  expect(text.match(/\/Type \/Page\b/g)).toHaveLength(pages.length);
  expect(text).toContain('/FontFile2');
  expect(text).toMatch(/\/MediaBox \[0 0 595\.2\d* 841\.8/);
  const said = streamsOf(bytes);
  expect(said).toMatch(/\bf\*/);
  expect(said).toMatch(/\bB\*/);
  expect(said).not.toContain('NaN');
});

test('letters that the faces of a PDF do not have are told, each once, and whole', async () => {
  const line = (text: string): Page => ({
    widthMm: 60,
    heightMm: 30,
    marks: [textMark(text, 2, 8, { size: 4 })],
  });
  const pages = [line('Tray of 漆, Zürich, 21 °C, ½'), line('漆 and 🪵')];
  const { missing } = await pagesPdf(pages, fonts, { title: 'Tray', madeAt: 0 });
  expect(missing).toEqual(['漆', '🪵']);
});

const card = demoResins[0]!;
const label = {
  title: card.name,
  lines: sayPotLabel(card),
  address: 'http://localhost:4380/shelf/demo-slow-clear',
};
const code = create(label.address, { errorCorrectionLevel: 'M' }).modules;

test('the label of a pot says its ratio, hardener and pot life', () => {
  expect(label.lines.map((line) => line.replace(/\u00a0/g, ' '))).toEqual([
    '3 : 1 by volume',
    '100 : 28.91 by weight',
    'Hardener Slow',
    'Pot life 8 h for 1 kg',
  ]);
});

test.each(Object.keys(labelSizes) as LabelSizeName[])(
  'on %s nothing leaves the label, and each has its code',
  (size) => {
    const pages = labelPages(
      { ...label, title: 'Slow clear for deep pours, second shelf, blue lid' },
      code,
      {
        size,
        count: 30,
        measure,
      },
    );
    const { widthMm, heightMm } = labelSizes[size];
    expect(pages).toHaveLength(size === 'a4' ? 2 : 30);
    const codes = pages.flatMap(({ marks }) => marks.filter(({ kind }) => kind === 'path'));
    expect(codes).toHaveLength(30);
    for (const mark of pages[0]!.marks) {
      if (size === 'a4' || mark.kind !== 'text') continue;
      expect(mark.x + measure(mark.text, mark.size, mark.weight)).toBeLessThanOrEqual(widthMm);
      expect(mark.y).toBeLessThan(heightMm);
    }
  },
);

test('a code on paper is dark where the code is, to the last square', () => {
  const side = code.size + 8;
  const dark = new Set<string>();
  for (const [, x, y, right] of codePath(code, 0, 0, side).matchAll(/M(\d+) (\d+)H(\d+)/g)) {
    for (let at = Number(x); at < Number(right); at += 1) dark.add(`${y}/${at}`);
  }
  for (let row = 0; row < code.size; row += 1) {
    for (let column = 0; column < code.size; column += 1) {
      expect(dark.has(`${row + 4}/${column + 4}`)).toBe(Boolean(code.get(row, column)));
    }
  }
});

test('drawings carry the faces that they are set in', () => {
  const mark: Mark = textMark('A', 1, 1);
  const svg = pagesSvg([{ widthMm: 10, heightMm: 10, marks: [mark] }], {
    'Nipperkin Text': 'AAAA',
  });
  expect(svg).toContain(
    "@font-face{font-family:'Nipperkin Text';src:url(data:font/ttf;base64,AAAA)}",
  );
});
