/** What is noted of a bake on this device. */
import type { Reading } from '@hollow-moon/contract';
import { entriesOf, notedOf, type LocalEntry } from './noted';

const at = (n: number, atS: number): Reading => ({
  ...{ id: `00000000-0000-4000-8000-00000000000${n}`, atS, celsius: 60 + n },
  place: 'centre',
});
const wobble = { id: '00000000-0000-4000-8000-000000000007', atS: 5, wobble: 'loose' } as never;
const deed = { id: '00000000-0000-4000-8000-000000000008', atS: 6, kind: 'foil' } as never;

const record = (entries: readonly LocalEntry[]) =>
  Object.fromEntries(entries.map((each) => [each.entry.id, each]));

it('is its own, by time, without what was taken back, each kind by itself', () => {
  const mine = entriesOf('mine', {
    readings: [at(1, 90), at(2, 30), at(3, 60)],
    wobbles: [wobble],
    deeds: [deed],
  });
  const yours = entriesOf('yours', { readings: [at(4, 10)], wobbles: [], deeds: [] });
  const back = mine.map((each) =>
    each.entry.id === at(3, 60).id ? { ...each, takenBack: true } : each,
  );
  expect(notedOf(record([...back, ...yours]), 'mine')).toEqual({
    readings: [at(2, 30), at(1, 90)],
    wobbles: [wobble],
    deeds: [deed],
  });
  expect(notedOf(record(yours), 'mine')).toEqual({ readings: [], wobbles: [], deeds: [] });
});
