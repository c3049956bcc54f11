import type { Page } from '@playwright/test';
import jsQR from 'jsqr';
import { expect } from './app';

/** Address of a drawing, for a picture in a page. */
export const drawingAddress = (svg: string): string =>
  `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`;

/**
 * How light a picture is, on white. It comes out of the page as one text: a list of as many figures takes seconds.
 * @param address of the picture
 * @param side of the square that it is drawn into, px
 * @returns row by row, 0 to 255 each
 */
export async function lightOf(page: Page, address: string, side: number): Promise<Buffer> {
  const text = await page.evaluate(
    async ([source, px]) => {
      const image = new Image();
      image.src = source;
      await image.decode();
      const canvas = document.createElement('canvas');
      canvas.width = canvas.height = px;
      const context = canvas.getContext('2d')!;
      context.fillStyle = '#ffffff';
      context.fillRect(0, 0, px, px);
      context.drawImage(image, 0, 0, px, (px * image.height) / image.width);
      const { data } = context.getImageData(0, 0, px, px);
      let light = '';
      for (let at = 0; at < data.length; at += 4) light += String.fromCharCode(data[at]!);
      return btoa(light);
    },
    [address, side] as const,
  );
  return Buffer.from(text, 'base64');
}

/** What the code in a picture says, as a camera reads it. */
export async function codeIn(page: Page, address: string): Promise<string> {
  const side = 480;
  const light = await lightOf(page, address, side);
  const pixels = new Uint8ClampedArray(4 * light.length).fill(255);
  light.forEach((grey, at) => pixels.fill(grey, 4 * at, 4 * at + 3));
  const code = jsQR(pixels, side, side);
  expect(code, 'a code in the picture').not.toBeNull();
  return code!.data;
}
