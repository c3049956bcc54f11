import { dark, light, type Colours } from './tokens';

/** Relative luminance of a colour written #rrggbb, as WCAG 2 defines it. */
function luminance(hex: string): number {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => {
    const part = parseInt(hex.slice(at, at + 2), 16) / 255;
    return part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

function contrast(one: string, other: string): number {
  const [brighter = 0, darker = 0] = [luminance(one), luminance(other)].sort((a, b) => b - a);
  return (brighter + 0.05) / (darker + 0.05);
}

const grounds = ['paper', 'sheet'] as const satisfies (keyof Colours)[];
const inks = ['ink', 'inkSoft', 'partA', 'partB', 'stop'] as const satisfies (keyof Colours)[];
const parts = ['edge', 'resinDeep', 'wall'] as const satisfies (keyof Colours)[];

describe.each([
  ['light', light],
  ['dark', dark],
])('%s', (_, colours) => {
  test.each(grounds.flatMap((ground) => inks.map((ink) => [ink, ground] as const)))(
    '%s on %s can be read',
    (ink, ground) => {
      expect(contrast(colours[ink], colours[ground])).toBeGreaterThanOrEqual(4.5);
    },
  );
  test.each(grounds.flatMap((ground) => parts.map((part) => [part, ground] as const)))(
    '%s on %s can be told apart',
    (part, ground) => {
      expect(contrast(colours[part], colours[ground])).toBeGreaterThanOrEqual(3);
    },
  );
  test('words on the main action and on a warning', () => {
    expect(contrast(colours.onAction, colours.action)).toBeGreaterThanOrEqual(4.5);
    expect(contrast(colours.ink, colours.warnSheet)).toBeGreaterThanOrEqual(4.5);
  });
});
