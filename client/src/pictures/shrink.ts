import { PICTURE_LIMITS } from '@hollow-moon/contract';

/** A picture as it is kept: JPEG in base64. */
export interface Shrunk {
  readonly jpeg: string;
  readonly widePx: number;
  readonly highPx: number;
}

/** Tried one after another until it is small enough: the share of the longest side it may have, and the quality. */
const TRIED = [
  [1, 0.8],
  [1, 0.6],
  [0.75, 0.6],
  [0.5, 0.5],
] as const;

/** The size a picture is drawn at, with its longer side no longer than `mostPx`. */
export function sizeWithin(
  widePx: number,
  highPx: number,
  mostPx: number,
): { readonly widePx: number; readonly highPx: number } {
  const scale = Math.min(1, mostPx / Math.max(widePx, highPx));
  const side = (px: number) => Math.max(1, Math.round(px * scale));
  return { widePx: side(widePx), highPx: side(highPx) };
}

const base64Of = (blob: Blob): Promise<string> =>
  new Promise((resolve, reject) => {
    const reader = new FileReader();
    // What is read as the address of its data is text.
    reader.onload = () => resolve((reader.result as string).split(',')[1] ?? '');
    reader.onerror = () => reject(reader.error ?? new Error('A picture cannot be read'));
    reader.readAsDataURL(blob);
  });

/**
 * A picture of the device made small enough to keep. It is drawn anew, so that nothing goes along of where and with what it
 * was taken. `undefined` where the browser cannot read it.
 */
export async function shrunk(file: Blob): Promise<Shrunk | undefined> {
  const image = await createImageBitmap(file).catch(() => undefined);
  if (!image) return undefined;
  try {
    for (const [share, quality] of TRIED) {
      const size = sizeWithin(image.width, image.height, share * PICTURE_LIMITS.sidePx);
      const canvas = document.createElement('canvas');
      canvas.width = size.widePx;
      canvas.height = size.highPx;
      canvas.getContext('2d')!.drawImage(image, 0, 0, size.widePx, size.highPx);
      const blob = await new Promise<Blob | null>((done) =>
        canvas.toBlob(done, 'image/jpeg', quality),
      );
      if (blob && blob.size <= PICTURE_LIMITS.bytes) {
        return { jpeg: await base64Of(blob), ...size };
      }
    }
    return undefined;
  } finally {
    image.close();
  }
}
