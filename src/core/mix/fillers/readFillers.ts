import { isOver } from '../../quantity/tolerance';
import { InputError } from '../../problem';
import { within } from '../../measure/within';
import { readQuantity } from '../../quantity/readQuantity';
import {
  bodyDensityRule,
  bulkDensityRule,
  doseRule,
  massRule,
  volumeRule,
} from '../../quantity/rules';
import { fillerKindOf, type FillerKindName } from './fillerKinds';
import type { Filler } from './fillersSchema';

/** A filler in a mix. */
export interface MixedFiller {
  readonly name: string;
  readonly kind: FillerKindName;
  /** Of the mixed volume. */
  readonly share: number;
  readonly grainGPerMl: number;
  readonly bulkGPerMl: number;
  /** Nobody said the density of its grain, or of its heap. */
  readonly assumed: boolean;
  /** The most of the mixed volume that it can be: what a loose heap of it packs. */
  readonly mostShare: number;
}

interface ReadFiller extends Omit<MixedFiller, 'share'> {
  /** The amount as it was said: so much of the mix, or so much for each millilitre of resin. */
  readonly ofMix: number;
  readonly perResinMl: number;
}

function readFiller(filler: Filler, mixedMl: number): ReadFiller {
  const usual = fillerKindOf(filler.kind);
  const grainGPerMl =
    filler.grainDensity === undefined
      ? usual.grainGPerMl
      : readQuantity(filler.grainDensity, bodyDensityRule).value;
  const bulkGPerMl =
    filler.bulkDensity === undefined
      ? usual.bulkGPerMl
      : readQuantity(filler.bulkDensity, bulkDensityRule).value;
  const mostShare = bulkGPerMl / grainGPerMl;
  if (!(mostShare < 1)) {
    throw new InputError(
      'heap-denser-than-grain',
      filler.bulkDensity,
      { grainGPerMl, bulkGPerMl },
      'bulkDensity',
    );
  }
  const common = {
    name: filler.name?.trim() || usual.name,
    kind: filler.kind,
    grainGPerMl,
    bulkGPerMl,
    assumed: filler.grainDensity === undefined,
    mostShare,
  };
  const ofMass = (g: number) => ({ ...common, ofMix: g / grainGPerMl / mixedMl, perResinMl: 0 });
  if (filler.mass !== undefined) return ofMass(readQuantity(filler.mass, massRule).value);
  if (filler.share !== undefined) {
    return { ...common, ofMix: readQuantity(filler.share, doseRule).value, perResinMl: 0 };
  }
  if (filler.volume !== undefined) {
    return ofMass(readQuantity(filler.volume, volumeRule).value * bulkGPerMl);
  }
  if (filler.perResin !== undefined) {
    return { ...common, ofMix: 0, perResinMl: filler.perResin * mostShare };
  }
  const beforeG = readQuantity(filler.potBefore ?? '', massRule).value;
  const afterG = readQuantity(filler.potAfter ?? '', massRule).value;
  if (afterG >= beforeG)
    throw new InputError('pot-not-lighter', filler.potAfter, { beforeG }, 'potAfter');
  return ofMass(beforeG - afterG);
}

/**
 * What the fillers of a pour or a portion take of its volume. Said by mass, share or heap it is that much of the mix; said
 * against the resin, V_resin = (V − Σ said of the mix) / (1 + Σ perResin · bulk / grain).
 * @param mixedMl of the pour or portion, resin and fillers together
 * @param place path of the list, for errors
 * @throws InputError `filler-over-heap` with the most that goes, `pot-not-lighter`, `heap-denser-than-grain`
 */
export function readFillers(
  fillers: readonly Filler[],
  mixedMl: number,
  place: string,
): readonly MixedFiller[] {
  const read = fillers.map((filler, index) =>
    within(`${place}[${index}]`, () => readFiller(filler, mixedMl)),
  );
  const ofMix = read.reduce((sum, each) => sum + each.ofMix, 0);
  const perResin = read.reduce((sum, each) => sum + each.perResinMl, 0);
  const resinShare = (1 - ofMix) / (1 + perResin);
  const mixed = read.map(({ ofMix: own, perResinMl, ...filler }): MixedFiller => ({
    ...filler,
    share: own + perResinMl * resinShare,
  }));
  refuseOverHeap(mixed, mixedMl, place);
  return mixed;
}

/**
 * Grains touch when a heap of them fills the mix: then no more goes in, and resin fills only the voids.
 * @throws InputError `filler-over-heap` with the most that goes
 */
export function refuseOverHeap(
  mixed: readonly MixedFiller[],
  mixedMl: number,
  place: string,
): void {
  let left = 1;
  mixed.forEach(({ share, mostShare, grainGPerMl, name }, index) => {
    const most = mostShare * left;
    if (!(share >= 0) || isOver(share, most)) {
      throw new InputError(
        'filler-over-heap',
        share,
        {
          name,
          share,
          mostShare: most,
          mostG: most * mixedMl * grainGPerMl,
          others: mixed.length - 1,
        },
        `${place}[${index}]`,
      );
    }
    left -= share / mostShare;
  });
}

/** What is left of the mixed volume for resin. */
export const resinShareOf = (fillers: readonly MixedFiller[]): number =>
  1 - fillers.reduce((sum, { share }) => sum + share, 0);
