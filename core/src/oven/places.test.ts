/** Where a bake stands once it is out: the air, the walls and the vapour it meets there, by what is stated of each place. */
import { WATERY } from '../materials';
import { ROOM_VAPOUR_PA, standardPressurePa } from '../properties';
import type { Bath, Course } from '../thermal';
import { courseOut, onRack, type OutStep, type WayOut } from './places';

const BATH: Bath = {
  levelM: 0.02,
  convectionWm2K: 300,
  water: {
    massKg: 1.5,
    startC: 80,
    vessels: 6,
    surfaceM2: 0.07,
    surface: {
      convectionWm2K: 9,
      airC: 150,
      emissivity: 0.9,
      radiantC: 150,
      evaporation: {
        wetness: 1,
        skinKgM2: Number.MAX_VALUE,
        vapourPressurePa: 3000,
        airPressurePa: 101_325,
      },
    },
    panM2: 0.13,
    pan: { convectionWm2K: 12, airC: 150, emissivity: 0.4, radiantC: 150 },
  },
};

/** An oven switched off, in three stretches of ten, ten and forty minutes. */
const cooling = (door: string): Course =>
  [600, 1200, 3600].map((untilS, index) => ({
    untilS,
    around: { ...onRack(WAY), mark: `${door} ${index}` },
  }));
const WAY: WayOut = {
  roomC: 24,
  altitudeM: 800,
  vessel: 'bright-tin',
  drying: WATERY,
  bath: BATH,
  iceLevelM: 0.03,
  coolingOven: cooling,
};
const out = (steps: readonly OutStep[], way: Partial<WayOut> = {}): Course =>
  courseOut(steps, { ...WAY, ...way });
const alone = (place: OutStep['place'], way: Partial<WayOut> = {}) => {
  const [only, ...more] = out([{ atMin: 0, place }], way);
  expect(more).toEqual([]);
  expect(only!.untilS).toBe(Infinity);
  return only!.around;
};

describe('what a bake meets', () => {
  // Free convection to a room: 6 W/(m² K) over and beside it, 4 under it. A bright tin radiates by 0.2, a filling by 0.95.
  it('on a rack in the kitchen', () => {
    const { top, side, base, bath } = alone('rack');
    expect(top).toMatchObject({ convectionWm2K: 6, airC: 24, radiantC: 24, emissivity: 0.95 });
    expect(side).toEqual({ convectionWm2K: 6, airC: 24, radiantC: 24, emissivity: 0.2 });
    expect(base).toEqual({ convectionWm2K: 4, airC: 24, radiantC: 24, emissivity: 0.2 });
    expect(top.evaporation).toMatchObject({
      vapourPressurePa: ROOM_VAPOUR_PA,
      airPressurePa: standardPressurePa(800),
    });
    expect(bath).toBeUndefined();
  });

  it('loses no water under film', () => {
    expect(alone('rack', { film: true }).top.evaporation).toBeUndefined();
    expect(alone('rack', { film: false }).top.evaporation).toBeDefined();
  });

  // Air at 4 and at -18 °C, as codes ask for, moved at 9 W/(m² K); what vapour it holds.
  it.each([
    ['fridge', 4, 600],
    ['freezer', -18, 100],
  ] as const)('in a %s', (place, airC, vapourPressurePa) => {
    const { top, side, base } = alone(place);
    for (const face of [top, side, base]) {
      expect(face).toMatchObject({ convectionWm2K: 9, airC, radiantC: airC });
    }
    expect(top.evaporation).toMatchObject({ vapourPressurePa });
  });

  it('in ice and water as far up as it comes: held at 1 °C', () => {
    expect(alone('ice-bath').bath).toEqual({
      levelM: 0.03,
      convectionWm2K: 300,
      water: { fixedC: 1 },
    });
    expect(alone('ice-bath').top).toEqual(alone('rack').top);
  });

  it('in its bath, whose surface and pan are in the kitchen now', () => {
    const { bath, ...rest } = alone('in-the-bath');
    expect(rest).toEqual(alone('rack'));
    if (!bath || 'fixedC' in bath.water) throw new Error('no bath of water');
    const { surface, pan, ...water } = bath.water;
    expect(water).toEqual({ massKg: 1.5, startC: 80, vessels: 6, surfaceM2: 0.07, panM2: 0.13 });
    expect(surface).toEqual({
      convectionWm2K: 6,
      airC: 24,
      radiantC: 24,
      emissivity: 0.9,
      evaporation: {
        wetness: 1,
        skinKgM2: Number.MAX_VALUE,
        vapourPressurePa: ROOM_VAPOUR_PA,
        airPressurePa: standardPressurePa(800),
      },
    });
    expect(pan).toEqual({ convectionWm2K: 4, airC: 24, radiantC: 24, emissivity: 0.4 });
  });

  it('in a bath held at a temperature, as it was; on a rack where there is none', () => {
    const held: Bath = { levelM: 0.02, convectionWm2K: 300, water: { fixedC: 82 } };
    expect(alone('in-the-bath', { bath: held }).bath).toEqual(held);
    expect(alone('in-the-bath', { bath: undefined })).toEqual(alone('rack'));
  });

  it('evaporates from no surface that did not before', () => {
    if ('fixedC' in BATH.water) throw new Error('no water');
    const { evaporation: _, ...dry } = BATH.water.surface;
    const bath = { ...BATH, water: { ...BATH.water, surface: dry } };
    const told = alone('in-the-bath', { bath }).bath;
    if (!told || 'fixedC' in told.water) throw new Error('no bath of water');
    expect(told.water.surface).not.toHaveProperty('evaporation');
  });
});

describe('the way out, place after place', () => {
  it('is at each until the next, and at the last for good', () => {
    const course = out([
      { atMin: 0, place: 'rack' },
      { atMin: 30, place: 'fridge' },
      { atMin: 90, place: 'freezer' },
    ]);
    expect(course.map(({ untilS, around }) => [untilS, around.top.airC])).toEqual([
      [1800, 24],
      [5400, 4],
      [Infinity, -18],
    ]);
  });

  const marks = (course: Course) =>
    course.map(({ untilS, around }) => [untilS, (around as { mark?: string }).mark]);

  // The oven's own stretches end at 10, 20 and 60 min; it is taken out of it after 15, or stays.
  it('follows an oven switched off as long as it is in it, by its door', () => {
    expect(
      marks(
        out([
          { atMin: 0, place: 'oven-ajar' },
          { atMin: 15, place: 'rack' },
        ]),
      ),
    ).toEqual([
      [600, 'off-ajar 0'],
      [900, 'off-ajar 1'],
      [Infinity, undefined],
    ]);
    expect(marks(out([{ atMin: 0, place: 'oven-shut' }]))).toEqual([
      [600, 'off-shut 0'],
      [1200, 'off-shut 1'],
      [Infinity, 'off-shut 2'],
    ]);
  });

  it('goes into an oven that has cooled for a while, as it stands by then', () => {
    expect(
      marks(
        out([
          { atMin: 0, place: 'rack' },
          { atMin: 10, place: 'oven-shut' },
          { atMin: 20, place: 'rack' },
        ]),
      ),
    ).toEqual([
      [600, undefined],
      [1200, 'off-shut 1'],
      [Infinity, undefined],
    ]);
  });
});
