/** When a search for a better plan ends by itself. */
import type { DayData } from '@hollow-moon/contract';
import { act, renderHook } from '@testing-library/react';
import { pool } from '../jobs';
import { useBetter } from './useBetter';
import { emptyDay } from './useDay';
import type { Planned } from './usePlan';

jest.mock('../jobs', () => ({ pool: jest.fn() }));

const day: DayData = emptyDay(new Date('2026-11-30T12:00:00'));

/** A plan of one tart that bakes so long. */
const plannedWith = (minutes: number) =>
  ({
    session: {
      wanted: [{ id: 'tart', work: { tasks: [{ id: 'bake', span: { expectedMin: minutes } }] } }],
    },
    way: {},
    plan: { placed: [], late: [], left: [] },
    measures: {
      ...{ left: 0, lateMin: 0, pastBestMin: 0, presenceMin: 60, busyMin: 30 },
      ...{ waitedMin: 0, coldOver: 0, changes: 0, moved: 0 },
    },
  }) as unknown as Planned;

/** A search under way, with how often its job was taken back. */
function searching() {
  const withdraw = jest.fn();
  jest
    .mocked(pool)
    .mockReturnValue({ ask: () => ({ answer: new Promise(() => undefined), withdraw }) } as never);
  const kept = jest.fn();
  const hook = renderHook(({ planned, of }) => useBetter(planned, of, () => undefined, kept), {
    initialProps: { planned: plannedWith(40), of: day },
  });
  act(() => hook.result.current.start());
  expect(hook.result.current.doing).toBe('looking');
  return { ...hook, withdraw, kept };
}

it('goes on while the day and its bakes are the same, whatever is planned anew', () => {
  const { result, rerender, withdraw } = searching();
  rerender({ planned: plannedWith(40), of: { ...day, way: null } });
  expect(result.current.doing).toBe('looking');
  expect(withdraw).not.toHaveBeenCalled();
});

it.each([
  ['a forecast that came later has another bake to plan', plannedWith(55), day],
  ['the day is changed', plannedWith(40), { ...day, rings: day.rings + 1 }],
] as const)('ends, and nothing of it is kept, where %s', async (_, planned, of) => {
  const { result, rerender, withdraw, kept } = searching();
  rerender({ planned, of });
  expect(result.current).toMatchObject({ doing: 'nothing', known: undefined, saved: undefined });
  expect(withdraw).toHaveBeenCalledTimes(1);
  await act(() => Promise.resolve());
  expect(kept).not.toHaveBeenCalled();
});

it('shows each plan that the solver tells as it comes, and keeps the last of them at its end', async () => {
  const found = (cost: number, named: string) => ({ cost, way: { named }, plan: {} });
  const known = (cost: number, named: string, presenceMin: number) => ({
    ...{ best: found(cost, named), presenceMin, leastMin: 20 },
    troubleProved: true,
  });
  let tell: (known: unknown) => void = () => undefined;
  let answer: (known: unknown) => void = () => undefined;
  const asked: string[] = [];
  jest.mocked(pool).mockReturnValue({
    ask: (kind: string, _: unknown, wish?: { readonly tell: typeof tell }) => {
      asked.push(kind);
      if (wish) tell = wish.tell;
      return {
        answer:
          kind === 'better'
            ? Promise.resolve(found(1e6, 'dearer'))
            : new Promise((resolve) => {
                answer = resolve;
              }),
        withdraw: () => undefined,
      };
    },
  } as never);
  const [tried, kept] = [jest.fn(), jest.fn()];
  const planned = plannedWith(40);
  const { result } = renderHook(() => useBetter(planned, day, tried, kept));
  await act(async () => {
    result.current.start();
    // Three rounds in vain, one after another.
    for (let turn = 0; turn < 50; turn += 1) await Promise.resolve();
  });
  expect(asked).toEqual(['better', 'better', 'better', 'prove']);
  expect(result.current).toMatchObject({ doing: 'proving', known: undefined });
  act(() => tell(known(-1, 'leaner', 50)));
  expect(result.current.known).toMatchObject({ presenceMin: 50 });
  expect(tried).toHaveBeenLastCalledWith({ named: 'leaner' });
  // What is dearer again tells of presence, and is not shown as a plan.
  act(() => tell(known(0, 'dearer', 45)));
  expect(result.current.known).toMatchObject({ presenceMin: 45 });
  expect(tried).toHaveBeenCalledTimes(1);
  expect(kept).not.toHaveBeenCalled();
  await act(async () => {
    answer(known(-2, 'leanest', 40));
    for (let turn = 0; turn < 50; turn += 1) await Promise.resolve();
  });
  expect(result.current).toMatchObject({ doing: 'nothing', known: { presenceMin: 40 } });
  expect(kept.mock.calls).toEqual([[{ named: 'leanest' }]]);
});
