import { COLD_ROOMS, type ColdRoom } from '../../work';
import { chilledIn } from '../reading';
import type { Minute } from '../session';
import { changeMin } from '../taken';
import { atMost, either, exactly, follows, oneOf, share, timesOf } from './flatzinc';
import type { Literal, Variable } from './flatzinc';
import type { AsFar } from './hands';
import { choiceOf, loadsOf, type Choice, type Stated } from './parts';

/** Shelves in whole parts: what is less than a shelf is the half, the third … of one, down to the twelfth. */
const SHELF_PARTS = 27_720;
/** So many parts more are let in, for what does not divide evenly. */
const PARTS_MORE = 20;

/** Loads with the oven each goes into, and what each takes of it, as parts of a shelf. */
function chosenIn({ model, written, start }: Stated) {
  const { ovens } = model.session.means;
  return loadsOf(model).map(({ job, oven: { need, fits } }) => {
    const shelvesIn = ovens.map(
      ({ id }) => fits.find(({ ovenId }) => ovenId === id)?.shelves ?? Infinity,
    );
    const can = ovens.flatMap(({ shelves }, index) =>
      shelvesIn[index]! <= shelves + 1e-9 ? [index + 1] : [],
    );
    const parts = shelvesIn.map((shelves) => Math.round(shelves * SHELF_PARTS));
    return { job, need, parts, choice: choiceOf(written, can), start: start.get(job.id)! };
  });
}

type Load = ReturnType<typeof chosenIn>[number];

/** Loads of other heats come one after another, with the time to change between them; in stages, so do those of one. */
function oneHeatAtATime(
  { model, written, firstHand, hands }: Stated,
  loads: readonly Load[],
  asFar: AsFar,
) {
  const { ovens, roomC } = model.session.means;
  const after = (needed: Literal, a: Load, b: Load, oven: number): void => {
    const change =
      a.need.programme === b.need.programme
        ? 0
        : changeMin(ovens[oven - 1]!, a.need.endC, b.need.setC, roomC);
    const apart = a.job.minutes + change;
    follows(written, a.start, b.start, apart, needed);
    const [from, to] = [firstHand.get(a.job.id), firstHand.get(b.job.id)];
    if (from === undefined || to === undefined) return;
    asFar(needed, from, to, apart + hands[to]!.fromMin - hands[from]!.fromMin);
  };
  loads.forEach((b, index) => {
    for (const a of loads.slice(0, index)) {
      const alike = a.need.programme === b.need.programme;
      if (alike && !a.need.staged) continue;
      for (const oven of a.choice.can) {
        if (!b.choice.is.has(oven)) continue;
        const [first, last] = [either(written), either(written)];
        // What is turned on its way goes in together, or not at all.
        const together = alike ? [either(written)] : [];
        const inBoth = [a.choice.is.get(oven)!, b.choice.is.get(oven)!];
        oneOf(written, [first, last, ...together], inBoth);
        after(first, a, b, oven);
        after(last, b, a, oven);
        for (const when of together)
          exactly(
            written,
            [
              [1, a.start],
              [-1, b.start],
            ],
            0,
            when,
          );
      }
    }
  });
}

/** Ovens: one heat at a time, so long to change it, and so much room. The oven of each load, in the order of {@link loadsOf}. */
export function statedOvens(day: Stated, asFar: AsFar): Choice[] {
  const loads = chosenIn(day);
  oneHeatAtATime(day, loads, asFar);
  for (const programme of new Set(loads.map(({ need }) => need.programme))) {
    day.model.session.means.ovens.forEach(({ shelves }, index) => {
      const here = loads.flatMap(({ need, choice, parts, job, start }) => {
        const is = choice.is.get(index + 1);
        return is === undefined || need.programme !== programme
          ? []
          : [{ start, minutes: job.minutes, parts: parts[index]!, is }];
      });
      const room = shelves * SHELF_PARTS + PARTS_MORE;
      if (here.reduce((sum, { parts }) => sum + parts, 0) <= room) return;
      share(
        day.written,
        here.map(({ is, parts, ...each }) => ({ ...each, takes: timesOf(day.written, is, parts) })),
        room,
      );
    });
  }
  return loads.map(({ choice }) => choice);
}

/** Rings and mixers. */
export function statedStations({ model, written, start }: Stated): void {
  const { rings, mixers } = model.session.means;
  for (const [station, there] of [
    ['hob', rings],
    ['mixer', mixers],
  ] as const) {
    const here = model.jobs.filter(({ task }) => task.station === station);
    if (here.length <= there) continue;
    share(
      written,
      here.map(({ id, minutes }) => ({ start: start.get(id)!, minutes, takes: 1 })),
      there,
    );
  }
}

/** What is chilled in a room, with the minutes from which and until which it can come in and leave at all. */
function chilledThere({ model, start, starts }: Stated, room: ColdRoom) {
  const firstOf = (id: string): Minute => starts.get(id)![0]![0];
  const lastOf = (id: string): Minute => starts.get(id)!.at(-1)![1];
  return chilledIn(model)
    .filter((each) => each.room === room)
    .map((each) => {
      const { minutes } = model.byId.get(each.task)!;
      return {
        ...each,
        minutes,
        start: start.get(each.task)!,
        comes: [firstOf(each.task) + minutes, lastOf(each.task) + minutes] as const,
        leaves: [
          Math.max(...each.to.map(firstOf), ...each.dueMin),
          Math.max(...each.to.map(lastOf), ...each.dueMin),
        ] as const,
      };
    });
}

type Chilled = ReturnType<typeof chilledThere>[number];

/** Whether one thing stands there when another comes in: sometimes it does whatever the plan, or never. */
function standing({ written, start }: Stated, each: Chilled, next: Chilled): Variable | undefined {
  const itself = each === next;
  const [comesFirst, comesLast] = next.comes;
  if (!itself && (each.leaves[1] <= comesFirst || each.comes[0] > comesLast)) return undefined;
  if (!itself && each.comes[1] <= comesFirst && each.leaves[0] > comesLast) return '1';
  const [stands, gone] = [either(written), either(written)];
  // What comes in at once counts as standing there, and so does the thing itself unless it is never there.
  const later = itself ? [] : [either(written)];
  oneOf(written, [stands, gone, ...later]);
  for (const when of later) {
    follows(written, next.start, each.start, next.minutes + 1 - each.minutes, when);
  }
  for (const to of each.to) follows(written, start.get(to)!, next.start, -next.minutes, gone);
  for (const due of each.dueMin) atMost(written, [[-1, next.start]], next.minutes - due, gone);
  return timesOf(written, stands, 1);
}

/**
 * Fridge and freezer, where there may be too few places: what stands there when a thing comes in is all but what comes later
 * and what is gone by then.
 */
export function statedCold(day: Stated): void {
  const { places, crowded } = day.aim;
  for (const room of COLD_ROOMS) {
    const chilled = chilledThere(day, room);
    if (chilled.reduce((sum, { vessels }) => sum + vessels, 0) <= places[room]) continue;
    for (const next of chilled) {
      if (crowded && !crowded.includes(next.task)) continue;
      const there = chilled.flatMap((each) => {
        const stands = standing(day, each, next);
        return stands === undefined ? [] : [[each.vessels, stands] as const];
      });
      atMost(day.written, there, places[room]);
    }
  }
}
