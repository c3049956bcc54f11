import { InputError } from '../../core/problem';

/** Longer side of a picture in which a code is looked for, px: a fine code still has three of them to a square. */
const longestPx = 1400;
const mostMb = 64;

/** The points of something that a browser can draw, no larger than is needed to find a code in it. */
export function pixelsOf(
  source: CanvasImageSource,
  width: number,
  height: number,
  most = longestPx,
): ImageData {
  const scale = Math.min(1, most / Math.max(width, height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(width * scale));
  canvas.height = Math.max(1, Math.round(height * scale));
  const context = canvas.getContext('2d', { willReadFrequently: true })!;
  // What is seen through is paper.
  context.fillStyle = '#ffffff';
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.drawImage(source, 0, 0, canvas.width, canvas.height);
  return context.getImageData(0, 0, canvas.width, canvas.height);
}

/** The points of a picture in a file. Rejects with InputError `picture-too-large`, `picture-not-read`. */
export async function pixelsOfFile(file: Blob): Promise<ImageData> {
  if (file.size > mostMb * 1e6) throw new InputError('picture-too-large', undefined, { mostMb });
  const bitmap = await createImageBitmap(file).catch(() => {
    throw new InputError('picture-not-read', undefined);
  });
  try {
    return pixelsOf(bitmap, bitmap.width, bitmap.height);
  } finally {
    bitmap.close();
  }
}
