/** Whole eggs: the solver against trying every make-up there is. */
import { EGG_GRADES, eggPartGrams, type EggGrade } from '../ingredients';
import { analyse } from './analysis';
import { eggMakeUp, wantedEgg, wantedFor, withMakeUp, type EggAim } from './makeUp';
import { type Line } from './line';

const line = (ingredientId: string, amount: number, unit: Line['unit'] = 'g'): Line => ({
  id: ingredientId,
  ingredientId,
  amount,
  unit,
});

/** Every make-up up to a size, judged by the same rule. Source: brute force. */
function bestByTrying(yolkG: number, whiteG: number, grade: EggGrade, aim: EggAim) {
  const [a, b] = [eggPartGrams(grade, 'yolk'), eggPartGrams(grade, 'white')];
  const total = yolkG + whiteG;
  let best = Infinity;
  for (let whole = 0; whole <= 16; whole += 1) {
    for (let yolks = 0; yolks <= 16; yolks += 1) {
      for (let whites = 0; whites <= 16; whites += 1) {
        const y = (whole + yolks) * a;
        const w = (whole + whites) * b;
        const offG = Math.abs(y - yolkG) + Math.abs(w - whiteG);
        const leftG = yolks * b + whites * a;
        if (aim === 'least-left') {
          if (Math.abs(y + w - total) > Math.max(0.06 * total, (a + b) / 2) + 1e-9) continue;
          if (Math.abs(y - yolkG) > Math.max(0.2 * total, a / 2) + 1e-9) continue;
        }
        best = Math.min(best, aim === 'closest' ? 1000 * offG + leftG : offG + 1000 * leftG);
      }
    }
  }
  return best;
}

const costOf = (yolkG: number, whiteG: number, grade: EggGrade, aim: EggAim): number => {
  const made = eggMakeUp({ yolkG, whiteG }, grade, aim);
  if (!made) return Infinity;
  const [a, b] = [eggPartGrams(grade, 'yolk'), eggPartGrams(grade, 'white')];
  const offG = Math.abs(made.change.yolkG) + Math.abs(made.change.whiteG);
  const leftG = made.left.whites * b + made.left.yolks * a;
  return aim === 'closest' ? 1000 * offG + leftG : offG + 1000 * leftG;
};

describe('a make-up of eggs', () => {
  const cases = (['closest', 'least-left'] as const).flatMap((aim) =>
    [
      [100, 0],
      [0, 90],
      [150, 20],
      [61.3, 118.9],
      [33, 200],
      [5, 3],
      [178.1, 169.1],
    ].map(([yolkG, whiteG]) => [aim, yolkG!, whiteG!] as const),
  );

  it.each(cases)(
    '%s for %d g of yolk and %d of white is the best there is',
    (aim, yolkG, whiteG) => {
      for (const grade of ['EU M', 'US large'] as const) {
        const tried = bestByTrying(yolkG, whiteG, grade, aim);
        const solved = costOf(yolkG, whiteG, grade, aim);
        // Taking nothing at all is no make-up; the solver's own rounding is a millionth.
        if (Number.isFinite(solved)) expect(solved / tried).toBeCloseTo(1, 5);
        else expect(yolkG + whiteG).toBeLessThan(10);
      }
    },
  );

  // Worked by hand: 5 EU M eggs and 5 yolks are 178.1 g of yolk and 169.1 g of white: found again.
  it('finds a whole make-up again', () => {
    const custard = [line('milk', 1030), line('egg', 5, 'piece'), line('egg-yolk', 5, 'piece')];
    const wanted = wantedEgg(analyse(custard, 'EU M'), 'EU M');
    expect(eggMakeUp(wanted, 'EU M', 'closest')).toMatchObject({
      whole: 5,
      yolks: 5,
      whites: 0,
      left: { yolks: 0, whites: 5 },
    });
  });

  it('leaves fewer halves over when asked to', () => {
    const wanted = { yolkG: 178.1, whiteG: 169.1 };
    const close = eggMakeUp(wanted, 'EU M', 'closest')!;
    const thrifty = eggMakeUp(wanted, 'EU M', 'least-left')!;
    expect(thrifty.left.whites + thrifty.left.yolks).toBeLessThan(close.left.whites);
  });

  it('is nothing for nothing, and takes every grade', () => {
    expect(eggMakeUp({ yolkG: 0, whiteG: 0 }, 'EU M', 'closest')).toBeUndefined();
    expect(eggMakeUp({ yolkG: 1e6, whiteG: 0 }, 'EU M', 'closest')).toBeUndefined();
    for (const grade of Object.keys(EGG_GRADES) as EggGrade[]) {
      expect(eggMakeUp({ yolkG: 90, whiteG: 60 }, grade, 'closest')).toBeDefined();
    }
  });
});

describe('lines with a make-up', () => {
  it('stand where the eggs stood, with their notes', () => {
    const lines: Line[] = [
      line('milk', 500),
      { ...line('egg-yolk', 95), note: 'cold' },
      line('sugar', 60),
    ];
    const made = eggMakeUp({ yolkG: 95, whiteG: 30 }, 'EU M', 'closest')!;
    const after = withMakeUp(lines, made, () => 'new');
    expect(after.map((each) => each.ingredientId)).toEqual(['milk', 'egg', 'egg-yolk', 'sugar']);
    expect(after[2]).toMatchObject({ id: 'egg-yolk', note: 'cold', unit: 'piece' });
    expect(after[1]!.id).toBe('new');
  });
});

describe('eggs for a mass and a character', () => {
  const now = { yolkG: 60, whiteG: 20 };

  it('keep the formula’s share, or take that of the character', () => {
    expect(wantedFor(160, 'as-is', now)).toEqual({ yolkG: 120, whiteG: 40 });
    expect(wantedFor(160, 'rich', now)).toEqual({ yolkG: 160, whiteG: 0 });
  });

  // Source: common practice: a litre of turned-out milk custard takes 5 to 5.6 whole eggs and 4.5 to 5
  // yolks, at least as many whole eggs as extra yolks. Five of each (EU M) are 347 g.
  it('turn out with at least as many whole eggs as extra yolks', () => {
    const made = eggMakeUp(wantedFor(347, 'turned-out', now), 'EU M', 'closest')!;
    expect(made.whites).toBe(0);
    expect(made.whole).toBeGreaterThanOrEqual(made.yolks);
    expect(Math.abs(made.whole - 5)).toBeLessThanOrEqual(1);
    expect(Math.abs(made.yolks - 5)).toBeLessThanOrEqual(1);
  });

  it('are all yolk when they are to be rich', () => {
    const made = eggMakeUp(wantedFor(107, 'rich', now), 'EU M', 'closest')!;
    expect(made).toMatchObject({ whole: 0, yolks: 6, whites: 0, left: { whites: 6 } });
  });
});
