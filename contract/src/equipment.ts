import {
  CAPACITY_LIMITS_ML,
  checkVessel,
  OVEN_KINDS,
  VESSEL_KINDS,
  VESSEL_LIMITS_MM,
  VESSEL_MATERIALS,
  type Oven,
  type Vessel,
} from '@hollow-moon/core';
import { z } from 'zod';
import { finite, nameSchema, storedSchema } from './wire';

const measure = (what: string, { least, most }: { least: number; most: number }) =>
  finite(`Enter the ${what}.`)
    .min(least, `The ${what} must be at least ${least / 10} cm.`)
    .max(most, `The ${what} must be at most ${most / 10} cm.`);

/** Put away: nothing new is made with it, what was made with it goes on. */
const archived = z.boolean().default(false);

export const vesselDataSchema = z
  .object({
    name: nameSchema,
    kind: z.enum(VESSEL_KINDS as [Vessel['kind'], ...Vessel['kind'][]]),
    baseDiameterMm: measure('base diameter', VESSEL_LIMITS_MM.diameter),
    topDiameterMm: measure('top diameter', VESSEL_LIMITS_MM.diameter),
    heightMm: measure('height', VESSEL_LIMITS_MM.height),
    lipMm: measure('rim', VESSEL_LIMITS_MM.lip),
    material: z.enum(VESSEL_MATERIALS as [Vessel['material'], ...Vessel['material'][]]),
    breadthMm: measure('breadth', VESSEL_LIMITS_MM.diameter).optional(),
    tubeMm: measure('tube', VESSEL_LIMITS_MM.tube).optional(),
    capacityMl: finite('Enter what it holds.')
      .min(CAPACITY_LIMITS_ML.least, `It must hold at least ${CAPACITY_LIMITS_ML.least} ml.`)
      .max(
        CAPACITY_LIMITS_ML.most,
        `It must hold at most ${CAPACITY_LIMITS_ML.most / 1000} litres.`,
      )
      .optional(),
    looseBase: z.boolean().optional(),
    /** How many the kitchen owns. */
    owned: z.int('Whole vessels only.').min(1, 'At least one.').max(500, 'At most 500.'),
    archived,
  })
  .superRefine((vessel, context) => {
    for (const { code, message, path = '' } of checkVessel(vessel)) {
      // A measure that is there has been looked at above; one that is missing has not.
      if (code === 'measure-out-of-range' && vessel[path as keyof Vessel] !== undefined) continue;
      context.addIssue({ code: 'custom', message, path: [path] });
    }
  }) satisfies z.ZodType<Vessel>;
export type VesselData = z.infer<typeof vesselDataSchema>;

export const vesselSchema = storedSchema.extend({ data: vesselDataSchema });
export type StoredVessel = z.infer<typeof vesselSchema>;

export const ovenDataSchema = z.object({
  name: nameSchema,
  kind: z.enum(OVEN_KINDS as [Oven['kind'], ...Oven['kind'][]]),
  offsetK: finite('Enter how far off the oven is, or 0.')
    .min(-60, 'An oven more than 60 °C cool wants mending first.')
    .max(60, 'An oven more than 60 °C hot wants mending first.'),
  swingK: finite('Enter how far it swings, or 0.')
    .min(0, 'It cannot swing by less than nothing.')
    .max(40, 'An oven that swings by more than 40 °C wants mending first.'),
  archived,
}) satisfies z.ZodType<Oven>;
export type OvenData = z.infer<typeof ovenDataSchema>;

export const ovenSchema = storedSchema.extend({ data: ovenDataSchema });
export type StoredOven = z.infer<typeof ovenSchema>;
