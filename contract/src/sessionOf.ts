import {
  buildOf,
  findAmong,
  scaleBuild,
  shellPartOf,
  shellWorkOf,
  USUAL_SHELVES,
  type Ingredient,
  type Result,
} from '@hollow-moon/core';
import {
  atOwnPace,
  computedFrom,
  stoveOf,
  withChanges,
  workOf,
  type Computed,
  type DayOven,
  type Means,
  type Person,
  type Session,
  type Way,
  type WorkAsk,
  type WorkList,
} from '@hollow-moon/core/planning';
import type { ChangeData, CookData, DayData, WantedData, WayData } from './day';
import type { FormulaData } from './formula';
import type { KitchenData } from './kitchen';
import type { OvenData } from './oven';
import { blindPlanOf, planOf } from './planOf';
import type { VesselData } from './vessel';

/** A session counts its minutes from two midnights before its day, so that none is negative. */
export const BEFORE_MIN = 2 * 1440;

/** What a kitchen has that a bake's work depends on. */
export interface WorkedIn {
  readonly kitchen: KitchenData;
  readonly vesselOf: (id: string) => VesselData | undefined;
  readonly ovens: readonly { readonly id: string; readonly data: OvenData }[];
  readonly own: readonly Ingredient[];
  readonly formulaOf: (id: string) => FormulaData | undefined;
}

/** A formula for so many of its vessels: its lists follow. */
export const inVessels = (data: FormulaData, vessels: number): FormulaData =>
  vessels === data.vesselCount
    ? data
    : { ...scaleBuild(data, vessels / data.vesselCount), vesselCount: vessels };

/** A formula as it is baked on a day: at the heat it shares with another, or in another oven, where that was chosen. */
export const asWanted = (
  data: FormulaData,
  { ovenC, ovenId }: Pick<WantedData, 'ovenC' | 'ovenId'>,
): FormulaData =>
  ovenC === null && ovenId === null
    ? data
    : { ...data, setC: ovenC ?? data.setC, ovenId: ovenId ?? data.ovenId };

/** What is made and fetched for a bake of a day: where its shells are in the freezer, nothing of them. */
export const madeFor = (
  data: FormulaData,
  { vessels, frozenShell }: Pick<WantedData, 'vessels' | 'frozenShell'>,
): FormulaData => {
  const shell = frozenShell ? shellPartOf(data.parts) : undefined;
  const parts = data.parts.filter(({ id }) => id !== shell?.id);
  return inVessels(shell ? { ...data, parts } : data, vessels);
};

/** The oven a shell is baked in whose filling needs none: the first that is in use. */
const shellOvenOf = ({ ovens }: WorkedIn) => ovens.find(({ data }) => !data.archived);

/** What is to be forecast for a formula's work; nothing of what has neither tin nor oven. */
export function workAskOf(data: FormulaData, where: WorkedIn): WorkAsk {
  const vessel = data.vesselId === null ? undefined : where.vesselOf(data.vesselId);
  if (!vessel) return {};
  const { kitchen, own, formulaOf } = where;
  const oven = where.ovens.find(({ id }) => id === data.ovenId);
  const shellOven = oven ?? shellOvenOf(where);
  const work = shellWorkOf(data);
  const blind = (work === 'rolled' || work === 'pressed') && !data.shellBake.raw;
  const bakedIn = (chosen: OvenData) => ({ kitchen, vessel, oven: chosen, own, formulaOf });
  return {
    ...(oven ? { bake: planOf(data, bakedIn(oven.data)) } : {}),
    ...(blind && shellOven ? { blind: blindPlanOf(data, bakedIn(shellOven.data)) } : {}),
  };
}

/** The tasks of a formula in so many vessels, from what was worked out of it. */
export function workListOf(
  data: FormulaData,
  { vessels, frozenShell, doughApart }: Pick<WantedData, 'vessels' | 'frozenShell' | 'doughApart'>,
  where: WorkedIn,
  computed: Computed,
): Result<WorkList> {
  const formula = inVessels(data, vessels);
  const vessel = data.vesselId === null ? undefined : where.vesselOf(data.vesselId);
  const { kitchen, own, formulaOf } = where;
  const find = findAmong(own);
  const build = buildOf(formula, { grade: kitchen.eggGrade, vessel, formulaOf, find });
  const { roomC, altitudeM } = kitchen;
  const stove = stoveOf({ build, formula, roomC }, altitudeM);
  return workOf({
    formula,
    build,
    vessel,
    shellOvenId: shellOvenOf(where)?.id,
    roomC,
    perPan: data.vesselCount,
    frozenShell,
    doughApart,
    computed: { ...computed, ...computedFrom(stove ? { stove } : {}) },
  });
}

/** The hours of a cook over the days of a session, from its beginning on. */
function hoursOf({ fromMin, toMin }: CookData, beginsMin: number): Person['hours'] {
  return [-1, 0, 1, 2, 3].flatMap((day) => {
    const from = Math.max(beginsMin, day * 1440 + fromMin);
    const to = day * 1440 + toMin;
    return to > from ? [[from, to] as const] : [];
  });
}

const ovenOf = (id: string, { name, kind, offsetK, shelves }: OvenData): DayOven => {
  const { count, lengthMm, breadthMm } = shelves ?? USUAL_SHELVES[kind];
  return { id, name, kind, offsetK, shelves: count, lengthMm, breadthMm };
};

/** The ovens of a kitchen, and those that are put away. */
export function ovensIn({ ovens }: WorkedIn): Required<Pick<Means, 'ovens' | 'away'>> {
  const of = (archived: boolean) =>
    ovens.filter(({ data }) => data.archived === archived).map(({ id, data }) => ovenOf(id, data));
  return { ovens: of(false), away: of(true) };
}

/** A bake of a day with its tasks. */
export interface WorkedBake {
  readonly id: string;
  readonly name: string;
  readonly work: WorkList;
  readonly nutFree?: boolean;
}

/** What the cook has changed of one bake of a day. */
export const changesOf = ({ changes }: DayData, bake: string): ChangeData[] =>
  changes.filter((change) => change.bake === bake);

/** A way of planning as it is kept with a day, and back: tasks that stand somewhere are counted from its own midnight. */
export const wayDataOf = ({ order, soonerMin, keep }: Way): WayData => ({
  order: [...order],
  soonerMin: { ...soonerMin },
  ...(keep
    ? {
        keep: keep.map(({ people, startMin, ...kept }) => ({
          ...kept,
          startMin: startMin - BEFORE_MIN,
          people: [...people],
        })),
      }
    : {}),
});

export const wayFromData = ({ order, soonerMin, keep }: WayData): Way => ({
  order,
  soonerMin,
  ...(keep
    ? {
        keep: keep.map(({ task, startMin, ovenId, people }) => ({
          task,
          startMin: BEFORE_MIN + startMin,
          people,
          ...(ovenId === undefined ? {} : { ovenId }),
        })),
      }
    : {}),
});

/** A day as the planner is asked for it: the bakes whose work is known, in the kitchen's ovens. */
export function sessionOf(day: DayData, bakes: readonly WorkedBake[], where: WorkedIn): Session {
  const beginsMin = BEFORE_MIN + day.beginsMin;
  return {
    fromMin: Math.max(beginsMin, BEFORE_MIN + (day.nowMin ?? day.beginsMin)),
    ...(day.nowMin === null ? {} : { goneMin: BEFORE_MIN + day.nowMin }),
    wanted: day.wanted.flatMap(({ id, dueMin }) => {
      const bake = bakes.find((each) => each.id === id);
      if (!bake) return [];
      const { work } = withChanges(atOwnPace(bake.work, day.paces), changesOf(day, id));
      return [{ ...bake, work, dueMin: BEFORE_MIN + dueMin }];
    }),
    means: {
      people: day.people.map((cook) => ({
        id: cook.id,
        name: cook.name,
        hours: hoursOf(cook, beginsMin),
      })),
      ...ovensIn(where),
      rings: day.rings,
      mixers: day.mixers,
      fridgePlaces: day.fridgePlaces,
      freezerPlaces: day.freezerPlaces,
      roomC: where.kitchen.roomC,
    },
    locks: day.locks.map(({ task, startMin }) => ({ task, startMin: BEFORE_MIN + startMin })),
  };
}
