import { InputError } from '../../core/problem';

/** Longer side of a photo to trace on, px: a pixel of a half-metre piece is then a third of a millimetre. */
export const tracedPhotoPx = 1600;
/** Longer side of a photo that only shows what something is, px. */
export const cardPhotoPx = 640;
const quality = 0.82;
/** A picture of anything has more than a line of points. */
const leastPx = 16;
const mostToOne = 30;

/** A photo made small enough to keep. */
export interface ReducedPhoto {
  readonly picture: string;
  readonly widthPx: number;
  readonly heightPx: number;
}

/**
 * Reduces a photo to what tracing needs; the camera's own notes, such as where it was taken, are left behind.
 * @param longestPx what its longer side is brought down to
 * Rejects with InputError `picture-not-read` where the file is no picture that the browser reads, `picture-too-narrow`.
 */
export async function reducePhoto(file: Blob, longestPx: number): Promise<ReducedPhoto> {
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' }).catch(() => {
    throw new InputError('picture-not-read', undefined);
  });
  const { width: widthPx, height: heightPx } = bitmap;
  const longer = Math.max(widthPx, heightPx);
  const shorter = Math.min(widthPx, heightPx);
  if (shorter < leastPx || longer / shorter > mostToOne) {
    bitmap.close();
    throw new InputError('picture-too-narrow', undefined, { widthPx, heightPx });
  }
  const scale = Math.min(1, longestPx / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(bitmap.width * scale);
  canvas.height = Math.round(bitmap.height * scale);
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  return {
    picture: canvas.toDataURL('image/jpeg', quality),
    widthPx: canvas.width,
    heightPx: canvas.height,
  };
}
