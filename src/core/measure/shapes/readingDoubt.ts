import { InputError } from '../../problem';
import { rootSumSquare, type Doubt } from '../doubt';

/** How far the volume moves when one length is read half a step longer or shorter, ml. */
function moveMl(
  values: Readonly<Record<string, number>>,
  key: string,
  halfStepMm: number,
  volumeMl: (values: Readonly<Record<string, number>>) => number,
): number {
  const read = (byMm: number): number | undefined => {
    try {
      const next = (values[key] ?? 0) + byMm;
      return next <= 0 ? undefined : volumeMl({ ...values, [key]: next });
    } catch (error) {
      // Read this much longer, the figures would not make the shape any more: that side is no doubt.
      if (error instanceof InputError) return undefined;
      throw error;
    }
  };
  const longer = read(halfStepMm);
  const shorter = read(-halfStepMm);
  if (longer !== undefined && shorter !== undefined) return Math.abs(longer - shorter) / 2;
  const here = volumeMl(values);
  const moved = longer ?? shorter;
  return moved === undefined ? 0 : Math.abs(moved - here);
}

/**
 * The doubt of a volume that comes from lengths read off a tape: each may be off by half a step, by itself.
 * ± = √Σ(∂V/∂x · half a step)², the derivatives taken as differences over that half step.
 * @param values figures by field, lengths in mm
 * @param lengths the fields among them that were read off the tape
 * @param stepMm what the tape is read to
 */
export function readingDoubt(
  values: Readonly<Record<string, number>>,
  lengths: readonly string[],
  stepMm: number,
  volumeMl: (values: Readonly<Record<string, number>>) => number,
): Doubt {
  const moves = lengths.map((key) => ({ key, ml: moveMl(values, key, stepMm / 2, volumeMl) }));
  const most = moves.reduce((a, b) => (b.ml > a.ml ? b : a), { key: '', ml: 0 });
  return {
    plusMinusMl: rootSumSquare(moves.map(({ ml }) => ml)),
    errs: 'either',
    rule: 'reading',
    data: { stepMm, most: most.key },
  };
}
