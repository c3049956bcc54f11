import type { ProblemData } from '../problem';
import { impliedDensityRatio, isPossible, possibleDensityRatio } from './readDensities';
import type { ReadResin } from './readResin';
import type { Resin } from './resinSchema';

/** Something on a card that contradicts itself or was assumed. */
export interface CardDoubt {
  readonly code:
    | 'ratios-impossible'
    | 'ratios-against-densities'
    | 'density-assumed'
    | 'depths-crossed'
    | 'recoat-crossed'
    | 'times-crossed';
  readonly severity: 'tell' | 'warn';
  readonly data: ProblemData;
}

/** Two sources of one density may differ by this share: labels are rounded. */
const roundedShare = 0.05;

/**
 * What a person should be asked about a card.
 * @param card with one hardener, as `readResin` took it
 */
export function doubtsOfCard(card: Resin, read: ReadResin): readonly CardDoubt[] {
  const doubts: CardDoubt[] = [];
  const warn = (code: CardDoubt['code'], data: ProblemData): void =>
    void doubts.push({ code, severity: 'warn', data: { ...data, name: card.name } });
  const implied = impliedDensityRatio(card);
  if (implied !== undefined && !isPossible(implied)) {
    warn('ratios-impossible', { densityRatio: implied, ...possibleDensityRatio });
  } else if (implied !== undefined) {
    const typed = read.densityBGPerMl / read.densityAGPerMl;
    if (Math.abs(typed / implied - 1) > roundedShare) {
      warn('ratios-against-densities', { densityRatio: implied, typedRatio: typed });
    }
  }
  const { leastDepthMm, greatestDepthMm, times } = read;
  if (leastDepthMm !== undefined && greatestDepthMm !== undefined && leastDepthMm > greatestDepthMm)
    warn('depths-crossed', { leastDepthMm, greatestDepthMm });
  const { recoatFrom, recoatTo, tackFree, demould, fullCure } = times;
  if (recoatFrom && recoatTo && recoatTo.timeMin < recoatFrom.timeMin) {
    warn('recoat-crossed', { fromMin: recoatFrom.timeMin, toMin: recoatTo.timeMin });
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
  if (crossed > 0) {
    warn('times-crossed', {
      earlierMin: rising[crossed - 1]?.timeMin,
      laterMin: rising[crossed]?.timeMin,
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
        name: card.name,
        densityAGPerMl: read.densityAGPerMl,
        densityBGPerMl: read.densityBGPerMl,
        onePart: read.ratio === undefined,
      },
    });
  }
  return doubts;
}
