/** A way out of a day that cannot be had: what it says, and what a tap on it does. */
import { AS_USUAL, type DayData } from '@hollow-moon/contract';
import type { Relief } from '@hollow-moon/core/planning';
import { reliefInWords } from './relief';
import { emptyDay } from './useDay';
import type { Planned } from './usePlan';

describe('a way out', () => {
  const day: DayData = {
    ...emptyDay(new Date('2026-11-30T12:00:00')),
    wanted: [
      {
        id: 'tart',
        formulaId: 'f',
        vessels: 1,
        dueMin: 400,
        forWhom: '',
        ...AS_USUAL,
      },
    ],
  };
  const planned = {
    session: {
      wanted: [{ id: 'tart', name: 'Plum tart' }],
      means: { ovens: [{ id: 'oven', name: 'Deck' }] },
    },
  } as unknown as Planned;
  const after = (way: Relief) => {
    let changed = day;
    const { says, take } = reliefInWords(way, planned, (change) => {
      changed = change(day);
    });
    take?.();
    return { says, changed, taps: take !== undefined };
  };

  it('begins sooner: the work, and everybody, over midnight where it must', () => {
    const { changed } = after({ kind: 'begin-sooner', minutes: 120 });
    expect(changed.beginsMin).toBe(day.beginsMin - 120);
    expect(changed.people[0]).toMatchObject({ fromMin: 18 * 60, toMin: 30 * 60 });
    const early = { ...day.people[0]!, fromMin: 60, toMin: 600 };
    let shifted = day;
    const sooner = reliefInWords({ kind: 'begin-sooner', minutes: 120 }, planned, (change) => {
      shifted = change({ ...day, people: [early] });
    });
    sooner.take?.();
    // From 23:00 of the evening before to 10:00: counted from that evening on.
    expect(shifted.people[0]).toMatchObject({ fromMin: 1380, toMin: 2040 });
  });

  it('serves later, leaves out, or has one more cook, and says so', () => {
    const later = after({ kind: 'serve-later', bake: 'tart', minutes: 45 });
    expect(later.changed.wanted[0]!.dueMin).toBe(445);
    expect(later.says).toBe('Serve Plum tart 45\u00a0min later');
    expect(after({ kind: 'leave-out', bake: 'tart' }).changed.wanted).toEqual([]);
    const more = after({ kind: 'one-more-cook', like: day.people[0]!.id }).changed.people;
    expect(more.map(({ fromMin, toMin }) => [fromMin, toMin])).toEqual([
      [1200, 1800],
      [1200, 1800],
    ]);
    expect(more[1]!.id).not.toBe(more[0]!.id);
  });

  it('stays longer, but no longer than a day and its two days', () => {
    const stay = (minutes: number, from: Partial<DayData['people'][number]> = {}) => {
      let changed = day;
      const people = day.people.map((cook) => ({ ...cook, ...from }));
      const { says, take } = reliefInWords({ kind: 'stay-longer', minutes }, planned, (change) => {
        changed = change({ ...day, people });
      });
      take!();
      return { says, toMin: changed.people[0]!.toMin };
    };
    // From 20:00 to 06:00.
    expect(stay(90)).toEqual({ says: 'Stay 1\u00a0h 30\u00a0min longer', toMin: 1890 });
    expect(stay(900).toMin).toBe(1200 + 1440);
    expect(stay(900, { fromMin: 1439, toMin: 2000 }).toMin).toBe(2879);
    expect(stay(900, { fromMin: 1439, toMin: 2870 }).toMin).toBe(2879);
  });

  it('moves nothing past what a day has room for', () => {
    let changed = day;
    const earliest = { ...day, beginsMin: -2800 };
    reliefInWords({ kind: 'begin-sooner', minutes: 120 }, planned, (change) => {
      changed = change(earliest);
    }).take!();
    expect(changed.beginsMin).toBe(-2880);
    const late = { ...day, wanted: day.wanted.map((each) => ({ ...each, dueMin: 2800 })) };
    const other = { ...late.wanted[0]!, id: 'pie' };
    reliefInWords({ kind: 'serve-later', bake: 'tart', minutes: 120 }, planned, (change) => {
      changed = change({ ...late, wanted: [...late.wanted, other] });
    }).take!();
    expect(changed.wanted.map(({ dueMin }) => dueMin)).toEqual([2879, 2800]);
    // Who works round the clock works no longer by beginning sooner.
    const round = { ...day.people[0]!, fromMin: 0, toMin: 1440 };
    reliefInWords({ kind: 'begin-sooner', minutes: 120 }, planned, (change) => {
      changed = change({ ...day, people: [round] });
    }).take!();
    expect(changed.people).toEqual([round]);
    // And who is gone by then is nobody to have one more of.
    reliefInWords({ kind: 'one-more-cook', like: 'nobody' }, planned, (change) => {
      changed = change(day);
    }).take!();
    expect(changed).toBe(day);
  });

  it('does not borrow an oven by a tap', () => {
    const { says, taps } = after({ kind: 'borrow-oven', like: 'oven' });
    expect(says).toContain('second oven like Deck');
    expect(taps).toBe(false);
  });
});
