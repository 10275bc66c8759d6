import { COLD_ROOMS, type ColdRoom } from '../../work';
import { WEIGHT } from '../measure';
import type { DayModel } from '../model';
import { chilledIn } from '../reading';
import type { Minute } from '../session';
import { changeMin } from '../taken';
import { startsOf, type Stretches } from './starts';

/** Shelves in whole parts: what is less than a shelf is the half, the third … of one, down to the twelfth. */
const SHELF_PARTS = 27_720;
/** So many parts more are let in, for what does not divide evenly. */
const PARTS_MORE = 20;

/** What is asked of the solver: what it is to make less, from where, and in which steps. */
export interface Aim {
  readonly at: 'trouble' | 'presence';
  readonly stepMin: number;
  /** No plan with more of either is wanted. */
  readonly presence: { readonly least: Minute; readonly most: Minute };
  readonly most: { readonly lateMin: Minute; readonly pastMin: Minute; readonly trouble: number };
  /** Vessels in each cold room at once. */
  readonly places: Readonly<Record<ColdRoom, number>>;
}

/** Lateness and being past its best, in one figure. */
export const LATE_WEIGHT = WEIGHT.late / WEIGHT.pastBest;

const set = (stretches: Stretches) => ({ set: stretches.map(([from, to]) => [from, to]) });
const setOf = (members: readonly number[]) => ({ set: [...members] });

/** Somebody's stretches of work, each for itself. */
export const shiftsOf = ({ session }: DayModel) =>
  session.means.people.flatMap(({ id, hours }) =>
    hours.map(([fromMin, toMin]) => ({ person: id, fromMin, toMin })),
  );

/** Stretches of hands over all jobs. */
export const handsOf = ({ jobs }: DayModel) =>
  jobs.flatMap((job, index) => job.busy.map((busy) => ({ job, task: index + 1, ...busy })));

export const loadsOf = ({ jobs }: DayModel) =>
  jobs.flatMap((job, index) => (job.oven ? [{ job, task: index + 1, oven: job.oven }] : []));

function handData(model: DayModel, starts: ReadonlyMap<string, Stretches>) {
  const shifts = shiftsOf(model);
  const hands = handsOf(model);
  return {
    hands: hands.length,
    shifts: shifts.length,
    hand_of: hands.map(({ task }) => task),
    hand_from: hands.map(({ fromMin }) => fromMin),
    hand_minutes: hands.map(({ minutes }) => minutes),
    hand_shifts: hands.map(({ job, fromMin, minutes }) =>
      setOf(
        shifts.flatMap((shift, index) =>
          starts
            .get(job.id)!
            .some(
              ([from, to]) =>
                Math.max(from + fromMin, shift.fromMin) <=
                Math.min(to + fromMin, shift.toMin - minutes),
            )
            ? [index + 1]
            : [],
        ),
      ),
    ),
    shift_from: shifts.map(({ fromMin }) => fromMin),
    shift_to: shifts.map(({ toMin }) => toMin),
  };
}

function ovenData(model: DayModel) {
  const { ovens, roomC } = model.session.means;
  const loads = loadsOf(model);
  const fitIn = (load: (typeof loads)[number], ovenId: string) =>
    load.oven.fits.find((fit) => fit.ovenId === ovenId);
  const programmes = [...new Set(loads.map(({ oven }) => oven.need.programme))];
  return {
    loads: loads.length,
    ovens: ovens.length,
    load_of: loads.map(({ task }) => task),
    programme: loads.map(({ oven }) => programmes.indexOf(oven.need.programme) + 1),
    staged: loads.map(({ oven }) => oven.need.staged),
    load_ovens: loads.map((load) =>
      setOf(
        ovens.flatMap(({ id, shelves }, index) =>
          (fitIn(load, id)?.shelves ?? Infinity) <= shelves + 1e-9 ? [index + 1] : [],
        ),
      ),
    ),
    room: loads.map((load) =>
      ovens.map(({ id }) => Math.round((fitIn(load, id)?.shelves ?? 0) * SHELF_PARTS)),
    ),
    oven_room: ovens.map(({ shelves }) => shelves * SHELF_PARTS + PARTS_MORE),
    change: loads.map(({ oven: { need: first } }) =>
      loads.map(({ oven: { need: then } }) =>
        ovens.map((oven) =>
          first.programme === then.programme ? 0 : changeMin(oven, first.endC, then.setC, roomC),
        ),
      ),
    ),
  };
}

function coldData(model: DayModel, number: ReadonlyMap<string, number>, places: Aim['places']) {
  const chilled = chilledIn(model);
  return {
    chilled: chilled.length,
    rooms: COLD_ROOMS.length,
    places: COLD_ROOMS.map((room) => places[room]),
    cold_room: chilled.map(({ room }) => COLD_ROOMS.indexOf(room) + 1),
    cold_after: chilled.map(({ task }) => number.get(task)),
    cold_before: chilled.map(({ to }) => setOf(to.map((task) => number.get(task)!))),
    cold_until: chilled.map(({ dueMin }) => Math.max(0, ...dueMin)),
    vessels: chilled.map(({ vessels }) => vessels),
  };
}

/** A day as the data of its program; `undefined` with the task that has no hour at all where it cannot be. */
export function dataOf(
  model: DayModel,
  aim: Aim,
): { readonly data: Readonly<Record<string, unknown>> } | { readonly impossible: string } {
  if (model.session.past) throw new RangeError('a day that has begun is not proved');
  const starts = startsOf(model, aim.most);
  const impossible = [...starts].find(([, stretches]) => stretches.length === 0)?.[0];
  if (impossible !== undefined) return { impossible };
  const hands = handData(model, starts);
  // What was put by hand where nobody is there.
  const unmanned = hands.hand_shifts.findIndex(({ set: shifts }) => shifts.length === 0);
  if (unmanned >= 0) return { impossible: handsOf(model)[unmanned]!.job.id };
  const { jobs, edges, dues, session } = model;
  const number = new Map(jobs.map(({ id }, index) => [id, index + 1]));
  const bakes = session.wanted.map(({ id }) => id);
  const at = (station: string) =>
    jobs.flatMap(({ task }, index) => (task.station === station ? [index + 1] : []));
  return {
    data: {
      tasks: jobs.length,
      minutes: jobs.map(({ minutes }) => minutes),
      starts: jobs.map(({ id }) => set(starts.get(id)!)),
      edges: edges.length,
      before: edges.map(({ from }) => number.get(from)),
      after: edges.map(({ to }) => number.get(to)),
      least: edges.map(({ leastMin }) => Math.ceil(leastMin)),
      most: edges.map(({ mostMin }) => (mostMin === Infinity ? -1 : Math.floor(mostMin))),
      bakes: bakes.length,
      dues: dues.length,
      ready: dues.map(({ job }) => number.get(job)),
      for_bake: dues.map(({ bake }) => bakes.indexOf(bake) + 1),
      latest_end: dues.map(({ dueMin, leastMin }) => dueMin - Math.ceil(leastMin)),
      best_end: dues.map(({ dueMin, mostMin }) =>
        mostMin === Infinity ? 0 : dueMin - Math.floor(mostMin),
      ),
      most_late: aim.most.lateMin,
      most_past: aim.most.pastMin,
      ...hands,
      ...ovenData(model),
      ...coldData(model, number, aim.places),
      day_end: Math.max(...dues.map(({ dueMin }) => dueMin)) + aim.most.lateMin,
      at_hob: at('hob'),
      rings: session.means.rings,
      at_mixer: at('mixer'),
      mixers: session.means.mixers,
      aim: aim.at === 'trouble' ? 1 : 2,
      step: aim.stepMin,
      presence_least: aim.presence.least,
      presence_most: aim.presence.most,
      trouble_most: aim.most.trouble,
      late_weight: LATE_WEIGHT,
    },
  };
}
