/**
 * e^x for the inner loops, to 3e-13 of its value between −700 and 700, in less than half the time of Math.exp, which is a call
 * out of the compiled loop. x = (256 n + j) ln2/256 + r, so e^x = 2ⁿ · 2^(j/256) · e^r, with four terms of the
 * series for e^r: |r| < 0.0014.
 */
const parts = 256;
const perPart = parts / Math.LN2;
const part = Math.LN2 / parts;
/** 2^(j/256). */
const fractions = Float64Array.from({ length: parts }, (_, at) => 2 ** (at / parts));
/** 2ⁿ for n from −1022 to 1023. */
const least = 1022;
const powers = Float64Array.from({ length: 2046 }, (_, at) => 2 ** (at - least));

/** @param x from −700 to 700; further out the ends are returned: 0 and the greatest power. */
export function quickExp(x: number): number {
  if (x < -700) return 0;
  const within = x > 700 ? 700 : x;
  const whole = Math.floor(within * perPart + 0.5) | 0;
  const r = within - whole * part;
  return (
    powers[(whole >> 8) + least]! *
    fractions[whole & 255]! *
    (1 + r + r * r * (1 / 2 + r * (1 / 6)))
  );
}
