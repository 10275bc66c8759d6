/** When a bake calls, and for what: each thing once, and again where a reading has put it back. */
import type { Due } from './agenda';
import { callOf, dueNow, mostPressingOf, toRing, type Called } from './due';

const at = (call: Called['call'], stepS?: number, vesselNo?: number): Called => ({
  call,
  stepS,
  vesselNo,
});

it.each([
  ['waiting', 'look', undefined],
  ['open', 'best', 'look'],
  ['open', 'last', 'pull'],
  ['past', 'over', 'past'],
  ['no-window', 'elapsed', undefined],
] as const)('%s, counting to %s, calls for %s', (phase, to, call) => {
  expect(callOf({ phase, count: { to, seconds: 60 } })).toBe(call);
});

it.each([
  ['at once, of a bake that is open when the page is', undefined, at('look'), 'look'],
  ['not while it waits', at(undefined), at(undefined), undefined],
  ['once', at('look'), at('look'), undefined],
  ['for the next thing', at('look'), at('pull'), 'pull'],
  ['not where a reading has put it back', at('past'), at(undefined), undefined],
  ['and again after that', at(undefined), at('look'), 'look'],
  ['for a step of its oven', at(undefined), at(undefined, 900), 'step'],
  ['for a step once', at(undefined, 900), at(undefined, 900), undefined],
  ['for the next step', at('look', 900), at('look', 1800), 'step'],
  ['for one of several', at('look'), at('look', undefined, 3), 'vessel'],
  ['for that one once', at('look', undefined, 3), at('look', undefined, 3), undefined],
  ['for the next of them', at('look', undefined, 3), at('pull', undefined, 1), 'vessel'],
] as const)('rings %s', (_, before, now, call) => {
  expect(toRing(before, now)).toBe(call);
});

describe('what of a day is due', () => {
  const due = (key: string, atMs: number): Due => ({
    key,
    atMs,
    kind: 'begin',
    says: '',
    path: '',
  });
  const NOW = 1_000_000;

  it.each([
    ['is called for when its time has come', [due('a', NOW - 1000)], [], ['a']],
    ['is not called for before', [due('a', NOW + 1000)], [], []],
    ['is called for once', [due('a', NOW - 1000)], ['a'], []],
    ['is not called for long after', [due('a', NOW - 120_000)], [], []],
  ])('%s', (_, list, known, called) => {
    expect(dueNow(list, NOW, new Set(known)).calls.map(({ key }) => key)).toEqual(called);
  });

  it('is called for again where it was put off', () => {
    const first = dueNow([due('a', NOW)], NOW, new Set());
    const putOff = dueNow([due('a', NOW + 5000)], NOW + 1000, first.known);
    expect(putOff.calls).toEqual([]);
    expect(dueNow([due('a', NOW + 5000)], NOW + 6000, putOff.known).calls).toHaveLength(1);
  });
});

it.each([
  [['look', 'pull'], 'pull'],
  [['step', 'past', 'pull'], 'past'],
  [['look', 'step', 'vessel'], 'vessel'],
  [[], undefined],
] as const)('of %j at one moment %s sounds', (calls, call) => {
  expect(mostPressingOf(calls)).toBe(call);
});
