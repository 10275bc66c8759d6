import { firstPlan, improve } from './improve';
import { modelOf } from './model';
import type { DayOven, Minute, Session } from './session';

/** A small change that makes a day possible. */
export type Relief =
  | { readonly kind: 'begin-sooner'; readonly minutes: number }
  | { readonly kind: 'stay-longer'; readonly minutes: number }
  | { readonly kind: 'serve-later'; readonly bake: string; readonly minutes: number }
  | { readonly kind: 'borrow-oven'; readonly like: string }
  | { readonly kind: 'one-more-cook'; readonly like: string }
  | { readonly kind: 'leave-out'; readonly bake: string };

const SOONER_MIN = [60, 120, 240, 480, 720] as const;
const LONGER_MIN = [30, 60, 120, 180, 240] as const;
const LATER_MIN = [15, 30, 45, 60, 90, 120, 180, 240] as const;

/** So many tries of a search are made for each way out, when the first plan does not do. */
const TRIES = 4;

/** Whether everything is ready by its hour. */
export function onTime(session: Session): boolean {
  const model = modelOf(session);
  if (!model.ok) return false;
  const first = firstPlan(model.value).plan;
  if (first.left.length === 0 && first.late.length === 0) return true;
  const { plan } = improve(model.value, { tries: TRIES });
  return plan.left.length === 0 && plan.late.length === 0;
}

/** The session with everybody's hours, and its own beginning, so much sooner, as far as that has not gone. */
export function begunSooner(session: Session, minutes: Minute): Session {
  return {
    ...session,
    fromMin: Math.max(session.fromMin - minutes, session.goneMin ?? -Infinity),
    means: {
      ...session.means,
      people: session.means.people.map((person) => ({
        ...person,
        hours: person.hours.map(([from, to]) => [from - minutes, to] as const),
      })),
    },
  };
}

/** What a way out makes of a session. */
export function relieved(session: Session, way: Relief): Session {
  const { means, wanted } = session;
  switch (way.kind) {
    case 'begin-sooner':
      return begunSooner(session, way.minutes);
    case 'stay-longer':
      return {
        ...session,
        means: {
          ...means,
          people: means.people.map((person) => ({
            ...person,
            hours: person.hours.map(([from, to]) => [from, to + way.minutes] as const),
          })),
        },
      };
    case 'serve-later':
      return {
        ...session,
        wanted: wanted.map((each) =>
          each.id === way.bake ? { ...each, dueMin: each.dueMin + way.minutes } : each,
        ),
      };
    case 'leave-out':
      return { ...session, wanted: wanted.filter(({ id }) => id !== way.bake) };
    case 'borrow-oven': {
      const like = means.ovens.find(({ id }) => id === way.like);
      if (!like) throw new RangeError(`no oven '${way.like}'`);
      const more: DayOven = { ...like, id: `${like.id}+` };
      return { ...session, means: { ...means, ovens: [...means.ovens, more] } };
    }
    case 'one-more-cook': {
      const like = means.people.find(({ id }) => id === way.like);
      if (!like) throw new RangeError(`no cook '${way.like}'`);
      return {
        ...session,
        means: { ...means, people: [...means.people, { ...like, id: `${like.id}+` }] },
      };
    }
  }
}

/** The smallest of each kind of change that lets everything be ready by its hour; empty where none does by itself. */
export function reliefsFor(session: Session): Relief[] {
  const helps = (way: Relief): boolean => onTime(relieved(session, way));
  const first = <T extends Relief>(ways: readonly T[]): T[] => {
    const found = ways.find(helps);
    return found ? [found] : [];
  };
  const late = lateOf(session);
  return [
    // What has begun cannot begin sooner.
    ...(session.past
      ? []
      : first(SOONER_MIN.map((minutes) => ({ kind: 'begin-sooner' as const, minutes })))),
    // Where there is a night to come, that is begun sooner rather than stayed through.
    ...(session.past || session.goneMin !== undefined
      ? first(LONGER_MIN.map((minutes) => ({ kind: 'stay-longer' as const, minutes })))
      : []),
    ...late.flatMap((bake) =>
      first(LATER_MIN.map((minutes) => ({ kind: 'serve-later' as const, bake, minutes }))),
    ),
    ...session.means.ovens
      .map(({ id }) => ({ kind: 'borrow-oven' as const, like: id }))
      .filter(helps),
    ...session.means.people
      .slice(0, 1)
      .map(({ id }) => ({ kind: 'one-more-cook' as const, like: id }))
      .filter(helps),
    ...late.map((bake) => ({ kind: 'leave-out' as const, bake })).filter(helps),
  ];
}

/** Bakes that the first plan has late or leaves out. */
function lateOf(session: Session): readonly string[] {
  const model = modelOf(session);
  if (!model.ok) return [];
  const { late, left } = firstPlan(model.value).plan;
  return [...left, ...late.map(({ bake }) => bake)];
}
