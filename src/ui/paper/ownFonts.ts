import { base64 } from '@scure/base';
import { font } from '../theme/fontNames';
import type { Measure, PaperWeight } from './page';

const weights: Readonly<Record<PaperWeight, string>> = font;

/** Where the page has the file of a face from, by the rule that brought it. */
function addressOf(family: string): string | undefined {
  for (const sheet of document.styleSheets) {
    for (const rule of sheet.cssRules) {
      if (!(rule instanceof CSSFontFaceRule)) continue;
      if (rule.style.getPropertyValue('font-family').replace(/["']/g, '') !== family) continue;
      const [, address] = /url\(["']?([^"')]+)/.exec(rule.style.getPropertyValue('src')) ?? [];
      // The file that is printed from lies beside the one that is shown.
      if (address !== undefined) return address.replace(/woff2$/, 'ttf');
    }
  }
  return undefined;
}

/** The faces of the app as base64, to go along with what leaves it. Rejects where they cannot be fetched. */
export async function ownFonts(): Promise<Readonly<Record<PaperWeight, string>>> {
  const found = await Promise.all(
    Object.entries(weights).map(async ([weight, family]) => {
      const address = addressOf(family);
      if (address === undefined) throw new Error(`${family} is not in this page`);
      const answer = await fetch(address);
      if (!answer.ok) throw new Error(`${family} could not be fetched`);
      return [weight, base64.encode(new Uint8Array(await answer.arrayBuffer()))] as const;
    }),
  );
  return Object.fromEntries(found) as Record<PaperWeight, string>;
}

/** Letters are measured at this size and told at theirs, px. */
const measuredPx = 100;

/** How wide texts are in the faces of the app, as they are shown. */
export function pageMeasure(): Measure {
  const context = document.createElement('canvas').getContext('2d')!;
  return (text, size, weight) => {
    context.font = `${measuredPx}px "${weights[weight]}"`;
    return (context.measureText(text).width * size) / measuredPx;
  };
}
