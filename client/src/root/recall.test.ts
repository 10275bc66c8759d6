/** Records of a device, read back: each is what it was, is no longer needed, or is told to be broken. */
import { recall } from './recall';

const HOUR_MS = 3600_000;
const due = (atMs: number) => [
  { key: 'tart:bake', atMs, kind: 'look' as const, says: 'Look', path: '/work/d' },
];

it('nothing was kept, and nothing is broken', () => {
  const { agenda, drafts, bakes, noted, writes, stale, broken, aside } = recall(new Map());
  expect([agenda, drafts, bakes, noted, writes]).toEqual([{}, {}, {}, {}, {}]);
  expect([stale, [...broken], aside]).toEqual([[], [], 0]);
});

it('what is due today comes back; what was due two days ago is no longer needed', () => {
  const now = due(Date.now() + HOUR_MS);
  const found = recall(
    new Map<string, unknown>([
      ['agenda/tonight', now],
      ['agenda/before', due(Date.now() - 49 * HOUR_MS)],
    ]),
  );
  expect(found.agenda).toEqual({ tonight: now });
  expect([found.stale, [...found.broken]]).toEqual([['agenda/before'], []]);
});

it('a write that nobody has asked for is still one after a reload, and what was refused is tried again', () => {
  const write = {
    ...{ id: '00000000-0000-4000-8000-000000000091', kitchenId: 'k', thing: 'o', order: 1 },
    work: {
      ...{ op: 'put', kind: 'ovens', version: 3, unasked: true },
      data: { name: 'Deck', kind: 'deck', offsetK: -9, swingK: 3, archived: false },
    },
    ...{ tried: true, refused: { code: 'invalid', message: 'No.' } },
  };
  const { writes } = recall(new Map([[`outgoing/${write.id}`, write]]));
  expect(writes).toEqual({ [write.id]: { ...write, refused: null } });
});

it('what fits nothing is told by its name, what was put aside is counted, and the rest goes on', () => {
  const found = recall(
    new Map<string, unknown>([
      ['settings', { theme: 'dark' }],
      ['agenda/odd', [{ atMs: 'soon' }]],
      ['drafts/odd', 7],
      ['bakes/odd', null],
      ['noted/odd', {}],
      ['outgoing/odd', []],
      ['of another kind', {}],
      ['aside/1/drafts/x', {}],
    ]),
  );
  expect(found.settings.theme).toBe('dark');
  expect([...found.broken.keys()].sort()).toEqual([
    'agenda/odd',
    'bakes/odd',
    'drafts/odd',
    'noted/odd',
    'of another kind',
    'outgoing/odd',
  ]);
  expect([found.stale, found.aside]).toEqual([[], 1]);
});
