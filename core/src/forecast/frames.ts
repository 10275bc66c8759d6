import { centreOf, seenFromAbove } from '../doneness';
import {
  aroundAt,
  coveredBy,
  runCourse,
  thermometerAt,
  type Model,
  type Moment,
  type Place,
} from '../thermal';
import type { BathSize } from '../oven';
import type { History } from './history';
import { PROBE_PLACES, type FieldShape, type Frame, type ProbeName } from './outcome';
import type { ForecastPlan } from './plan';
import type { Prepared } from './prepared';

/** Temperatures of the shell's base half-way out, between its filling and the tin. */
function baseAt(
  { mesh }: Model,
  shellLayer: number | undefined,
  { temperatureC }: Moment,
): Pick<Frame, 'baseC'> {
  if (shellLayer === undefined) return {};
  const column = Math.floor(mesh.fillColumns / 2) * mesh.rows;
  const inBase = mesh.layerOf.subarray(column, column + mesh.baseRows);
  const [lowest, highest] = [inBase.indexOf(shellLayer), inBase.lastIndexOf(shellLayer)];
  return { baseC: [temperatureC[column + highest]!, temperatureC[column + lowest]!] };
}

/** The place of a named probe in the filling. */
export const placeOf = (model: Model, name: ProbeName): Place => ({
  ...centreOf(model),
  radiusShare: PROBE_PLACES[name],
});

/** Whether a bath still covers the floor of its pan. */
export const bathCovers = (bath: BathSize | undefined, { water }: Moment): boolean =>
  bath !== undefined && water !== undefined && coveredBy(bath, water.massKg) === 1;

/** The moments of one mesh as frames to be drawn. */
function framesOn(
  of: Model,
  moments: readonly Moment[],
  { model, bath, oven, shellLayer }: Prepared,
  { pullS, wayOut }: History,
): Frame[] {
  const readers = (Object.keys(PROBE_PLACES) as ProbeName[]).map(
    (name) => [name, thermometerAt(of, placeOf(of, name))] as const,
  );
  return moments.map((moment): Frame => {
    const inOven = moment.timeS <= pullS;
    return {
      timeS: moment.timeS,
      inOven,
      probeC: Object.fromEntries(readers.map(([name, read]) => [name, read(moment)])) as Record<
        ProbeName,
        number
      >,
      ...seenFromAbove(of, moment),
      airC: aroundAt(inOven ? oven : wayOut, moment.timeS - 1e-6).top.airC,
      ...baseAt(of, shellLayer, moment),
      ...(of === model ? {} : { levelM: of.cup.depthM }),
      ...(inOven && bathCovers(bath, moment) ? { waterC: moment.water!.celsius } : {}),
    };
  });
}

/** What is drawn of a history: the moments, a first pour's among them, and their frames, with the colour of the rim unless `brief`. */
export function drawnOf(
  prepared: Prepared,
  poured: readonly Moment[],
  history: History,
  brief: boolean,
): { readonly moments: readonly Moment[]; readonly frames: readonly Frame[] } {
  const { model, firstPour, followRim } = prepared;
  const parts = [
    ...(firstPour ? [[firstPour.model, poured] as const] : []),
    [model, history.moments] as const,
  ];
  const frames = parts.flatMap(([of, moments]) => framesOn(of, moments, prepared, history));
  const moments = parts.flatMap(([, each]) => each);
  const rim = brief ? undefined : followRim?.(history.pullS);
  if (!rim) return { moments, frames };
  const lightness = parts.flatMap(([of, each]) => each.map((moment) => rim(of, moment)));
  return {
    moments,
    frames: frames.map((frame, index) => ({ ...frame, rimLightness: lightness[index]! })),
  };
}

/** How long past its pull a bake that nobody pulls is followed, s. */
const LEFT_IN_S = 30 * 60;

/** What the probes would show of a bake that is left in the oven past its pull. */
export function staysOf(
  prepared: Prepared,
  baked: readonly Moment[],
  history: History,
): Pick<Frame, 'timeS' | 'probeC' | 'wobble'>[] {
  const { model, oven } = prepared;
  const untilS = history.pullS + LEFT_IN_S;
  const last = baked.at(-1)!;
  const on = last.timeS < untilS ? runCourse(model, last, oven, untilS) : [];
  const left = [...baked, ...on].filter(({ timeS }) => timeS > history.pullS);
  // In the oven to the end, whatever the drawn history does.
  return framesOn(model, left, prepared, { ...history, pullS: Infinity }).map(
    ({ timeS, probeC, wobble }) => ({ timeS, probeC, wobble }),
  );
}

/** Fields of equal size, rounded to single precision, laid one behind the other. */
export function inOneBuffer(fields: readonly ArrayLike<number>[]): Float32Array[] {
  const size = fields[0]?.length ?? 0;
  const all = new Float32Array(fields.length * size);
  fields.forEach((field, index) => all.set(field, index * size));
  return fields.map((_, index) => all.subarray(index * size, (index + 1) * size));
}

/** Where the cells of a bake lie, and what lies round its filling. */
export function fieldShapeOf({ model, laid }: Prepared, plan: ForecastPlan): FieldShape {
  const { mesh, cup } = model;
  const laidIn = (place: 'under' | 'over') =>
    laid
      .filter((each) => each.laid.place === place)
      .map(({ laid: { name }, thicknessMm }) => ({ name, thicknessM: thicknessMm / 1000 }));
  return {
    columns: mesh.columns,
    rows: mesh.rows,
    fillColumns: mesh.fillColumns,
    fillRows: mesh.fillRows,
    baseRows: mesh.baseRows,
    radiusM: Float32Array.from(mesh.centreRadiusM),
    heightM: Float32Array.from(mesh.rowCentreM),
    fill: {
      bottomRadiusM: cup.bottomRadiusM,
      topRadiusM: cup.topRadiusM,
      depthM: cup.depthM,
    },
    shellThicknessM: plan.shell === 'none' ? 0 : plan.shellThicknessMm / 1000,
    under: laidIn('under'),
    over: laidIn('over'),
  };
}
