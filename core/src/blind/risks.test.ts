/** What is likely to go wrong with an empty shell, read off histories made up by hand, on either side of each limit. */
import { USUAL_DOUGH } from '../dough';
import { SHELL } from '../testing/bakes';
import type { BlindPlan, BlindStage } from './blindPlan';
import type { BlindFrame, BlindMoments, PlaceNow } from './outcome';
import { risksOf } from './risks';

const stage = (weighted: boolean): BlindStage => ({
  ...{ minutes: 10, setC: 190, outOfRing: false },
  weighted,
});

/** Rested, tender, with weights all the way: nothing is wrong with it. */
const SOUND: BlindPlan = {
  ...SHELL,
  dough: { ...USUAL_DOUGH, water: 0.2, fat: 0.25 },
  weights: 'ceramic',
  docked: false,
  start: 'chilled',
  restMin: 20,
  stages: [stage(true), stage(false)],
};
const DONE: BlindMoments = {
  standsS: 500,
  baseSetS: 500,
  baseDryS: 900,
  baseColourS: 1000,
  rimColourS: 950,
  rimDarkS: undefined,
};

const place = (change: Partial<PlaceNow>): PlaceNow => ({
  ...{ insideC: 90, outsideC: 90, water: 0.04, activity: 0.4 },
  ...{ set: 1, setMean: 1, lightness: 70 },
  ...change,
});
interface Moment {
  readonly timeS: number;
  readonly stage?: number;
  readonly base?: Partial<PlaceNow>;
  readonly wall?: Partial<PlaceNow>;
}
const frames = (...moments: readonly Moment[]): BlindFrame[] =>
  moments.map(({ timeS, stage = 0, base = {}, wall = {} }) => ({
    ...{ timeS, stage },
    places: { base: place(base), wall: place(wall), rim: place({}) },
  }));
/** Weights for ten minutes, then bare for ten. */
const SOUND_FRAMES = frames({ timeS: 0 }, { timeS: 600, stage: 1 }, { timeS: 1200, stage: 1 });

const of = (
  plan: Partial<BlindPlan> = {},
  history: readonly BlindFrame[] = SOUND_FRAMES,
  moments: Partial<BlindMoments> = {},
) => risksOf({ ...SOUND, ...plan }, history, { ...DONE, ...moments });
const whats = (...given: Parameters<typeof of>) => of(...given).map(({ what }) => what);

it('nothing is wrong with a sound one', () => {
  expect(of()).toEqual([]);
});

describe('a base puffs', () => {
  /** The weights come out at 600 s on a base that is so hot below, and so far set. */
  const bareAt = (outsideC: number, set: number) =>
    frames(
      { timeS: 0, base: { outsideC, set } },
      { timeS: 600, stage: 1, base: { outsideC, set } },
      { timeS: 1200, stage: 1 },
    );

  it('where it is bare, over 81 °C below, and not nine tenths set', () => {
    expect(of({}, bareAt(82, 0.8))).toEqual([
      { what: 'puffs', says: { code: 'blind.puffs-early', values: { at: { seconds: 600 } } } },
    ]);
    expect(whats({}, bareAt(81, 0.8))).toEqual([]);
    expect(whats({}, bareAt(82, 0.9))).toEqual([]);
  });

  it('not under weights, nor where it was docked', () => {
    const hot = frames(
      { timeS: 0 },
      { timeS: 600, base: { outsideC: 95, set: 0.2 } },
      { timeS: 1200 },
    );
    expect(whats({}, hot)).toEqual([]);
    expect(whats({ docked: true }, bareAt(95, 0.2))).toEqual([]);
  });

  it('from the start where it never had weights, though stages speak of them', () => {
    const none = frames(
      { timeS: 0 },
      { timeS: 30 },
      { timeS: 120, base: { outsideC: 85, set: 0.5 } },
      { timeS: 900 },
    );
    const says = (plan: Partial<BlindPlan>) => of(plan, none).map((risk) => risk.says.code);
    expect(says({ weights: 'none' })).toEqual(['blind.puffs']);
    expect(says({ stages: [stage(false)] })).toEqual(['blind.puffs']);
    // As it goes in it is whatever it was before: only what is baked counts.
    const cold = frames(
      { timeS: 0, base: { outsideC: 95, set: 0 } },
      { timeS: 30 },
      { timeS: 900 },
    );
    expect(whats({ weights: 'none' }, cold)).toEqual([]);
  });
});

describe('its walls slump', () => {
  it('where the weights come out more than a minute before they stand', () => {
    expect(of({}, SOUND_FRAMES, { standsS: 700 })).toEqual([
      {
        what: 'slumps',
        says: {
          code: 'blind.slumps-early',
          values: { by: { seconds: 100 }, until: { seconds: 700 } },
        },
      },
    ]);
    expect(whats({}, SOUND_FRAMES, { standsS: 660 })).toEqual([]);
    expect(whats({}, SOUND_FRAMES, { standsS: undefined })).toEqual([]);
    // Bare from its first half minute on it never had weights to take out.
    const bare = frames({ timeS: 0, stage: 1 }, { timeS: 30, stage: 1 }, { timeS: 1200, stage: 1 });
    expect(whats({}, bare, { standsS: 700 })).toEqual([]);
    const later = frames({ timeS: 0 }, { timeS: 31, stage: 1 }, { timeS: 1200, stage: 1 });
    expect(whats({}, later, { standsS: 700 })).toEqual(['slumps']);
  });

  /** Looked at from its first half minute on: a wall without weights that is soft from 100 s on and set at `setS`. */
  const softUntil = (setS: number, softC = 33) =>
    frames(
      { timeS: 0, wall: { insideC: 20, set: 0 } },
      { timeS: 30, wall: { insideC: 25, set: 0 } },
      { timeS: 100, wall: { insideC: softC, set: 0.1 } },
      { timeS: setS, wall: { insideC: 95, set: 0.95 } },
      { timeS: 1200 },
    );
  const BARE = { weights: 'none', docked: true, start: 'room' } as const;

  it('where they are soft for more than four minutes and went in at room temperature', () => {
    expect(of(BARE, softUntil(341))).toEqual([
      { what: 'slumps', says: { code: 'blind.slumps-soft', values: { for: { seconds: 241 } } } },
    ]);
    expect(whats(BARE, softUntil(340))).toEqual([]);
    expect(whats({ ...BARE, start: 'chilled' }, softUntil(600))).toEqual([]);
    // Soft from over 32 °C on: at 32 it still holds, and is soft only from the next look.
    expect(whats(BARE, softUntil(600, 32))).toEqual([]);
    // With weights nothing leans on nothing.
    expect(whats({ ...BARE, weights: 'beans', stages: [stage(true)] }, softUntil(600))).toEqual([]);
  });

  it('to the end where they never set', () => {
    const never = frames(
      { timeS: 0, wall: { insideC: 20, set: 0 } },
      { timeS: 30, wall: { insideC: 25, set: 0 } },
      { timeS: 100, wall: { insideC: 60, set: 0.5 } },
      { timeS: 1000, wall: { insideC: 60, set: 0.9 } },
    );
    expect(of(BARE, never).map(({ says }) => says.values)).toEqual([{ for: { seconds: 900 } }]);
  });
});

describe('it shrinks', () => {
  const says = (plan: Partial<BlindPlan>) => of(plan).map((risk) => risk.says.code);
  const dough = (water: number, fat: number) => ({ dough: { ...SOUND.dough, water, fat } });

  it('where it rested less than ten minutes', () => {
    expect(says({ restMin: 9 })).toEqual(['blind.shrinks']);
    expect(says({ restMin: 10 })).toEqual([]);
  });

  it('where a tough dough rested less than twenty', () => {
    for (const tough of [dough(0.25, 0.25), dough(0.2, 0.17)]) {
      expect(says({ ...tough, restMin: 19 })).toEqual(['blind.shrinks-tough']);
      expect(says({ ...tough, restMin: 20 })).toEqual([]);
      expect(says({ ...tough, restMin: 5 })).toEqual(['blind.shrinks-tough']);
    }
    // At the limits it is tender.
    expect(says({ ...dough(0.24, 0.18), restMin: 19 })).toEqual([]);
  });
});

describe('at its end', () => {
  const ending = (base: Partial<PlaceNow>) =>
    frames({ timeS: 0 }, { timeS: 600, stage: 1 }, { timeS: 1200, stage: 1, base });

  it('its base is raw that has not set, and soft where it has but is not dry', () => {
    expect(of({}, ending({ set: 0.89, outsideC: 60 }))).toEqual([
      { what: 'raw-base', says: { code: 'blind.raw-base' } },
    ]);
    expect(of({}, ending({ set: 0.9, water: 0.12 }), { baseDryS: undefined })).toEqual([
      {
        what: 'soft-base',
        says: { code: 'blind.soft-base', values: { water: { share: 0.12, digits: 0 } } },
      },
    ]);
    // What is raw is not told to be soft as well.
    expect(whats({}, ending({ set: 0.5, outsideC: 60 }), { baseDryS: undefined })).toEqual([
      'raw-base',
    ]);
  });

  it('its rim is burnt from the second at which it turns dark', () => {
    expect(of({}, SOUND_FRAMES, { rimDarkS: 1100 })).toEqual([
      { what: 'burnt-rim', says: { code: 'blind.burnt-rim', values: { at: { seconds: 1100 } } } },
    ]);
  });
});
