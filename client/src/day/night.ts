import {
  COLD_ROOM_OF,
  COLD_ROOMS,
  freezes,
  type ColdRoom,
  type DayPlan,
  type Minute,
} from '@hollow-moon/core/planning';
import { scaleLinear } from 'd3-scale';
import type { Planned } from './usePlan';

/** Heights of the picture, px: the hours on top, an oven's heat with its loads, the fridge or the freezer, a person's work. */
export const TOP_PX = 24;
export const OVEN_PX = 108;
export const LOAD_PX = 34;
export const COLD_PX = 44;
export const PERSON_PX = 38;

/** Where a minute, or a heat, lies in the picture, px. */
export type Scale = (minute: number) => number;

/** Where each lane of a picture begins, px from its top, and how high all of it is. */
export interface Lanes {
  readonly ovens: ReadonlyMap<string, number>;
  readonly cold: ReadonlyMap<ColdRoom, number>;
  readonly people: ReadonlyMap<string, number>;
  readonly height: number;
}

/** The lanes of a day: its ovens, the fridge, the freezer where something goes into it, its people. */
export function lanesOf(model: Planned['model']): Lanes {
  const { ovens, people } = model.session.means;
  const rooms = COLD_ROOMS.filter((room) => room === 'fridge' || freezes(model));
  const cold = TOP_PX + ovens.length * OVEN_PX;
  const first = cold + rooms.length * COLD_PX;
  return {
    ovens: new Map(ovens.map(({ id }, index) => [id, TOP_PX + index * OVEN_PX])),
    cold: new Map(rooms.map((room, index) => [room, cold + index * COLD_PX])),
    people: new Map(people.map(({ id }, index) => [id, first + index * PERSON_PX])),
    height: first + people.length * PERSON_PX + 6,
  };
}

/** From the first thing to the last hour of service, in whole hours. */
export function extentOf({
  plan,
  session,
}: Pick<Planned, 'plan' | 'session'>): readonly [from: number, to: number] {
  const starts = plan.placed.map(({ startMin }) => startMin);
  const ends = [
    ...plan.placed.map(({ endMin }) => endMin),
    ...session.wanted.map(({ dueMin }) => dueMin),
  ];
  // An oven heats before its first load.
  const from = Math.floor((Math.min(...starts) - 60) / 60) * 60;
  return [from, Math.ceil((Math.max(...ends) + 10) / 60) * 60];
}

/** The hours of a picture so wide; `Infinity` lies at its end. */
export function hoursTo([from, to]: readonly [number, number], width: number): Scale {
  const scale = scaleLinear([from, to], [0, width]);
  return (minute) => (minute === Infinity ? width : scale(minute));
}

/** One place a bake is at, from when to when, and where its lane is drawn, px. */
export interface ThreadPiece {
  readonly fromMin: Minute;
  readonly toMin: Minute;
  readonly y: number;
}

/** Where in the cold something stands between two tasks; undefined where it does not. */
const coldBetween = (
  { model }: Pick<Planned, 'model'>,
  from: string,
  to: string,
): ColdRoom | undefined =>
  (model.after.get(from) ?? [])
    .filter((edge) => edge.to === to)
    .map(({ wait }) => COLD_ROOM_OF[wait])
    .find((room) => room !== undefined);

/**
 * A bake through the lanes: each of its tasks where it is done, and the cold where it stands between two of them. In the
 * order of time; what nobody does and no oven holds is left out.
 */
export function threadOf(
  planned: Pick<Planned, 'model' | 'plan'>,
  lanes: Lanes,
  bake: string,
): ThreadPiece[] {
  const laneOf = ({ ovenId, people }: DayPlan['placed'][number]): number | undefined => {
    const oven = ovenId === undefined ? undefined : lanes.ovens.get(ovenId);
    const person = people[0] === undefined ? undefined : lanes.people.get(people[0]);
    return oven !== undefined ? oven + OVEN_PX - LOAD_PX / 2 : person && person + 26;
  };
  const mine = planned.plan.placed
    .filter(({ task }) => planned.model.byId.get(task)!.bakes.includes(bake))
    .toSorted((a, b) => a.startMin - b.startMin);
  return mine
    .flatMap((placed): ThreadPiece[] => {
      const y = laneOf(placed);
      const { startMin, endMin, task } = placed;
      const [fetched] = mine.flatMap((next) => {
        const room = coldBetween(planned, task, next.task);
        return room ? [{ room, untilMin: next.startMin }] : [];
      });
      return [
        ...(y === undefined ? [] : [{ fromMin: startMin, toMin: endMin, y }]),
        ...(fetched && fetched.untilMin > endMin
          ? [
              {
                fromMin: endMin,
                toMin: fetched.untilMin,
                y: lanes.cold.get(fetched.room)! + COLD_PX / 2,
              },
            ]
          : []),
      ];
    })
    .toSorted((a, b) => a.fromMin - b.fromMin);
}
