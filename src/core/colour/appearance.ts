/**
 * What a transparent tint looks like at another depth or dose: approximate, as a screen is.
 * Beer and Lambert for each of red, green and blue: T = T₀^(d c / d₀ c₀), on linear light.
 * @param swatch the colour in the test cup on white, `#rrggbb`
 * @param times dose × depth over that of the test cup
 * @returns `#rrggbb`
 */
export function colourAtDepth(swatch: string, times: number): string {
  const channels = [1, 3, 5].map((at) => Number.parseInt(swatch.slice(at, at + 2), 16) / 255);
  return `#${channels
    .map((value) => {
      const through = toLinear(value) ** times;
      return Math.round(fromLinear(through) * 255)
        .toString(16)
        .padStart(2, '0');
    })
    .join('')}`;
}

/** The screen's own curve between light and figures: IEC 61966-2-1. */
const toLinear = (value: number): number =>
  value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;
const fromLinear = (light: number): number =>
  light <= 0.0031308 ? light * 12.92 : 1.055 * light ** (1 / 2.4) - 0.055;
