import { z } from 'zod';
import { refusal, wholeWithin } from './limits';
import { idSchema, momentSchema } from './wire';

/** Pictures of a bake: how many, how large each at the most, bytes, and how long its longer side is made, px. */
export const PICTURE_LIMITS = { most: 6, bytes: 220_000, sidePx: 1280 } as const;

/** Three bytes are four signs. Source: RFC 4648, section 4. */
const MOST_SIGNS = Math.ceil(PICTURE_LIMITS.bytes / 3) * 4;

/** Every JPEG begins with the bytes FF D8 FF. Source: ITU-T T.81, annex B. */
const JPEG_BEGINS = '/9j/';

const sidePx = wholeWithin('picture-side', { least: 1, most: 4096 });

/** A picture of what came out of the oven, as it is listed. */
export const shownPictureSchema = z.strictObject({
  id: idSchema,
  at: momentSchema,
  widePx: sidePx,
  highPx: sidePx,
});
export type ShownPicture = z.infer<typeof shownPictureSchema>;

/** A picture with all of it: JPEG in base64, so that it waits in the queue and is sent as every other note is. */
export const pictureSchema = shownPictureSchema.extend({
  jpeg: z
    .string()
    .max(MOST_SIGNS, refusal('picture.too-large'))
    .regex(/^[A-Za-z0-9+/]+={0,2}$/, refusal('picture.no-jpeg'))
    .startsWith(JPEG_BEGINS, refusal('picture.no-jpeg')),
});
export type PictureData = z.infer<typeof pictureSchema>;
