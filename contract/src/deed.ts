import { OVEN_LIMITS_C, TROUBLES, type Deed, type ForecastPlan } from '@hollow-moon/core';
import { z } from 'zod';
import { inCelsius, inSeconds, MOST_VESSELS, oneOf, wholeWithin, within } from './limits';
import { idSchema } from './wire';

/** A bake lasts hours, not days: what is noted after this is a slip. */
const LONGEST_S = 24 * 3600;

/** When something was noted of a bake, s since it began. */
export const bakeSeconds = within('time', { least: 0, most: LONGEST_S }, inSeconds);

/** Which of several vessels, counted from 1 on; none where it is of all alike, or nobody said. */
export const vesselNoSchema = wholeWithin('vessels', { least: 1, most: MOST_VESSELS }).optional();

const done = { id: idSchema, atS: bakeSeconds };

/** The place of a step in the plan that was made with it. */
const step = z.int().min(0).max(20).optional();

const dial = within('temperature', OVEN_LIMITS_C, inCelsius);

/** What a door stands open for at the most, s. */
export const LONGEST_DOOR_S = 600;

/**
 * What was done to a bake on its way, or happened to it: added by itself, as a reading is. What goes with a trouble to help
 * it is a deed of its own.
 */
export const deedSchema = z.discriminatedUnion('kind', [
  z.strictObject({ ...done, kind: z.literal('oven'), celsius: dial, step }),
  z.strictObject({ ...done, kind: z.literal('oven-off'), door: z.enum(['shut', 'ajar']), step }),
  z.strictObject({
    ...done,
    kind: z.literal('door'),
    forS: within('time', { least: 1, most: LONGEST_DOOR_S }, inSeconds),
  }),
  z.strictObject({ ...done, kind: z.literal('turned'), vesselNo: vesselNoSchema }),
  z.strictObject({
    ...done,
    kind: z.literal('out'),
    vessels: wholeWithin('vessels', { least: 1, most: MOST_VESSELS }),
    vesselNo: vesselNoSchema,
  }),
  z.strictObject({ ...done, kind: z.literal('foil') }),
  z.strictObject({
    ...done,
    kind: z.literal('stood'),
    celsius: within('temperature', { least: 10, most: OVEN_LIMITS_C.most }, inCelsius),
  }),
  z.strictObject({ ...done, kind: z.literal('trouble'), trouble: oneOf(TROUBLES) }),
]);
export type DeedData = z.infer<typeof deedSchema>;

/**
 * What a forecast heeds of what was done: a trouble by itself changes nothing. A step that the plan does not have, in a file
 * or a book that was changed by hand, is a turn of the oven besides what was planned.
 */
export const deedsOf = (
  deeds: readonly DeedData[],
  { programme }: Pick<ForecastPlan, 'programme'>,
): Deed[] =>
  deeds.flatMap((deed): Deed[] => {
    if (deed.kind === 'trouble') return [];
    if (!('step' in deed) || deed.step === undefined) return [deed];
    return [deed.step in (programme?.steps ?? []) ? deed : { ...deed, step: undefined }];
  });
