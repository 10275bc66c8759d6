import {
  BLIND_LIMITS,
  LINED_STARTS,
  SEALS,
  TARGETS,
  WEIGHTS,
  type LinedStart,
} from '@hollow-moon/core';
import { z } from 'zod';
import { inCelsius, refusal, within } from './limits';

/** How the empty shell is baked, or not; and how long it is to stay crisp. */
export const shellBakeSchema = z.object({
  /** Filled raw: nothing else here is done then. */
  raw: z.boolean(),
  weights: z.enum(WEIGHTS),
  docked: z.boolean(),
  start: z.enum(Object.keys(LINED_STARTS) as [LinedStart, ...LinedStart[]]),
  restMin: within('rest', { least: 0, most: 2880 }),
  stages: z
    .array(
      z.object({
        minutes: within('stage-minutes', BLIND_LIMITS.minutes),
        setC: within('oven-setting', BLIND_LIMITS.setC, inCelsius),
        weighted: z.boolean(),
        outOfRing: z.boolean(),
      }),
    )
    .min(BLIND_LIMITS.stages.least, refusal('blind.stages', BLIND_LIMITS.stages))
    .max(BLIND_LIMITS.stages.most, refusal('blind.stages', BLIND_LIMITS.stages)),
  target: z.enum(TARGETS),
  seal: z.enum(SEALS),
  keptC: within('kept', { least: 0, most: 40 }, inCelsius),
});
export type ShellBake = z.infer<typeof shellBakeSchema>;

/** Weights for 20 min and bare for 15: common practice for a large sweet shell. */
export const PLAIN_SHELL_BAKE: ShellBake = {
  raw: false,
  weights: 'ceramic',
  docked: false,
  start: 'chilled',
  restMin: 20,
  stages: [
    { minutes: 20, setC: 190, weighted: true, outOfRing: false },
    { minutes: 15, setC: 190, weighted: false, outOfRing: false },
  ],
  target: 'golden',
  seal: 'none',
  keptC: 20,
};
