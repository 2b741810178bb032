import { findRim } from '@cobbet/core/picture/findRim';
import { measureSpread } from '@cobbet/core/picture/measureSpread';
import type { PictureSize, Rims } from '@cobbet/core/picture/picturePoint';
import { expose, transfer } from 'comlink';

/** As long as a picture's longer side gets, px: a spread of 10 cm is then measured to a third of a millimetre. */
const longestPx = 1600;
const quality = 0.85;

/** How light each pixel is, as the eye weighs the colours. */
async function lightnessOf(picture: Blob, { widthPx, heightPx }: PictureSize) {
  const bitmap = await createImageBitmap(picture);
  const context = new OffscreenCanvas(widthPx, heightPx).getContext('2d');
  if (!context) throw new Error('no canvas');
  context.drawImage(bitmap, 0, 0, widthPx, heightPx);
  const { data } = context.getImageData(0, 0, widthPx, heightPx);
  const light = new Uint8ClampedArray(widthPx * heightPx);
  for (let i = 0; i < light.length; i += 1) {
    const [red = 0, green = 0, blue = 0] = [data[4 * i], data[4 * i + 1], data[4 * i + 2]];
    light[i] = 0.299 * red + 0.587 * green + 0.114 * blue;
  }
  return { widthPx, heightPx, light };
}

const api = {
  /** A picture turned upright and made small, with nothing in it but the picture: no place, no device, no time. Null where it is none. */
  async small(file: Blob) {
    const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' }).catch(
      () => null,
    );
    if (!bitmap) return null;
    const scale = Math.min(1, longestPx / Math.max(bitmap.width, bitmap.height));
    const widthPx = Math.max(1, Math.round(bitmap.width * scale));
    const heightPx = Math.max(1, Math.round(bitmap.height * scale));
    const canvas = new OffscreenCanvas(widthPx, heightPx);
    const context = canvas.getContext('2d');
    if (!context) throw new Error('no canvas');
    // what can be seen through would turn black
    context.fillStyle = '#fff';
    context.fillRect(0, 0, widthPx, heightPx);
    context.drawImage(bitmap, 0, 0, widthPx, heightPx);
    bitmap.close();
    const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality });
    const bytes = await blob.arrayBuffer();
    return transfer({ bytes, widthPx, heightPx }, [bytes]);
  },

  /** A spread by the places that were tapped; null while they make no rims. */
  measure(size: PictureSize, rims: Rims, knownMm: number) {
    try {
      return measureSpread(size, rims, knownMm);
    } catch (error) {
      if (error instanceof RangeError) return null;
      throw error;
    }
  },

  /** A spread by the edges of both rims, found near where they were laid; null where they can't be told. */
  async find(picture: Blob, size: PictureSize, laid: Rims, knownMm: number) {
    const seen = await lightnessOf(picture, size);
    let rims = laid;
    let found = null;
    // once more from where they were found: what was out of reach may be within it now
    for (let i = 0; i < 2; i += 1) {
      const [known, spread] = [findRim(seen, rims.known), findRim(seen, rims.spread)];
      if (!known || !spread) return null;
      found = measureSpread(size, { known, spread }, knownMm, 'found');
      rims = found;
    }
    return found;
  },
};

export type PictureWorker = typeof api;

expose(api);
