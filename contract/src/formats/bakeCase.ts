import { refusal, refusedAt } from '../limits';
import {
  COMPONENTS,
  succeed,
  type BakeCase,
  type BakeCaseResult,
  type Component,
  type Result,
} from '@hollow-moon/core';
import Papa from 'papaparse';
import { z } from 'zod';
import { parseJson } from './formulaFile';

const finite = z.number();
const positive = z.number().positive();
const share = z.number().min(0).max(1);
const celsius = z.number().min(-50).max(400);

/** A case is computed finer than a forecast on the screen: nobody waits for it with floury hands. */
const FINE = { resolution: 2, toleranceK: 0.2, longestStepS: 30 } as const;

/** A constant, or c₀ + c₁ t + c₂ t² with t in °C. */
const quadraticSchema = z.union([positive, z.tuple([finite, finite, finite])]);

const compositionSchema = z.partialRecord(
  z.enum(COMPONENTS as [Component, ...Component[]]),
  z.number().min(0).max(1),
);

const liquidSchema = z.object({ viscosityPaS: positive, expansionPerK: z.number().min(0) });

const freezesSchema = z.strictObject({
  fromC: z.number().min(-40).lt(0, refusal('case.ice')),
  waterKgM3: positive,
});

const materialSchema = z.union([
  z.strictObject({
    conductivityWmK: quadraticSchema,
    densityKgM3: positive,
    heatCapacityJkgK: quadraticSchema,
    liquid: liquidSchema.optional(),
    boilsC: celsius.optional(),
    waterKgM3: positive.optional(),
    freezes: freezesSchema.optional(),
  }),
  z.strictObject({
    composition: compositionSchema,
    liquid: liquidSchema.optional(),
    boilsC: celsius.optional(),
    waterKgM3: positive.optional(),
    freezes: freezesSchema.optional(),
  }),
]);

const evaporationSchema = z.strictObject({
  activity: share.default(1),
  vapourPressurePa: z.number().min(0),
  airPressurePa: positive.default(101_325),
  /** kg/(m² s Pa); without it the rate follows from convection by the Lewis analogy. */
  transferKgM2SPa: z.number().min(0).optional(),
  wetness: share.default(1),
  skinKgM2: positive.optional(),
  crustPerLoss: z.number().min(0).optional(),
  crustFromKgM2: z.number().min(0).optional(),
});

const faceSchema = z.strictObject({
  convectionWm2K: z.number().min(0),
  airC: celsius,
  emissivity: share.default(0),
  wallC: celsius.optional(),
  evaporation: evaporationSchema.optional(),
});

const bathSchema = z.strictObject({
  levelM: z.number().min(0),
  convectionWm2K: z.number().min(0),
  water: z.union([
    z.strictObject({ fixedC: celsius }),
    z.strictObject({
      massKg: positive,
      startC: z.number().min(0).max(100),
      vessels: z.int().min(1).default(1),
      surfaceM2: z.number().min(0),
      surface: faceSchema,
      panM2: z.number().min(0),
      pan: faceSchema,
    }),
  ]),
});

const stageSchema = z.strictObject({
  untilS: positive,
  top: faceSchema,
  side: faceSchema,
  base: faceSchema,
  bath: bathSchema.optional(),
  airChange: z
    .strictObject({
      leakKgS: positive,
      roomPa: z.number().min(0),
      mostPa: positive,
      cups: z.int().min(1).default(1),
    })
    .optional(),
});

/** The schema of a case from a file. What it holds together, `runBakeCase` takes as sound. */
export const bakeCaseSchema = z
  .strictObject({
    format: z.literal('hollow-moon/bake-case'),
    version: z.union([z.literal(1), z.literal(2)]),
    name: z.string().max(200).default(''),
    note: z.string().max(4000).optional(),
    materials: z.record(z.string().max(60), materialSchema),
    geometry: z.strictObject({
      filling: z.string(),
      depthM: positive.max(1),
      bottomRadiusM: positive.max(1),
      topRadiusM: positive.max(1),
      /** From the filling outwards: under it, at its wall, over it; those without a wall come first. */
      layers: z
        .array(
          z.strictObject({
            material: z.string(),
            baseThicknessM: z.number().min(0).max(0.2),
            wallThicknessM: z.number().min(0).max(0.2),
            overThicknessM: z.number().min(0).max(0.2).default(0),
          }),
        )
        .max(14)
        .default([]),
    }),
    start: z.strictObject({ fillingC: celsius, layersC: z.array(celsius).default([]) }),
    stages: z.array(stageSchema).min(1).max(500),
    reactions: z
      .array(
        z.strictObject({
          name: z.string().max(60),
          ratePerS: positive,
          referenceC: celsius,
          zK: positive,
          final: z.strictObject({ halfC: celsius, widthK: positive }).optional(),
        }),
      )
      .max(6)
      .default([]),
    probes: z
      .array(
        z.strictObject({
          name: z.string().max(60),
          radiusM: z.number().min(0).max(1),
          /** Above the bottom of the filling. */
          heightM: z.number().min(0).max(1),
        }),
      )
      .min(1)
      .max(50),
    outputTimesS: z.array(z.number().min(0)).min(1).max(5000),
    solver: z
      .strictObject({
        resolution: z.number().min(0.3).max(6).default(FINE.resolution),
        toleranceK: positive.default(FINE.toleranceK),
        longestStepS: positive.default(FINE.longestStepS),
      })
      .default(FINE),
  })
  .superRefine((data, context) => {
    const say = (path: (string | number)[], code: string) =>
      context.addIssue({ code: 'custom', path, message: refusal(code) });
    const { geometry, materials, start, stages, probes } = data;
    stages.forEach(({ top }, index) => {
      if (data.version === 1 && top.evaporation?.skinKgM2 !== undefined)
        say(['stages', index, 'top', 'evaporation', 'skinKgM2'], 'case.old-skin');
    });
    if (!materials[geometry.filling]) say(['geometry', 'filling'], 'case.no-material');
    geometry.layers.forEach((layer, index) => {
      if (!materials[layer.material])
        say(['geometry', 'layers', index, 'material'], 'case.no-material');
    });
    geometry.layers.forEach((layer, index) => {
      const { baseThicknessM, wallThicknessM, overThicknessM } = layer;
      if (baseThicknessM + wallThicknessM + overThicknessM === 0)
        say(['geometry', 'layers', index], 'case.no-thickness');
      if (wallThicknessM === 0 && (geometry.layers[index - 1]?.wallThicknessM ?? 0) > 0)
        say(['geometry', 'layers', index], 'case.layer-order');
    });
    if (start.layersC.length !== geometry.layers.length) {
      say(['start', 'layersC'], 'case.layer-starts');
    }
    stages.forEach((stage, index) => {
      if (stage.untilS <= (stages[index - 1]?.untilS ?? 0))
        say(['stages', index, 'untilS'], 'case.stage-order');
    });
    probes.forEach((probe, index) => {
      if (probe.heightM > geometry.depthM) say(['probes', index, 'heightM'], 'case.probe-too-high');
    });
    const end = stages[stages.length - 1]!.untilS;
    data.outputTimesS.forEach((time, index) => {
      if (time > end) say(['outputTimesS', index], 'case.output-too-late');
      if (time < (data.outputTimesS[index - 1] ?? 0))
        say(['outputTimesS', index], 'case.output-order');
    });
  });
/** Reads a case from text; says what is wrong and at which field. */
export function fromBakeCase(text: string): Result<BakeCase> {
  const parsed = parseJson(text);
  if (!parsed.ok) return parsed;
  const checked = bakeCaseSchema.safeParse(parsed.value);
  if (checked.success) return succeed(checked.data);
  const issue = checked.error.issues[0];
  return refusedAt(issue);
}

export const toBakeCase = (of: BakeCase): string => `${JSON.stringify(of, null, 2)}\n`;

/** The histories of a result as CSV: time, probes, bath. */
export function resultToCsv({ timesS, probes, bath }: BakeCaseResult): string {
  const columns = [
    ['time_s', timesS],
    ...probes.flatMap(({ name, temperatureC, extents }): [string, readonly number[]][] => [
      [`${name}_C`, temperatureC],
      ...Object.entries(extents).map(([reaction, values]): [string, readonly number[]] => [
        `${name}_${reaction}`,
        values,
      ]),
    ]),
    ...(bath
      ? ([
          ['bath_C', bath.temperatureC],
          ['bath_kg', bath.massKg],
        ] as const)
      : []),
  ] as const;
  const rows = timesS.map((_, row) => columns.map(([, values]) => values[row] ?? ''));
  return `${Papa.unparse([columns.map(([name]) => name), ...rows], { newline: '\n' })}\n`;
}
