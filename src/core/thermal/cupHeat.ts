import { bucketHeat, type BucketHeat, type BucketPlace } from './bucket';

/** A temperature that was measured in the middle of a batch, min after its parts met. */
export interface CupReading {
  readonly min: number;
  readonly c: number;
}

/** How a batch fares in its vessel, with the temperatures of its middle. */
export interface CupHeat extends BucketHeat {
  /** Min after the parts met, and °C then. */
  readonly atMin: readonly number[];
  readonly curveC: readonly number[];
}

/** What readings make of a batch: how warm it was when its parts met, and how fast it cures against the card. */
export interface CupCorrection {
  readonly resinC: number;
  /** 1 where it cures as the card's model does. */
  readonly rate: number;
}

/**
 * How far readings may pull: a thermometer in a cup that was just stirred is right to a degree, parts from a shelf are as warm as the
 * room to three, a lot cures within a third of its label. Assumed; spreads of normal distributions, the last one of a logarithm.
 */
const [readingSpreadC, startSpreadC, rateSpreadLn] = [1, 3, 0.35];

const mostSteps = 6;
/** Differences by which slopes are taken, K and of a logarithm; and when a step is no longer worth another run. */
const [slopeC, slopeLn, enough] = [0.5, 0.05, 0.01];
/** Nobody's shelf is further from the room, and no lot further from its label. */
const [mostC, mostLn] = [20, 1.5];

const limited = (value: number, most: number): number => Math.min(most, Math.max(-most, value));

const shifted = (place: BucketPlace, byC: number, byLn: number): BucketPlace => ({
  ...place,
  resinC: place.resinC + byC,
  curing: { ...place.curing, ratePerS: place.curing.ratePerS * Math.exp(byLn) },
});

/**
 * What readings say of a batch, weighed with what the model expects: the start and the rate that are likeliest together
 * (maximum a posteriori by Gauss and Newton, two unknowns).
 * @param readings at least one
 */
export function correctedCup(
  place: BucketPlace,
  volumeMl: number,
  readings: readonly CupReading[],
): CupCorrection {
  const atS = readings.map(({ min }) => min * 60);
  const modelC = (byC: number, byLn: number): readonly number[] =>
    bucketHeat(shifted(place, byC, byLn), volumeMl, atS).readC;
  let [byC, byLn] = [0, 0];
  for (let step = 0; step < mostSteps; step += 1) {
    const here = modelC(byC, byLn);
    const warmer = modelC(byC + slopeC, byLn);
    const faster = modelC(byC, byLn + slopeLn);
    let [cc, cl, ll, c, l] = [1 / startSpreadC ** 2, 0, 1 / rateSpreadLn ** 2, 0, 0];
    c -= byC / startSpreadC ** 2;
    l -= byLn / rateSpreadLn ** 2;
    readings.forEach(({ c: measured }, at) => {
      const [perC, perLn] = [
        (warmer[at]! - here[at]!) / slopeC,
        (faster[at]! - here[at]!) / slopeLn,
      ];
      const off = measured - here[at]!;
      const weight = 1 / readingSpreadC ** 2;
      cc += perC * perC * weight;
      cl += perC * perLn * weight;
      ll += perLn * perLn * weight;
      c += perC * off * weight;
      l += perLn * off * weight;
    });
    const determinant = cc * ll - cl * cl;
    const [addC, addLn] = [(c * ll - l * cl) / determinant, (l * cc - c * cl) / determinant];
    byC = limited(byC + limited(addC, 5), mostC);
    byLn = limited(byLn + limited(addLn, 0.5), mostLn);
    if (Math.abs(addC) < enough * 10 && Math.abs(addLn) < enough) break;
  }
  return { resinC: place.resinC + byC, rate: Math.exp(byLn) };
}

/** Points of a curve: close together at the beginning, when somebody looks. */
const curvePoints = 48;

/** How a batch fares in its vessel with what was measured of it, and the curve of its middle. */
export function cupHeat(
  place: BucketPlace,
  volumeMl: number,
  readings: readonly CupReading[],
): CupHeat & { readonly correction: CupCorrection | undefined } {
  const correction = readings.length === 0 ? undefined : correctedCup(place, volumeMl, readings);
  const here =
    correction === undefined
      ? place
      : shifted(place, correction.resinC - place.resinC, Math.log(correction.rate));
  const heat = bucketHeat(here, volumeMl);
  const untilMin = Math.max(
    10,
    (heat.hotMin ?? heat.pourableMin ?? 120) * 1.05,
    ...readings.map(({ min }) => min),
  );
  const atMin = Array.from({ length: curvePoints }, (_, at) => (untilMin * at) / (curvePoints - 1));
  const { readC } = bucketHeat(
    here,
    volumeMl,
    atMin.map((min) => min * 60),
  );
  return { ...heat, atMin, curveC: readC, correction };
}
