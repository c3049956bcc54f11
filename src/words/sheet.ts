import type { PigmentDose, Plan, PlannedBatch, PourPlan } from '../core/plan/planTypes';
import {
  sayC,
  sayDose,
  sayG,
  sayHeight,
  sayMl,
  sayOnScale,
  sayPigmentG,
  sayRatios,
} from './figures';
import { shapeNames } from './names';
import { sayPoured, type PouredPart } from './poured';
import { sayJobWarning, sayJoins, sayPlace, sayPour } from './pours';

/** The resin, and which of its hardeners where the card names one. */
export const sayResin = ({ resin: { name, hardener } }: PourPlan): string =>
  hardener === undefined ? name : `${name}, hardener ${hardener}`;

/** What a batch is for: its layer and its colour; nothing where there is one pour of one colour. */
export function sayBatchFor(plan: PourPlan, { layer, colour: own }: PlannedBatch): string {
  const coloured = plan.batches.some(({ colour }) => colour !== undefined);
  const colour = own ?? (coloured ? 'Plain' : '');
  return [sayLayer(plan, layer), colour].filter((text) => text !== '').join(': ');
}

const intoWords = { a: ', into A before mixing', b: ', into B before mixing', mix: '' } as const;

/** The tint that goes into all of A before anything is weighed for a batch. */
export function sayTint({ name, g, share, tintedAG }: NonNullable<PourPlan['tint']>): {
  readonly name: string;
  readonly amount: string;
  readonly then: string;
} {
  return {
    name: name === undefined ? 'Tint, into all of A' : `${name}, into all of A`,
    amount: `${sayPigmentG(g)} (${sayDose(share)})`,
    then: `A then weighs ${sayG(tintedAG)}`,
  };
}

/** Pigment for one batch, a line for each. */
export function sayPigments(
  doses: readonly PigmentDose[],
  into: PourPlan['resin']['pigmentInto'] = 'mix',
): readonly string[] {
  return doses.map(({ name, g, share, drops }) => {
    const counted = drops === undefined ? '' : `, about ${Math.round(drops)} drops`;
    return `${name} ${sayPigmentG(g)} (${sayDose(share)}${counted})${intoWords[into]}`;
  });
}

/** A and B of a batch on one line, with the unit they share; no B where there is one bottle. */
export function sayPouredShort(batch: PlannedBatch): {
  readonly a: string;
  readonly b: string | undefined;
  readonly unit: string;
} {
  const { a, b } = sayPoured(batch);
  const isOnePart = batch.b.g === 0;
  return { a: a.figure, b: isOnePart ? undefined : b.figure, unit: b.unit };
}

/** What the scale should read after each part, in the order that they go in. */
export function sayReadings({ mixing, resin }: PourPlan, batch: PlannedBatch): string {
  const { aG, bG, totalG, stepG } = batch.onScale;
  const say = (g: number): string => `${sayOnScale(g, stepG)}\u00a0g`;
  if (resin.ratio === undefined) return 'One bottle: nothing is mixed.';
  const [first, second] = mixing.first === 'a' ? (['A', 'B'] as const) : (['B', 'A'] as const);
  if (batch.strokes !== undefined) {
    const { perRound, rounds } = batch.strokes;
    return `${rounds} rounds: ${perRound.a} of A, ${perRound.b} of B, in turn, so that the count is never lost.`;
  }
  if (batch.inCup !== undefined && mixing.cups === 'one') {
    const { aMl, bMl, totalMl, stepMl } = batch.inCup;
    const mark = (ml: number): string => `${sayOnScale(ml, stepMl)}\u00a0ml`;
    return `One cup: ${first} to the mark of ${mark(first === 'A' ? aMl : bMl)}, then ${second} to ${mark(totalMl)}.`;
  }
  if (mixing.cups === 'own') {
    return `Each in its own cup, then ${first} and ${second} into a third: ${say(totalG)} together.`;
  }
  return `One cup: ${first} to ${say(first === 'A' ? aG : bG)}, then ${second} until the scale reads ${say(totalG)}.`;
}

/** How a batch is measured out where it is not weighed, and where its shares go. */
export function sayMeasuring(batch: PlannedBatch): readonly string[] {
  const { cupMarks, shares, tintedAG } = batch;
  const [markA, markB, markBoth] = cupMarks ?? [];
  return [
    ...(tintedAG === undefined ? [] : ['A is weighed with its tint in it.']),
    ...(markA === undefined || markB === undefined || markBoth === undefined
      ? []
      : [
          `Water for the marks: ${sayPigmentG(markA.waterG)}, ${sayPigmentG(markB.waterG)}, both ${sayPigmentG(markBoth.waterG)}.`,
        ]),
    ...shares.map(
      ({ name, g, pigments }) =>
        `${name}: ${sayG(g)} of the mix${pigments.length === 0 ? '' : `, with ${sayPigments(pigments).join(', ')}`}`,
    ),
  ];
}

/** A layer's name and borders: `Layer 2, 40 mm to 80 mm`; nothing where there is one pour. */
export function sayLayer(plan: PourPlan, layer: number): string {
  const { fromMm, toMm } = plan.layers[layer] ?? {};
  if (plan.layers.length < 2 || fromMm === undefined || toMm === undefined) return '';
  return `Layer ${layer + 1}, ${sayHeight(fromMm)} to ${sayHeight(toMm)}`;
}

/** The resins of a job, each once. */
export function saySubject({ pours }: Plan): string {
  return [...new Set(pours.map(sayResin))].join(', ');
}

/** Fillers of a batch, a line each: after A and B are mixed. */
const sayFillers = (fillers: PlannedBatch['fillers']): readonly string[] =>
  (fillers ?? []).map(
    ({ name, g, looseMl }) => `${name} ${sayG(g)}, ${sayMl(looseMl)} loose, stirred in last`,
  );

/** What goes into a batch beside A and B and how that is measured out, a line each, in the order of the bench. */
export const sayGoingIn = ({ resin }: PourPlan, batch: PlannedBatch): readonly string[] => [
  ...sayPigments(batch.pigments, resin.pigmentInto),
  ...sayMeasuring(batch),
  ...sayFillers(batch.fillers),
];

const sayParts = ({ parts }: Pick<PourPlan, 'parts'>): readonly string[] =>
  parts.map(
    (part) =>
      `- ${part.name ?? shapeNames[part.shape]}${part.count > 1 ? ` × ${part.count}` : ''}: ${sayMl(part.ml)}`,
  );

/** What is mixed for one pour, batch by batch. */
function pourText(pour: PourPlan): readonly string[] {
  const batches = pour.batches.flatMap((batch) => {
    const { count } = batch;
    const poured = sayPoured(batch);
    const say = ({ figure, unit, also }: PouredPart): string =>
      `${figure} ${unit} (${also.at(-1) ?? ''})`;
    const title = [sayBatchFor(pour, batch), `${count} ${count === 1 ? 'batch' : 'equal batches'}`]
      .filter((text) => text !== '')
      .join(': ');
    return [
      `${title} of ${sayMl(batch.ml)}`,
      ...(pour.resin.ratio === undefined
        ? [`  ${poured.a.figure} ${poured.a.unit}`]
        : [`  A ${say(poured.a)}`, `  B ${say(poured.b)}`]),
      `  ${sayReadings(pour, batch)}`,
      ...[...sayGoingIn(pour, batch)].map((line) => `  ${line}`),
    ];
  });
  return [
    `To mix ${sayMl(pour.totalMl)}, ${sayG(pour.totalG)}`,
    ...(pour.resin.ratio === undefined
      ? []
      : [
          `  A ${sayMl(pour.a.ml)}, ${sayG(pour.a.g)}`,
          `  B ${sayMl(pour.b.ml)}, ${sayG(pour.b.g)}`,
        ]),
    ...(pour.tint === undefined
      ? []
      : [`${sayTint(pour.tint).name}: ${sayTint(pour.tint).amount}. ${sayTint(pour.tint).then}.`]),
    '',
    ...batches,
  ];
}

/** The mixing sheet as plain text, for a message, a note or a label. */
export function sheetText(plan: Plan): string {
  const { pours, warnings } = plan;
  const [only, second] = pours;
  const body =
    only !== undefined && second === undefined
      ? [
          `${sayResin(only)}, ${sayRatios(only.resin.ratio).join(', ')}`,
          `Room ${sayC(plan.roomTemperatureC)}`,
          '',
          `Cavities ${sayMl(only.cavityMl)}`,
          ...sayParts(only),
          '',
          ...pourText(only),
        ]
      : [
          `Room ${sayC(plan.roomTemperatureC)}`,
          ...pours.flatMap((pour) => [
            '',
            `${pour.index + 1} ${sayPour(pour)}, ${sayPlace(pour, plan)}: ${sayMl(pour.cavityMl)}`,
            `${sayResin(pour)}, ${sayRatios(pour.resin.ratio).join(', ')}`,
            ...(pour.joins === undefined ? [] : [sayJoins(pour.joins, pour.role)]),
            ...pourText(pour),
          ]),
        ];
  return [
    plan.name,
    ...body,
    ...(warnings.length > 0
      ? ['', ...warnings.map((each) => `! ${sayJobWarning(each, pours)}`)]
      : []),
    '',
    'Estimates. The label and the safety data sheet of the resin decide.',
  ].join('\n');
}
