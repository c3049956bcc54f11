import type { ResinChoice } from '../chooseResin';

/** What is foreseen of a job poured with one resin and one hardener. */
export interface ChoicePeak {
  readonly resinId: string | undefined;
  readonly hardenerName: string;
  /** Of the hottest layer, °C. */
  readonly peakC: number;
  /** From the first pour until all of it is fully hard, min; undefined where it never is in this room. */
  readonly hardMin: number | undefined;
}

/** Choices with their peaks; days that no label tells are the model's. */
export const withPeaks = (
  choices: readonly ResinChoice[],
  peaks: readonly ChoicePeak[],
): readonly ResinChoice[] =>
  choices.map((choice) => {
    const found = peaks.find(
      ({ resinId, hardenerName }) =>
        resinId === choice.resinId && hardenerName === choice.hardenerName,
    );
    if (found === undefined || choice.layers === undefined) return choice;
    return { ...choice, peakC: found.peakC, doneMin: choice.doneMin ?? found.hardMin };
  });
