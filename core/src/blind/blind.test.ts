/** The empty shell against the minutes and signs of the trade; all bands common practice unless said. */
import { lightnessOf, shadeOf, shellColour } from '../browning';
import { doughMixOf, USUAL_DOUGH } from '../dough';
import { forecast, type ForecastPlan } from '../forecast';
import { analyse } from '../formula';
import { listOf, PIE, SHELL as tin } from '../testing/bakes';
import { BLIND_SCHOOLS, type BlindPlan, type BlindStage } from './blindPlan';
import { forecastBlind } from './blind';
import { rawBaseOf } from './rawBase';
import { type BlindForecast } from './outcome';

const stage = (minutes: number, setC: number, weighted = false): BlindStage => ({
  minutes,
  setC,
  weighted,
  outOfRing: false,
});

const made = (change: Partial<BlindPlan> = {}): BlindForecast => {
  const result = forecastBlind({ ...tin, ...change });
  if (!result.ok) throw new Error(result.problem.code);
  return result.value;
};
const at = (of: BlindForecast, minutes: number) =>
  of.frames.find(({ timeS }) => timeS >= minutes * 60)!.places;
const minutesOf = (seconds: number | undefined): number => (seconds ?? Infinity) / 60;
const whats = (of: BlindForecast) => of.risks.map(({ what }) => what);

describe('a blind bake', () => {
  // A base under weights at 190 to 200 °C for 20 min is set but pale.
  it.each([190, 200])('20 min under weights at %p °C: set, and pale', (setC) => {
    const { base } = at(made({ stages: [stage(20, setC, true)] }), 20);
    expect(base.set).toBeGreaterThan(0.9);
    expect(['raw', 'pale']).toContain(shadeOf(base.lightness));
  });

  // Then it needs 10 to 25 min bare to turn golden.
  it.each([190, 200])('then 10 to 25 min bare at %p °C to golden', (setC) => {
    const found = made({ stages: [stage(20, setC, true), stage(40, setC)] });
    const bare = minutesOf(found.moments.baseColourS) - 20;
    expect(bare).toBeGreaterThan(10);
    expect(bare).toBeLessThan(25);
    // The rim leads the base, as cooks see.
    expect(found.moments.rimColourS!).toBeLessThanOrEqual(found.moments.baseColourS! + 60);
  });

  // Weights out: tartlets 10 to 12 min at 180, large sweet 20 at 190 to 200, very hot 15 at 230.
  it('the walls stand when cooks take the weights out', () => {
    const stands = (change: Partial<BlindPlan>) => minutesOf(made(change).moments.standsS);
    const large = stands({ stages: [stage(40, 195, true)] });
    expect(large).toBeGreaterThan(10);
    expect(large).toBeLessThan(22);
    const hot = stands({ stages: [stage(40, 230, true)] });
    expect(hot).toBeLessThan(15);
    const tartlet = (material: BlindPlan['material']) =>
      stands({
        thicknessMm: 2.5,
        weightsMm: 15,
        wallHeightMm: 18,
        material,
        stages: [stage(40, 180, true)],
      });
    // Of which metal is not said: bright and dark lie on either side.
    expect(tartlet('bright-tin')).toBeGreaterThan(10);
    expect(tartlet('bright-tin')).toBeLessThan(18);
    expect(tartlet('dark-tin')).toBeLessThan(12);
    expect(tartlet('dark-tin')).toBeGreaterThan(7);
  });

  // Pressed shells of 5 to 6 mm, docked and bare: 20 to 25 min at 175 to 180, when they are dry and begin to colour.
  it.each(['bright-tin', 'dark-tin'] as const)(
    'a pressed shell in a %s is dry when cooks take it out',
    (material) => {
      const shortbread = analyse(listOf({ 'wheat-flour': 200, butter: 180, sugar: 60 }), 'EU M');
      const dry = minutesOf(
        made({
          dough: doughMixOf(shortbread),
          thicknessMm: 6,
          material,
          weights: 'none',
          docked: true,
          stages: [stage(60, 177)],
        }).moments.baseDryS,
      );
      expect(dry).toBeGreaterThan(15);
      expect(dry).toBeLessThan(27);
    },
  );

  it('weights to the end leave the base pale and damp', () => {
    const found = made({ stages: [stage(30, 190, true)] });
    expect(found.moments.baseDryS).toBeUndefined();
    expect(whats(found)).toContain('soft-base');
  });

  it('advises minutes that then do', () => {
    const { weightedMin, bareMin } = made().advised!;
    const followed = made({ stages: [stage(weightedMin, 190, true), stage(bareMin + 1, 190)] });
    expect(followed.moments.standsS).toBeDefined();
    expect(followed.moments.baseColourS).toBeDefined();
    expect(whats(followed)).not.toContain('slumps');
  });

  it('dark metal, a fan and a thin dough hurry it; frost, weights and thickness hold it back', () => {
    const colour = (change: Partial<BlindPlan>) =>
      minutesOf(
        made({ stages: [stage(20, 180, true), stage(60, 180)], ...change }).moments.baseColourS,
      );
    const plain = colour({});
    expect(colour({ material: 'dark-tin' })).toBeLessThan(plain);
    expect(colour({ oven: { kind: 'fan', offsetK: 0 } })).toBeLessThan(plain);
    expect(colour({ thicknessMm: 2 })).toBeLessThan(plain);
    expect(colour({ thicknessMm: 5 })).toBeGreaterThan(plain);
    expect(colour({ start: 'frozen' })).toBeGreaterThan(plain);
    expect(colour({ stages: [stage(80, 180)], weights: 'none', docked: true })).toBeLessThan(plain);
  });

  it('while it is wet it stays near boiling, and never holds less than no water', () => {
    const { frames } = made({ stages: [stage(60, 200)], weights: 'none', docked: true });
    for (const { places } of frames) {
      for (const { water, activity, insideC, outsideC } of Object.values(places)) {
        expect(water).toBeGreaterThanOrEqual(0);
        if (activity > 0.9) expect(Math.max(insideC, outsideC)).toBeLessThan(108);
        expect(Math.max(insideC, outsideC)).toBeLessThan(200.5);
      }
    }
  });

  it('loses the water it no longer holds', () => {
    const found = made();
    const [first, last] = [found.frames[0]!.places, found.frames.at(-1)!.places];
    // Water per solids, times the solids of base and wall: g.
    const solidsG = (mm2: number) => ((mm2 * 3) / 1e9) * 1200 * (1 - USUAL_DOUGH.water) * 1000;
    const held = (place: 'base' | 'wall', of: typeof first) =>
      of[place].water / (1 - of[place].water);
    const lost =
      solidsG(tin.baseMm2) * (held('base', first) - held('base', last)) +
      solidsG(tin.wallMm2) * (held('wall', first) - held('wall', last));
    expect(found.waterLostG).toBeCloseTo(lost, 3);
  });

  it('answers alike for each school', () => {
    for (const school of BLIND_SCHOOLS) {
      const found = made({ ...school });
      expect(whats(found)).not.toContain('raw-base');
      expect(found.endS).toBe(school.stages.reduce((sum, { minutes }) => sum + minutes * 60, 0));
    }
  });
});

describe('risks of an empty shell', () => {
  const bare = { weights: 'none' as const, stages: [stage(25, 180)] };

  it('without weights or holes it puffs; pricked it does not', () => {
    expect(whats(made(bare))).toContain('puffs');
    expect(whats(made({ ...bare, docked: true }))).not.toContain('puffs');
    expect(whats(made())).not.toContain('puffs');
  });

  it('soft and unweighted it slumps; weights taken out early let it too', () => {
    expect(whats(made({ ...bare, docked: true, start: 'room' }))).toContain('slumps');
    expect(whats(made({ ...bare, docked: true, start: 'frozen' }))).not.toContain('slumps');
    expect(whats(made({ stages: [stage(5, 190, true), stage(30, 190)] }))).toContain('slumps');
  });

  it('unrested it shrinks, tough dough sooner', () => {
    expect(whats(made({ restMin: 0 }))).toContain('shrinks');
    expect(whats(made({ restMin: 15 }))).not.toContain('shrinks');
    expect(whats(made({ restMin: 15, dough: { ...USUAL_DOUGH, water: 0.27 } }))).toContain(
      'shrinks',
    );
  });

  it('short it stays raw, long it burns', () => {
    expect(whats(made({ stages: [stage(8, 180, true)] }))).toContain('raw-base');
    expect(whats(made({ stages: [stage(20, 220, true), stage(40, 220)] }))).toContain('burnt-rim');
  });

  it('what cannot be baked is refused at its place', () => {
    const path = (change: Partial<BlindPlan>) => {
      const result = forecastBlind({ ...tin, ...change });
      return result.ok ? undefined : result.problem.path;
    };
    expect(path({ stages: [] })).toBe('blind.stages');
    expect(path({ stages: [stage(20, 400)] })).toBe('blind.stages.0.setC');
    expect(path({ stages: [stage(20, 190), stage(0, 190)] })).toBe('blind.stages.1.minutes');
    expect(path({ thicknessMm: 30 })).toBe('shellThicknessMm');
  });
});

describe('colour', () => {
  it('passes from raw to burnt without a step', () => {
    let before = shellColour(90);
    for (let l = 89; l >= 15; l -= 1) {
      const here = shellColour(l);
      expect(Math.hypot(here.a - before.a, here.b - before.b)).toBeLessThan(3);
      before = here;
    }
    expect(shadeOf(lightnessOf('golden'))).toBe('golden');
    expect(shadeOf(64)).toBe('golden');
  });
});

describe('a base that goes in raw', () => {
  const pie: ForecastPlan = {
    ...PIE,
    rawShell: true,
    vessel: { ...PIE.vessel, material: 'dark-tin' },
    setC: 218,
    programme: { steps: [{ atMin: 15, to: 178 }] },
  };
  const fate = (change: Partial<ForecastPlan>) => {
    const made = forecast({ ...pie, ...change });
    if (!made.ok) throw new Error(made.problem.code);
    return rawBaseOf(made.value.frames, made.value.pullS, USUAL_DOUGH)!;
  };

  // Raw shells suit long hot bakes; a short or cool one leaves them raw, or pale at best.
  it('cooks in a long hot bake, and hardly in a short cool one', () => {
    const hot = fate({});
    expect(hot.verdict).not.toBe('raw');
    const cool = fate({
      setC: 130,
      programme: {},
      vessel: { ...pie.vessel, material: 'bright-tin', heightMm: 20 },
    });
    expect(cool.verdict).not.toBe('baked');
    expect(cool.setOutside).toBeLessThanOrEqual(hot.setOutside);
  });

  it('is not asked of a filling without a shell', () => {
    const made = forecast({ ...pie, shell: 'none', shellThicknessMm: 0 });
    if (!made.ok) throw new Error(made.problem.code);
    expect(rawBaseOf(made.value.frames, made.value.pullS, USUAL_DOUGH)).toBeUndefined();
  });
});
