import type { PigmentDose, Plan } from '../core/plan/planTypes';
import { sayC, sayDose, sayG, sayMl, sayMm, sayOnScale, sayPigmentG, sayRatios } from './figures';
import { shapeNames } from './names';
import { sayWarning } from './warnings';

/** The resin, and which of its hardeners where the card names one. */
export const sayResin = ({ resin: { name, hardener } }: Plan): string =>
  hardener === undefined ? name : `${name}, hardener ${hardener}`;

/** Equal batches of one colour in one layer, told once. */
export interface BatchGroup {
  readonly key: string;
  readonly layer: number;
  readonly count: number;
  readonly batch: Plan['batches'][number];
}

/** Batches of a plan by layer and colour; within one of these they are equal. */
export function batchGroups(plan: Plan): readonly BatchGroup[] {
  const groups = new Map<string, BatchGroup>();
  for (const batch of plan.batches) {
    const key = `${batch.layer}/${batch.portions.join()}`;
    const found = groups.get(key);
    groups.set(key, { key, layer: batch.layer, batch, count: (found?.count ?? 0) + 1 });
  }
  return [...groups.values()];
}

/** What a batch is for: its layer and its colour; nothing where there is one pour of one colour. */
export function sayBatchFor(plan: Plan, { layer, batch }: BatchGroup): string {
  const coloured = plan.batches.some(({ colour }) => colour !== undefined);
  const colour = batch.colour ?? (coloured ? 'Plain' : '');
  return [sayLayer(plan, layer), colour].filter((text) => text !== '').join(': ');
}

const intoWords = { a: ', into A before mixing', b: ', into B before mixing', mix: '' } as const;

/** The tint that goes into all of A before anything is weighed for a batch. */
export function sayTint({ name, g, share, tintedAG }: NonNullable<Plan['tint']>): {
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
  into: Plan['resin']['pigmentInto'] = 'mix',
): readonly string[] {
  return doses.map(({ name, g, share, drops }) => {
    const counted = drops === undefined ? '' : `, about ${Math.round(drops)} drops`;
    return `${name} ${sayPigmentG(g)} (${sayDose(share)}${counted})${intoWords[into]}`;
  });
}

/** A figure of one part as it is measured out, and the same told otherwise. */
export interface PouredPart {
  readonly figure: string;
  readonly unit: string;
  readonly also: readonly string[];
}

/** The figures that are poured: grams, marks of a cup or strokes of a pump, as the person measures out. */
export function sayPoured(batch: Plan['batches'][number]): {
  readonly a: PouredPart;
  readonly b: PouredPart;
} {
  const { onScale, inCup, strokes, a, b, tintedAG } = batch;
  const { aG, bG, stepG } = onScale;
  if (inCup !== undefined) {
    const inMl = (ml: number, g: number): PouredPart => ({
      figure: sayOnScale(ml, inCup.stepMl),
      unit: 'ml',
      also: [`${sayG(g)} if weighed`],
    });
    return { a: inMl(inCup.aMl, aG), b: inMl(inCup.bMl, bG) };
  }
  if (strokes !== undefined) {
    const counted = (count: number, ml: number): PouredPart => ({
      figure: String(count),
      unit: count === 1 ? 'stroke' : 'strokes',
      also: [`${sayMl(ml)} exactly`],
    });
    return { a: counted(strokes.a, a.ml), b: counted(strokes.b, b.ml) };
  }
  const weighed = (g: number, exactG: number, ml: number): PouredPart => ({
    figure: sayOnScale(g, stepG),
    unit: 'g',
    also: [`${sayG(exactG)} exactly`, sayMl(ml)],
  });
  return { a: weighed(aG, tintedAG ?? a.g, a.ml), b: weighed(bG, b.g, b.ml) };
}

/** What the scale should read after each part, in the order that they go in. */
export function sayReadings({ mixing, resin }: Plan, batch: Plan['batches'][number]): string {
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
export function sayMeasuring(batch: Plan['batches'][number]): readonly string[] {
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
export function sayLayer(plan: Plan, layer: number): string {
  const { fromMm, toMm } = plan.layers[layer] ?? {};
  if (plan.layers.length < 2 || fromMm === undefined || toMm === undefined) return '';
  return `Layer ${layer + 1}, ${sayMm(fromMm)} to ${sayMm(toMm)}`;
}

/** The mixing sheet as plain text, for a message, a note or a label. */
export function sheetText(plan: Plan): string {
  const ratios = sayRatios(plan.resin.ratio).join(', ');
  const parts = plan.parts.map(
    (part) =>
      `- ${part.name ?? shapeNames[part.shape]}${part.count > 1 ? ` × ${part.count}` : ''}: ${sayMl(part.ml)}`,
  );
  const batches = batchGroups(plan).flatMap((group) => {
    const { count, batch } = group;
    const poured = sayPoured(batch);
    const say = ({ figure, unit, also }: PouredPart): string =>
      `${figure} ${unit} (${also.at(-1) ?? ''})`;
    const title = [sayBatchFor(plan, group), `${count} ${count === 1 ? 'batch' : 'equal batches'}`]
      .filter((text) => text !== '')
      .join(': ');
    return [
      `${title} of ${sayMl(batch.ml)}`,
      ...(plan.resin.ratio === undefined
        ? [`  ${poured.a.figure} ${poured.a.unit}`]
        : [`  A ${say(poured.a)}`, `  B ${say(poured.b)}`]),
      `  ${sayReadings(plan, batch)}`,
      ...[...sayPigments(batch.pigments, plan.resin.pigmentInto), ...sayMeasuring(batch)].map(
        (line) => `  ${line}`,
      ),
    ];
  });
  return [
    plan.name,
    `${sayResin(plan)}, ${ratios}`,
    `Room ${sayC(plan.roomTemperatureC)}`,
    '',
    `Cavities ${sayMl(plan.cavityMl)}`,
    ...parts,
    '',
    `To mix ${sayMl(plan.totalMl)}, ${sayG(plan.totalG)}`,
    ...(plan.resin.ratio === undefined
      ? []
      : [
          `  A ${sayMl(plan.a.ml)}, ${sayG(plan.a.g)}`,
          `  B ${sayMl(plan.b.ml)}, ${sayG(plan.b.g)}`,
        ]),
    ...(plan.tint === undefined
      ? []
      : [`${sayTint(plan.tint).name}: ${sayTint(plan.tint).amount}. ${sayTint(plan.tint).then}.`]),
    '',
    ...batches,
    ...(plan.warnings.length > 0
      ? ['', ...plan.warnings.map((each) => `! ${sayWarning(each)}`)]
      : []),
    '',
    'Estimates. The label and the safety data sheet of the resin decide.',
  ].join('\n');
}
