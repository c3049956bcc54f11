import type { BatchResult, PourResult } from '../core/bench/pourResult';
import type { BenchStepKind } from '../core/bench/benchSteps';
import { formatNumber } from '../core/quantity/format';
import { stepNames } from './bench';
import { sayExactG } from './figures';
import { sayRoughly } from './rough';

/** How a pour went, in a line or two. */
export function sayResultHead({ batches, offWindow, latePasses }: PourResult): readonly string[] {
  const over = batches.filter(({ overs }) => overs.length > 0).length;
  const late = batches.filter((batch) => batch.late !== undefined).length;
  const lost = batches.filter(({ isLost }) => isLost).length;
  const counted = (count: number, what: string): string =>
    count === 0
      ? `Nothing was ${what}.`
      : `${count} ${count === 1 ? 'batch was' : 'batches were'} ${what}.`;
  return [
    counted(over, 'over-poured'),
    late + offWindow.length + latePasses.length === 0
      ? 'Nothing was late.'
      : late === 0
        ? 'Some of it was not at its time.'
        : counted(late, 'late'),
    ...(lost === 0
      ? []
      : [`${lost} ${lost === 1 ? 'batch' : 'batches'} should not be in the mould.`]),
  ];
}

interface BatchResultWords {
  readonly title: string;
  readonly weights: {
    readonly a: string;
    readonly b: string | undefined;
    readonly planned: string;
  };
  readonly lines: readonly { readonly text: string; readonly stop: boolean }[];
}

const sayMaybe = (g: number | undefined): string => (g === undefined ? '–' : sayExactG(g));

/** What became of one batch. */
export function sayBatchResult(batch: BatchResult, several: boolean): BatchResultWords {
  const { layer, place, of, plannedAG, plannedBG, aG, bG, overs, late, pourableMin } = batch;
  const { ratioErrorPercent, band, stirredMin, plannedStirMin, inCupMin, skipped } = batch;
  const layerName = several ? `Layer ${layer + 1}, ` : '';
  const isOnePart = plannedBG === 0;
  return {
    title: `${layerName}${several ? 'batch' : 'Batch'} ${place} of ${of}`,
    weights: {
      a: sayMaybe(aG),
      b: isOnePart ? undefined : sayMaybe(bG),
      planned: isOnePart
        ? sayExactG(plannedAG)
        : `${sayExactG(plannedAG)} + ${sayExactG(plannedBG)}`,
    },
    lines: [
      ...overs.map(({ part, g, figureG }) => ({
        text: `${part.toUpperCase()} was ${sayExactG(g)} over ${sayExactG(figureG)}.`,
        stop: false,
      })),
      ...(band === 'fine'
        ? []
        : [
            {
              text: `In the end B was ${formatNumber(Math.abs(ratioErrorPercent), 1)} % ${ratioErrorPercent > 0 ? 'over' : 'under'}.`,
              stop: band !== 'tell',
            },
          ]),
      ...(stirredMin === undefined
        ? []
        : [
            {
              text: `Stirred ${sayRoughly(Math.max(0.1, stirredMin))} of ${sayRoughly(plannedStirMin)}.`,
              stop: stirredMin < plannedStirMin / 2,
            },
          ]),
      ...(inCupMin === undefined
        ? []
        : [
            {
              text: `${sayRoughly(Math.max(0.1, inCupMin))} in the cup${pourableMin === null ? '' : ` of ${sayRoughly(pourableMin)} pot life`}${late === undefined ? '' : late === 'pot-life' ? ': too late' : ': past its margin'}.`,
              stop: late === 'pot-life',
            },
          ]),
      ...skipped.map(({ kind, why }) => ({
        text: `Skipped: ${stepNames[kind as BenchStepKind].toLowerCase()}${why === undefined ? '' : ` (${why.toLowerCase()})`}.`,
        stop: false,
      })),
    ],
  };
}
