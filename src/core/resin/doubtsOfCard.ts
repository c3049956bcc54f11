import type { CardCodes } from '../codes/cardCodes';
import type { Coded, Severity } from '../codes/coded';
import { impliedDensityRatio, isPossible, possibleDensityRatio } from './readDensities';
import type { ReadResin } from './readResin';
import type { Resin } from './resinSchema';

/** Something on a card that contradicts itself or was assumed. */
export type CardDoubt = Coded<CardCodes> & { readonly severity: Severity };

/** Two sources of one density may differ by this share: labels are rounded. */
const roundedShare = 0.05;

/**
 * What a person should be asked about a card.
 * @param card with one hardener, as `readResin` took it
 */
export function doubtsOfCard(card: Resin, read: ReadResin): readonly CardDoubt[] {
  const doubts: CardDoubt[] = [];
  const { name } = card;
  const warn = (doubt: Coded<CardCodes>): void => void doubts.push({ ...doubt, severity: 'warn' });
  const implied = impliedDensityRatio(card);
  if (implied !== undefined && !isPossible(implied)) {
    warn({
      code: 'ratios-impossible',
      data: { densityRatio: implied, ...possibleDensityRatio, name },
    });
  } else if (implied !== undefined) {
    const typed = read.densityBGPerMl / read.densityAGPerMl;
    if (Math.abs(typed / implied - 1) > roundedShare) {
      warn({
        code: 'ratios-against-densities',
        data: { densityRatio: implied, typedRatio: typed, name },
      });
    }
  }
  const { leastDepthMm, greatestDepthMm, times } = read;
  if (leastDepthMm !== undefined && greatestDepthMm !== undefined && leastDepthMm > greatestDepthMm)
    warn({ code: 'depths-crossed', data: { leastDepthMm, greatestDepthMm, name } });
  const { recoatFrom, recoatTo, tackFree, demould, fullCure } = times;
  if (recoatFrom && recoatTo && recoatTo.timeMin < recoatFrom.timeMin) {
    warn({
      code: 'recoat-crossed',
      data: { fromMin: recoatFrom.timeMin, toMin: recoatTo.timeMin, name },
    });
  }
  const rising = [read.potLife, tackFree, demould, fullCure].filter((each) => each !== undefined);
  const crossed = rising.findIndex((each, index) => {
    const before = rising[index - 1];
    // Times at different temperatures cannot be held against each other.
    return (
      before !== undefined &&
      before.temperatureC === each.temperatureC &&
      before.timeMin > each.timeMin
    );
  });
  const [earlier, later] = [rising[crossed - 1], rising[crossed]];
  if (earlier !== undefined && later !== undefined) {
    warn({
      code: 'times-crossed',
      data: { earlierMin: earlier.timeMin, laterMin: later.timeMin, name },
    });
  }
  const { a, b } = read.densityFrom;
  const assumed = a !== 'card' || (read.ratio !== undefined && b !== 'card');
  // By weight alone nothing that is weighed rests on a density; volumes do, and they say so too.
  if (assumed) {
    doubts.push({
      code: 'density-assumed',
      severity: 'tell',
      data: {
        name,
        densityAGPerMl: read.densityAGPerMl,
        densityBGPerMl: read.densityBGPerMl,
        onePart: read.ratio === undefined,
      },
    });
  }
  return doubts;
}
