import { InputError } from '../../core/problem';

/** Longer side of a photo to trace on, px: a pixel of a half-metre piece is then a third of a millimetre. */
export const tracedPhotoPx = 1600;
/** Longer side of a photo of a piece, px: a bubble of a millimetre is seen in it. */
export const piecePhotoPx = 1280;
/** Longer side of a photo that only shows what something is, px. */
export const cardPhotoPx = 640;
const quality = 0.82;
/** Of a file; a camera's are a tenth of it. Larger ones may take the page down while they are unpacked. */
const mostMb = 64;
/** A picture of anything has more than a line of points. */
const leastPx = 16;
const mostToOne = 30;

/** What a picture takes of the storage: three bytes are four letters in a data address. */
export const bytesOfPicture = (picture: string): number =>
  Math.floor(((picture.length - picture.indexOf(',') - 1) * 3) / 4);

/** A photo made small enough to keep. */
export interface ReducedPhoto {
  readonly picture: string;
  readonly widthPx: number;
  readonly heightPx: number;
}

/**
 * Reduces a photo to what tracing needs; the camera's own notes, such as where it was taken, are left behind.
 * @param longestPx what its longer side is brought down to
 * Rejects with InputError `picture-not-read` where the file is no picture that the browser reads, `picture-too-narrow`, `picture-too-large`.
 */
export async function reducePhoto(file: Blob, longestPx: number): Promise<ReducedPhoto> {
  if (file.size > mostMb * 1e6) throw new InputError('picture-too-large', undefined, { mostMb });
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
