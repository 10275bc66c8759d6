import {
  CAPACITY_LIMITS_ML,
  checkVessel,
  VESSEL_KINDS,
  VESSEL_LIMITS_MM,
  VESSEL_MATERIALS,
  type Vessel,
} from '@hollow-moon/core';
import { z } from 'zod';
import { asWidth, inMillilitres, inMillimetres, refusal, wholeWithin, within } from './limits';
import { archivedSchema, nameSchema, storedSchema } from './wire';

export const vesselDataSchema = z
  .object({
    name: nameSchema,
    kind: z.enum(VESSEL_KINDS as [Vessel['kind'], ...Vessel['kind'][]]),
    baseDiameterMm: within('base-diameter', VESSEL_LIMITS_MM.diameter, asWidth),
    topDiameterMm: within('top-diameter', VESSEL_LIMITS_MM.diameter, asWidth),
    heightMm: within('height', VESSEL_LIMITS_MM.height, inMillimetres),
    lipMm: within('lip', VESSEL_LIMITS_MM.lip, inMillimetres),
    material: z.enum(VESSEL_MATERIALS as [Vessel['material'], ...Vessel['material'][]]),
    breadthMm: within('breadth', VESSEL_LIMITS_MM.diameter, asWidth).optional(),
    tubeMm: within('tube', VESSEL_LIMITS_MM.tube, asWidth).optional(),
    capacityMl: within('capacity', CAPACITY_LIMITS_ML, inMillilitres).optional(),
    looseBase: z.boolean().optional(),
    /** How many the kitchen owns. */
    owned: wholeWithin('owned', { least: 1, most: 500 }),
    archived: archivedSchema,
  })
  .superRefine((vessel, context) => {
    for (const { code, values, path = '' } of checkVessel(vessel)) {
      // A measure that is there has been looked at above; one that is missing has not.
      if (code === 'vessel.measure' && vessel[path as keyof Vessel] !== undefined) continue;
      context.addIssue({ code: 'custom', message: refusal(code, values), path: [path] });
    }
  }) satisfies z.ZodType<Vessel>;
export type VesselData = z.infer<typeof vesselDataSchema>;

export const vesselSchema = storedSchema.extend({ data: vesselDataSchema });
export type StoredVessel = z.infer<typeof vesselSchema>;
