import { COLD_ROOMS } from '../../work';
import { chilledIn } from '../reading';
import { changeMin } from '../taken';
import { atMost, either, exactly, follows, oneOf, share, timesOf, type Literal } from './flatzinc';
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

/**
 * Fridge and freezer, where there may be too few places: what stands there when each thing comes in is all but what comes later
 * and what is gone by then.
 */
export function statedCold({ model, aim, written, start }: Stated): void {
  for (const room of COLD_ROOMS) {
    const chilled = chilledIn(model)
      .filter((each) => each.room === room)
      .map((each) => ({
        ...each,
        minutes: model.byId.get(each.task)!.minutes,
        start: start.get(each.task)!,
      }));
    if (chilled.reduce((sum, { vessels }) => sum + vessels, 0) <= aim.places[room]) continue;
    for (const next of chilled) {
      const standing = chilled.map((each) => {
        const [stands, gone] = [either(written), either(written)];
        // What comes in at once counts as standing there, and so does the thing itself unless it is never there.
        const later = each === next ? [] : [either(written)];
        oneOf(written, [stands, gone, ...later]);
        for (const when of later) {
          follows(written, next.start, each.start, next.minutes + 1 - each.minutes, when);
        }
        for (const to of each.to) follows(written, start.get(to)!, next.start, -next.minutes, gone);
        for (const due of each.dueMin)
          atMost(written, [[-1, next.start]], next.minutes - due, gone);
        return [each.vessels, timesOf(written, stands, 1)] as const;
      });
      atMost(written, standing, aim.places[room]);
    }
  }
}
