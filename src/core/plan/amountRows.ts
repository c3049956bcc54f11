import { roundToStep } from '../quantity/round';
import type { Plan } from './planTypes';

/** A batch as a row of a table; figures with their units in their names, those of one batch of `count` equal ones. */
export interface AmountRow {
  readonly pour: string;
  readonly resin: string;
  readonly hardener: string | undefined;
  readonly batch: string;
  readonly count: number;
  readonly mixedMl: number;
  readonly aG: number;
  readonly bG: number;
  readonly aMl: number;
  readonly bMl: number;
  readonly scaleAG: number;
  readonly scaleBG: number;
  readonly pigments: string | undefined;
}

const rounded = (value: number): number => roundToStep(value, 0.01);

/** What is mixed for a job, a row a batch, in the order in which they are poured. */
export const amountRows = ({ pours }: Plan): readonly AmountRow[] =>
  pours.flatMap((pour) =>
    pour.batches.map(({ id, count, ml, a, b, onScale, pigments }) => ({
      pour: pour.name ?? pour.role,
      resin: pour.resin.name,
      hardener: pour.resin.hardener,
      batch: id,
      count,
      mixedMl: rounded(ml),
      aG: rounded(a.g),
      bG: rounded(b.g),
      aMl: rounded(a.ml),
      bMl: rounded(b.ml),
      scaleAG: onScale.aG,
      scaleBG: onScale.bG,
      pigments:
        pigments.length === 0
          ? undefined
          : pigments.map(({ name, g }) => `${name} ${rounded(g)} g`).join(', '),
    })),
  );
