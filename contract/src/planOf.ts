import {
  analyse,
  areaAtMm2,
  buildOf,
  doughMixOf,
  findAmong,
  insideOf,
  isFamily,
  wallAreaMm2,
  type BlindPlan,
  type BuildPart,
  type ForecastPlan,
  type Ingredient,
  type PlannedLayer,
  type Line,
  type PullChoice,
} from '@hollow-moon/core';
import type { OvenData } from './oven';
import type { VesselData } from './vessel';
import type { FormulaData } from './formula';
import type { KitchenData } from './kitchen';

/** What may be tried for a forecast without changing formula or kitchen. */
export interface Tried {
  readonly altitudeM?: number;
  /** Which pull the history is drawn for. */
  readonly pull?: PullChoice;
}

/** Where a formula is baked. */
export interface BakedIn {
  readonly kitchen: KitchenData;
  readonly vessel: VesselData;
  readonly oven: OvenData;
  readonly own: readonly Ingredient[];
  readonly formulaOf: (id: string) => FormulaData | undefined;
}

/** What is done to the oven, as far as anything is. */
function programmeOf(
  { ovenUse }: FormulaData,
  { swingK }: OvenData,
): Pick<ForecastPlan, 'programme'> {
  const { steps, doors, entersAtC } = ovenUse;
  const programme = {
    ...(steps.length > 0 ? { steps } : {}),
    ...(doors.length > 0 ? { doors } : {}),
    ...(entersAtC === null ? {} : { entersAtC }),
    ...(swingK > 0 ? { swingK } : {}),
  };
  return Object.keys(programme).length > 0 ? { programme } : {};
}

/**
 * How the empty shell of a formula is baked: its dough by its own list where the build has one. Needs a
 * shell that is not filled raw.
 */
export function blindPlanOf(data: FormulaData, where: BakedIn, tried: Tried = {}): BlindPlan {
  const { kitchen, vessel, oven, formulaOf } = where;
  const part = data.parts.find(({ place }) => place === 'shell');
  const lines = (part?.formulaId ? formulaOf(part.formulaId)?.lines : part?.lines) ?? [];
  const { raw: _raw, seal: _seal, keptC: _keptC, ...bake } = data.shellBake;
  const inside = insideOf(vessel);
  return {
    ...bake,
    dough: doughMixOf(
      analyse(lines, kitchen.eggGrade, findAmong(where.own), part?.kind ?? 'sweet-dough'),
    ),
    thicknessMm: data.shellThicknessMm,
    material: vessel.material,
    weightsMm: Math.max(5, inside.heightMm - data.shellThicknessMm),
    oven: { kind: data.ovenUse.mode ?? oven.kind, offsetK: oven.offsetK },
    roomC: kitchen.roomC,
    altitudeM: tried.altitudeM ?? kitchen.altitudeM,
    wallHeightMm: inside.heightMm,
    baseMm2: areaAtMm2(inside, 0),
    wallMm2: wallAreaMm2(inside),
  };
}

/** Components that are in the oven with the filling. */
const inTheOven = ({ place, bakesAlong }: Pick<BuildPart, 'place' | 'bakesAlong'>): boolean =>
  place === 'under' || (place === 'over' && bakesAlong);

const measured = ({ id, ingredientId, amount, unit, vague }: Line): Line => ({
  id,
  ingredientId,
  amount,
  unit,
  ...(vague ? { vague } : {}),
});

/** What lies under and over the filling of one vessel, from the base up. */
function laidOf(data: FormulaData, { kitchen, vessel, formulaOf, own }: BakedIn): PlannedLayer[] {
  if (!data.parts.some(inTheOven)) return [];
  const context = { grade: kitchen.eggGrade, vessel, formulaOf, find: findAmong(own) };
  return buildOf(data, context).parts.flatMap(({ part, eachMl }) => {
    if (!inTheOven(part) || !(eachMl > 0)) return [];
    const { name, kind, place, formulaId } = part;
    const lines = (formulaId === null ? undefined : formulaOf(formulaId)?.lines) ?? part.lines;
    return {
      name,
      kind,
      place: place === 'over' ? ('over' as const) : ('under' as const),
      // What a caramel is cooked with boils off before it is poured.
      lines: lines
        .filter(({ ingredientId }) => kind !== 'caramel' || ingredientId !== 'water')
        .map(measured),
      ml: eachMl,
      raw: part.bakesAlong && isFamily(kind),
    };
  });
}

/** Filling in one vessel as the list makes it, g: what stays in the bowl left out, shared out evenly. */
function fillingOf(data: FormulaData, { kitchen, own }: BakedIn): Pick<ForecastPlan, 'fillingG'> {
  const { whole } = analyse(data.lines, kitchen.eggGrade, findAmong(own), data.family);
  const fillingG = (whole.grams * (1 - data.lossShare)) / data.vesselCount;
  return fillingG > 0 ? { fillingG } : {};
}

/** The plan of a formula where it is baked: everything a forecast depends on, and nothing else. */
export function planOf(data: FormulaData, where: BakedIn, tried: Tried = {}): ForecastPlan {
  const { kitchen, vessel, oven } = where;
  const laid = laidOf(data, where);
  const used = new Set(
    [...data.lines, ...laid.flatMap(({ lines }) => lines)].map((line) => line.ingredientId),
  );
  const own = where.own.filter((each) => used.has(each.id));
  const { topUp } = data.ovenUse;
  return {
    lines: data.lines.map(measured),
    ...(own.length > 0 ? { own } : {}),
    ...(laid.length > 0 ? { laid } : {}),
    ...(topUp ? { topUp } : {}),
    ...(data.bath
      ? {
          bath: {
            ...data.bath,
            vessels: data.vesselCount,
            ...(data.ovenUse.wrapped ? { wrapped: true } : {}),
          },
        }
      : {}),
    eggGrade: kitchen.eggGrade,
    family: data.family,
    shell: data.shell,
    vessel,
    shellThicknessMm: data.shell === 'none' ? 0 : data.shellThicknessMm,
    headspaceMm: data.headspaceMm,
    ...fillingOf(data, where),
    oven: { kind: data.ovenUse.mode ?? oven.kind, offsetK: oven.offsetK },
    setC: data.setC,
    ...programmeOf(data, oven),
    inOven: data.vesselCount,
    ...(data.ovenUse.standing === 'rack' ? {} : { standing: data.ovenUse.standing }),
    ...(data.ovenUse.foil ? { foil: true } : {}),
    ...(data.shell === 'none'
      ? {}
      : data.shellBake.raw
        ? { rawShell: true }
        : { shellShade: data.shellBake.target }),
    out: data.ovenUse.out,
    fillingStartC: data.fillingStartC,
    roomC: kitchen.roomC,
    altitudeM: tried.altitudeM ?? kitchen.altitudeM,
    ...(tried.pull ? { pull: tried.pull } : {}),
  };
}
