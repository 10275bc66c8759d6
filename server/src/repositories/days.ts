import { dayDataSchema, NOTHING_IN_HAND, type DayData } from '@hollow-moon/contract';
import { childRows, fromJson, repositoryOf, type Children } from './table';

const {
  locks: locksSchema,
  changes: changesSchema,
  way: waySchema,
  inHand: inHandSchema,
  paces: pacesSchema,
} = dayDataSchema.shape;

const BAKES: Children<DayData> = {
  table: 'day_bakes',
  parent: 'day_id',
  columns: [
    ...['id', 'formula_id', 'vessels', 'due_min', 'for_whom', 'oven_c', 'frozen_shell'],
    ...['dough_apart', 'oven_id'],
  ],
  order: 'c.position',
  rows: ({ wanted }) =>
    wanted.map(({ frozenShell, doughApart, ...bake }) => [
      bake.id,
      bake.formulaId,
      bake.vessels,
      bake.dueMin,
      bake.forWhom,
      bake.ovenC,
      frozenShell ? 1 : 0,
      doughApart ? 1 : 0,
      bake.ovenId,
    ]),
};

const PEOPLE: Children<DayData> = {
  table: 'day_people',
  parent: 'day_id',
  columns: ['id', 'name', 'from_min', 'to_min'],
  order: 'c.position',
  rows: ({ people }) => people.map(({ id, name, fromMin, toMin }) => [id, name, fromMin, toMin]),
};

/** Days that are planned, the latest first. */
export const days = repositoryOf<DayData>({
  table: 'days',
  order: 'day DESC, id',
  columns: [
    { name: 'name', write: (data) => data.name },
    { name: 'day', write: (data) => data.date },
    { name: 'begins_min', write: (data) => data.beginsMin },
    { name: 'rings', write: (data) => data.rings },
    { name: 'mixers', write: (data) => data.mixers },
    { name: 'fridge_places', write: (data) => data.fridgePlaces },
    { name: 'freezer_places', write: (data) => data.freezerPlaces },
    { name: 'presence', write: (data) => data.presence },
    { name: 'locks', write: (data) => JSON.stringify(data.locks) },
    { name: 'changes', write: (data) => JSON.stringify(data.changes) },
    { name: 'now_min', write: (data) => data.nowMin },
    { name: 'way', write: (data) => (data.way ? JSON.stringify(data.way) : null) },
    { name: 'in_hand', write: (data) => JSON.stringify(data.inHand) },
    { name: 'paces', write: (data) => JSON.stringify(data.paces) },
    { name: 'archived', write: (data) => (data.archived ? 1 : 0) },
  ],
  children: [BAKES, PEOPLE],
  read: (row) => ({
    name: String(row.name),
    // A day of the calendar, whatever the hour is elsewhere: the driver reads it as midnight in UTC.
    date: (row.day as Date).toISOString().slice(0, 10),
    beginsMin: Number(row.begins_min),
    wanted: childRows(row, BAKES).map((bake) => ({
      id: String(bake.id),
      formulaId: String(bake.formula_id),
      vessels: Number(bake.vessels),
      dueMin: Number(bake.due_min),
      forWhom: String(bake.for_whom),
      ovenC: bake.oven_c === null ? null : Number(bake.oven_c),
      frozenShell: Boolean(bake.frozen_shell),
      doughApart: Boolean(bake.dough_apart),
      ovenId: bake.oven_id === null ? null : String(bake.oven_id),
    })),
    people: childRows(row, PEOPLE).map((cook) => ({
      id: String(cook.id),
      name: String(cook.name),
      fromMin: Number(cook.from_min),
      toMin: Number(cook.to_min),
    })),
    rings: Number(row.rings),
    mixers: Number(row.mixers),
    fridgePlaces: Number(row.fridge_places),
    freezerPlaces: Number(row.freezer_places),
    presence: Number(row.presence),
    locks: fromJson(locksSchema, row.locks),
    changes: fromJson(changesSchema, row.changes),
    nowMin: row.now_min === null ? null : Number(row.now_min),
    way: row.way === null ? null : fromJson(waySchema, row.way),
    // Days from before it could be said have nothing counted.
    inHand: row.in_hand === null ? NOTHING_IN_HAND : fromJson(inHandSchema, row.in_hand),
    // Days from before a kitchen had a pace of its own take what is usual.
    paces: row.paces === null ? [] : fromJson(pacesSchema, row.paces),
    archived: Boolean(row.archived),
  }),
});
