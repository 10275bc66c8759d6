/**
 * An oven's body a tick at a time, and what a vessel meets in it, worked with a pen from the constants that docs/model.md
 * lists (from memory). A time of five seconds is one tick, so that a stretch is one state.
 */
import { saturationPressurePa } from '../properties';
import { changeOverMin } from './changeOver';
import { airChangeOf, exchangeIn, liningDeficitK } from './enclosure';
import type { OvenKind } from './kinds';
import { ovenStretches, type OvenLoad, type OvenProgramme } from './programme';
import type { Standing } from './standing';
import { inOven } from './surroundings';

const ROOM_C = 20;

/** The mean of a still oven over its first ticks. */
function first(
  ticks: number,
  setC: number,
  programme: OvenProgramme = {},
  load?: OvenLoad,
  offsetK = 0,
) {
  const [only, ...more] = ovenStretches('still', setC, offsetK, ROOM_C, programme, load, ticks * 5);
  expect(more).toEqual([]);
  return only!;
}

describe('the body of an oven, tick by tick', () => {
  it('stands where it was said to when the bake goes in, whatever its dial is off by', () => {
    expect(first(1, 160, { entersAtC: 150 }, undefined, -12).airC).toBe(150);
    expect(first(1, 160, {}, undefined, -12).airC).toBe(148);
  });

  // By hand: 2500 W for 5 s warm 15 000 J/K by 0.8333 K; half of that is the mean of the first two ticks.
  it('heats at full power from cold', () => {
    const cold = { entersAtC: ROOM_C };
    expect(first(1, 180, cold).airC).toBe(20);
    expect(first(2, 180, cold).airC).toBeCloseTo(20 + 0.8333 / 2, 3);
  });

  // By hand: half a degree wants 0.5 × 15 000 / 5 = 1500 W, and 4.5 × 159.5 = 718 W go through the walls: it has them.
  it('takes no more than it needs to come to its heat', () => {
    expect(first(2, 180, { entersAtC: 179.5 }).airC).toBeCloseTo(179.75, 6);
  });

  // By hand: 4.5 × 160 = 720 W for 5 s cool 15 000 J/K by 0.24 K.
  it('cools from the tick it is switched off in', () => {
    const off = { steps: [{ atMin: 0, to: 'off-shut' }] } as const;
    expect(first(2, 180, off).airC).toBeCloseTo(179.88, 6);
  });

  // By hand: of 140 K over the room a third and a bit, 0.35, stay: 20 + 49 = 69 °C. The walls lose ten times as much, 6300 W,
  // of which 2500 come back: 3800 W for 5 s are 1.2667 K. Then the air is short of e^(-5/60) of the 91 K it lost.
  it('loses the air through its door for as long as it is open, and no tick longer', () => {
    const opened = { doors: [{ atMin: 0, forS: 5 }] };
    expect(first(1, 160, opened).airC).toBeCloseTo(69, 6);
    expect(first(1, 160, opened).wallsC).toBeCloseTo(160 - liningDeficitK('still', 2500), 6);
    const second = 160 - 3800 / 3000 - 91 * Math.exp(-5 / 60);
    expect(first(2, 160, opened).airC).toBeCloseTo((69 + second) / 2, 6);
  });

  // By hand: two of 0.15 m² take 15 × 0.3 × 130 = 585 W, as much as the walls; six tenths of it come from the lining. In 5 s
  // each of 4000 J/K is warmer by 585 × 5 / 8000 = 0.3656 K, and takes 4.5 × 0.3656 = 1.645 W less.
  it('feeds what stands in it, which warms and takes less', () => {
    const load = { vessels: 2, areaM2: 0.15, heatJK: 4000, startC: 20 };
    const deficit = (toLoadW: number) => liningDeficitK('still', 585 + 0.6 * toLoadW);
    expect(first(1, 150, {}, load).wallsC).toBeCloseTo(150 - deficit(585), 6);
    expect(first(2, 150, {}, load).wallsC).toBeCloseTo(
      150 - (deficit(585) + deficit(585 - 1.6453)) / 2,
      4,
    );
    expect(first(2, 150, {}, load).airC).toBeCloseTo(150, 6);
  });

  // By hand: after 5 s of 240 the sine is 0.1305; ten times that, halved.
  it('swings with its thermostat, air and walls alike, and not when it is off', () => {
    const still = first(2, 150);
    const swung = first(2, 150, { swingK: 10 });
    expect(swung.airC - still.airC).toBeCloseTo(0.6526, 3);
    expect(swung.wallsC - still.wallsC).toBeCloseTo(0.6526, 3);
    const off = { steps: [{ atMin: 0, to: 'off-shut' }] } as const;
    expect(first(2, 150, { ...off, swingK: 10 }).airC).toBeCloseTo(first(2, 150, off).airC, 9);
  });
});

describe('stretches', () => {
  const over = (seconds: number, programme: OvenProgramme, setC = 180) =>
    ovenStretches('still', setC, 0, ROOM_C, programme, undefined, seconds);

  // By hand: over the room it is x(n + 1) = 0.9985 x(n) + 0.8333 of a kelvin: 0, 0.8333, 1.6654, 2.4963, 3.3258, 4.1542,
  // 4.9813, 5.8071 … The eighth is more than 5 K from the first, so the first seven are one stretch: 2.4938 in the mean.
  it('end where the next tick would be five kelvins from the least of them', () => {
    const heating = over(100, { entersAtC: ROOM_C });
    expect(heating.map(({ untilS }) => untilS)).toEqual([35, 70, 100]);
    expect(heating[0]!.airC).toBeCloseTo(22.4938, 3);
    // The next seven: x(7) to x(13) are 5.8071, 6.6317, 7.4551, 8.2773, 9.0982, 9.9179, 10.7364.
    expect(heating[1]!.airC).toBeCloseTo(20 + 8.2748, 3);
  });

  // The air falls by 91 K in the second tick, and is six ticks in one stretch all the same: half a minute.
  it('last half a minute at the least', () => {
    const opened = over(60, { doors: [{ atMin: 5 / 60, forS: 3600 }] }, 160);
    expect(opened[0]!.untilS).toBe(30);
  });

  // Cooling, the most of them comes first: by hand 0.24 K a tick at 160 K over the room, a little less each time.
  it('end five kelvins under the most of them too', () => {
    const cooling = over(240, { steps: [{ atMin: 0, to: 'off-shut' }] });
    // x(n) = 160 × 0.9985^n: over 5 K less from n = 22 on (160 - 154.80 = 5.2; n = 21 gives 4.97).
    expect(cooling[0]!.untilS).toBe(110);
    expect(cooling[1]!.untilS).toBe(220);
  });
});

describe('from one heat to another', () => {
  // By hand: 15 000 / 4.5 × ln((555.6 - 130) / (555.6 - 133)) / 60.
  it('three kelvins are another heat already, two and a half are not', () => {
    const most = 2500 / 4.5;
    expect(changeOverMin('still', 150, 153, ROOM_C)).toBeCloseTo(
      ((15_000 / 4.5) * Math.log((most - 130) / (most - 133))) / 60,
      9,
    );
    expect(changeOverMin('still', 150, 152.5, ROOM_C)).toBe(0);
  });

  it('never comes to the most its heater can, nor down to the room', () => {
    expect(changeOverMin('still', 150, ROOM_C + 2500 / 4.5, ROOM_C)).toBe(Infinity);
    expect(changeOverMin('still', 150, ROOM_C, ROOM_C)).toBe(Infinity);
    expect(changeOverMin('still', 150, ROOM_C + 1, ROOM_C)).toBeLessThan(Infinity);
  });
});

describe('what a vessel meets', () => {
  const meets = (kind: OvenKind, given: Parameters<typeof inOven>[4] = {}) =>
    inOven(kind, { airC: 150, wallsC: 145 }, 'bright-tin', 0, given);

  it('is of its kind of oven, with the door shut, and of how much of the heat goes over', () => {
    const { top, side, base, airChange } = meets('fan');
    expect([top, side, base].map(({ convectionWm2K }) => convectionWm2K)).toEqual([
      14.5, 17.5, 17.5,
    ]);
    expect(airChange).toEqual(airChangeOf('fan', { airC: 150, ajar: false }, 1));
    const less = meets('fan', { transfer: 0.8 });
    expect([less.top, less.side, less.base].map(({ convectionWm2K }) => convectionWm2K)).toEqual([
      expect.closeTo(11.6, 9),
      expect.closeTo(14, 9),
      expect.closeTo(14, 9),
    ]);
  });

  it('is half of the convection and a tenth of the radiation under a foil', () => {
    const [bare, covered] = [meets('fan'), meets('fan', { foil: true })];
    expect(covered.top.convectionWm2K).toBeCloseTo(7.25, 9);
    expect(covered.top.emissivity / bare.top.emissivity).toBeCloseTo(0.1, 9);
    expect(covered.side).toEqual(bare.side);
  });

  // By hand: a hot tray gives 22 where the air gives 17.5, and the deck's 25 are more than that; a tray below leaves eight
  // tenths of 17.5.
  it.each([
    ['fan', 'rack', 17.5, 1],
    ['fan', 'cold-tray', 17.5, 0.4],
    ['fan', 'hot-tray', 22, 0.4],
    ['deck', 'hot-tray', 25, 0.4],
    ['fan', 'shielded', 14, 0.5],
  ] as const)(
    'from below in a %s oven on a %s',
    (kind, standing: Standing, convection, radiation) => {
      const { base, side } = meets(kind, { standing });
      expect(base.convectionWm2K).toBeCloseTo(convection, 9);
      expect(base.emissivity / side.emissivity).toBeCloseTo(radiation, 9);
    },
  );

  it('radiates nothing where it is a mirror', () => {
    expect(exchangeIn('still', 0, 0.2)).toBe(0);
    expect(exchangeIn('still', -1, 0.2)).toBe(0);
    expect(exchangeIn('still', 0.1, 0.2)).toBeGreaterThan(0);
  });

  it('has air that holds no more vapour than at the boil, and that goes ten times as fast with the door ajar', () => {
    const change = (airC: number, ajar: boolean) => airChangeOf('still', { airC, ajar }, 3);
    expect(change(150, true).leakKgS / change(150, false).leakKgS).toBeCloseTo(10, 9);
    expect(change(150, false).mostPa).toBe(saturationPressurePa(99));
    expect(change(60, false).mostPa).toBe(saturationPressurePa(60));
    expect(change(-5, false).mostPa).toBe(saturationPressurePa(0));
    expect(change(150, false).cups).toBe(3);
  });
});
