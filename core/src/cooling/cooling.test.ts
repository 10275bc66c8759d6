/** Ways out of the oven against the published limits and each other. */
import { COOLING_LIMITS } from './cooling';
import { forecast, type ForecastPlan } from '../forecast';

import { POT, TART as tart } from '../testing/bakes';

const made = (change: Partial<ForecastPlan>) => {
  const result = forecast({ ...tart, ...change });
  if (!result.ok) throw new Error(result.problem.code);
  return result.value;
};
const cooled = (out: ForecastPlan['out']) => made({ ...(out ? { out } : {}) }).cooling!;

describe('cooling', () => {
  // Source: FDA Food Code 2017, 3-501.14 (from memory): 57 to 21 °C within 2 h, to 5 °C within 6 h.
  it('on a rack alone keeps neither limit; an hour of rack and then the fridge keeps both', () => {
    const rack = cooled(undefined);
    expect([rack.keepsFirst, rack.keepsCold]).toEqual([false, false]);
    const fridge = cooled([
      { atMin: 0, place: 'rack' },
      { atMin: 60, place: 'fridge' },
    ]);
    expect([fridge.keepsFirst, fridge.keepsCold]).toEqual([true, true]);
    expect(fridge.under.startS!).toBeLessThan(fridge.under.firstS!);
    expect(fridge.under.firstS! - fridge.under.startS!).toBeLessThan(COOLING_LIMITS.firstWithinS);
  });

  it('never goes under the place it stands in', () => {
    const { points } = cooled([{ atMin: 0, place: 'ice-bath' }]);
    expect(Math.min(...points.map(([, , centre]) => centre))).toBeGreaterThan(0.9);
    const room = cooled(undefined).points;
    // A drying surface may lie a few degrees under the room, as a wet-bulb thermometer does.
    expect(Math.min(...room.map(([, , centre]) => centre))).toBeGreaterThan(tart.roomC - 6);
  });

  describe('in a freezer', () => {
    const freezer: ForecastPlan['out'] = [{ atMin: 0, place: 'freezer' }];

    // Common practice: a domestic freezer wants some hours for a dish and longer for a tart, and its edge is ice long
    // before its middle.
    it('begins to freeze at the edge and is through hours later', () => {
      const { freezing } = cooled(freezer);
      expect(freezing!.fromC).toBeLessThan(-0.8);
      expect(freezing!.fromC).toBeGreaterThan(-3);
      expect(freezing!.beginsS!).toBeGreaterThan(3600);
      expect(freezing!.throughS! - freezing!.beginsS!).toBeGreaterThan(2 * 3600);
      expect(freezing!.throughS!).toBeLessThan(10 * 3600);
    });

    // By hand: a tart of 0.96 kg, 66 % water, two thirds of it ice and 20 % more in all that is cooled, gives up 150 kJ;
    // 0.11 m² of it lose 9 W/(m² K) and a tenth as much again by radiation of bright tin, more of the top, to air
    // 16 K colder: 16 to 26 W. So 1.6 to 2.6 h, and half again as the ice grows colder.
    it('takes as long as its heat wants to get out', () => {
      const { freezing } = cooled(freezer);
      const hours = (freezing!.throughS! - freezing!.beginsS!) / 3600;
      expect(hours).toBeGreaterThan(1.6);
      expect(hours).toBeLessThan(1.5 * 2.6);
    });

    it('freezes nothing in the fridge, and less and later what is out of it in time', () => {
      expect(cooled([{ atMin: 0, place: 'fridge' }]).freezing).toBeUndefined();
      const { freezing } = cooled([
        { atMin: 0, place: 'freezer' },
        { atMin: 40, place: 'fridge' },
      ]);
      expect(freezing).toMatchObject({ beginsS: undefined, throughS: undefined });
    });
  });

  // Common practice: ice is fastest, then the fridge, then the rack; hot water and a shut oven cook on.
  it('puts the ways out in the order cooks know', () => {
    const cover = (out: ForecastPlan['out']) =>
      cooled(out).ready.find(({ what }) => what === 'cover')!.atS!;
    const ice = cover([{ atMin: 0, place: 'ice-bath' }]);
    const fridge = cover([{ atMin: 0, place: 'fridge' }]);
    const rack = cover(undefined);
    expect(ice).toBeLessThan(fridge);
    expect(fridge).toBeLessThan(rack);
    const shut = made({
      out: [
        { atMin: 0, place: 'oven-shut' },
        { atMin: 60, place: 'rack' },
      ],
    });
    const onRack = made({});
    if (shut.verdict.kind !== 'window' || onRack.verdict.kind !== 'window')
      throw new Error('window');
    // Left in the shut oven it cooks on, and so is switched off long before it would be pulled.
    expect(shut.verdict.best.timeS).toBeLessThan(onRack.verdict.best.timeS - 180);
    expect(shut.verdict.best.peakC - shut.verdict.best.probeC).toBeGreaterThan(
      onRack.verdict.best.peakC - onRack.verdict.best.probeC + 1,
    );
  });

  it('says when a pot may be torched, and a purée pie cut', () => {
    const pot = forecast({
      ...POT,
      setC: 140,
      out: [
        { atMin: 0, place: 'rack' },
        { atMin: 45, place: 'fridge' },
      ],
    });
    if (!pot.ok) throw new Error(pot.problem.code);
    const ready = new Map(pot.value.cooling!.ready.map(({ what, atS }) => [what, atS]));
    // Common practice: pots chill four hours before they are torched or eaten.
    expect(ready.get('torch')!).toBeGreaterThanOrEqual(4 * 3600);
    expect(ready.get('torch')!).toBeLessThan(8 * 3600);
    expect(ready.get('turn-out')).toBe(20 * 60);
  });
});

describe('how it stands', () => {
  /** When the middle holds, whether or not the rim has curdled by then, min. */
  const sets = (change: Partial<ForecastPlan>): number => {
    const { verdict } = made(change);
    return (verdict.kind === 'window' ? verdict.earliest.timeS : verdict.setsAtS!) / 60;
  };

  // Common practice: a hot tray hurries the base, a tray below spares it, a foil holds the heat of the top off.
  it('a hot tray hurries it; a shield below slows it; a foil changes it', () => {
    const plain = sets({});
    expect(sets({ standing: 'hot-tray' })).toBeLessThan(plain - 2);
    expect(sets({ standing: 'shielded' })).toBeGreaterThan(plain + 0.3);
    expect(Math.abs(sets({ foil: true }) - plain)).toBeGreaterThan(0.3);
  });

  it('a cold oven and an opened door cost minutes', () => {
    const plain = sets({});
    expect(sets({ programme: { entersAtC: 22 } })).toBeGreaterThan(plain + 4);
    const door = sets({ programme: { doors: [{ atMin: 20, forS: 60 }] } });
    expect(door).toBeGreaterThan(plain + 0.4);
    expect(door).toBeLessThan(plain + 4);
  });

  it('refuses a programme that cannot be, at its place', () => {
    const problem = (change: Partial<ForecastPlan>) => {
      const result = forecast({ ...tart, ...change });
      return result.ok ? undefined : result.problem.path;
    };
    expect(problem({ programme: { steps: [{ atMin: 0, to: 150 }] } })).toBe('programme.steps');
    expect(problem({ programme: { steps: [{ atMin: 10, to: 400 }] } })).toBe('programme.steps');
    expect(problem({ programme: { doors: [{ atMin: 5, forS: 0 }] } })).toBe('programme.doors');
    // A number still being typed is none, and reaches a worker as null.
    const untyped = JSON.parse('null') as number;
    expect(problem({ programme: { steps: [{ atMin: 10, to: untyped }] } })).toBe('programme.steps');
    expect(problem({ programme: { steps: [{ atMin: untyped, to: 150 }] } })).toBe(
      'programme.steps',
    );
    expect(problem({ programme: { doors: [{ atMin: untyped, forS: 30 }] } })).toBe(
      'programme.doors',
    );
    expect(problem({ programme: { entersAtC: 500 } })).toBe('programme.entersAtC');
    expect(problem({ programme: { swingK: 90 } })).toBe('oven');
    expect(problem({ out: [{ atMin: 10, place: 'rack' }] })).toBe('out');
  });

  it('takes a hot start for hot enough even when it is then turned low', () => {
    expect(forecast({ ...tart, setC: 200, programme: { steps: [{ atMin: 8, to: 70 }] } }).ok).toBe(
      true,
    );
  });
});
