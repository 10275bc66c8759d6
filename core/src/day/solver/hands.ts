import { allOf, atMost, between, exactly, follows, share, timesOf } from './flatzinc';
import type { Literal, Variable } from './flatzinc';
import type { Stated } from './parts';

/** Hands `to` come `minutes` or more after hands `from`, by their places in {@link Stated.hands}, as soon as something holds. */
export type AsFar = (needed: Literal, from: number, to: number, minutes: number) => void;

/** What the two ways of saying when hands are there come to. */
export interface Counted {
  readonly asFar: AsFar;
  /** What else has to be decided. */
  readonly variables: readonly Variable[];
}

/** Each stretch of hands in a stretch of work, which is at least as long as all of them. */
function inTheirHours({ written, start, hands, shifts, there, presence }: Stated): void {
  shifts.forEach(({ toMin }, index) => {
    const here = hands.flatMap(({ job, fromMin, minutes, shift }) => {
      const is = shift.is.get(index + 1);
      if (is === undefined) return [];
      atMost(written, [[1, start.get(job.id)!]], toMin - minutes - fromMin, is);
      return [{ is, minutes }];
    });
    const always = here
      .filter(({ is }) => is === true)
      .reduce((sum, each) => sum + each.minutes, 0);
    const maybe = here.flatMap(({ is, minutes }) =>
      is === true ? [] : [[minutes, timesOf(written, is, 1)] as const],
    );
    atMost(written, [...maybe, [-1, there[index]!]], -always);
  });
  exactly(written, [[-1, presence], ...there.map((each) => [1, each] as const)], 0);
}

/** Hands in a stretch of work, by the clock alone. */
function byClock({ written, start, hands, shifts, come, there }: Stated): Counted {
  const begins = hands.map(({ job, fromMin, minutes }) => {
    const of = start.get(job.id)!;
    if (fromMin === 0) return of;
    const first = Math.min(...shifts.map((each) => each.fromMin));
    const last = Math.max(...shifts.map((each) => each.toMin));
    const at = between(written, first, last - minutes);
    exactly(
      written,
      [
        [1, at],
        [-1, of],
      ],
      fromMin,
    );
    return at;
  });
  shifts.forEach((_, index) => {
    const [from, long] = [come[index]!, there[index]!];
    const here = hands.flatMap(({ minutes, shift }, nth) => {
      const is = shift.is.get(index + 1);
      if (is === undefined) return [];
      const begin = begins[nth]!;
      follows(written, from, begin, 0, is);
      atMost(
        written,
        [
          [1, begin],
          [-1, from],
          [-1, long],
        ],
        -minutes,
        is,
      );
      return [{ start: begin, minutes, takes: timesOf(written, is, 1) }];
    });
    share(written, here, 1);
  });
  return { asFar: () => undefined, variables: begins };
}

/** Minutes spent: of each stretch of hands, at the ends of all stretches of work, and where each would have begun with none. */
interface Spent {
  readonly at: readonly Variable[];
  readonly marks: readonly Variable[];
  readonly origins: readonly Variable[];
}

/** All stretches of work laid end to end. */
function laidEndToEnd({ aim, written, hands, shifts, come, there, presence }: Stated): Spent {
  const most = aim.presence.most;
  const marks = [
    between(written, 0, 0),
    ...shifts.slice(1).map(() => between(written, 0, most)),
    presence,
  ];
  const origins = shifts.map(({ fromMin, toMin }, index) => {
    const origin = between(written, fromMin - most, toMin);
    const [from, to, came, long] = [marks[index]!, marks[index + 1]!, come[index]!, there[index]!];
    exactly(
      written,
      [
        [1, to],
        [-1, from],
        [-1, long],
      ],
      0,
    );
    exactly(
      written,
      [
        [1, origin],
        [1, from],
        [-1, came],
      ],
      0,
    );
    atMost(
      written,
      [
        [1, came],
        [1, long],
      ],
      toMin,
    );
    return origin;
  });
  const at = hands.map(({ minutes }) => between(written, 0, Math.max(0, most - minutes)));
  return { at, marks, origins };
}

/**
 * Hands in a stretch of work, by the minutes that people have spent there as well: all stretches are laid end to end, with
 * nothing between them. In these minutes nobody does two things at once, whoever it is, and the end of the last is the presence;
 * and what is so far apart by the clock is as far apart in them, as long as one stretch holds both. So the solver
 * learns what a plan cannot have without trying every minute that somebody could come at.
 */
function byPresence(day: Stated): Counted {
  const { model, written, start, hands, firstHand } = day;
  const { at, marks, origins } = laidEndToEnd(day);
  hands.forEach(({ job, fromMin, minutes, shift }, nth) => {
    const spent = at[nth]!;
    const begun = start.get(job.id)!;
    for (const [number, is] of shift.is) {
      exactly(
        written,
        [
          [1, begun],
          [-1, origins[number - 1]!],
          [-1, spent],
        ],
        -fromMin,
        is,
      );
      follows(written, marks[number - 1]!, spent, 0, is);
      follows(written, spent, marks[number]!, minutes, is);
    }
  });
  share(
    written,
    hands.map(({ minutes }, nth) => ({ start: at[nth]!, minutes, takes: 1 })),
    1,
  );
  const asFar: AsFar = (needed, from, to, minutes) => {
    for (const [number, is] of hands[from]!.shift.is) {
      const too = hands[to]!.shift.is.get(number);
      if (too === undefined) continue;
      follows(written, at[from]!, at[to]!, minutes, allOf(written, [needed, is, too]));
    }
  };
  for (const { from, to, leastMin, mostMin } of model.edges) {
    const [one, other] = [firstHand.get(from), firstHand.get(to)];
    if (one === undefined || other === undefined) continue;
    const apart = model.byId.get(from)!.minutes + hands[other]!.fromMin - hands[one]!.fromMin;
    asFar(true, one, other, apart + Math.ceil(leastMin));
    if (mostMin < Infinity) asFar(true, other, one, -(apart + Math.floor(mostMin)));
  }
  hands.forEach(({ job, fromMin, nth }, index) => {
    const before = hands[index - 1];
    if (nth === 0 || before?.job !== job) return;
    asFar(true, index - 1, index, fromMin - before.fromMin);
    asFar(true, index, index - 1, before.fromMin - fromMin);
  });
  return { asFar, variables: [...at, ...marks.slice(0, -1), ...origins] };
}

/** Everybody's hands, one thing at a time and in their hours, and how long that keeps them there. */
export function statedHands(day: Stated): Counted {
  inTheirHours(day);
  return { clock: byClock, presence: byPresence }[day.aim.by](day);
}
