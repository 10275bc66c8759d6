/** What of a probe's channels is noted of a bake, how often, and where its tips most likely are. */
import { GAP_MS, heardNow, likelyPlace, NOTE_EVERY_S, toNote, type LastRead } from './noting';

const NOW_MS = 1_000_000;
const heard = (celsius: number, agoMs = 0): LastRead => ({ celsius, heardMs: NOW_MS - agoMs });

it('remembers what each channel read last', () => {
  // What the device says of the time is not believed.
  const at = '2001-01-01T00:00:00.000Z';
  const first = heardNow(new Map(), { channel: 'a', at, celsius: 20 }, 1);
  const second = heardNow(first, { channel: 'b', at, celsius: 30 }, 2);
  const third = heardNow(second, { channel: 'a', at, celsius: 21 }, 3);
  expect([...third]).toEqual([
    ['a', { celsius: 21, heardMs: 3 }],
    ['b', { celsius: 30, heardMs: 2 }],
  ]);
  expect(first.size).toBe(1);
});

describe('what is noted', () => {
  const last = new Map([
    ['a', heard(61.26)],
    ['b', heard(80)],
  ]);
  const places = { a: 'centre', b: 'none' } as const;

  it('is what a placed channel reads, to a tenth of a degree and a second', () => {
    expect(toNote(last, places, [], 600.4, NOW_MS)).toEqual([
      { atS: 600, place: 'centre', celsius: 61.3 },
    ]);
    // A channel of which nobody has said where its tip is.
    expect(toNote(last, { b: 'rim' }, [], 600, NOW_MS)).toEqual([
      { atS: 600, place: 'rim', celsius: 80 },
    ]);
  });

  it('waits until its own place has not been noted for five minutes', () => {
    const at = (atS: number, noted: { atS: number; place: 'centre' | 'rim' }[]) =>
      toNote(last, places, noted, atS, NOW_MS).length;
    expect(NOTE_EVERY_S).toBe(300);
    expect(at(399, [{ atS: 100, place: 'centre' }])).toBe(0);
    expect(at(400, [{ atS: 100, place: 'centre' }])).toBe(1);
    expect(at(399, [{ atS: 100, place: 'rim' }])).toBe(1);
    // The last that was noted counts, in whatever order.
    const noted = [200, 100].map((atS) => ({ atS, place: 'centre' as const }));
    expect([at(450, noted), at(500, noted)]).toEqual([0, 1]);
  });

  it('is nothing of a channel that is not heard any more', () => {
    const heardSo = (agoMs: number) =>
      toNote(new Map([['a', heard(61, agoMs)]]), places, [], 600, NOW_MS).length;
    expect([heardSo(GAP_MS), heardSo(GAP_MS + 1)]).toEqual([1, 0]);
  });
});

it.each([
  ['Oven air', 3, 'oven'],
  ['Rim', 0, 'rim'],
  ['the edge', 1, 'rim'],
  ['half-way out', 1, 'halfRadius'],
  ['Centre', 2, 'centre'],
  ['core', 2, 'centre'],
  ['water bath', 1, 'pan'],
  ['1', 0, 'centre'],
  ['2', 1, 'none'],
] as const)('a channel called %p, number %p, is likely at %p', (name, index, place) =>
  expect(likelyPlace(name, index)).toBe(place),
);
