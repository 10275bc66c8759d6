/** What can be done about a trouble, and when it cannot. Common practice, unless said otherwise. */
import { asBaked, forecast, type ForecastPlan } from '../forecast';
import { TART } from '../testing/bakes';
import type { DialMarks } from '../units';
import { VERBS } from '../work';
import { fallOf, movesOf, TROUBLES, troublesIn, troublesOf } from './rescue';

const oven = (more: { readonly bath?: boolean; readonly shell?: boolean } = {}) =>
  troublesOf({ at: 'oven', bath: false, shell: false, ...more });

it('meets each trouble where it can be met', () => {
  expect(oven({ shell: true })).toContain('edge-dark');
  expect(oven()).not.toContain('edge-dark');
  expect(oven({ bath: true })).toContain('water-got-in');
  expect(oven()).not.toContain('water-got-in');
  expect(troublesOf({ at: 'stove' })).toContain('caramel-dark');
  const all = [...oven({ bath: true, shell: true }), ...troublesOf({ at: 'stove' })];
  expect([...all].sort()).toEqual([...TROUBLES].sort());
});

it('meets away from the oven what is met at the stove, and a shell that leaks as it is filled', () => {
  expect(troublesIn('cook-caramel')).toEqual(['caramel-grains', 'caramel-dark']);
  expect(troublesIn('fill')).toEqual(['leaks']);
  expect(troublesIn('roll-and-line')).toEqual([]);
  // Whatever the stove has is met in some task.
  const met = new Set(VERBS.flatMap(troublesIn));
  expect(troublesOf({ at: 'stove' }).filter((each) => !met.has(each))).toEqual([]);
});

it('covers a top once, and turns the oven from what it is set to then', () => {
  const plan: ForecastPlan = { ...TART, setC: 170, programme: { steps: [{ atMin: 20, to: 150 }] } };
  expect(movesOf('browns-early', plan, 600).map(({ deed }) => deed)).toEqual([
    { kind: 'foil', atS: 600 },
    { kind: 'oven', celsius: 155, atS: 600 },
  ]);
  const covered = asBaked(plan, [{ kind: 'foil', atS: 600 }]);
  expect(movesOf('browns-early', covered, 1300).map(({ deed }) => deed)).toEqual([
    { kind: 'oven', celsius: 135, atS: 1300 },
  ]);
  expect(movesOf('browns-early', { ...plan, foil: true }, 600)).toHaveLength(1);
});

it('turns the oven to what its dial has', () => {
  const setTo = (setC: number, degrees: DialMarks) =>
    movesOf('browns-early', { ...TART, setC, foil: true }, 60, degrees).map(({ deed }) =>
      deed.kind === 'oven' ? deed.celsius : NaN,
    )[0]!;
  // By hand: 163 - 15 = 148, in fives 150; 350 °F is 176.7 °C, 15 K less is 323 °F, in fives 325 °F, 162.8 °C.
  expect(setTo(163, 'C')).toBe(150);
  expect(setTo(176.7, 'F')).toBeCloseTo(162.8, 1);
  // Mark 4 is 350 °F; 323 °F is nearest to mark 3, 325 °F.
  expect(setTo(176.7, 'gas')).toBeCloseTo(162.8, 1);
  // 158 and 168 °C are both nearest to mark 3 (162.8): it is turned to the next, and not left as it is.
  const hotter = movesOf('still-swims', { ...TART, setC: 158 }, 60, 'gas')[0]!.deed;
  expect(hotter.kind === 'oven' && hotter.celsius).toBeCloseTo(176.7, 1);
});

it('turns no oven that is off, and none lower than it goes', () => {
  const off = asBaked(TART, [{ kind: 'oven-off', atS: 100, door: 'shut' }]);
  expect(movesOf('simmers', off, 200)).toEqual([]);
  expect(fallOf(off, { celsius: 110, sinceS: 120, atS: 200 })).toEqual([]);
  expect(movesOf('simmers', { ...TART, setC: 60 }, 200)).toEqual([]);
  expect(movesOf('leaks', TART, 200)).toEqual([]);
});

it('says of an oven that fell when it fell and when it was set right', () => {
  const deeds = fallOf({ ...TART, setC: 150 }, { celsius: 110, sinceS: 600, atS: 1200 });
  expect(deeds).toEqual([
    { kind: 'oven', celsius: 110, atS: 600 },
    { kind: 'oven', celsius: 150, atS: 1200 },
  ]);
  const bestOf = (plan: ForecastPlan) => {
    const made = forecast(plan, { resolution: 0.6, brief: true });
    if (!made.ok || made.value.verdict.kind !== 'window') throw new Error('no window');
    return made.value.verdict.best.timeS;
  };
  // Ten minutes of falling cost some minutes, and fewer than ten: the lining stays warm.
  const lateS = bestOf(asBaked(TART, deeds)) - bestOf(TART);
  expect(lateS).toBeGreaterThan(30);
  expect(lateS).toBeLessThan(600);
});

it('slows a bake that browns and hastens one that still swims', () => {
  const bestOf = (plan: ForecastPlan) => {
    const made = forecast(plan, { resolution: 0.6, brief: true });
    if (!made.ok || made.value.verdict.kind !== 'window') throw new Error('no window');
    return made.value.verdict.best.timeS;
  };
  const plain = bestOf(TART);
  for (const { deed } of movesOf('browns-early', TART, 1200)) {
    expect(bestOf(asBaked(TART, [deed]))).toBeGreaterThan(plain + 30);
  }
  const [hotter] = movesOf('still-swims', TART, 1200);
  expect(bestOf(asBaked(TART, [hotter!.deed]))).toBeLessThan(plain - 10);
});
