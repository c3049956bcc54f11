import type { Plan, PlannedBatch, PourPlan } from '../../core/plan/planTypes';
import { capital, sayC, sayG, sayHeight, sayMl, sayRatios } from '../../words/figures';
import { sayPoured, type PouredPart } from '../../words/poured';
import { sayJobWarning, sayJoins, sayPlace, sayPour } from '../../words/pours';
import { sayBatchFor, sayGoingIn, sayReadings, sayResin, saySubject } from '../../words/sheet';
import { light } from '../theme/tokens';
import { paginated, type Block } from './flow';
import { textMark, type Mark, type Measure, type Page, type PaperWeight } from './page';
import { sectionMarks } from './sectionMarks';
import { wrapped } from './wrap';

/** A4. */
const widthMm = 210;
const heightMm = 297;
const marginMm = 15;
const roomMm = widthMm - 2 * marginMm;
const gapMm = 4;
const sectionMm = 62;
const secondColumnMm = marginMm + roomMm / 2;
/** Boxes to tick in one row; more batches than this are not ticked one by one. */
const boxesInRow = 16;
const mostBoxes = 40;

interface SheetExtras {
  readonly measure: Measure;
  /** When what is done, a line each; nothing where the job has no date. */
  readonly days: readonly string[];
  /** When it is printed, as it is said. */
  readonly printed: string;
}

interface Lined {
  readonly size?: number;
  readonly weight?: PaperWeight;
  readonly colour?: string;
  readonly leads?: boolean;
}

/** A text over the whole width, in as many lines as it needs. */
function words(
  text: string,
  measure: Measure,
  { size = 3.8, weight = 'text', colour = light.ink, leads = false }: Lined = {},
): Block {
  const lines = wrapped(text, roomMm, { measure, size, weight });
  const lineMm = size * 1.35;
  return {
    heightMm: lines.length * lineMm,
    leads,
    draw: (top) =>
      lines.map((line, at) =>
        textMark(line, marginMm, top + at * lineMm + size, { size, weight, colour }),
      ),
  };
}

/** One under the other without a gap, as one block that stays together. */
function together(blocks: readonly Block[], betweenMm = 1): Block {
  const height = blocks.reduce((sum, block) => sum + block.heightMm + betweenMm, -betweenMm);
  return {
    heightMm: Math.max(0, height),
    draw(top) {
      let at = top;
      return blocks.flatMap((block) => {
        const marks = block.draw(at);
        at += block.heightMm + betweenMm;
        return marks;
      });
    },
  };
}

/** A and B of a batch, to be read from where one stands. */
function amounts(pour: PourPlan, batch: PlannedBatch, measure: Measure): Block {
  const poured = sayPoured(batch);
  const one = (letter: string, colour: string, { figure, unit, also }: PouredPart, x: number) => {
    const figureX = x + 8;
    return (top: number): readonly Mark[] => [
      textMark(letter, x, top + 10, { size: 7, weight: 'bold', colour }),
      textMark(figure, figureX, top + 10, { size: 13, weight: 'bold', colour }),
      textMark(unit, figureX + measure(figure, 13, 'bold') + 1.5, top + 10, {
        size: 6,
        weight: 'semibold',
        colour,
      }),
      textMark(also.join(' · '), figureX, top + 14.6, { size: 3.3, colour: light.inkSoft }),
    ];
  };
  const parts =
    pour.resin.ratio === undefined
      ? [one('', light.ink, poured.a, marginMm - 8)]
      : [
          one('A', light.partA, poured.a, marginMm),
          one('B', light.partB, poured.b, secondColumnMm),
        ];
  return { heightMm: 16, draw: (top) => parts.flatMap((draw) => draw(top)) };
}

/** A box for each batch that is poured. */
function boxes(count: number): readonly Block[] {
  if (count > mostBoxes) return [];
  const rows = Math.ceil(count / boxesInRow);
  return [
    {
      heightMm: rows * 7,
      draw: (top) =>
        Array.from({ length: count }, (_, at): readonly Mark[] => {
          const x = marginMm + (at % boxesInRow) * 11;
          const y = top + Math.floor(at / boxesInRow) * 7 + 0.5;
          return [
            { kind: 'path', d: `M${x} ${y}h5v5h-5Z`, stroke: light.ink, width: 0.35 },
            textMark(String(at + 1), x + 6, y + 3.9, { size: 3, colour: light.inkSoft }),
          ];
        }).flat(),
    },
  ];
}

function batchBlock(pour: PourPlan, batch: PlannedBatch, measure: Measure): Block {
  const { count } = batch;
  const title = [sayBatchFor(pour, batch), count === 1 ? 'one batch' : `${count} equal batches`]
    .filter((text) => text !== '')
    .join(': ');
  return together([
    words(`${capital(title)} of ${sayMl(batch.ml)}`, measure, { size: 4.4, weight: 'bold' }),
    amounts(pour, batch, measure),
    words(sayReadings(pour, batch), measure),
    ...sayGoingIn(pour, batch).map((line) => words(line, measure)),
    ...boxes(count),
  ]);
}

/** Where layers end, to be marked on the form before anything is poured. */
function sayMarks({ pours }: Plan): string | undefined {
  const ends = pours.flatMap(({ kind, layers }) =>
    kind === 'fills' ? layers.flatMap(({ toMm }) => toMm ?? []) : [],
  );
  if (ends.length === 0) return undefined;
  const heights = [...new Set(ends.map(sayHeight))];
  return `Marks over the floor: ${heights.join(', ')}.`;
}

function pourBlocks(pour: PourPlan, plan: Plan, measure: Measure): readonly Block[] {
  const isOfSeveral = plan.pours.length > 1;
  const [ratio, otherRatio] = sayRatios(pour.resin.ratio);
  const totals = [
    `To mix ${sayMl(pour.totalMl)}, ${sayG(pour.totalG)}`,
    ...(pour.resin.ratio === undefined
      ? []
      : [`A ${sayG(pour.a.g)}, B ${sayG(pour.b.g)} in all`, ratio, otherRatio]),
  ].filter((text) => text !== undefined && text !== '');
  return [
    ...(isOfSeveral
      ? [
          words(
            `${pour.index + 1} ${sayPour(pour)}, ${sayPlace(pour, plan)}: ${sayResin(pour)}`,
            measure,
            { size: 5, weight: 'bold', leads: true },
          ),
        ]
      : []),
    ...(pour.joins === undefined
      ? []
      : [words(sayJoins(pour.joins, pour.role), measure, { leads: true })]),
    ...pour.batches.map((batch) => batchBlock(pour, batch, measure)),
    words(`${totals.join('. ')}.`, measure, { size: 3.4, colour: light.inkSoft }),
  ];
}

/** A job on paper: the piece, what is weighed batch by batch in figures that are read across a bench, marks, days, cautions. */
export function jobSheet(plan: Plan, { measure, days, printed }: SheetExtras): readonly Page[] {
  const section = sectionMarks(plan, roomMm, sectionMm);
  const marks = sayMarks(plan);
  const headed = (title: string, lines: readonly Block[]): readonly Block[] =>
    lines.length === 0
      ? []
      : [words(title, measure, { size: 5, weight: 'bold', leads: true }), ...lines];
  const blocks: readonly Block[] = [
    together([
      words(plan.name, measure, { size: 7.5, weight: 'bold' }),
      words(`${saySubject(plan)} · room ${sayC(plan.roomTemperatureC)}`, measure, {
        colour: light.inkSoft,
      }),
    ]),
    ...(section === undefined
      ? []
      : [
          {
            heightMm: section.heightMm,
            draw: (top: number) => section.draw(marginMm, top),
          },
        ]),
    ...(marks === undefined ? [] : [words(marks, measure, { weight: 'semibold' })]),
    ...plan.pours.flatMap((pour) => pourBlocks(pour, plan, measure)),
    ...headed(
      'Days',
      days.map((line) => words(line, measure)),
    ),
    ...headed(
      'Mind',
      plan.warnings.map((warning) => words(`• ${sayJobWarning(warning, plan.pours)}`, measure)),
    ),
    words(
      'Gloves, eyes, fresh air. Estimates: the label and the safety data sheet of the resin decide.',
      measure,
      { size: 3.3, colour: light.inkSoft },
    ),
  ];
  const foot = (page: number, of: number): readonly Mark[] => [
    textMark(`Nipperkin · ${printed}`, marginMm, heightMm - 8, { size: 3, colour: light.inkSoft }),
    textMark(`${page} of ${of}`, widthMm - marginMm, heightMm - 8, {
      size: 3,
      colour: light.inkSoft,
      align: 'right',
    }),
  ];
  return paginated(blocks, { widthMm, heightMm, marginMm, gapMm, foot });
}
