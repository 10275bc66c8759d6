import { z } from 'zod';
import { momentSchema } from './wire';

/**
 * What a device says over its stream (docs/devices.md): first what it is, then a reading at a time. A device that speaks
 * another way is read through an adapter that says the same.
 */
export const deviceSchema = z.object({
  protocol: z.literal('hollow-moon/device'),
  version: z.literal(1),
  name: z.string().max(120),
  channels: z
    .array(z.object({ id: z.string().min(1).max(60), name: z.string().max(120) }))
    .min(1)
    .max(16),
});
export type Device = z.infer<typeof deviceSchema>;

/** One reading of a channel. Its time is the device's own: what is noted of it has the time of whoever reads. */
export const deviceReadingSchema = z.object({
  channel: z.string().min(1).max(60),
  at: momentSchema,
  celsius: z.number().min(-60).max(500),
});
export type DeviceReading = z.infer<typeof deviceReadingSchema>;
